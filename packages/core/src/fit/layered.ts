import { nothing } from '../derived/constants.ts';
import { sum, type Derived } from '../derived/derived.ts';
import type { Ring } from '../pieces/room.ts';
import type { CutParts } from './cut-parts.ts';
import type { RingCloth } from './load.ts';

/** What lies between the things and a ring, from the rings within it: before each of its walls, on its floor, and under what leans
 * together above it. mm */
interface Within {
  walls: readonly Derived[];
  floor?: Derived;
  over?: Within;
}
const NOTHING_WITHIN: Within = { walls: [] };

/** Each ring of a room with its cloth, from the innermost: the others lie round what is within them. */
export function layered(rings: readonly Ring[], parts: CutParts): { ring: Ring; cloth: RingCloth }[] {
  let within = NOTHING_WITHIN;
  return rings.map((ring) => {
    const cloth = clothOf(ring, within, parts);
    if (!ring.parts) within = withCloth(within, cloth);
    return { ring, cloth };
  });
}

/** Walls that are fewer go on behind the others. */
const withinWall = ({ walls }: Within, index: number): Derived => walls[index] ?? walls[0] ?? nothing;
/** A ring without a floor or a roof of its own goes on behind those that have one. */
const onFloor = (within: Within): Derived => within.floor ?? withinWall(within, 0);
const underRoof = (within: Within): Within => within.over ?? { walls: within.walls.slice(0, 1) };

const withCloth = (within: Within, { walls, floor, over }: RingCloth): Within => ({
  walls: walls.map(({ thick }, index) => sum('layers within', [withinWall(within, index), thick])),
  ...(within.floor && { floor: within.floor }),
  ...(floor && { floor: sum('layers within', [onFloor(within), floor.thick]) }),
  ...(within.over && { over: within.over }),
  ...(over && { over: withCloth(underRoof(within), over) }),
});

function clothOf({ walls, floor, over }: Ring, within: Within, parts: CutParts): RingCloth {
  return {
    walls: walls.map((wall, index) => parts.cloth(wall, withinWall(within, index))),
    ...(floor && { floor: parts.cloth(floor, onFloor(within)) }),
    ...(over && { over: clothOf(over, underRoof(within), parts) }),
  };
}
