import { lower } from '../errors/first-letter.ts';
import type { Step } from '../pieces/contribution.ts';
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

/** Each piece that is cut larger is trimmed before an edge that it is larger at is sewn; what is done to it before, such as pleating or
 * quilting, is done while it is large.
 * @param ordered operations in their order */
export function withTrimming(ordered: readonly Step[], seams: readonly Seam[], pieces: readonly Piece[]): Step[] {
  const steps = [...ordered];
  const larger = pieces.flatMap(({ id, name, trim }) => (trim ? [{ id, name, trim }] : []));
  if (larger.length === 0) return steps;
  const all = new Map(seams.map((seam) => [seam.id, seam]));
  for (const { id, name, trim } of larger) {
    const sewsThere = (step: Step) => trim.at.some((edge) => sewnBy(step, id, all).has(edge));
    const sews = steps.findIndex(sewsThere);
    const at = sews < 0 ? steps.length : sews;
    const step: Step = {
      id: `${id}/trim`,
      phase: steps[at]?.phase ?? 'finish',
      needs: steps.slice(0, at).flatMap((step) => (step.uses.includes(id) ? [step.id] : [])),
      uses: [id],
      seams: [],
      title: `Trim ${lower(name)}`,
      actions: [{ verb: 'trim', pieces: [id], to: 'size' }],
    };
    // also those that could be done sooner
    const after = steps
      .slice(at)
      .map((next) => (sewsThere(next) ? { ...next, needs: [...next.needs, step.id] } : next));
    steps.splice(at, steps.length - at, step, ...after);
  }
  return steps;
}
