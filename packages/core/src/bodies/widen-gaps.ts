import type { Piece } from '../pieces/piece.ts';
import { stiffThrough, turningGapsOf, type BendingOf } from '../pieces/turned-through.ts';
import { gapFor } from '../sizing/passing.ts';
import { SEWN } from './turning-gap.ts';

/** Turning gaps as long as the stiff pieces ask that go through them, as far as their edges are long enough: each grows from its
 * middle. What still does not pass is said by the fitting. */
export function widenGaps(pieces: readonly Piece[], bendingOf: BendingOf): Piece[] {
  const open = turningGapsOf(pieces);
  return pieces.map((piece) => {
    const own = open.filter((each) => each.piece === piece.id);
    const asked = Math.max(0, ...stiffThrough(piece.id, pieces, bendingOf).map(gapFor));
    if (own.length === 0 || asked === 0) return piece;
    const gaps = piece.gaps.map((gap) => {
      const edge = own.find((each) => each.gap === gap)?.edge;
      const more = edge === undefined ? 0 : Math.min(Math.ceil(asked), edge - SEWN) - (gap.to - gap.from);
      if (edge === undefined || more <= 0) return gap;
      const from = Math.min(Math.max(gap.from - more / 2, SEWN / 2), edge - SEWN / 2 - (gap.to - gap.from) - more);
      return { ...gap, from, to: from + (gap.to - gap.from) + more };
    });
    return { ...piece, gaps };
  });
}
