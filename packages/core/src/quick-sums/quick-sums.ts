import type { Derived } from '../derived/derived.ts';
import { cardPanel } from '../sizing/card-panel.ts';
import { flap, shoulderSchools } from '../sizing/flap.ts';
import { foldOver, foldSchools } from '../sizing/fold-over.ts';
import { pleatedStrip } from '../sizing/pleated-strip.ts';
import {
  cylinderHalfGirth,
  ellipseHalfGirth,
  outlineHalfGirth,
  rectHalfGirth,
  tapeHalfGirth,
  tubeWidth,
} from '../sizing/tube-width.ts';
import { product } from '../derived/derived.ts';
import { InputRefused, type Checked, type InputSpec, type QuickSum } from './quick-sum.ts';

// physical limits of the bench, not advice, mm
const LONGEST = 10_000;
const THICKEST = 1_000;

const measure = (title: string, most = LONGEST): InputSpec => ({ type: 'number', title, unit: 'mm', least: 0, most });
const withDefault = (title: string, standard: number, most = THICKEST): InputSpec => ({
  type: 'number',
  title,
  unit: 'mm',
  least: 0,
  most,
  standard,
});
const thickness = (title: string): InputSpec => withDefault(title, 0);
const choice = (title: string, choices: readonly string[]): InputSpec => ({
  type: 'choice',
  title,
  choices,
  standard: choices[0]!,
});

const halfGirths: Record<string, (inputs: Checked) => Derived> = {
  rect(inputs) {
    const one = inputs.number('thickness');
    const radius = inputs.number('cornerRadius');
    if (radius.value > one.value / 2 + 1e-9)
      throw new InputRefused(
        'inputs.cornerRadius',
        `Corner radius must be from 0 to half the thickness (${one.value / 2}).`,
      );
    const count = inputs.number('count');
    const all = count.value === 1 ? one : product('all together', [one, count]);
    return rectHalfGirth(inputs.number('width'), all, radius);
  },
  cylinder: (inputs) => cylinderHalfGirth(inputs.number('width'), inputs.number('count')),
  ellipse: (inputs) => ellipseHalfGirth(inputs.number('width'), inputs.number('thickness')),
  girth: (inputs) => tapeHalfGirth(inputs.number('girth')),
  outline: (inputs) => outlineHalfGirth(inputs.points('points')),
};

const tubeWidthSum: QuickSum = {
  title: 'Flat width of a pocket round a thing',
  inputs: {
    shape: choice('Shape', Object.keys(halfGirths)),
    width: measure('Width'),
    thickness: thickness('Thickness'),
    cornerRadius: thickness('Corner radius of the section'),
    girth: measure('Girth'),
    points: { type: 'points', title: 'Points', unit: 'mm', least: -LONGEST, most: LONGEST, fewest: 2, longest: 5000 },
    count: { type: 'number', title: 'Count', unit: 'count', least: 1, most: 1000, standard: 1, whole: true },
    wallFront: thickness('Front wall'),
    wallBack: thickness('Back wall'),
    ease: withDefault('Ease', 0),
  },
  results: { flatWidth: 'Distance between the stitch lines, mm' },
  compute(inputs) {
    const walls = { front: inputs.number('wallFront'), back: inputs.number('wallBack') };
    const halfGirth = halfGirths[inputs.choice('shape')]!(inputs);
    return { flatWidth: tubeWidth(halfGirth, walls, inputs.number('ease')) };
  },
};

const cardPanelSum: QuickSum = {
  title: 'Audit of a card panel as cut',
  inputs: {
    cutWidth: measure('Cut width'),
    seamLeft: withDefault('Seam allowance left', 6),
    seamRight: withDefault('Seam allowance right', 6),
    topstitchLeft: withDefault('Topstitching left', 0),
    topstitchRight: withDefault('Topstitching right', 0),
    itemWidth: measure('Width of the card'),
    itemThickness: thickness('Thickness of the card'),
    wallFront: thickness('Front wall'),
    wallBack: thickness('Back wall'),
  },
  results: {
    clearWidth: 'Clear width, mm',
    requiredWidth: 'Width the card asks for, mm',
    clearance: 'What is left over, mm',
  },
  compute: (inputs) =>
    cardPanel({
      cutWidth: inputs.number('cutWidth'),
      seamLeft: inputs.number('seamLeft'),
      seamRight: inputs.number('seamRight'),
      topstitchLeft: inputs.number('topstitchLeft'),
      topstitchRight: inputs.number('topstitchRight'),
      itemWidth: inputs.number('itemWidth'),
      itemThickness: inputs.number('itemThickness'),
      walls: { front: inputs.number('wallFront'), back: inputs.number('wallBack') },
    }),
};

const pleatedStripSum: QuickSum = {
  title: 'One strip pleated into pockets',
  inputs: {
    topToFirstMouth: withDefault('Top to first mouth', 20, LONGEST),
    depths: { type: 'numbers', title: 'Pocket depths', unit: 'mm', least: 0, most: LONGEST, fewest: 1, longest: 100 },
    reveal: withDefault('Reveal', 12),
    lastMouthToBottom: measure('Last mouth to bottom'),
    foldLoss: withDefault('Fold loss', 0),
  },
  results: {
    stripLength: 'Length of the strip, mm',
    finishedHeight: 'Height when folded, mm',
    foldAt: 'Folds from the top edge, mm',
    foldKind: 'Each fold, valley or mountain',
  },
  compute: (inputs) => ({
    ...pleatedStrip({
      topToFirstMouth: inputs.number('topToFirstMouth'),
      depths: inputs.numbers('depths'),
      reveal: inputs.number('reveal'),
      lastMouthToBottom: inputs.number('lastMouthToBottom'),
      foldLoss: inputs.number('foldLoss'),
    }),
  }),
};

const foldOverSum: QuickSum = {
  title: 'Spine of a piece folded over its contents',
  inputs: {
    leafA: measure('Loaded thickness of one leaf', THICKEST),
    leafB: measure('Loaded thickness of the other leaf', THICKEST),
    innerThickness: thickness('Inner layer'),
    outerThickness: thickness('Outer layer'),
    between: thickness('Between the two layers'),
    school: choice('School', foldSchools),
  },
  results: { spine: 'Spine of the inner layer, mm', outerExtra: 'Outer layer longer by, mm' },
  compute: (inputs) =>
    foldOver({
      leafA: inputs.number('leafA'),
      leafB: inputs.number('leafB'),
      innerThickness: inputs.number('innerThickness'),
      outerThickness: inputs.number('outerThickness'),
      between: inputs.number('between'),
      school: inputs.choice('school'),
    }),
};

const flapSum: QuickSum = {
  title: 'Flap or tab over the edge',
  inputs: {
    loadedDepth: measure('Depth when full', THICKEST),
    emptyDepth: thickness('Depth when empty'),
    overlap: withDefault('Overlap on the front', 70),
    fastenerInset: withDefault('Fastener from the edge', 15),
    flapThickness: thickness('Flap thickness'),
    school: choice('School', shoulderSchools),
  },
  results: {
    flapLength: 'Length of the flap, mm',
    mateLoaded: 'Fastener meets the front, full, mm',
    mateEmpty: 'Fastener meets the front, empty, mm',
    drift: 'Difference, mm',
  },
  compute(inputs) {
    const [loadedDepth, emptyDepth] = [inputs.number('loadedDepth'), inputs.number('emptyDepth')];
    if (emptyDepth.value > loadedDepth.value)
      throw new InputRefused('inputs.emptyDepth', `Empty cannot be deeper than full (${loadedDepth.value}).`);
    return {
      ...flap({
        loadedDepth,
        emptyDepth,
        overlap: inputs.number('overlap'),
        fastenerInset: inputs.number('fastenerInset'),
        flapThickness: inputs.number('flapThickness'),
        school: inputs.choice('school'),
      }),
    };
  },
};

/** Every rule that can be asked for by itself, by id. */
export const quickSums: Readonly<Record<string, QuickSum>> = {
  'tube-width': tubeWidthSum,
  'card-panel': cardPanelSum,
  'pleated-strip': pleatedStripSum,
  'fold-over': foldOverSum,
  flap: flapSum,
};
