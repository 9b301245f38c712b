import type { CutPieces } from '../../holders/seat.ts';
import type { SizedBody } from '../body-kind.ts';
import { LINING, SHELL } from './closing.ts';
import type { Foldover } from './params.ts';

/** The driving sizes of a bifold from its cut pieces: the inverse of making. mm */
export function readBackFoldover(cut: CutPieces, { detail }: SizedBody<Foldover>): Record<string, number> {
  const lining = cut(LINING);
  const [outer, inner] = [cut(SHELL).sewn, lining.sewn];
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
