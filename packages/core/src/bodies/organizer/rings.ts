import type { Ring } from '../../pieces/room.ts';
import { boxRings } from '../box/rings.ts';
import { layers } from '../box/pieces.ts';

/** The box of each layer, and above it the bands between its rim and the zipper. */
export const organizerRings = (): Ring[] => {
  const boxes = boxRings('five', 'body/base-plate');
  return [...layers].reverse().map((layer, index): Ring => {
    const band = (half: 'front' | 'back', left: string, right: string, side: 'a' | 'b'): Ring['walls'][number] => ({
      piece: `body/${layer}-band-${half}`,
      left: { seam: `body/${layer}/band-end-${left}`, side },
      right: { seam: `body/${layer}/band-end-${right}`, side },
      base: { edge: 'bottom' },
      mouth: { edge: 'top' },
    });
    return {
      ...boxes[index]!,
      over: { walls: [band('front', 'left', 'right', 'a'), band('back', 'right', 'left', 'b')] },
    };
  });
};
