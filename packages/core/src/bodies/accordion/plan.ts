import { wallReach, wallsReach } from '../../stacks/reach.ts';
import { half, nothing } from '../../derived/constants.ts';
import {
  given,
  largest,
  minus,
  named,
  product,
  rounded,
  smallest,
  sum,
  times,
  type Derived,
} from '../../derived/derived.ts';
import type { Params } from '../../document/design-document.ts';
import { choiceParam } from '../../holders/params.ts';
import { accordion as accordionRule } from '../../sizing/accordion.ts';
import type { BodyInputs } from '../body-kind.ts';
import { boxTurns } from '../lining-turns.ts';
import { askedByWalls, thickIn, type Held } from './held.ts';
import { onGussetOf, pinchesOf } from './pinched.ts';
import { slanting } from './slanting.ts';
import { accordionParams, type Accordion, type AccordionLayer, type Divider } from './params.ts';
import { accordionMargin, biteBottom, biteTop, dividerTaper } from './rules.ts';

export const common = (label: string, value: number, path: string) =>
  given(label, value, { kind: 'standard', path: `accordion/${path}`, source: 'common practice' });
export const LEAST = { width: common('least width', 80, 'width'), height: common('least height', 60, 'height') };
const THIN = common('least compartment', 4, 'compartment');
export const SHADE = common('narrower than the stitch line, each side', 1, 'shade');

/** Between walls on a flat base: legs from what the compartments hold, the gusset from its legs, the body round them. */
export function planFile(params: Params, held: Held, inputs: BodyInputs): Accordion {
  const { rules, grid, pin, usual, above = nothing } = inputs;
  const { school, making, dividerThickness, bites } = makingOf(params, inputs);
  const walls = wallsReach(inputs);
  const below = wallReach(inputs, 'below');
  const margin = rules.length(accordionMargin);
  const faces = held.compartments;
  const pinches = faces.length - 1;
  const compartmentsWith = (taper: Derived) =>
    faces.map((_, index) =>
      largest(`compartment ${index + 1}`, [
        usual(THIN),
        // front and back are lined, and the lining is narrower at its base
        index === 0 || index === pinches
          ? sum('things and lining', [
              thickIn(held, index),
              inputs.reach.lining,
              product('half of the taper', [taper, half]),
            ])
          : thickIn(held, index),
      ]),
    );
  const across = most(
    'the widest',
    faces.map(({ sizes }) => sizes.across),
  );
  const sizedFor = (compartments: Derived[]) =>
    accordionRule({ compartments, margin, bite: bites.top, dividerThickness, seam: nothing, innerWidth: nothing });
  const baseOf = (gusset: Derived) => sum('base, front to back', [gusset, times(-2 * pinches, bites.bottom)]);
  // as narrow as the lining may become on a base that grows with it
  const straight = baseOf(sizedFor(compartmentsWith(nothing)).gussetCutWidth);
  const compartments = compartmentsWith(boxTurns(inputs, sum('twice the base', [times(2, straight)])).taper);
  const sized = sizedFor(compartments);
  const gusset = pin('body/gusset', rounded(named('gusset', sized.gussetCutWidth), grid, 'up'));
  const pleat = largest('the deepest pleat', sized.legs);
  const base = baseOf(gusset);
  const turns = boxTurns(inputs, base);
  const width = pin(
    'body/width',
    rounded(
      largest('width', [
        usual(LEAST.width),
        sum('things, pleats and walls', [across, times(2, pleat), walls]),
        ...askedByWalls(held, 'width', turns.taper, inputs),
        sum('things between dividers, in the lining', [
          across,
          times(2, inputs.reach.lining),
          turns.taper,
          times(2, SHADE),
          times(2, rules.length(dividerTaper)),
        ]),
      ]),
      grid,
      'up',
    ),
  );
  const up = most(
    'the highest',
    faces.map(({ sizes }) => sizes.up),
  );
  const inLining = sum('things and base, in the lining', [up, inputs.reach.lining, above]);
  const taper = rules.length(dividerTaper);
  const slant = slanting('along the side of a divider', inLining, taper);
  const height = pin(
    'body/height',
    rounded(
      largest('height', [
        usual(LEAST.height),
        sum('things and base', [up, below, above]),
        ...askedByWalls(held, 'height', turns.shallower, inputs),
        // a divider slants as long as the gusset is high, and ends lower
        sum('things beside a divider', [slant, turns.shallower]),
      ]),
      grid,
      'up',
    ),
  );
  const shell: AccordionLayer = { width, height, taper: nothing };
  return {
    foot: 'flat',
    dividers: dividersOf({ legs: sized.legs, bites, dividerThickness, base, gusset }),
    making,
    school,
    shell,
    lining: liningOf(shell, base, inputs),
    gusset,
    gussetFoot: gusset,
    below: nothing,
    base,
    legs: sized.legs,
    bites,
    dividerThickness,
    shade: SHADE,
    dividerTaper: taper,
  };
}

/** The largest of sizes that only some compartments have. mm */
export const most = (label: string, sizes: (Derived | undefined)[]): Derived =>
  largest(label, [nothing, ...sizes.flatMap((size) => size ?? [])]);

/** How dividers and gussets are made, with what that takes. */
export function makingOf(
  params: Params,
  inputs: BodyInputs,
): Pick<Accordion, 'school' | 'making' | 'dividerThickness' | 'bites'> {
  const school = choiceParam(params, 'school', accordionParams.school);
  const making = choiceParam(params, 'dividers', accordionParams.dividers);
  const padding = making === 'padded' ? [inputs.stacks.base] : [];
  const dividerThickness = sum('divider, all layers', [times(2, inputs.stacks.pocket), ...padding]);
  return { school, making, dividerThickness, bites: bitesOf(school, inputs) };
}

function bitesOf(school: Accordion['school'], { rules }: BodyInputs): Accordion['bites'] {
  if (school === 'joined') return { top: nothing, bottom: nothing };
  const top = rules.length(biteTop);
  return { top, bottom: smallest('bite at the bottom', [rules.length(biteBottom), top]) };
}

/** Each divider lies in the middle of its pinch, which stands upright: the bites grow alike on both sides of it. */
function dividersOf({
  legs,
  bites,
  dividerThickness,
  base,
  gusset,
}: Pick<Accordion, 'legs' | 'bites' | 'dividerThickness' | 'base' | 'gusset'>): Divider[] {
  // what rounding added to the gusset is shared by its two ends
  const spare = product('half of what rounding added', [
    sum('rounding', [
      gusset,
      ...legs.map((leg) => times(-2, leg)),
      ...pinchesOf(-(legs.length - 1), bites.top, dividerThickness),
    ]),
    half,
  ]);
  return legs.slice(0, -1).map((_, index): Divider => {
    const onGusset = onGussetOf(index, spare, legs, bites.top, dividerThickness);
    const onBase = sum(`divider ${index + 1}, on the base`, [onGusset, times(-2 * (index + 0.5), bites.bottom)]);
    const fromMiddle = sum('from the bottom seam', [onBase, minus(product('half the base', [base, half]))]);
    // before the seam or behind it
    const away = largest('along the base', [fromMiddle, sum('the other way', [minus(fromMiddle)])]);
    return { onGusset, low: onGusset, onBase, reach: away };
  });
}

/** A shade smaller all round, so that the outer seams roll in; at the mouth both are alike. */
function liningOf({ width, height }: AccordionLayer, base: Derived, inputs: BodyInputs): AccordionLayer {
  const { taper, shallower } = boxTurns(inputs, base);
  return { width, height: sum('height of the lining', [height, minus(shallower)]), taper };
}
