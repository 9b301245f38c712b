import type { CutPieces } from '../../holders/seat.ts';

/** The panel of the shell between its stitch lines, as cut, mm. */
export function tubeAsCut(cut: CutPieces): { along: number; round: number } {
  const { sewn } = cut('body/shell');
  return {
    along: sewn.width,
    round: sewn.height,
  };
}
