import type { CutPieces } from '../../holders/seat.ts';

/** The panel of the shell between its stitch lines, as cut, mm. */
export function tubeAsCut(cut: CutPieces): { along: number; round: number } {
  const { width, height, allowance } = cut('body/shell');
  return {
    along: width - allowance['left-2']! - allowance['right-2']!,
    round: height - allowance['zip-front']! - allowance['zip-back']!,
  };
}
