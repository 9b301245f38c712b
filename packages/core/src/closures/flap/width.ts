import { given, product, roundedAmount, smallest, sum, times, type Derived } from '../../derived/derived.ts';
import type { BodyInputs } from '../../bodies/body-kind.ts';

/** A narrower flap would not cover. */
const sixth = given('sixth', 1 / 6, { kind: 'standard', path: 'flap/sixth' }, 'ratio');

/** How wide a flap is beside the edge that it is caught in, mm.
 * @param wished by how much narrower at each side, mm; at most a sixth of the edge */
export function flapWidth(edge: Derived, wished: Derived, grid: BodyInputs['grid']): Derived {
  const inset = smallest('narrower by', [wished, product('a sixth of the opening', [edge, sixth])]);
  return sum('flap width', [edge, times(-2, roundedAmount(inset, grid))]);
}
