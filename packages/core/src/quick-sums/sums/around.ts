import { product, type Derived } from '../../derived/derived.ts';
import { channelPolicies, channels } from '../../sizing/channels.ts';
import { flatBackPocket } from '../../sizing/flat-back-pocket.ts';
import { loop } from '../../sizing/loop.ts';
import {
  cylinderHalfGirth,
  ellipseHalfGirth,
  outlineHalfGirth,
  rectHalfGirth,
  tapeHalfGirth,
  tubeWidth,
} from '../../sizing/tube-width.ts';
import { InputRefused, type Checked, type QuickSum } from '../quick-sum.ts';
import { choice, count, list, LONGEST, measure, share, thickness, withDefault } from '../specs.ts';

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
    count: count('Count', 1, 1000, 1),
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

const flatBackPocketSum: QuickSum = {
  title: 'Front of a pocket whose back stays flat',
  inputs: {
    width: measure('Width of the thing'),
    thickness: measure('Thickness of the thing'),
    backSpan: measure('Back, stitch line to stitch line'),
    frontThickness: thickness('Front'),
  },
  results: { frontLength: 'Front between the stitch lines, mm', fullness: 'Longer than the back by, mm' },
  compute: (inputs) =>
    flatBackPocket({
      width: inputs.number('width'),
      thickness: inputs.number('thickness'),
      backSpan: inputs.number('backSpan'),
      frontThickness: inputs.number('frontThickness'),
    }),
};

const loopSum: QuickSum = {
  title: 'Loop over a round thing on a flat back',
  inputs: {
    diameter: measure('Diameter'),
    halfSpan: measure('Axis to stitching'),
    strapThickness: thickness('Strap'),
    takeUp: share('Elastic cut shorter by', 0.05, 0.25, 0.1),
  },
  results: { pathLength: 'Strap from stitching to stitching, mm', relaxedLength: 'Elastic at rest, mm' },
  compute: (inputs) =>
    loop({
      diameter: inputs.number('diameter'),
      halfSpan: inputs.number('halfSpan'),
      strapThickness: inputs.number('strapThickness'),
      takeUp: inputs.number('takeUp'),
    }),
};

const channelsSum: QuickSum = {
  title: 'Sections sharing a width',
  inputs: {
    minimums: list('Least widths', 1, 200),
    usable: measure('Usable width'),
    policy: choice('Who takes the rest', channelPolicies),
    roundTo: withDefault('Rounded to', 0.5, 100),
    taker: count('Section that takes the rest, from 0', 0, 199, 0),
  },
  results: { widths: 'Width of each section, mm', leftover: 'What was there to share, mm' },
  compute: (inputs) => ({
    ...channels({
      minimums: inputs.numbers('minimums'),
      usable: inputs.number('usable'),
      policy: inputs.choice('policy'),
      roundTo: inputs.number('roundTo').value,
      taker: inputs.number('taker').value,
    }),
  }),
};

/** Sums around a thing. */
export const aroundSums = {
  'tube-width': tubeWidthSum,
  'flat-back-pocket': flatBackPocketSum,
  loop: loopSum,
  channels: channelsSum,
} satisfies Record<string, QuickSum>;
