import { cordKinds, drawstring, elasticBand, snapRow } from '../../sizing/drawstring.ts';
import { flap, shoulderSchools } from '../../sizing/flap.ts';
import { strap, strapMethods } from '../../sizing/strap.ts';
import { InputRefused, type QuickSum } from '../quick-sum.ts';
import { choice, count, LONGEST, measure, seam, share, thickness, THICKEST, withDefault } from '../specs.ts';

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

const drawstringSum: QuickSum = {
  title: 'Casing and cords of a drawn mouth',
  inputs: {
    mouthWidth: measure('Mouth, flat'),
    cordKind: choice('Cord', cordKinds),
    cordWidth: withDefault('Width or diameter of the cord', 6, 100),
    topstitch: withDefault('Topstitching of the casing', 2),
    tail: withDefault('Tail of each end', 150),
    cords: count('Cords', 1, 2, 2),
  },
  results: {
    channel: 'Channel, and opening in the side seam, mm',
    casingHeight: 'Height of a casing sewn on, mm',
    cordLength: 'Each cord, mm',
    cordTotal: 'All cords, mm',
  },
  compute: (inputs) => ({
    ...drawstring({
      mouthWidth: inputs.number('mouthWidth'),
      cordKind: inputs.choice('cordKind'),
      cordWidth: inputs.number('cordWidth'),
      topstitch: inputs.number('topstitch'),
      tail: inputs.number('tail'),
      cords: inputs.number('cords'),
    }),
  }),
};

const strapSum: QuickSum = {
  title: 'Strap or handle',
  inputs: {
    method: choice('Made', strapMethods),
    finished: withDefault('Finished width', 25),
    seam: seam('Seam of a turned tube'),
    turnIn: withDefault('Turned in at each edge', 10),
    drop: measure('Drop'),
    spread: withDefault('Between its ends', 0, LONGEST),
    grip: withDefault('Straight under the hand', 0),
    embed: withDefault('Each end buried', 30),
  },
  results: { cutWidth: 'Cut width, mm', cutLength: 'Cut length, mm' },
  compute: (inputs) =>
    strap({
      method: inputs.choice('method'),
      finished: inputs.number('finished'),
      seam: inputs.number('seam'),
      turnIn: inputs.number('turnIn'),
      drop: inputs.number('drop'),
      spread: inputs.number('spread'),
      grip: inputs.number('grip'),
      embed: inputs.number('embed'),
    }),
};

const elasticBandSum: QuickSum = {
  title: 'Elastic band round something',
  inputs: {
    girth: measure('Girth'),
    stretch: share('Stretched by', 0, 0.5, 0.1),
    overlap: withDefault('Overlap at the join', 15),
  },
  results: { cutLength: 'Elastic, cut length, mm' },
  compute: (inputs) => ({
    cutLength: elasticBand(inputs.number('girth'), inputs.number('stretch'), inputs.number('overlap')),
  }),
};

const snapRowSum: QuickSum = {
  title: 'Row of snaps',
  inputs: { width: measure('Finished width'), inset: withDefault('First snap from the side', 30) },
  results: { count: 'How many', spacing: 'Middle to middle, mm' },
  compute: (inputs) => ({ ...snapRow(inputs.number('width'), inputs.number('inset')) }),
};

/** Sums of what closes and carries. */
export const closingSums = {
  flap: flapSum,
  drawstring: drawstringSum,
  strap: strapSum,
  'elastic-band': elasticBandSum,
  'snap-row': snapRowSum,
} satisfies Record<string, QuickSum>;
