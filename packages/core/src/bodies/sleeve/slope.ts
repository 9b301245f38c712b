import { half, nothing } from '../../derived/constants.ts';
import { given, halfOf, largest, minus, product, rounded, smallest, sum, type Derived } from '../../derived/derived.ts';
import type { MeasuredFace } from '../../faces/measure.ts';
import type { GridId } from '../../units/grid.ts';
import { cornerOf } from './beneath.ts';
import type { Sleeve } from './params.ts';

const LEAST = given('of the mouth and of the sides', 40, {
  kind: 'standard',
  path: 'sleeve/slope',
  source: 'common practice',
});

/** What stands out of the mouth sticks out anyway. */
const SMALL = given('a corner at all', 10, { kind: 'standard', path: 'sleeve/slopeLeast', source: 'common practice' });

/** Upper corners that are cut off, so that the mouth has three sides and the corners of what stands in it stick out. All mm. */
export interface Slope {
  /** How far in and how far down each is cut. */
  slope: Derived;
  /** How much of each edge of the thing sticks out, from its corner. */
  shows: Derived;
}

/** The thing stands in the middle on the bottom: what lies beside it and above it is cut off too.
 * @param wished how much of each edge is to stick out
 * @param reach from the things to the outermost layer
 * @param caught what must be left of the sides, in a sum; nothing but a little if nothing is sewn to them */
export function slopeFor(
  wished: Derived,
  sleeve: Omit<Sleeve, keyof Slope>,
  { inside, reach, caught, grid }: { inside: MeasuredFace; reach: Derived; caught: Derived[]; grid: GridId },
): Slope {
  const { width, height } = sleeve;
  const beside = halfOf('beside the thing', sum('both sides', [width, minus(inside.footing)]));
  const above = cornerOf(sleeve, inside, reach);
  const cutOff = largest('cut off', [SMALL, sum('cut off beside the mouth', [wished, beside, above])]);
  const asked = rounded(cutOff, grid, 'up');
  const most = smallest('as far as there is cloth', [
    product('half the mouth', [sum('mouth', [width, minus(LEAST)]), half]),
    sum('side', [height, ...(caught.length > 0 ? caught : [LEAST]).map(minus)]),
  ]);
  const slope = asked.value <= most.value ? asked : rounded(largest('cut off', [nothing, most]), grid, 'down');
  return {
    slope,
    shows: largest('sticks out', [nothing, sum('beyond the cut', [slope, minus(beside), minus(above)])]),
  };
}
