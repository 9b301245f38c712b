import type { CutPieces } from '../../holders/seat.ts';
import type { SizedBody } from '../body-kind.ts';
import type { Sleeve } from './params.ts';

/** Mouth to bottom line of a panel, as cut, mm. */
export function panelAsCut({ bottom }: Pick<Sleeve, 'bottom'>, layer: 'shell' | 'lining', cut: CutPieces): number {
  if (bottom === 'fold') return cut(`body/${layer}`).sewn.height / 2;
  if (bottom === 'side') return cut(`body/${layer}`).sewn.height;
  return cut(`body/${layer}-front`).sewn.height;
}

/** The driving sizes of a sleeve from its cut pieces: the inverse of making. mm */
export function readBackSleeve(cut: CutPieces, { detail }: SizedBody<Sleeve>): Record<string, number> {
  const panel = (layer: 'shell' | 'lining') => panelAsCut(detail, layer, cut);
  const { sewn } = cut(detail.bottom === 'seam' ? 'body/shell-front' : 'body/shell');
  return {
    flatWidth: detail.bottom === 'side' ? sewn.width / 2 : sewn.width,
    panelHeight: panel('shell'),
    ...(detail.lined && { liningShallower: panel('shell') - panel('lining') }),
  };
}
