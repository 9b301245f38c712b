import { sum, times, type Addend, type Derived } from '../../derived/derived.ts';

/** What so many pinches take of the gusset: a bite at both sides of each divider, and the divider. mm */
export const pinchesOf = (count: number, bite: Derived, thickness: Derived): Addend[] => [
  times(2 * count, bite),
  times(count, thickness),
];

/** Where a divider lies on the flat gusset: in the middle of its pinch, behind the pleats before it. mm
 * @param spare what rounding added to the gusset before the first pleat, mm
 * @param legs of the pleats, half of each, mm */
export const onGussetOf = (
  index: number,
  spare: Derived,
  legs: readonly Derived[],
  bite: Derived,
  thickness: Derived,
): Derived =>
  sum(`divider ${index + 1}, on the gusset`, [
    spare,
    ...legs.slice(0, index + 1).map((leg) => times(2, leg)),
    ...pinchesOf(index + 0.5, bite, thickness),
  ]);
