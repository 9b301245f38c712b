import type { NamedLine, Ring, RoomWall } from '../../pieces/room.ts';
import { layers, type Layer } from './pieces.ts';
import { walls, type BoxMaking, type Wall } from './params.ts';
import { pieceOfWall } from './places.ts';

/** What lies to the left and to the right of a wall, as seen from outside. */
const beside: Record<Wall, { left: Wall; right: Wall }> = {
  front: { left: 'left', right: 'right' },
  right: { left: 'front', right: 'back' },
  back: { left: 'right', right: 'left' },
  left: { left: 'back', right: 'front' },
};

/** Four walls and the base of each layer, the innermost first.
 * @param plate what keeps the base flat, between the layers; default nothing */
export const boxRings = (making: BoxMaking, plate?: string): Ring[] =>
  [...layers].reverse().map((layer) => boxRing(layer, making, layer === 'shell' ? plate : undefined));

function boxRing(layer: Layer, making: BoxMaking, plate: string | undefined): Ring {
  const folded = (wall: Wall) => making === 'cross' || (making === 'strip' && (wall === 'front' || wall === 'back'));
  const wallOf = (wall: Wall): RoomWall => ({
    piece: pieceOfWall(layer, wall, making),
    left: { edge: `${wall}/${beside[wall].left}` },
    right: { edge: `${wall}/${beside[wall].right}` },
    base: folded(wall) ? { fold: `base-${wall}` } : { edge: `${wall}/base` },
    mouth: { edge: `${wall}/top` },
  });
  const piece = { cross: `body/${layer}`, strip: `body/${layer}-strip`, five: `body/${layer}-base` }[making];
  const bounds = walls.map((wall): NamedLine => (folded(wall) ? { fold: `base-${wall}` } : { edge: `base/${wall}` }));
  return { walls: walls.map(wallOf), floor: { piece, bounds, ...(plate !== undefined && { layers: [plate, piece] }) } };
}
