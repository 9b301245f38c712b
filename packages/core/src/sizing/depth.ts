import { addendsOf, byRule, halfOf, largest, minus, sum, times, type Derived, type Rule } from '../derived/derived.ts';
import { nothing } from '../derived/constants.ts';
import { clothTurn } from './cloth-turn.ts';

const rule = (formula: string): Rule => ({
  id: 'depth',
  formula,
  source: 'geometry: perimeter of a parallel convex body (Steiner), lengthwise',
});

/** A thing that stands in a pocket, and the walls round it. All mm. */
export interface Sunk {
  /** How far it goes down, with its ease; of what is enclosed, all of it. */
  sunk: Derived;
  /** From front to back. */
  thickness: Derived;
  /** From the thing to the middle of the outermost layer that does not give. */
  reach: Derived;
}

const turn = (label: string, quarters: 1 | 2, reach: Derived): Derived => clothTurn(label, quarters, reach, 'depth');

/** From the bottom line to the mouth, along either wall, where both give: half of what its thickness takes below, and the cloth
 * going round its lower edge. mm */
export const openDepth = ({ sunk, thickness, reach }: Sunk): Derived =>
  sum('bottom to mouth', [
    ...addendsOf(sunk),
    halfOf('half of its thickness', thickness),
    turn('cloth going under it', 1, reach),
  ]);

/** From the bottom line to where front and back meet above an enclosed thing, along either wall, where both give. mm */
export const closedDepth = ({ sunk, thickness, reach }: Sunk): Derived =>
  sum('bottom to where the walls meet', [
    ...addendsOf(sunk),
    thickness,
    turn('cloth going over and under it', 2, reach),
  ]);

/** From the bottom line to the mouth along the front of a pocket whose back stays flat. mm */
export const flatBackDepth = ({ sunk, thickness, reach }: Sunk): Derived =>
  sum('front, bottom to mouth', [...addendsOf(sunk), thickness, turn('cloth going under it', 1, reach)]);

/** From the bottom line to where front and back meet above an enclosed thing, along the front, where the back stays flat. mm */
export const flatBackClosedDepth = ({ sunk, thickness, reach }: Sunk): Derived =>
  sum('front, bottom to where it is closed', [
    ...addendsOf(sunk),
    times(2, thickness),
    turn('cloth going over and under it', 2, reach),
  ]);

/** From the edge of a boxed base to the mouth: what is deeper than the base, or wider than the face above it, takes half of that. mm
 * @param over by how much a thing is deeper than the base, or wider than the face; less than nothing if it is not */
export const boxedDepth = (sunk: Derived, reach: Derived, over: readonly Derived[]): Derived => {
  const beyond = largest('stands over the base', [nothing, ...over]);
  return sum('base to mouth', [...addendsOf(sunk), halfOf('half of it', beyond), reach]);
};

/** From the edge of a boxed base to where its walls meet above an enclosed thing: they lean in over it. mm
 * @param base depth of the base, mm */
export function boxedClosedDepth({ sunk, thickness, reach }: Sunk, base: Derived): Derived {
  const spare = Math.max(0, base.value - thickness.value) / 2;
  const over = Math.max(0, thickness.value - base.value) / 2;
  const leaning = byRule(
    rule('√(sunk² + ((base - thickness) / 2)²)'),
    'along the leaning wall',
    Math.hypot(sunk.value, spare) + over,
    [sunk, base, thickness],
  );
  return sum('base to where the walls meet', [
    leaning,
    halfOf('half of its thickness', thickness),
    reach,
    turn('cloth going over it', 1, reach),
  ]);
}

/** How deep an enclosed thing may be on a boxed base: the inverse of `boxedClosedDepth`. mm
 * @param wall from the edge of the base to where the walls meet */
export function sunkIn(wall: Derived, { thickness, reach }: Omit<Sunk, 'sunk'>, base: Derived): Derived {
  const over = Math.max(0, thickness.value - base.value) / 2;
  const spare = Math.max(0, base.value - thickness.value) / 2;
  const leaning = wall.value - thickness.value / 2 - (1 + Math.PI / 2) * reach.value - over;
  const value = Math.sqrt(Math.max(0, leaning * leaning - spare * spare));
  return byRule(rule('√(wall² - ((base - thickness) / 2)²)'), 'room below the walls', value, [
    wall,
    thickness,
    reach,
    base,
  ]);
}

/** By how much one size is more than another. mm */
export const beyond = (label: string, size: Derived, room: Derived): Derived => sum(label, [size, minus(room)]);
