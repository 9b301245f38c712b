import { blocksOf, shifted, unpacked } from './blocks.ts';
import { leastSurface, surfaceOf, volumeOf, type Axis, type Packable, type Packing, type Triple } from './packable.ts';
import { searchPacking } from './search.ts';

/** So many are arranged in the best way there is. */
export const EXACTLY = 6;
/** Of more, so many come round the block of those before at a time: quick enough to be asked for at every change. */
const AT_A_TIME = 3;
/** Steps of each of these searches: blocks lie in a dozen ways each, and what is best among them is found in the first
 * hundred; to prove it would take most of a minute, and would prove nothing of the things themselves. */
const STEPS_IN_TURNS = 2000;

/** Arranges boxes in the box of least surface that takes them all: it costs the least cloth. Up to six things the result is
 * the best there is. Beyond, two ways are tried (the largest first and the rest round them a few at a time; things that are
 * alike in rows and layers first), the better is taken, and its surface is told against a bound that nothing can be below. */
export function pack(things: readonly Packable[]): Packing {
  if (things.length === 0) return { size: [0, 0, 0], places: [], exact: true, bound: 0 };
  if (things.length <= EXACTLY) return searchPacking(things);
  const blocks = blocksOf(things);
  const [one, other] = [inTurns(things), unpacked(inTurns(blocks), blocks)];
  const best = surfaceOf(one.size) < surfaceOf(other.size) ? one : other;
  const bound = boundOf(things);
  return { ...best, bound, exact: surfaceOf(best.size) <= bound * (1 + 1e-9) };
}

const BLOCK = '#block';

/** The largest first, the next ones round their block, and so on. */
function inTurns(things: readonly Packable[]): Packing {
  if (things.length <= EXACTLY) return searchPacking(things, STEPS_IN_TURNS);
  const queue = [...things].sort((a, b) => volumeOf(b.ways[0]!) - volumeOf(a.ways[0]!));
  let block = searchPacking(queue.splice(0, AT_A_TIME + 1), STEPS_IN_TURNS);
  while (queue.length > 0) {
    const { places, size } = block;
    const around = searchPacking([{ id: BLOCK, ways: [size] }, ...queue.splice(0, AT_A_TIME)], STEPS_IN_TURNS);
    const inner = ({ at }: { at: Triple }) => places.map((place) => shifted(place, at));
    block = { ...around, places: around.places.flatMap((place) => (place.id === BLOCK ? inner(place) : place)) };
  }
  return block;
}

/** No arrangement is below: as large as the largest thing along each axis, and of the volume of all. */
function boundOf(things: readonly Packable[]): number {
  const volume = things.reduce((total, { ways }) => total + volumeOf(ways[0]!), 0);
  const along = (axis: Axis) => Math.max(...things.map(({ ways }) => Math.min(...ways.map((way) => way[axis]))));
  return leastSurface([along(0), along(1), along(2)], volume);
}
