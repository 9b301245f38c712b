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
import { seamAllowance, zipSeam } from '../../shelves/rules/common-rules.ts';

const names: Record<Layer, string> = { shell: 'Shell', lining: 'Lining' };
const roleOf: Record<Layer, 'exterior' | 'lining'> = { shell: 'exterior', lining: 'lining' };

/** Front or back with its half of the base below it. Edges: `bottom`, `right-base`, `right`, `top`, `left`, `left-base`. */
export function panelOutline({ width, height, taper }: AccordionLayer, base: Derived): Outline {
  const [w, t] = [width.value, taper.value / 2];
  const low = base.value / 2 - t;
  const high = low + height.value;
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
const gussetOutline = ({ height, taper }: AccordionLayer, gusset: Derived): Outline =>
  through([
    ['bottom', [taper.value / 2, 0]],
    ['right', [gusset.value - taper.value / 2, 0]],
    ['top', [gusset.value, height.value]],
    ['left', [0, height.value]],
  ]);

/** Body pieces of both layers. */
export function bodyPieces(detail: Accordion, inputs: BodyInputs): PieceDraft[] {
  return layers.flatMap((layer) => [...panelPieces(layer, detail, inputs), ...gussetPieces(layer, detail, inputs)]);
}

function panelPieces(layer: Layer, detail: Accordion, { rules }: BodyInputs): PieceDraft[] {
  const own = detail[layer];
  const seam = rules.length(seamAllowance);
  const outline = panelOutline(own, detail.base);
  const low = product('half the base', [sum('base', [detail.base, minus(own.taper)]), half]);
  const base = low.value;
  return (['front', 'back'] as const).map((which) => ({
    id: `body/${layer}-${which}`,
    name: `${names[layer]}, ${which}`,
    role: roleOf[layer],
    stitch: outline,
    width: own.width,
    height: sum('front and half the base', [own.height, low]),
    allowance: Object.fromEntries(outline.map(({ id }) => [id, seam])),
    spans: { across: ['left', 'right'], up: ['bottom', 'top'] },
    folds: [
      {
        id: 'base',
        order: 1,
        kind: 'mountain' as const,
        from: [own.taper.value / 2, base] as Point,
        to: [own.width.value - own.taper.value / 2, base] as Point,
      },
    ],
    bends: [
      crease(
        [own.taper.value / 2, base],
        [own.width.value - own.taper.value / 2, base],
        SQUARE,
        detail.school === 'wrapped',
      ),
    ],
    // the flap hides the seam that is closed last
    ...(layer === 'shell' && which === 'front' && { gaps: [middleGap('top', own.width.value, rules)] }),
  }));
}

function gussetPieces(layer: Layer, detail: Accordion, { rules }: BodyInputs): PieceDraft[] {
  const own = detail[layer];
  const seam = rules.length(seamAllowance);
  const outline = gussetOutline(own, detail.gusset);
  return sides.map((side) => ({
    id: `body/${layer}-gusset-${side}`,
    name: `${names[layer]}, gusset, ${side}`,
    role: roleOf[layer],
    stitch: outline,
    width: detail.gusset,
    height: own.height,
    allowance: Object.fromEntries(outline.map(({ id }) => [id, seam])),
    spans: { across: ['left', 'right'], up: ['bottom', 'top'] },
    bends: detail.bites.top.value > 0 ? tucks(side, detail, own) : [],
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
  return detail.dividers.map(({ onGusset }, index) => {
    const x = acrossOf(side, detail, onGusset.value);
    return {
      id: `divider-${index + 1}`,
      from: [x, 0],
      to: [x, detail.lining.height.value],
      label: `divider ${index + 1}`,
    };
  });
}

/** Pinched round each divider the gusset goes inwards, back, and on. */
function tucks(side: Side, detail: Accordion, { height }: AccordionLayer): Bend[] {
  return detail.dividers.flatMap(({ onGusset }) => {
    const upright = (low: number, high: number, angle: number): Bend =>
      crease(
        [acrossOf(side, detail, onGusset.value + low), 0],
        [acrossOf(side, detail, onGusset.value + high), height.value],
        angle,
      );
    const { bottom, top } = detail.bites;
    return [upright(-bottom.value, -top.value, SQUARE), upright(0, 0, -BACK), upright(bottom.value, top.value, SQUARE)];
  });
}

/** The seams that pinch the gusset round each divider: they lean towards it on the way down. */
function pinchLines(side: Side, detail: Accordion, { height }: AccordionLayer): StitchLine[] {
  const { bites, dividerThickness } = detail;
  return detail.dividers.flatMap(({ onGusset }, index) =>
    ([-1, 1] as const).map((way): StitchLine => {
      const off = (bite: Derived) => way * (bite.value + dividerThickness.value / 2);
      return {
        id: `pinch-${index + 1}-${way < 0 ? 'before' : 'behind'}`,
        from: [acrossOf(side, detail, onGusset.value + off(bites.bottom)), 0],
        to: [acrossOf(side, detail, onGusset.value + off(bites.top)), height.value],
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

/** A divider from the bottom seam up: along the base its sides are free, above they are caught in the gusset.
 * Edges: `bottom`, (`right-low`), `right`, `top`, `left`, (`left-low`). */
export function dividerOutline(detail: Accordion, index: number): { outline: Outline; top: Derived; high: Derived } {
  const { lining, shade, dividerTaper, dividers } = detail;
  const wide = sum('divider, at the bottom', [lining.width, minus(lining.taper), times(-2, shade)]);
  const taken = smallest('narrower at the top, each side', [
    dividerTaper,
    product('a quarter of its width', [wide, QUARTER]),
    product('a quarter of its height', [lining.height, QUARTER]),
  ]);
  const inset = taken.value;
  const reach = dividers[index]!.reach;
  const low = reach.value > LOW ? reach.value : 0;
  // its slanting sides are as long as the gusset is high
  const rise = Math.sqrt(lining.height.value ** 2 - inset ** 2);
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
    high: byRule(slantRule, 'divider, high', top, [lining.height, taken, reach]),
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
