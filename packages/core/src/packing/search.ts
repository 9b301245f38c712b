import { Corner, type Order } from './corner.ts';
import { axes, leastSurface, surfaceOf, volumeOf, type Packable, type Packing } from './packable.ts';

const DUST = 1e-9;
/** So many steps at most: what has a best arrangement by then keeps it. Six ordinary things take a tenth of them. */
const STEPS = 200_000;

/** The arrangement with the least surface, of all there are (exact), or of those that were tried in `most` steps.
 *
 * Branch and bound over orders: things come in one by one, each in every way it may lie, as far into the corner as the
 * orders found so far let them. As long as two overlap, one must lie before the other along one of three axes, in one of two
 * ways; each is tried, the most promising first. What is in place can only be pushed further out, so the box round it (and
 * the volume of all) bounds what may still come. Grows fast with the number of things: six take a tenth of a second. */
export function searchPacking(things: readonly Packable[], most = STEPS): Packing {
  // the largest first: they decide the box
  const queue = things
    .map(lyingOnce)
    .sort((a, b) => volumeOf(b.ways[0]!) - volumeOf(a.ways[0]!) || compare(String(a.ways), String(b.ways)));
  const volume = queue.reduce((total, { ways }) => total + volumeOf(ways[0]!), 0);
  const state = new Corner(queue.length);
  const lies: number[] = [];
  let best: Packing | undefined;
  let least = Infinity;
  let steps = 0;
  const spent = (): boolean => best !== undefined && steps > most;

  const boundOf = (count: number) => leastSurface(state.extent(count), volume);

  function next(count: number): void {
    steps += 1;
    if (spent()) return;
    const pair = state.overlapping(count);
    if (pair) return part(count, pair);
    if (count < queue.length) return bringIn(count);
    const size = state.extent(count);
    if (surfaceOf(size) >= least - DUST) return;
    least = surfaceOf(size);
    const places = queue.map(({ id }, thing) => ({ id, at: state.placeOf(thing), size: state.sizeOf(thing) }));
    best = { size, places, exact: true, bound: least };
  }

  function bringIn(count: number): void {
    const { ways } = queue[count]!;
    // of two alike, it is the same which is which: the second lies no earlier way than the first
    const from = count > 0 && alike(queue[count - 1]!, queue[count]!) ? lies[count - 1]! : 0;
    const tried = ways.slice(from).map((way, index) => {
      state.put(count, way);
      return { way, index: from + index, bound: boundOf(count + 1) };
    });
    for (const { way, index, bound } of tried.sort((a, b) => a.bound - b.bound)) {
      if (bound >= least - DUST) return;
      lies[count] = index;
      state.put(count, way);
      next(count + 1);
    }
  }

  function part(count: number, [one, other]: [number, number]): void {
    const orders = axes.flatMap((axis): Order[] => {
      const forth = { axis, first: one, then: other };
      // turned end for end an arrangement is the same: the first order of an axis may have either direction
      return state.ordered(axis) ? [forth, { axis, first: other, then: one }] : [forth];
    });
    const tried = orders.flatMap((order) => {
      const undo = state.order(order);
      const bound = undo ? boundOf(count) : Infinity;
      if (undo) state.undo(order, undo);
      return bound < least - DUST ? [{ order, bound }] : [];
    });
    for (const { order, bound } of tried.sort((a, b) => a.bound - b.bound)) {
      if (bound >= least - DUST) return;
      const undo = state.order(order)!;
      next(count);
      state.undo(order, undo);
    }
  }

  next(0);
  return spent() ? { ...best!, exact: false, bound: leastSurface([0, 0, 0], volume) } : best!;
}

/** A thing whose sides are alike lies in fewer ways than it is turned: each is tried once. */
const lyingOnce = ({ id, ways }: Packable): Packable => ({
  id,
  ways: ways.filter((way, index) => ways.findIndex((other) => String(other) === String(way)) === index),
});

const alike = (one: Packable, other: Packable): boolean => String(one.ways) === String(other.ways);

const compare = (a: string, b: string): number => (a < b ? -1 : Number(a > b));
