import { letterPieces } from './alike.ts';
import type { Step } from './contribution.ts';
import { liesOn } from './lies-on.ts';
import type { Piece } from './piece.ts';
import { nameNotches, withSeamNotches } from './seam-notches.ts';
import type { Seam } from './seam.ts';

/** What a maker finds her way by: notches where seams meet, letters of the pieces, names of the notches, what lies on each piece.
 * No size follows from it, so that it can wait until somebody looks.
 * @param pieces may be written on
 * @param operations in their order */
export function callPieces(pieces: readonly Piece[], seams: readonly Seam[], operations: readonly Step[]): Piece[] {
  const { pieces: called, pairs } = withSeamNotches(pieces, seams);
  letterPieces(called);
  nameNotches(
    called,
    seams,
    pairs,
    pieces.filter(({ notches }) => notches.length > 0),
  );
  const on = liesOn(called, seams, operations);
  for (const piece of called) piece.liesOn = on.get(piece.id) ?? [];
  return called;
}
