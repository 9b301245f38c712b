import type { CutPiece, CutPieces } from '../../holders/seat.ts';
import type { SizedBody } from '../body-kind.ts';
import { LINING, SHELL, type Foldover } from './size.ts';

/** The driving sizes of a bifold from its cut pieces: the inverse of making. mm */
export function readBackFoldover(cut: CutPieces, { detail }: SizedBody<Foldover>): Record<string, number> {
  const [shell, lining] = [cut(SHELL), cut(LINING)];
  const inside = ({ width, height, allowance }: CutPiece) => ({
    width: width - allowance.left! - allowance.right!,
    height: height - allowance.top! - allowance.bottom!,
  });
  const [outer, inner] = [inside(shell), inside(lining)];
  const [leaf = 0, other = 0] = lining.foldsAcross;
  const liningWidth = inner.width;
  const betweenFolds = other - leaf;
  return {
    leafWidth: leaf,
    spine: betweenFolds - (detail.liningExtra?.value ?? 0),
    shellExtra: outer.width - inner.width,
    liningWidth,
    shellWidth: outer.width,
    height: outer.height,
  };
}
