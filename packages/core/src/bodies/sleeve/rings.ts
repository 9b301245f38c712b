import type { NamedLine, Ring } from '../../pieces/room.ts';
import { foldedRing } from '../folded-ring.ts';
import type { Sleeve, Layer } from './params.ts';
import { sideFoldedRing } from './side-fold.ts';
import { bagSeams, pieceIds } from './seams.ts';

/** Front and back of each layer, the innermost first. */
export const sleeveRings = (detail: Sleeve): Ring[] =>
  (detail.lined ? (['lining', 'shell'] as const) : (['shell'] as const)).map((layer) => bagRing(detail, layer));

function bagRing(detail: Sleeve, layer: Layer): Ring {
  if (detail.bottom === 'side') return sideFoldedRing(layer);
  const corners = bagSeams(detail, layer).flatMap(({ id }) => (id.includes('/corner-') ? [id] : []));
  const [front, back] = pieceIds(detail, layer) as [string, string?];
  const sloped = detail.slope.value > 0;
  if (back === undefined) return foldedRing(front, corners, sloped);
  const on = (name: string, side: 'a' | 'b'): NamedLine => ({ seam: `body/${layer}/${name}`, side });
  const top = {
    mouth: { edge: 'mouth' },
    ...(sloped && { slopes: [{ edge: 'mouth-left' }, { edge: 'mouth-right' }] }),
  };
  return {
    walls: [
      { piece: front, left: on('left', 'a'), right: on('right', 'a'), base: on('bottom', 'a'), ...top },
      { piece: back, left: on('right', 'b'), right: on('left', 'b'), base: on('bottom', 'b'), ...top },
    ],
    corners,
  };
}
