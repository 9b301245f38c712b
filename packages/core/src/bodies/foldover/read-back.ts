import type { CutPieces } from '../../holders/seat.ts';
import type { BodyInputs, SizedBody } from '../body-kind.ts';
import { LINING, SHELL, type Foldover } from './size.ts';
import { seamAllowance } from '../../shelves/rules/common-rules.ts';

/** The driving sizes of a bifold from its cut pieces: the inverse of making. mm */
export function readBackFoldover(
  cut: CutPieces,
  { detail }: SizedBody<Foldover>,
  { rules }: BodyInputs,
): Record<string, number> {
  const seam = rules.length(seamAllowance).value;
  const [shell, lining] = [cut(SHELL), cut(LINING)];
  const [leaf = 0, other = 0] = lining.foldsAcross;
  const liningWidth = lining.width - 2 * seam;
  const betweenFolds = other - leaf;
  return {
    leafWidth: leaf,
    spine: betweenFolds - (detail.liningExtra?.value ?? 0),
    shellExtra: shell.width - lining.width,
    liningWidth,
    shellWidth: shell.width - 2 * seam,
    height: shell.height - 2 * seam,
  };
}
