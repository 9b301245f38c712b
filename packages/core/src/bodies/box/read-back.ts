import type { CutPieces } from '../../holders/seat.ts';
import type { Box } from './params.ts';

/** Width, depth and height of the shell between its stitch lines, as cut, mm. */
export function boxAsCut(
  { making }: Pick<Box, 'making'>,
  cut: CutPieces,
): Record<'width' | 'depth' | 'height', number> {
  if (making === 'cross') {
    const { sewn, folds, foldsAcross } = cut('body/shell');
    const depth = folds[1]! - folds[0]!;
    return { width: foldsAcross[1]! - foldsAcross[0]!, depth, height: (sewn.height - depth) / 2 };
  }
  const side = cut('body/shell-left').sewn;
  const front = cut(`body/shell-${making === 'strip' ? 'strip' : 'front'}`).sewn;
  return { width: front.width, depth: side.width, height: side.height };
}
