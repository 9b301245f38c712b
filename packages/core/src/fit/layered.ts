import { nothing } from '../derived/constants.ts';
import { sum, type Derived } from '../derived/derived.ts';
import type { Ring } from '../pieces/room.ts';
import type { CutParts } from './cut-parts.ts';
import type { RingCloth } from './load.ts';

/** Each ring of a room with its cloth, from the innermost: the others lie round what is within them. */
export function layered(rings: readonly Ring[], parts: CutParts): { ring: Ring; cloth: RingCloth }[] {
  let within: readonly Derived[] = [];
  return rings.map((ring) => {
    const cloth = clothOf(ring, within, parts);
    if (!ring.parts)
      within = cloth.walls.map(({ thick }, index) => sum('layers within', [withinWall(within, index), thick]));
    return { ring, cloth };
  });
}

/** What lies between the things and a wall, from the rings within it: walls that are fewer go on behind the others. mm */
const withinWall = (within: readonly Derived[], index: number): Derived => within[index] ?? within[0] ?? nothing;

function clothOf({ walls, floor, over }: Ring, within: readonly Derived[], parts: CutParts): RingCloth {
  return {
    walls: walls.map((wall, index) => parts.cloth(wall, withinWall(within, index))),
    ...(floor && { floor: parts.cloth(floor, withinWall(within, 0)) }),
    ...(over && { over: clothOf(over, within, parts) }),
  };
}
