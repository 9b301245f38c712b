import { half } from '../../derived/constants.ts';
import { byRule, given, product, sum, times, type Derived, type Rule } from '../../derived/derived.ts';
import { flatBackPocket } from '../../sizing/flat-back-pocket.ts';
import { loop } from '../../sizing/loop.ts';
import type { HoldStraps } from './params.ts';

export const BESIDE = given('stitched beside the thing by', 4, {
  kind: 'standard',
  path: 'straps/beside',
  source: 'common practice',
});
/** Common practice: elastic over a thing is cut a tenth shorter than its way. */
const takeUp = given('take-up', 0.1, { kind: 'standard', path: 'straps/takeUp', source: 'common practice' }, 'ratio');
const shorter: Rule = { id: 'elastic-band', formula: 'way over the thing × (1 - 0.1)', source: 'common practice' };

type Over = Pick<HoldStraps, 'round' | 'over' | 'elastic' | 'load'>;

/** How far apart both ends of a strap are stitched, if they lie beside the thing. mm */
export const besideThing = ({ over, elastic }: Pick<Over, 'over' | 'elastic'>): Derived =>
  sum('strap, stitching to stitching', [over, elastic.thick, times(2, BESIDE)]);

/** Elastic at rest that goes over the thing from one end of a span to the other, mm. */
export function relaxedOver({ round, over, elastic, load }: Over, span: Derived): Derived {
  const { thickness } = load;
  const { thick } = elastic;
  const way = round
    ? loop({ diameter: thickness, halfSpan: product('half of the span', [span, half]), strapThickness: thick, takeUp })
        .pathLength
    : flatBackPocket({ width: over, thickness, backSpan: span, frontThickness: thick }).frontLength;
  return byRule(shorter, 'elastic at rest', way.value * (1 - takeUp.value), [way]);
}
