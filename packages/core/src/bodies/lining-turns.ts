import { half, nothing } from '../derived/constants.ts';
import {
  given,
  largest,
  product,
  rounded,
  roundedAmount,
  smallest,
  sum,
  times,
  type Derived,
} from '../derived/derived.ts';
import type { BodyInputs } from './body-kind.ts';
import { liningSchool, liningShorter, type LiningSchool } from './lining-rules.ts';

const atLeastOne = given('at least', 1, { kind: 'standard', path: 'box/turn', source: 'common practice' });

/** How much smaller the lining of a box is than its shell, so that it lies inside: narrower at the base in both directions,
 * none at the mouth, where both are sewn together; and less deep. By the distance of the mid-lines at each wall, or by a set
 * amount. mm
 * @param shortest side of the base: a lining is never less than half of it there */
export function boxTurns(
  { rules, stacks, grid }: BodyInputs,
  shortest: Derived,
): { taper: Derived; shallower: Derived } {
  const set = roundedAmount(rules.length(liningShorter), grid);
  const apart = sum('shell and lining', [stacks.exterior, stacks.lining]);
  const computed = (label: string, of: Derived) => rounded(largest(label, [of, atLeastOne]), grid, 'up');
  const turns: Record<LiningSchool, [taper: Derived, shallower: Derived]> = {
    same: [nothing, nothing],
    shorter: [nothing, set],
    deeper: [nothing, set],
    tapered: [sum('both sides', [times(2, set)]), nothing],
    computed: [
      computed('lining narrower at the base', apart),
      computed('lining less deep', product('half of both', [apart, half])),
    ],
  };
  const [wished, shallower] = turns[rules.choice(liningSchool)];
  const most = product('half of the base', [shortest, half]);
  const taper = wished.value > most.value ? smallest('lining narrower at the base', [wished, most]) : wished;
  return { taper, shallower };
}
