import type { NamedLine, Ring } from '../../pieces/room.ts';
import type { Sleeve } from './params.ts';
import { bagSeams, pieceIds, type Layer } from './seams.ts';

/** Front and back of each layer, the innermost first. */
export const sleeveRings = (detail: Sleeve): Ring[] =>
  (detail.lined ? (['lining', 'shell'] as const) : (['shell'] as const)).map((layer) => bagRing(detail, layer));

function bagRing(detail: Sleeve, layer: Layer): Ring {
  const fold = detail.bottom === 'fold';
  const [front, back = front] = pieceIds(detail, layer) as [string, string?];
  const on = (name: string, side: 'a' | 'b'): NamedLine => ({ seam: `body/${layer}/${name}`, side });
  const base = (side: 'a' | 'b'): NamedLine => (fold ? { fold: 'bottom' } : on('bottom', side));
  const mouth = (side: string): NamedLine => ({ edge: fold ? `mouth-${side}` : 'mouth' });
  return {
    walls: [
      { piece: front, left: on('left', 'a'), right: on('right', 'a'), base: base('a'), mouth: mouth('front') },
      { piece: back, left: on('right', 'b'), right: on('left', 'b'), base: base('b'), mouth: mouth('back') },
    ],
    corners: bagSeams(detail, layer).flatMap(({ id }) => (id.includes('/corner-') ? [id] : [])),
  };
}
