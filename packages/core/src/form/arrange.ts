import { SQUARE } from '../pieces/bend.ts';
import {
  after,
  cross,
  lengthOf,
  less,
  middleOf,
  moved,
  plus,
  scaled,
  still,
  turned,
  unit,
  type Motion,
  type Vector,
} from './vector.ts';

/** Where a corner of the solid lies on a rigid part, in the part's own space. */
export interface Hold {
  part: number;
  at: Vector;
}

/** A straight stretch of a part's rim between two corners, and the way out of its facet. */
export interface Side {
  part: number;
  from: Vector;
  to: Vector;
  normal: Vector;
  /** How far its hinge is about to be bent, rad; nothing beside a seam. */
  hinge?: number;
}

/** Two parts along a side that they share. */
export type Pair = readonly [Side, Side];

export interface Arranging {
  /** How many parts. */
  count: number;
  /** Who holds each corner. */
  holds: readonly Hold[][];
  /** Sides that two parts share, the longest first. */
  pairs: readonly Pair[];
  /** So far a part may miss its corners and still count as placed, mm. */
  loose: number;
}

/** How far two parts may be bent to each other at a seam, the likeliest first. */
const GUESSES = [SQUARE, 0, Math.PI, SQUARE / 2, -SQUARE];

type Placed = ReadonlyMap<number, Motion>;

/** First places of all parts, the likeliest first: part after part is set to those that lie already, where most of its corners
 * are; a part that hangs on one line only is tried at several angles. */
export function* arrangements(arranging: Arranging): Generator<Motion[]> {
  const first: Placed = new Map([[0, still]]);
  yield* grown(first, arranging);
  yield inOrder(setGreedily(first, arranging), arranging.count);
}

function* grown(placed: Placed, arranging: Arranging): Generator<Motion[]> {
  const next = nextPart(placed, arranging);
  if (next === undefined) {
    yield inOrder(placed, arranging.count);
    return;
  }
  for (const { motion, miss } of waysToSet(next, placed, arranging))
    if (miss <= arranging.loose) yield* grown(new Map([...placed, [next, motion]]), arranging);
}

function setGreedily(placed: Placed, arranging: Arranging): Placed {
  const next = nextPart(placed, arranging);
  if (next === undefined) return placed;
  const [best] = waysToSet(next, placed, arranging);
  return best ? setGreedily(new Map([...placed, [next, best.motion]]), arranging) : placed;
}

const inOrder = (placed: Placed, count: number): Motion[] =>
  Array.from({ length: count }, (_, part) => placed.get(part) ?? still);

/** The part that shares the most corners with those that lie. */
function nextPart(placed: Placed, { count, holds }: Arranging): number | undefined {
  const shared = new Array<number>(count).fill(0);
  for (const all of holds) {
    if (!all.some(({ part }) => placed.has(part))) continue;
    for (const { part } of all) if (!placed.has(part)) shared[part]! += 1;
  }
  const most = Math.max(...shared);
  return most > 0 ? shared.indexOf(most) : undefined;
}

/** The part at its longest side, at each angle; how far its corners miss those that lie. */
function waysToSet(part: number, placed: Placed, { holds, pairs }: Arranging): { motion: Motion; miss: number }[] {
  const pair = pairs.find(
    ([a, b]) => (a.part === part && placed.has(b.part)) || (b.part === part && placed.has(a.part)),
  );
  if (!pair) return [];
  const [here, there] = pair[1].part === part ? pair : [pair[1], pair[0]];
  const base = placed.get(here.part)!;
  const angles = here.hinge === undefined ? GUESSES : [here.hinge, ...GUESSES];
  return angles
    .map((angle) => {
      const motion = after(base, besides(here, there, angle));
      return { motion, miss: missOf(part, motion, placed, holds) };
    })
    .sort((a, b) => a.miss - b.miss);
}

function missOf(part: number, motion: Motion, placed: Placed, holds: readonly Hold[][]): number {
  let miss = 0;
  for (const all of holds) {
    const own = all.find((hold) => hold.part === part);
    const others = own ? all.filter((hold) => placed.has(hold.part)) : [];
    if (!own || others.length === 0) continue;
    const there = middleOf(others.map((hold) => moved(placed.get(hold.part)!, hold.at)));
    miss = Math.max(miss, lengthOf(less(moved(motion, own.at), there)));
  }
  // what differs by nothing keeps the order of the guesses
  return Math.round(miss * 1e6) / 1e6;
}

/** The motion that brings `there` to `here`, side to side in opposite ways, bent outwards by an angle. */
function besides(here: Side, there: Side, angle: number): Motion {
  const along = unit(less(here.to, here.from));
  const out = cross(along, here.normal);
  const normal = plus(scaled(here.normal, Math.cos(angle)), scaled(out, Math.sin(angle)));
  const frame = (x: Vector, z: Vector): Vector[] => [x, cross(z, x), z];
  const target = frame(scaled(along, -1), normal);
  const own = frame(unit(less(there.to, there.from)), there.normal);
  const entry = (i: number, j: number) => target.reduce((sum, axis, k) => sum + axis[i]! * own[k]![j]!, 0);
  const row = (i: number): Vector => [entry(i, 0), entry(i, 1), entry(i, 2)];
  const turn: Motion['turn'] = [row(0), row(1), row(2)];
  const middle = (side: Side) => middleOf([side.from, side.to]);
  return { turn, move: less(middle(here), turned({ turn, move: [0, 0, 0] }, middle(there))) };
}
