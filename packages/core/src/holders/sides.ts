import { byRule, given, product, smallest, sum, times, type Derived, type Rule } from '../derived/derived.ts';
import { bundleOf } from '../geometry/bundle.ts';
import type { Point } from '../geometry/perimeter.ts';
import { cylinderHalfGirth, outlineHalfGirth, rectHalfGirth, tapeHalfGirth } from '../sizing/tube-width.ts';
import { girthDoubt } from '../contents/girth.ts';
import { HELD, isRound, sectionAs, sidesOf, together, type HeldContents, type Sides } from '../contents/held.ts';

/** Half of the way round one thing that goes in upright or lying: by the tape, by its section, or by its sides.
 * @param sides of it, mm
 * @param thickness of all that share its place, mm */
export function halfGirthOfOne(held: HeldContents, sides: Sides, thickness: Derived): Derived {
  const measured = measuredHalfGirth(held, sides, thickness);
  // whatever the tape says, nothing is narrower all round than it is wide
  return measured.value < sides.across.value ? sides.across : measured;
}

function measuredHalfGirth(held: HeldContents, { across }: Sides, thickness: Derived): Derived {
  const { item, line, count } = held;
  if (line.orientation === 'upright' && count === 1) {
    const half = traced(held, across, thickness);
    if (half) return half;
  }
  if (isRound(item, line)) return cylinderHalfGirth(across, one);
  const radius = count === 1 && item.edgeRadius ? Math.min(item.edgeRadius, thickness.value / 2, across.value / 2) : 0;
  if (radius === 0) return rectHalfGirth(across, thickness);
  const edge = given('edge radius', radius, { kind: 'item', path: `items/${item.id}/edgeRadius`, source: item.source });
  return rectHalfGirth(across, thickness, edge);
}

/** Half of the way round a thing by the tape, or by its section, as large as others may be; nothing where neither was measured,
 * or the tape cannot be right. */
function traced({ item, left }: HeldContents, across: Derived, thickness: Derived): Derived | undefined {
  const from = (key: 'girth' | 'tolerance') =>
    ({ kind: 'item', path: `items/${item.id}/${key}`, source: item.source }) as const;
  const measured = () => {
    // the tape went round all of it
    if (item.girth && !left && girthDoubt(item) !== 'impossible')
      return tapeHalfGirth(given('round it, by the tape', item.girth, from('girth')));
    return item.section ? outlineHalfGirth(sectionAs(item.section, across.value, thickness.value)) : undefined;
  };
  const half = measured();
  // a section is drawn round sides that are as large as they may be
  if (!half || !item.tolerance || half.op !== 'product') return half;
  const larger = given('may be larger by', item.tolerance, from('tolerance'));
  return sum('half its girth at most', [half, times(2, larger)]);
}
const one = given('side by side', 1, { kind: 'standard', path: 'one' }, 'count');

const mayShow = given(
  'share that may stand out',
  1 - HELD.value,
  { kind: 'standard', path: 'held', source: 'common practice' },
  'ratio',
);

/** Several equal round things in one place, gathered into a heap. All mm. */
export interface Heap {
  across: Derived;
  thickness: Derived;
  halfGirth: Derived;
  /** Their middles, from the lower left corner of the box round all of them. */
  middles: readonly Point[];
}

const heapRule = (formula: string): Rule => ({
  id: 'tube-width',
  formula,
  source: 'geometry: the tightest heap of discs',
});

/** @param count of things, more than one
 * @param diameter of each, mm */
export function heapOf(name: string, count: number, diameter: Derived): Heap {
  const { width, height, perimeter, centres } = bundleOf(count);
  const told = given('things in the heap', count, { kind: 'standard', path: 'heap' }, 'count');
  const by = (label: string, formula: string, diameters: number) =>
    byRule(heapRule(formula), label, diameters * diameter.value, [diameter, told]);
  return {
    across: by(`${name}, ${count} in a heap, across`, 'width of the heap × diameter', width),
    thickness: by(`${name}, ${count} in a heap, thick`, 'height of the heap × diameter', height),
    halfGirth: by('half round the heap', 'half of the way round the discs × diameter', perimeter / 2),
    middles: centres.map(([x, y]): Point => [x * diameter.value, y * diameter.value]),
  };
}

/** So much of a thing is held at least, mm. */
export const mostOf = (deep: Derived): Derived => product('most of it', [deep, HELD]);

/** How much of a thing stands out of its mouth: what is wished, but never so much that it falls out. mm
 * @param deep length of the thing, down into the pocket */
export const standsOut = (deep: Derived, wished: Derived): Derived =>
  smallest('shows above the mouth', [wished, product('at most 45 % of it', [deep, mayShow])]);

/** Some of one thing lying on each other in a pocket. All mm. */
export interface Sheaf {
  line: string;
  name: string;
  count: number;
  across: Derived;
  deep: Derived;
  /** Of all together. */
  thickness: Derived;
  /** Of one. */
  one: Derived;
  radius: number;
}

/** Everything of a contents line that shares a pocket, on one pile; round things in a heap. */
export function sheafOf(held: HeldContents): Sheaf {
  const { line, item, name, count } = held;
  const { across, deep, thickness: one } = sidesOf(held);
  const radius = item.planRadius ?? 0;
  const pile =
    isRound(item, line) && count > 1 ? heapOf(name, count, across) : { across, thickness: together(name, count, one) };
  return { line: line.id, name, count, across: pile.across, deep, thickness: pile.thickness, one, radius };
}

export { isRound, sidesOf, together, type Sides };
