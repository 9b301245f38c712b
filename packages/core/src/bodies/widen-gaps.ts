import type { Piece, TurningGap } from '../pieces/piece.ts';
import { stiffThrough, turningGapsOf, type BendingOf } from '../pieces/turned-through.ts';
import { gapFor } from '../sizing/passing.ts';
import { SEWN } from './turning-gap.ts';

/** Turning gaps as long as the stiff pieces ask that go through them, as far as their edges are long enough: each grows from its
 * middle. What still does not pass is said by the fitting. */
export function widenGaps(pieces: readonly Piece[], bendingOf: BendingOf): Piece[] {
  return pieces.map((piece) => {
    // few pieces have one, and looking for what is stiff means looking at all of them
    const edges = new Map(turningGapsOf([piece]).map(({ gap, edge }) => [gap, edge]));
    const stiff = edges.size > 0 ? stiffThrough(piece.id, pieces, bendingOf) : [];
    if (stiff.length === 0) return piece;
    const asked = Math.max(...stiff.map(gapFor));
    return {
      ...piece,
      gaps: piece.gaps.map((gap) => {
        const edge = edges.get(gap);
        return edge === undefined ? gap : widened(gap, asked, edge);
      }),
    };
  });
}

/** @param edge that it lies in, mm */
function widened(gap: TurningGap, asked: number, edge: number): TurningGap {
  const long = gap.to - gap.from;
  const more = Math.min(Math.ceil(asked), edge - SEWN) - long;
  if (more <= 0) return gap;
  const from = Math.min(Math.max(gap.from - more / 2, SEWN / 2), edge - SEWN / 2 - long - more);
  return { ...gap, from, to: from + long + more };
}
