import type { NamedLine, Ring as RoomRing, RoomWall } from '../../pieces/room.ts';
import { layers, type Half, type Layer, type Ring } from './ring.ts';

/** Each layer of the case, the innermost first: the panel of the base, with its strip of the gusset and the hinge round it, and the
 * other half on top.
 * @param plate what keeps both panels flat, between the layers */
export const caseRings = (ring: Ring, plate: string): RoomRing[] =>
  [...layers].reverse().map((layer) => ({
    ...halfRing(ring, layer, 'base', plate),
    over: halfRing(ring, layer, 'lid', plate),
  }));

function halfRing(ring: Ring, layer: Layer, half: Half, plate: string): RoomRing {
  const seam = (name: string) => `${ring.own}/${layer}${name}`;
  const end = (side: 'left' | 'right') => seam(`/gusset-${side}-${half}`);
  const hinged = (of: Half): NamedLine => ({ seam: seam(`-${of}/hinge`), side: 'b' });
  const panel = ring.panel(layer, half);
  const walls: RoomWall[] = [
    {
      piece: seam('-hinge'),
      left: { seam: end('left'), side: 'a' },
      right: { seam: end('right'), side: 'a' },
      base: hinged(half),
      mouth: hinged(half === 'lid' ? 'base' : 'lid'),
    },
    {
      piece: seam(`-zip-${half}`),
      left: { seam: end('right'), side: 'b' },
      right: { seam: end('left'), side: 'b' },
      base: { seam: seam(`-${half}/zipper`), side: 'b' },
      mouth: { edge: half === 'lid' ? 'bottom' : 'top' },
    },
  ];
  return {
    walls,
    floor: {
      piece: panel,
      bounds: ['hinge', 'zipper'].map((part): NamedLine => ({ seam: seam(`-${half}/${part}`), side: 'a' })),
      ...(layer === 'shell' && { layers: [plate, panel] }),
    },
  };
}
