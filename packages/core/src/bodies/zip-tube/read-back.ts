import type { CutPieces } from '../../holders/seat.ts';

/** The panel of the shell between its stitch lines, as cut, mm. */
export function tubeAsCut(cut: CutPieces): { along: number; round: number } {
  const { sewn, height, allowance } = cut('body/shell');
  return {
    // several edges lie along each end
    along: sewn.width,
    round: height - allowance['zip-front']! - allowance['zip-back']!,
  };
}
