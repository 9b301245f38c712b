import type { CutPieces } from '../../holders/holder-kind.ts';
import type { BodyInputs, SizedBody } from '../body-kind.ts';
import type { Sleeve } from './params.ts';

/** The driving sizes of a sleeve from its cut pieces: the inverse of making. mm */
export function readBackSleeve(
  cut: CutPieces,
  { detail }: SizedBody<Sleeve>,
  { rules }: BodyInputs,
): Record<string, number> {
  const seam = rules.length('seam.allowance').value;
  const panel = (layer: string): number => {
    const { height } = cut(detail.bottom === 'fold' ? `body/${layer}` : `body/${layer}-front`);
    return detail.bottom === 'fold' ? (height - 2 * seam) / 2 : height - 2 * seam;
  };
  const { width } = cut(detail.bottom === 'fold' ? 'body/shell' : 'body/shell-front');
  return {
    flatWidth: width - 2 * seam,
    panelHeight: panel('shell'),
    liningShallower: panel('shell') - panel('lining'),
  };
}
