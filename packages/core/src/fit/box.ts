import { halfOf, minus, sum, times, type Derived } from '../derived/derived.ts';
import type { Ring } from '../pieces/room.ts';
import type { Reading } from './clearance.ts';
import type { CutParts } from './cut-parts.ts';
import { farthest, narrowest, rowOf, thickestOf, type Load, type RingCloth } from './load.ts';
import { widest } from './things.ts';

/** Walls all round: what stands in it is as wide and as deep as its walls and their cloth allow, and as high. */
export function fitBox({ walls, over }: Ring, cloth: RingCloth, load: Load, parts: CutParts): Reading[] {
  const { ease } = load;
  // walls that face each other: the cloth of the others stands in their width
  const span = (which: 0 | 1): { available: Derived; cloth: Derived } => {
    const facing = walls.flatMap((wall, index) => (index % 2 === which ? [wall] : []));
    const beside = cloth.walls.filter((_, index) => index % 2 !== which);
    return {
      available: narrowest(facing.map((wall) => parts.between('wall, line to line', wall, wall.left, wall.right))),
      cloth: sum('walls', [times(2, farthest(beside))]),
    };
  };
  const [front, side] = [span(0), span(1)];
  const high = parts.heights('base to mouth', walls);
  const roof = over && roofOf(over, side.available, cloth, load, parts);
  return [
    {
      direction: 'across',
      required: sum('things and walls', [rowOf(load), front.cloth]),
      available: front.available,
      ease: ease.across,
    },
    {
      direction: 'thick',
      required: sum('things and walls', [thickestOf(load), ...load.onWalls, side.cloth]),
      available: side.available,
      ease: ease.across,
    },
    ...(high.length > 0
      ? [
          {
            direction: 'deep' as const,
            required: sum('things and floor', [
              tallest(load),
              ...load.beneath,
              ...(cloth.floor ? [cloth.floor.reach] : []),
              ...(roof ? [roof.leans, roof.reach] : []),
            ]),
            available: roof ? sum('base to zipper', [narrowest(high), roof.high]) : narrowest(high),
            ease: ease.deep,
          },
        ]
      : []),
  ];
}

/** The tallest of what stands in it, mm. */
const tallest = ({ own }: Load): Derived =>
  widest(
    'the tallest',
    own.flatMap(({ things }) => things.map(({ deep }) => deep)),
  );

/** Walls above the mouth that lean together to the zipper: how high they are, and how far they lean. mm */
function roofOf({ walls }: Ring, deep: Derived, { over }: RingCloth, { shows }: Load, parts: CutParts) {
  const high = narrowest(parts.heights('rim to zipper', walls));
  const leans = halfOf('from wall to zipper', sum('both, to the zipper', [deep, ...shows.map((size) => minus(size))]));
  return { high, leans, reach: farthest(over?.walls ?? []) };
}
