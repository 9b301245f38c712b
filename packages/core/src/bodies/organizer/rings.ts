import type { Ring } from '../../pieces/room.ts';
import { boxRings } from '../box/rings.ts';
import { layers } from '../box/pieces.ts';

/** The box, and above it the bands between its rim and the zipper, in each layer. */
export const organizerRings = (): Ring[] => [
  ...boxRings('five'),
  ...[...layers].reverse().map((layer): Ring => {
    const band = (half: 'front' | 'back', left: string, right: string, side: 'a' | 'b'): Ring['walls'][number] => ({
      piece: `body/${layer}-band-${half}`,
      left: { seam: `body/${layer}/band-end-${left}`, side },
      right: { seam: `body/${layer}/band-end-${right}`, side },
      base: { edge: 'bottom' },
      mouth: { edge: 'top' },
    });
    return { walls: [band('front', 'left', 'right', 'a'), band('back', 'right', 'left', 'b')] };
  }),
];
