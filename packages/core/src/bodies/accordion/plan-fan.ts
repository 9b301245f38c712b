import { nothing } from '../../derived/constants.ts';
import { halfOf, largest, minus, named, rounded, sum, times } from '../../derived/derived.ts';
import type { Params } from '../../document/design-document.ts';
import { wallReach, wallsReach } from '../../stacks/reach.ts';
import { accordion as accordionRule } from '../../sizing/accordion.ts';
import { clothTurn } from '../../sizing/cloth-turn.ts';
import type { BodyInputs } from '../body-kind.ts';
import { boxTurns } from '../lining-turns.ts';
import { askedByWalls, sewnOnto, thickIn, thingsAcross, type Held } from './held.ts';
import { onGussetOf, pinchesOf } from './pinched.ts';
import { slanting } from './slanting.ts';
import type { Accordion, AccordionLayer, Divider } from './params.ts';
import { common, LEAST, makingOf, most, SHADE } from './plan.ts';
import { easeCavityAcross } from '../../holders/cavity/rules.ts';
import { accordionMargin, dividerTaper, fanBelow, fanOpens } from './rules.ts';

const HAND = common('least opening', 4, 'compartment');

/** Front, back and all dividers meet in one seam; the gussets fan out above it. What lies in it goes round there as in a flat bag, and
 * closed the pleats lie beside it. */
export function planFan(params: Params, held: Held, inputs: BodyInputs): Accordion {
  const { rules, grid, pin, usual, above = nothing } = inputs;
  const made = makingOf(params, inputs);
  const { bites, dividerThickness } = made;
  const faces = held.compartments;
  const pinches = faces.length - 1;
  const margin = rules.length(accordionMargin);
  const taper = rules.length(dividerTaper);
  const thicknesses = faces.map((_, index) => thickIn(held, index));
  const opens = largest('opens at the mouth by', [rules.length(fanOpens), usual(HAND)]);
  const compartments = thicknesses.map((thick, index) =>
    largest(`compartment ${index + 1}`, [thick, sum('open', [opens, times(-2, margin)])]),
  );
  const { legs, gussetCutWidth } = accordionRule({
    compartments,
    margin,
    bite: bites.top,
    dividerThickness,
    seam: nothing,
    innerWidth: nothing,
  });
  const gusset = pin('body/gusset', rounded(named('gusset', gussetCutWidth), grid, 'up'));
  const gussetFoot = sum('gusset, at its foot', pinchesOf(pinches, bites.bottom, dividerThickness));
  const spare = halfOf('half of what rounding added', sum('rounding', [gusset, minus(gussetCutWidth)]));
  const pleat = sum('the deepest pleat', [largest('deepest', legs), spare]);
  const across = most('the widest', [
    ...faces.map(({ sizes }) => sizes.across),
    ...sewnOnto(held).map((wall) => thingsAcross(wall, rules.length(easeCavityAcross))),
  ]);
  const up = most(
    'the highest',
    faces.map(({ sizes }) => sizes.up),
  );
  const all = sum('all of it, and the dividers', [...thicknesses, times(pinches, dividerThickness)]);
  const reach = wallReach(inputs, 'around');
  const round = clothTurn('cloth going round', 2, reach);
  const turns = boxTurns(inputs, usual(LEAST.width));
  // a pleat begins beside what pinches it: at both sides of a compartment in the middle, at one of the first and the last
  const beside = sum('pinched beside a divider', [
    bites.top,
    taper,
    SHADE,
    halfOf('half of it', dividerThickness),
    halfOf('half of what its lining is narrower', turns.taper),
  ]);
  const width = pin(
    'body/width',
    rounded(
      largest('width', [
        usual(LEAST.width),
        ...faces.map(({ sizes }, index) =>
          sum(`things, pleats and walls of compartment ${index + 1}`, [
            sizes.across ?? nothing,
            times(2, pleat),
            times(index === 0 || index === pinches ? 1 : 2, beside),
            wallsReach(inputs),
          ]),
        ),
        ...askedByWalls(held, 'width', turns.taper, inputs),
        sum('all of it at the foot', [across, all, round, turns.taper, times(2, SHADE), times(2, taper)]),
      ]),
      grid,
      'up',
    ),
  );
  const below = rules.length(fanBelow);
  const aside = halfOf('the gusset leans out by', sum('wider at the top', [gusset, minus(gussetFoot)]));
  const under = clothTurn('cloth under it', 1, reach);
  const stands = sum('things, and what goes under them', [up, halfOf('half of all of it', all), under, above]);
  const height = pin(
    'body/height',
    rounded(
      largest('height', [
        usual(LEAST.height),
        ...askedByWalls(held, 'height', turns.shallower, inputs),
        // common practice: a fan that opens wider than it is high does not lie flat again
        usual(sum('as high as the fan is wide', [gusset, minus(gussetFoot), below])),
        sum('beside a divider', [
          slanting('along the gusset', slanting('along a divider', stands, taper), aside),
          below,
          turns.shallower,
        ]),
      ]),
      grid,
      'up',
    ),
  );
  const shell: AccordionLayer = { width, height, taper: nothing };
  return {
    ...made,
    foot: 'fan',
    dividers: legs.slice(0, -1).map((_, index): Divider => {
      return {
        onGusset: onGussetOf(index, spare, legs, bites.top, dividerThickness),
        low: sum(`divider ${index + 1}, at the foot`, [
          aside,
          ...pinchesOf(index + 0.5, bites.bottom, dividerThickness),
        ]),
        onBase: nothing,
        reach: nothing,
      };
    }),
    shell,
    lining: { ...shell, taper: turns.taper, height: sum('height of the lining', [height, minus(turns.shallower)]) },
    gusset,
    gussetFoot,
    below,
    base: nothing,
    legs,
    shade: SHADE,
    dividerTaper: taper,
  };
}
