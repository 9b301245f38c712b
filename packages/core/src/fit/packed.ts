import { pressedSides, type HeldContents } from '../contents/held.ts';
import { nothing } from '../derived/constants.ts';
import { byRule, type Derived, type Rule } from '../derived/derived.ts';
import type { Disc } from '../geometry/discs.ts';
import type { Packed } from '../pieces/room.ts';
import { box, halfHull, thingOf, type Thing } from './things.ts';

/** Loose things in their places, and the box round all of them. */
export interface PackedThings {
  things: readonly Thing[];
  /** All of them as one. */
  whole: Thing;
}

/** Key of what is true of all things of a room. */
export const ALL = 'all';

const packedRule: Rule = {
  id: 'fitting',
  formula: 'from the first to the last',
  source: 'geometry: the box round all',
};

/** It may be turned as it goes in: the way round its two smaller sides. */
function slimmest(thing: Thing, { item }: HeldContents): Thing {
  const sides = [thing.across, thing.deep, thing.thick].sort((a, b) => a.value - b.value);
  const [small, middle] = sides as [Derived, Derived, Derived];
  // a cylinder goes in end on, however it lies inside
  if (item.shape === 'cylinder' || item.shape === 'ball') {
    const r = middle.value / 2;
    return { ...thing, one: halfHull(`${thing.name}, half round it`, [{ x: r, y: r, r }], [middle]) };
  }
  return { ...thing, one: halfHull(`${thing.name}, half round it`, box(middle.value, small.value), [middle, small]) };
}

/** The most that the corners of a box may be rounded by, so that all of what lies in it is within. mm
 * @param discs corners of what lies in it */
export function roundedAs(discs: readonly Disc[], wide: number, deep: number): number {
  const most = Math.min(wide, deep) / 2;
  return Math.max(
    0,
    discs.reduce((least, { x, y, r }) => {
      const [u, v] = [Math.min(x, wide - x), Math.min(y, deep - y)];
      // the arc that touches the disc: (R - u)² + (R - v)² = (R - r)²
      const s = u + v - r;
      return Math.min(least, s + Math.sqrt(Math.max(0, s * s - (u * u + v * v - r * r))));
    }, most),
  );
}

/** Places of loose things, each read again from the thing: a place that is smaller than its thing is made as large. */
export function packedOf(
  places: readonly Packed[],
  contents: (line: string) => HeldContents | undefined,
): PackedThings {
  const things = new Map<string, Thing>();
  const most: [number, number, number] = [0, 0, 0];
  const section: Disc[] = [];
  const corners: Disc[] = [];
  for (const { line, at, size } of places) {
    const held = contents(line);
    if (!held) continue;
    const thing = things.get(line) ?? slimmest(thingOf({ line, count: 1 }, held), held);
    things.set(line, thing);
    const sides = pressedSides(held);
    const own = [sides.across, sides.deep, sides.thickness].map(({ value }) => value).sort((a, b) => a - b);
    const order = [0, 1, 2].sort((a, b) => size[a]! - size[b]!);
    const reaches = [0, 0, 0];
    order.forEach((axis, rank) => (reaches[axis] = at[axis]! + own[rank]!));
    reaches.forEach((far, axis) => (most[axis] = Math.max(most[axis]!, far)));
    // it lies on its widest side: its round corners are those seen from above
    const flat = order[0] === 2 && own[0] === sides.thickness.value;
    const r = flat ? Math.min(thing.round, own[1]! / 2) : 0;
    for (const x of [at[0], reaches[0]!])
      for (const y of [at[1], reaches[1]!]) {
        section.push({ x, y, r: 0 });
        corners.push({ x: x === at[0] ? x + r : x - r, y: y === at[1] ? y + r : y - r, r });
      }
  }
  const all = [...things.values()];
  const of = all.flatMap(({ across, deep, thick }) => [across, deep, thick]);
  const sideOf = (label: string, axis: 0 | 1 | 2) => byRule(packedRule, label, most[axis], of);
  const [across, thick, up] = [
    sideOf('all together, across', 0),
    sideOf('all together, front to back', 1),
    sideOf('all together, upwards', 2),
  ];
  const half = halfHull('half of the way round all', section, [across, thick]);
  const name = all.map((thing) => thing.name).join(', ');
  const round = roundedAs(corners, across.value, thick.value);
  const whole = {
    line: ALL,
    key: ALL,
    name,
    across,
    thick,
    deep: up,
    shows: nothing,
    mayShow: nothing,
    section,
    half,
    one: half,
    round,
  };
  return { things: all, whole };
}
