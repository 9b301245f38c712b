import type { Panels } from '../../holders/holder-kind.ts';
import type { Sleeve } from './params.ts';

/** Where a place on the front or the back lies on the pieces: from the left side, seen from the front, and down from the
 * mouth. Pieces are drawn right side up; the back half of a folded one stands on its head. */
export function panelsOf({ bottom, width, panelHeight }: Pick<Sleeve, 'bottom' | 'width' | 'panelHeight'>): Panels {
  const [w, h] = [width.value, panelHeight.value];
  if (bottom === 'fold')
    return {
      front: { piece: 'body/shell', at: (fromLeft, down) => [fromLeft, 2 * h - down] },
      back: { piece: 'body/shell', at: (fromLeft, down) => [fromLeft, down] },
    };
  return {
    front: { piece: 'body/shell-front', at: (fromLeft, down) => [fromLeft, h - down] },
    back: { piece: 'body/shell-back', at: (fromLeft, down) => [w - fromLeft, h - down] },
  };
}
