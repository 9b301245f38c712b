import { half } from '../../derived/constants.ts';
import {
  byRule,
  given,
  largest,
  minus,
  product,
  smallest,
  sum,
  times,
  type Derived,
  type Rule,
} from '../../derived/derived.ts';
import { through } from '../../geometry/panel.ts';
import type { Outline } from '../../geometry/outline.ts';
import type { Point } from '../../geometry/perimeter.ts';
import { BACK, crease, SQUARE } from '../../pieces/bend.ts';
import { patch } from '../../pieces/patch.ts';
import type { Bend, PieceDraft, StitchLine } from '../../pieces/piece.ts';
import { asCut } from '../../pieces/strip.ts';
import type { BodyInputs } from '../body-kind.ts';
import { middleGap } from '../turning-gap.ts';
import { layers, sides, type Accordion, type AccordionLayer, type Layer, type Side } from './params.ts';
import { slanting } from './slanting.ts';
import { seamAllowance, zipSeam } from '../../shelves/rules/common-rules.ts';

const names: Record<Layer, string> = { shell: 'Shell', lining: 'Lining' };
const roleOf: Record<Layer, 'exterior' | 'lining'> = { shell: 'exterior', lining: 'lining' };

/** Front or back with its half of the base below it. Edges: `bottom`, (`right-base`), `right`, `top`, `left`, (`left-base`). */
export function panelOutline({ width, height, taper }: AccordionLayer, base: Derived): Outline {
  const [w, t] = [width.value, taper.value / 2];
  const low = base.value / 2 - t;
  const high = low + height.value;
  // a fan has no base: its sides begin in the bottom seam
  if (base.value === 0)
    return through([
      ['bottom', [t, 0]],
      ['right', [w - t, 0]],
      ['top', [w, height.value]],
      ['left', [0, height.value]],
    ]);
  return through([
    ['bottom', [t, 0]],
    ['right-base', [w - t, 0]],
    ['right', [w - t, low]],
    ['top', [w, high]],
    ['left', [0, high]],
    ['left-base', [t, low]],
  ]);
}

/** The pleated side, flat. Edges: `bottom`, `right`, `top`, `left`. */
function gussetOutline(own: AccordionLayer, detail: Accordion): Outline {
  const [wide, aside, high] = [detail.gusset.value, asideOf(own, detail), gussetHeight(own, detail).value];
  return through([
    ['bottom', [aside, 0]],
    ['right', [wide - aside, 0]],
    ['top', [wide, high]],
    ['left', [0, high]],
  ]);
}

/** How much further in than its mouth a gusset begins at its foot, on each side, mm. */
const asideOf = ({ taper }: AccordionLayer, { foot, gusset, gussetFoot }: Accordion): number =>
  (foot === 'fan' ? gusset.value - gussetFoot.value : taper.value) / 2;

/** The side of a panel above the base, from there to its mouth, mm. */
export const sideOf = ({ height, taper }: AccordionLayer): number => Math.hypot(height.value, taper.value / 2);

const gussetRule: Rule = {
  id: 'accordion',
  formula: '√((side - below)² - aside²)',
  source: 'geometry: a fan whose sides are as long as what they are sewn to',
};

/** Of the gusset, flat and upright: that of a fan leans out to both sides, and begins below the mouth. mm */
export function gussetHeight(own: AccordionLayer, detail: Accordion): Derived {
  if (detail.foot === 'flat') return own.height;
  const side = sideOf(own) - detail.below.value;
  const high = Math.sqrt(Math.max(1, side ** 2 - asideOf(own, detail) ** 2));
  return byRule(gussetRule, 'gusset, upright', high, [own.height, detail.below, detail.gusset, detail.gussetFoot]);
}

/** Body pieces of both layers. */
export function bodyPieces(detail: Accordion, inputs: BodyInputs): PieceDraft[] {
  return layers.flatMap((layer) => [...panelPieces(layer, detail, inputs), ...gussetPieces(layer, detail, inputs)]);
}

function panelPieces(layer: Layer, detail: Accordion, { rules }: BodyInputs): PieceDraft[] {
  const own = detail[layer];
  const seam = rules.length(seamAllowance);
  const outline = panelOutline(own, detail.base);
  const fan = detail.foot === 'fan';
  const low = product('half the base', [sum('base', [detail.base, minus(own.taper)]), half]);
  const base = low.value;
  return (['front', 'back'] as const).map((which) => ({
    id: `body/${layer}-${which}`,
    name: `${names[layer]}, ${which}`,
    role: roleOf[layer],
    stitch: outline,
    width: own.width,
    height: fan ? own.height : sum('front and half the base', [own.height, low]),
    allowance: Object.fromEntries(outline.map(({ id }) => [id, seam])),
    spans: { across: ['left', 'right'], up: ['bottom', 'top'] },
    ...(detail.foot === 'flat' && alongBase(own, base, detail.school === 'wrapped')),
    // the flap hides the seam that is closed last
    ...(layer === 'shell' && which === 'front' && { gaps: [middleGap('top', own.width.value, rules)] }),
  }));
}

/** Where a panel goes on below as half of the base. */
function alongBase({ width, taper }: AccordionLayer, at: number, free: boolean): Pick<PieceDraft, 'folds' | 'bends'> {
  const [from, to]: [Point, Point] = [
    [taper.value / 2, at],
    [width.value - taper.value / 2, at],
  ];
  return { folds: [{ id: 'base', order: 1, kind: 'mountain', from, to }], bends: [crease(from, to, SQUARE, free)] };
}

function gussetPieces(layer: Layer, detail: Accordion, { rules }: BodyInputs): PieceDraft[] {
  const own = detail[layer];
  const seam = rules.length(seamAllowance);
  const outline = gussetOutline(own, detail);
  return sides.map((side) => ({
    id: `body/${layer}-gusset-${side}`,
    name: `${names[layer]}, gusset, ${side}`,
    role: roleOf[layer],
    stitch: outline,
    width: detail.gusset,
    height: gussetHeight(own, detail),
    allowance: Object.fromEntries(outline.map(({ id }) => [id, seam])),
    spans: { across: ['left', 'right'], up: ['bottom', 'top'] },
    bends: isPinched(detail) ? tucks(side, detail, own) : [],
    lines: [
      ...(layer === 'lining' ? dividerLines(side, detail) : []),
      ...(detail.school === 'wrapped' ? pinchLines(side, detail, own) : []),
    ],
  }));
}

/** Where a divider lies on a gusset, from the gusset's left: on the right gusset the front is on the left. */
const acrossOf = (side: Side, { gusset }: Accordion, fromFront: number): number =>
  side === 'right' ? fromFront : gusset.value - fromFront;

function dividerLines(side: Side, detail: Accordion): StitchLine[] {
  const high = gussetHeight(detail.lining, detail).value;
  return detail.dividers.map(({ onGusset, low }, index) => {
    return {
      id: `divider-${index + 1}`,
      from: [acrossOf(side, detail, low.value), 0],
      to: [acrossOf(side, detail, onGusset.value), high],
      label: `divider ${index + 1}`,
    };
  });
}

/** Whether something of a gusset goes round its dividers: on a flat base what is pinched, of a fan their edges at least. */
const isPinched = ({ foot, bites }: Accordion): boolean => foot === 'fan' || bites.top.value > 0;

/** Pinched round each divider the gusset goes inwards, back, and on. */
function tucks(side: Side, detail: Accordion, own: AccordionLayer): Bend[] {
  const height = gussetHeight(own, detail).value;
  return detail.dividers.flatMap(({ onGusset, low: at }) => {
    const upright = (low: number, high: number, angle: number): Bend =>
      crease(
        [acrossOf(side, detail, at.value + low), 0],
        [acrossOf(side, detail, onGusset.value + high), height],
        angle,
      );
    // the foot of a fan is taken by its pinches, the divider between them included
    const divider = detail.foot === 'fan' ? detail.dividerThickness.value / 2 : 0;
    const [bottom, top] = [detail.bites.bottom.value + divider, detail.bites.top.value + divider];
    return [upright(-bottom, -top, SQUARE), upright(0, 0, -BACK), upright(bottom, top, SQUARE)];
  });
}

/** The seams that pinch the gusset round each divider: they lean towards it on the way down. */
function pinchLines(side: Side, detail: Accordion, own: AccordionLayer): StitchLine[] {
  const { bites, dividerThickness } = detail;
  const height = gussetHeight(own, detail).value;
  return detail.dividers.flatMap(({ onGusset, low }, index) =>
    ([-1, 1] as const).map((way): StitchLine => {
      const off = (bite: Derived) => way * (bite.value + dividerThickness.value / 2);
      return {
        id: `pinch-${index + 1}-${way < 0 ? 'before' : 'behind'}`,
        from: [acrossOf(side, detail, low.value + off(bites.bottom)), 0],
        to: [acrossOf(side, detail, onGusset.value + off(bites.top)), height],
        label: 'pinched',
      };
    }),
  );
}

/** Up to half a millimetre along the base is no edge of its own. */
export const LOW = 0.5;

const QUARTER = given('a quarter', 0.25, { kind: 'standard', path: 'quarter' }, 'ratio');
const slantRule: Rule = {
  id: 'accordion',
  formula: '√(height of the gusset² - taper²) + along the base',
  source: 'geometry: slanting sides as long as the gusset is high',
};

/** A side of a divider, as long as its line on the gusset of the lining, mm. */
function dividerSide(detail: Accordion, index: number): Derived {
  const high = gussetHeight(detail.lining, detail);
  const { onGusset, low } = detail.dividers[index]!;
  if (onGusset === low) return high;
  return slanting('side of the divider', high, sum('leans out by', [onGusset, minus(low)]));
}

/** A divider from the bottom seam up: along the base its sides are free, above they are caught in the gusset.
 * Edges: `bottom`, (`right-low`), `right`, `top`, `left`, (`left-low`). */
export function dividerOutline(detail: Accordion, index: number): { outline: Outline; top: Derived; high: Derived } {
  const { lining, shade, dividerTaper, dividers } = detail;
  const wide = sum('divider, at the bottom', [lining.width, minus(lining.taper), times(-2, shade)]);
  const taken = smallest('narrower at the top, each side', [
    dividerTaper,
    product('a quarter of its width', [wide, QUARTER]),
    product('a quarter of its height', [gussetHeight(lining, detail), QUARTER]),
  ]);
  const inset = taken.value;
  const reach = dividers[index]!.reach;
  const low = reach.value > LOW ? reach.value : 0;
  // its slanting sides are as long as its line on the gusset
  const side = dividerSide(detail, index);
  const rise = Math.sqrt(Math.max(1, side.value ** 2 - inset ** 2));
  const [w, top] = [wide.value, low + rise];
  const lower = (id: string, at: Point): [string, Point][] => (low > 0 ? [[id, at]] : []);
  return {
    outline: through([
      ['bottom', [0, 0]],
      ...lower('right-low', [w, 0]),
      ['right', [w, low]],
      ['top', [w - inset, top]],
      ['left', [inset, top]],
      ...lower('left-low', [0, low]),
    ]),
    top: sum('divider, at the top', [wide, times(-2, taken)]),
    high: byRule(slantRule, 'divider, high', top, [side, taken, reach]),
  };
}

/** Common practice: padding ends so far inside a divider's edges, clear of the gusset's stitching. */
const INSIDE = given('padding inside the edges', 2, {
  kind: 'standard',
  path: 'accordion/padding',
  source: 'common practice',
});

const LEAST_PADDING = given('least padding', 10, { kind: 'standard', path: 'accordion/leastPadding' });

/** What lies between the layers of a padded divider, above where it bends along the base. */
export const paddingPieces = (detail: Accordion): PieceDraft[] =>
  detail.dividers.map(({ reach }, index) => {
    const { top, high } = dividerOutline(detail, index);
    const low = reach.value > LOW ? [minus(reach)] : [];
    return patch({
      id: `body/divider-${index + 1}-padding`,
      name: `Padding of divider ${index + 1}`,
      role: 'base',
      width: largest('padding, wide', [
        LEAST_PADDING,
        sum('inside the stitching', [top, times(-2, detail.bites.top), times(-2, INSIDE)]),
      ]),
      height: sum('padding, high', [high, ...low, times(-2, INSIDE)]),
      seam: asCut,
    });
  });

/** Two layers for each divider. */
export function dividerPieces(detail: Accordion, { rules }: BodyInputs): PieceDraft[] {
  const seam = rules.length(seamAllowance);
  const top = detail.making === 'zipped' ? rules.length(zipSeam) : seam;
  return detail.dividers.map((_, index): PieceDraft => {
    const { outline, high } = dividerOutline(detail, index);
    return {
      id: `body/divider-${index + 1}`,
      name: `Divider ${index + 1}`,
      role: 'pocket',
      count: 2,
      stitch: outline,
      width: sum('divider, at the bottom', [detail.lining.width, minus(detail.lining.taper), times(-2, detail.shade)]),
      height: high,
      allowance: Object.fromEntries(outline.map(({ id }) => [id, id === 'top' ? top : id === 'bottom' ? seam : asCut])),
      spans: { across: ['left', 'right'], up: ['bottom', 'top'] },
      topArrow: true,
      note: 'Its sides are cut as they are: the gusset covers them.',
    };
  });
}
