import { byRule, largest, sum, times, type Derived, type Rule } from '../../derived/derived.ts';
import { hullPerimeter, type Point } from '../../geometry/perimeter.ts';
import type { Stood } from '../../pieces/room.ts';
import type { HeldContents, ParamSpec } from '../holder-kind.ts';
import type { Walls } from '../../sizing/tube-width.ts';
import { halfGirthOfOne, heapOf, isRound, sidesOf, together } from '../sides.ts';
import { cavityVisible } from './rules.ts';

export type CavityDivide = 'open' | 'stitched';

export const cavityParams = {
  divide: {
    kind: 'choice',
    title: 'Inside',
    standard: 'open' as CavityDivide,
    choices: [
      { id: 'open' as CavityDivide, title: 'one room', why: 'Everything stands side by side in one room.' },
      {
        id: 'stitched' as CavityDivide,
        title: 'stitched apart',
        why: 'Front and back are stitched together between the things.',
      },
    ],
  },
  visible: { kind: 'length', title: 'Stands out of the mouth', rule: cavityVisible },
} as const satisfies Record<string, ParamSpec>;

/** One thing, or several on each other, as it stands in the room: cut across the way it goes in. All mm. */
export interface Standing {
  line: string;
  name: string;
  /** In one place. */
  count: number;
  /** So many such, one above another. */
  above?: number;
  across: Derived;
  /** Down from the mouth. */
  along: Derived;
  thickness: Derived;
  round: boolean;
  /** It must not be bent; default it may. */
  rigid?: boolean;
  radius: number;
  halfGirth: Derived;
  /** Of several round things in a heap: their diameter and their middles, from the lower left corner, mm. */
  discs?: { diameter: number; middles: readonly Point[] };
}

/** Things that share one room between two stitch lines. */
export interface Compartment {
  things: Standing[];
  /** Half of the girth of all of them together. */
  halfGirth: Derived;
  /** Between its stitch lines, with ease, mm. */
  width: Derived;
}

/** Where a front and a back make a room. */
export type CavitySeat = 'cavity' | 'walled' | 'flat';

export interface Cavity {
  divide: CavityDivide;
  compartments: Compartment[];
  /** The longest thing, down from the mouth, mm. */
  along: Derived;
  visible: Derived;
  /** Of both walls, to their outermost layers. */
  reach: Walls;
}

/** The things of a line, each group that shares a place as one. */
export function standing(held: HeldContents): Standing[] {
  const { line, item, name } = held;
  const sides = sidesOf(held);
  const { across, deep, thickness: one } = sides;
  const round = isRound(item, line);
  const result: Standing[] = [];
  for (let left = held.count; left > 0; left -= line.perHolder) {
    const count = Math.min(left, line.perHolder);
    const common = {
      line: line.id,
      name,
      count,
      along: deep,
      radius: item.planRadius ?? 0,
      ...(item.rigid && { rigid: true }),
    };
    if (round && count > 1) {
      const { middles, ...heap } = heapOf(name, count, across);
      result.push({ ...common, ...heap, round: false, discs: { diameter: across.value, middles } });
      continue;
    }
    const thickness = round ? across : together(name, count, one);
    const halfGirth = halfGirthOfOne({ ...held, count }, sides, thickness);
    result.push({ ...common, across, thickness, round, halfGirth });
  }
  return result;
}

const hullRule: Rule = {
  id: 'tube-width',
  formula: 'half the hull of everything side by side',
  source: 'geometry: convex hull',
};
/** Enough for a hull that is true to a thousandth of a millimetre. */
const FINE = 720;

const disc = (x: number, y: number, radius: number): Point[] =>
  Array.from({ length: FINE }, (_, i): Point => {
    const angle = (2 * Math.PI * i) / FINE;
    return [x + radius * Math.cos(angle), y + radius * Math.sin(angle)];
  });

/** Things that lie, one above another: as wide as the widest, and as high as all of them. */
export function piledUp(things: readonly Standing[]): Standing {
  const [first] = things as [Standing, ...Standing[]];
  if (things.length === 1) return first;
  // of one line they are alike
  const along = sum(`${first.name}, one above another`, [times(things.length, first.along)]);
  return { ...first, along, above: things.length };
}

/** Half of the girth of things standing side by side on one back. */
export function halfGirthOf(things: readonly Standing[]): Derived {
  const [first] = things;
  if (things.length === 1 && first) return first.halfGirth;
  return byRule(hullRule, 'half the girth of all', hullPerimeter(sectionOf(things)) / 2, sidesRound(things));
}

/** The same with something flat behind them, which may lie anywhere along their width, mm. */
export function halfGirthBefore(things: readonly Standing[], across: Derived, thick: Derived): Derived {
  const row = things.reduce((sum, thing) => sum + thing.across.value, 0);
  const beyond = Math.max(0, across.value - row) / 2;
  const [left, right] = [-beyond, row + beyond];
  const behind: Point[] = [
    [left, 0],
    [left, -thick.value],
    [right, -thick.value],
    [right, 0],
  ];
  const half = hullPerimeter([...behind, ...sectionOf(things)]) / 2;
  return byRule(hullRule, 'half the girth of all, and of what hangs behind', half, [
    ...sidesRound(things),
    across,
    thick,
  ]);
}

const sidesRound = (things: readonly Standing[]): Derived[] =>
  things.flatMap(({ across, thickness, round }) => (round ? [across] : [across, thickness]));

function sectionOf(things: readonly Standing[]): Point[] {
  let at = 0;
  return things.flatMap(({ across, thickness, round, discs }): Point[] => {
    const x = at;
    at += across.value;
    if (discs) return discs.middles.flatMap(([u, v]) => disc(x + u, v, discs.diameter / 2));
    if (!round)
      return [
        [x, 0],
        [at, 0],
        [at, thickness.value],
        [x, thickness.value],
      ];
    const r = across.value / 2;
    return disc(x + r, r, r);
  });
}

/** The widest of a number of sizes, or the only one. */
export const widest = (label: string, sizes: Derived[]): Derived =>
  sizes.length === 1 ? sizes[0]! : largest(label, sizes);

/** A thing of a room, as the fitting is told that it stands.
 * @param shows how much is meant to stand out, mm */
export const stoodOf = ({ line, count, above }: Standing, shows?: Derived): Stood => ({
  line,
  count,
  ...(above !== undefined && { above }),
  ...(shows && shows.value > 0 && { shows }),
});
