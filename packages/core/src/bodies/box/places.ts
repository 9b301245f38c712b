import type { Panel } from '../../holders/seat.ts';
import type { BoxLayer, BoxMaking, Wall } from './params.ts';

type Place = (fromLeft: number, down: number) => [number, number];

/** Where a place on a wall of the shell (mm from its left as seen from outside, and down from the mouth) lies on its piece. */
export function wallPlace(wall: Wall, making: BoxMaking, { width, depth, height }: BoxLayer): Panel {
  const [w, d, h] = [width.value, depth.value, height.value];
  const upright: Panel = { piece: `body/shell-${wall}`, at: (fromLeft, down) => [fromLeft, h - down] };
  if (making === 'five') return upright;
  const [left, low] = making === 'cross' ? [h, h] : [0, h];
  const inOne: Partial<Record<Wall, Place>> = {
    // the front hangs head down below the base, the back stands above it; seen from outside left and right change places
    front: (fromLeft, down) => [left + w - fromLeft, down],
    back: (fromLeft, down) => [left + fromLeft, low + d + h - down],
    ...(making === 'cross' && {
      left: (fromLeft: number, down: number): [number, number] => [left + w + h - down, low + d - fromLeft],
      right: (fromLeft: number, down: number): [number, number] => [down, low + fromLeft],
    }),
  };
  const at = inOne[wall];
  return at ? { piece: making === 'cross' ? 'body/shell' : 'body/shell-strip', at } : upright;
}

/** The piece that carries a wall's mouth. */
export function pieceOfWall(layer: 'shell' | 'lining', wall: Wall, making: BoxMaking): string {
  if (making === 'cross') return `body/${layer}`;
  const own = making === 'five' || wall === 'left' || wall === 'right';
  return own ? `body/${layer}-${wall}` : `body/${layer}-strip`;
}
