import type { Ring as RoomRing, RoomWall } from '../../pieces/room.ts';
import { halves, layers, type Half, type Layer, type Ring } from './ring.ts';

/** The two halves of the case in each layer, the innermost first: a panel, with its strip of the gusset and the hinge round
 * it. */
export const halfRings = (ring: Ring, only: readonly Half[] = halves): RoomRing[] =>
  [...layers].reverse().flatMap((layer) => only.map((half) => halfRing(ring, layer, half)));

function halfRing(ring: Ring, layer: Layer, half: Half): RoomRing {
  const seam = (name: string) => `${ring.own}/${layer}${name}`;
  const end = (side: 'left' | 'right') => seam(`/gusset-${side}-${half}`);
  const [hinged, zipped] = [seam(`-${half}/hinge`), seam(`-${half}/zipper`)];
  const walls: RoomWall[] = [
    {
      piece: seam('-hinge'),
      left: { seam: end('left'), side: 'a' },
      right: { seam: end('right'), side: 'a' },
      base: { seam: hinged, side: 'b' },
    },
    {
      piece: seam(`-zip-${half}`),
      left: { seam: end('right'), side: 'b' },
      right: { seam: end('left'), side: 'b' },
      base: { seam: zipped, side: 'b' },
      mouth: { edge: half === 'lid' ? 'bottom' : 'top' },
    },
  ];
  return {
    walls,
    floor: {
      piece: ring.panel(layer, half),
      bounds: [
        { seam: hinged, side: 'a' },
        { seam: zipped, side: 'a' },
      ],
    },
  };
}
