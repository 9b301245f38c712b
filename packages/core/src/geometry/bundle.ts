import { hullPerimeter, type Point } from './perimeter.ts';

/** Equal round things lying against each other in a heap, cut across. */
export interface Bundle {
  /** Their middles, in diameters, from the lower left corner of the box round all of them; wider than high. */
  centres: readonly Point[];
  /** Of the box round all of them, in diameters. */
  width: number;
  height: number;
  /** Once round all of them, in diameters. */
  perimeter: number;
}

const ROW = Math.sqrt(3) / 2;
/** Where a heap may have its middle: on a thing, between two, between three. */
const MIDDLES: readonly Point[] = [
  [0, 0],
  [0.5, 0],
  [0.5, ROW / 3],
];
const known = new Map<number, Bundle>();

/** The tightest heap of a number of equal round things: of all heaps on a lattice of triangles that gather round one of its middles,
 * the one with the shortest way round it.
 * @param count at least 1 */
export function bundleOf(count: number): Bundle {
  const before = known.get(count);
  if (before) return before;
  const reach = Math.ceil(Math.sqrt(count)) + 1;
  const lattice: Point[] = [];
  for (let row = -reach; row <= reach; row++)
    for (let column = -2 * reach; column <= 2 * reach; column++) lattice.push([column + row / 2, row * ROW]);
  const heaps = MIDDLES.map(([x, y]) => {
    // of those that are as near, the ones on one side: they lie against each other
    const near = ([u, v]: Point) => Math.hypot(u - x, v - y) + 1e-6 * Math.atan2(v - y, u - x);
    return [...lattice].sort((one, other) => near(one) - near(other)).slice(0, count);
  });
  const [best] = heaps.map(lying).sort((one, other) => one.perimeter - other.perimeter);
  known.set(count, best!);
  return best!;
}

/** The heap with its longer side across. */
function lying(points: readonly Point[]): Bundle {
  const [xs, ys] = [points.map(([x]) => x), points.map(([, y]) => y)];
  const [left, low] = [Math.min(...xs), Math.min(...ys)];
  const [wide, high] = [Math.max(...xs) - left + 1, Math.max(...ys) - low + 1];
  const placed = points.map(([x, y]): Point => [x - left + 0.5, y - low + 0.5]);
  const centres = high > wide ? placed.map(([x, y]): Point => [y, x]) : placed;
  return {
    centres,
    width: Math.max(wide, high),
    height: Math.min(wide, high),
    perimeter: hullPerimeter(centres) + Math.PI,
  };
}
