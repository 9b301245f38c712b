import type { CutPieces } from '../../holders/seat.ts';
import type { Box } from './params.ts';

/** Width, depth and height of the shell between its stitch lines, as cut, mm. */
export function boxAsCut(
  { making }: Pick<Box, 'making'>,
  cut: CutPieces,
): Record<'width' | 'depth' | 'height', number> {
  if (making === 'cross') {
    const { height, allowance, folds, foldsAcross } = cut('body/shell');
    const depth = folds[1]! - folds[0]!;
    return {
      width: foldsAcross[1]! - foldsAcross[0]!,
      depth,
      height: (height - depth - allowance['front/top']! - allowance['back/top']!) / 2,
    };
  }
  const side = cut('body/shell-left');
  const depth = side.width - side.allowance['left/back']! - side.allowance['left/front']!;
  const height = side.height - side.allowance['left/base']! - side.allowance['left/top']!;
  const name = making === 'strip' ? 'strip' : 'front';
  const { width, allowance } = cut(`body/shell-${name}`);
  return { width: width - allowance['front/left']! - allowance['front/right']!, depth, height };
}
