import { byRule, largest, type Derived, type Rule } from '../../derived/derived.ts';
import { hullPerimeter, type Point } from '../../geometry/perimeter.ts';
import type { HeldContents, ParamSpec } from '../holder-kind.ts';
import { halfGirthOfOne, isRound, sidesOf, together } from '../sides.ts';
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
  across: Derived;
  /** Down from the mouth. */
  along: Derived;
  thickness: Derived;
  round: boolean;
  radius: number;
  halfGirth: Derived;
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
  walls: { front: Derived; back: Derived };
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
    const thickness = round ? across : together(name, count, one);
    const halfGirth = halfGirthOfOne({ ...held, count }, sides, thickness);
    result.push({
      line: line.id,
      name,
      across,
      along: deep,
      thickness,
      round,
      radius: item.planRadius ?? 0,
      halfGirth,
    });
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

/** Half of the girth of things standing side by side on one back. */
export function halfGirthOf(things: readonly Standing[]): Derived {
  const [first] = things;
  if (things.length === 1 && first) return first.halfGirth;
  let at = 0;
  const points = things.flatMap(({ across, thickness, round }): Point[] => {
    const x = at;
    at += across.value;
    if (!round)
      return [
        [x, 0],
        [at, 0],
        [at, thickness.value],
        [x, thickness.value],
      ];
    const r = across.value / 2;
    return Array.from({ length: FINE }, (_, i): Point => {
      const angle = (2 * Math.PI * i) / FINE;
      return [x + r + r * Math.cos(angle), r + r * Math.sin(angle)];
    });
  });
  const inputs = things.flatMap(({ across, thickness, round }) => (round ? [across] : [across, thickness]));
  return byRule(hullRule, 'half the girth of all', hullPerimeter(points) / 2, inputs);
}

/** The widest of a number of sizes, or the only one. */
export const widest = (label: string, sizes: Derived[]): Derived =>
  sizes.length === 1 ? sizes[0]! : largest(label, sizes);
