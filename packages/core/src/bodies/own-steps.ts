import { lower } from '../errors/first-letter.ts';
import { mm, say, type Wording } from '../errors/wording.ts';
import type { Step } from '../pieces/contribution.ts';
import { edgeName } from '../pieces/own-piece.ts';
import type { EdgeId, Piece } from '../pieces/piece.ts';
import type { EdgeRun, Seam } from '../pieces/seam.ts';

type Seams = ReadonlyMap<string, Seam>;

/** The edges of a piece that an operation sews. */
function sewnBy({ seams }: Step, piece: string, all: Seams): Set<EdgeId> {
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
  operations: readonly Step[],
  seams: readonly Seam[],
  pieces: readonly Piece[],
): Step[] {
  const own = pieces.filter(({ ownEdges = [] }) => ownEdges.length > 0);
  if (own.length === 0) return [...operations];
  const all = new Map(seams.map((seam) => [seam.id, seam]));
  return operations.map((operation) => {
    const told = own.flatMap(({ id, name, ownEdges = [], allowance }) => {
      const sewn = sewnBy(operation, id, all);
      return ownEdges.filter((edge) => sewn.has(edge)).map((edge) => ({ name, edge, by: allowance[edge]! }));
    });
    // what is told from its actions tells its allowances itself
    if (told.length === 0 || operation.actions) return operation;
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
export function withTrimming(ordered: readonly Step[], seams: readonly Seam[], pieces: readonly Piece[]): Step[] {
  const steps = [...ordered];
  const larger = pieces.flatMap(({ id, name, trim }) => (trim ? [{ id, name, trim }] : []));
  if (larger.length === 0) return steps;
  const all = new Map(seams.map((seam) => [seam.id, seam]));
  for (const { id, name, trim } of larger) {
    const sews = steps.findIndex((step) => trim.at.some((edge) => sewnBy(step, id, all).has(edge)));
    const at = sews < 0 ? steps.length : sews;
    const step: Step = {
      id: `${id}/trim`,
      phase: steps[at]?.phase ?? 'finish',
      needs: [],
      uses: [id],
      seams: [],
      title: `Trim ${lower(name)}`,
      actions: [{ verb: 'trim', pieces: [id], to: 'size' }],
      text: [],
    };
    steps.splice(at, 0, step);
  }
  return steps;
}
