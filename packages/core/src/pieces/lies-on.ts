import type { Step } from './contribution.ts';
import type { Piece } from './piece.ts';
import type { Seam } from './seam.ts';

/** What lies on each piece, from its face upwards: what is sewn onto it, or caught in its edges, in the order in which the steps do
 * it. What one step sews at once lies in the order of the pieces.
 * @param operations in their order */
export function liesOn(
  pieces: readonly Piece[],
  seams: readonly Seam[],
  operations: readonly Step[],
): ReadonlyMap<string, string[]> {
  const step = new Map<string, number>();
  operations.forEach((operation, index) => operation.seams.forEach((id) => step.set(id, index)));
  const place = new Map(pieces.map(({ id }, index) => [id, index]));
  const found = new Map<string, Map<string, number>>();
  for (const { id, kind, a, b } of seams) {
    if (kind === 'sewn' || a.piece === b.piece) continue;
    const on = found.get(b.piece) ?? new Map<string, number>();
    found.set(b.piece, on);
    const at = step.get(id) ?? Infinity;
    on.set(a.piece, Math.min(at, on.get(a.piece) ?? Infinity));
  }
  return new Map(
    [...found].map(([host, on]) => [
      host,
      [...on]
        .sort(([one, at], [other, then]) => (at === then ? place.get(one)! - place.get(other)! : at - then))
        .map(([id]) => id),
    ]),
  );
}
