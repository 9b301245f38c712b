import { lower } from '../errors/first-letter.ts';
import { mm, say, type Wording } from '../errors/wording.ts';
import type { OperationDraft } from '../pieces/contribution.ts';
import { edgeName } from '../pieces/own-piece.ts';
import type { EdgeId, Piece } from '../pieces/piece.ts';
import type { EdgeRun, Seam } from '../pieces/seam.ts';

type Seams = ReadonlyMap<string, Seam>;

/** The edges of a piece that an operation sews. */
function sewnBy({ seams }: OperationDraft, piece: string, all: Seams): Set<EdgeId> {
  const of = (run: EdgeRun) => (run.piece === piece ? run.parts : []);
  return new Set(
    seams
      .flatMap((id) => all.get(id) ?? [])
      .flatMap(({ a, b }) => [...of(a), ...of(b)])
      .flatMap((part) => ('edge' in part ? [part.edge] : [])),
  );
}

/** Where a step sews an edge whose allowance the maker has set, the step says so. */
export function tellingAllowances(
  operations: readonly OperationDraft[],
  seams: readonly Seam[],
  pieces: readonly Piece[],
): OperationDraft[] {
  const own = pieces.filter(({ ownEdges = [] }) => ownEdges.length > 0);
  if (own.length === 0) return [...operations];
  const all = new Map(seams.map((seam) => [seam.id, seam]));
  return operations.map((operation) => {
    const told = own.flatMap(({ id, name, ownEdges = [], allowance }) => {
      const sewn = sewnBy(operation, id, all);
      return ownEdges.filter((edge) => sewn.has(edge)).map((edge) => ({ name, edge, by: allowance[edge]! }));
    });
    if (told.length === 0) return operation;
    const list = told.flatMap(({ name, edge, by }, index): Wording => [
      index === 0 ? ' Your own allowance here: ' : '; ',
      ...say`${name}, ${edgeName(edge)} ${mm(by)}`,
    ]);
    return { ...operation, text: [...operation.text, ...list, '.'] };
  });
}

/** Each piece that is cut larger is trimmed before an edge that it is larger at is sewn; what is done to it before, such as pleating or
 * quilting, is done while it is large.
 * @param ordered operations in their order */
export function withTrimming(
  ordered: readonly OperationDraft[],
  seams: readonly Seam[],
  pieces: readonly Piece[],
): OperationDraft[] {
  const steps = [...ordered];
  const larger = pieces.flatMap(({ id, name, count, trim }) => (trim ? [{ id, name, count, trim }] : []));
  if (larger.length === 0) return steps;
  const all = new Map(seams.map((seam) => [seam.id, seam]));
  for (const { id, name, trim, count } of larger) {
    const sews = steps.findIndex((step) => trim.at.some((edge) => sewnBy(step, id, all).has(edge)));
    const at = sews < 0 ? steps.length : sews;
    const each = count > 1 ? 'each ' : '';
    const step: OperationDraft = {
      id: `${id}/trim`,
      phase: steps[at]?.phase ?? 'finish',
      needs: [],
      uses: [id],
      seams: [],
      text: say`Trim ${each}${lower(name)} to ${mm(trim.width.value)} wide and ${mm(trim.height.value)} high, along the dashed line of the pattern.`,
    };
    steps.splice(at, 0, step);
  }
  return steps;
}
