import { accordion } from '../../sizing/accordion.ts';
import { bottomKinds, boxedCorner, boxedCornerCut } from '../../sizing/boxed-corner.ts';
import { gussetRun } from '../../sizing/gusset-run.ts';
import { roundBase } from '../../sizing/round-base.ts';
import { zipTube, zipTubeCut } from '../../sizing/zip-tube.ts';
import type { Checked, InputSpec, QuickSum } from '../quick-sum.ts';
import { choice, list, LONGEST, measure, optional, seam, thickness, withDefault } from '../specs.ts';

const boxSeams: Record<string, InputSpec> = {
  sideSeam: seam('Side seam', 10),
  bottomSeam: seam('Bottom seam', 10),
  cornerSeam: seam('Corner seam', 10),
  topSeam: seam('Top seam', 10),
  bottom: choice('Bottom', bottomKinds),
};
const boxSeamsOf = (inputs: Checked) => ({
  sideSeam: inputs.number('sideSeam'),
  bottomSeam: inputs.number('bottomSeam'),
  cornerSeam: inputs.number('cornerSeam'),
  topSeam: inputs.number('topSeam'),
  bottom: inputs.choice<(typeof bottomKinds)[number]>('bottom'),
});

const boxedCornerSum: QuickSum = {
  title: 'Bag with cut-out bottom corners: what it measures',
  inputs: {
    cutWidth: measure('Cut width'),
    cutHeight: measure('Cut height (half of a folded piece)'),
    notchWidth: measure('Notch, width'),
    notchHeight: measure('Notch, height'),
    ...boxSeams,
  },
  results: {
    depthFromSide: 'Depth by the sides, mm',
    depthFromBottom: 'Depth by the bottom, mm',
    mismatch: 'They differ by, mm',
    faceWidth: 'Face width, mm',
    height: 'Height, mm',
  },
  compute: (inputs) => ({
    ...boxedCorner({
      cutWidth: inputs.number('cutWidth'),
      cutHeight: inputs.number('cutHeight'),
      notchWidth: inputs.number('notchWidth'),
      notchHeight: inputs.number('notchHeight'),
      ...boxSeamsOf(inputs),
    }),
  }),
};

const boxedCornerCutSum: QuickSum = {
  title: 'Bag with cut-out bottom corners: what to cut',
  inputs: { width: measure('Width'), depth: measure('Depth'), height: measure('Height'), ...boxSeams },
  results: {
    cutWidth: 'Cut width, mm',
    cutHeight: 'Cut height (half of a folded piece), mm',
    notchWidth: 'Notch, width, mm',
    notchHeight: 'Notch, height, mm',
  },
  compute: (inputs) =>
    boxedCornerCut({
      width: inputs.number('width'),
      depth: inputs.number('depth'),
      height: inputs.number('height'),
      ...boxSeamsOf(inputs),
    }),
};

/** Common practice: a coarse coil zipper has a tape of 30. mm */
const TAPE = 30;
const tubeSeams: Record<string, InputSpec> = {
  zipSeam: seam('Zip seam'),
  zipExposed: withDefault('Zipper that shows', TAPE - 2 * 6),
  endSeam: seam('End seam'),
  boxing: withDefault('Across each corner', 0, LONGEST),
};
const tubeSeamsOf = (inputs: Checked) => ({
  zipSeam: inputs.number('zipSeam'),
  zipExposed: inputs.number('zipExposed'),
  endSeam: inputs.number('endSeam'),
  boxing: inputs.number('boxing'),
});

const zipTubeSum: QuickSum = {
  title: 'Zipped tube with boxed corners: what it measures',
  inputs: { panelLength: measure('Panel, round the tube'), panelWidth: measure('Panel, along the tube'), ...tubeSeams },
  results: { length: 'Length, mm', width: 'Width, mm', height: 'Height, mm' },
  compute: (inputs) => ({
    ...zipTube({
      panelLength: inputs.number('panelLength'),
      panelWidth: inputs.number('panelWidth'),
      ...tubeSeamsOf(inputs),
    }),
  }),
};

const zipTubeCutSum: QuickSum = {
  title: 'Zipped tube with boxed corners: what to cut',
  inputs: { length: measure('Length'), width: measure('Width'), ...tubeSeams },
  results: { panelLength: 'Panel, round the tube, mm', panelWidth: 'Panel, along the tube, mm' },
  compute: (inputs) => ({
    ...zipTubeCut({ length: inputs.number('length'), width: inputs.number('width'), ...tubeSeamsOf(inputs) }),
  }),
};

const roundBaseSum: QuickSum = {
  title: 'Round base and its wall',
  inputs: {
    itemDiameter: measure('Diameter of the thing'),
    clearance: withDefault('Clearance on each side', 5),
    wall: thickness('Wall'),
    seam: seam('Seam allowance'),
    roundTo: withDefault('Wall cut by ruler to', 1, 100),
  },
  results: {
    finishedDiameter: 'Finished diameter, mm',
    baseCutDiameter: 'Base, cut diameter, mm',
    wallSeamLength: 'Wall along the base seam, mm',
    wallCutLength: 'Wall, cut length, mm',
    wallCutRounded: 'Wall, cut by ruler, mm',
  },
  compute: (inputs) => ({
    ...roundBase({
      itemDiameter: inputs.number('itemDiameter'),
      clearance: inputs.number('clearance'),
      wall: inputs.number('wall'),
      seam: inputs.number('seam'),
      roundTo: inputs.number('roundTo'),
    }),
  }),
};

const gussetRunSum: QuickSum = {
  title: 'Gusset round a plate',
  inputs: {
    length: measure('Plate, length'),
    width: measure('Plate, width'),
    cornerRadius: withDefault('Corner radius', 0, LONGEST),
    offset: withDefault('Plate to stitch line', 0),
    zipperPart: optional('Run that carries the zipper'),
  },
  results: { stitchLine: 'Stitch line, mm', hingePart: 'Left for the hinge, mm' },
  compute: (inputs) => ({
    ...gussetRun({
      length: inputs.number('length'),
      width: inputs.number('width'),
      cornerRadius: inputs.number('cornerRadius'),
      offset: inputs.number('offset'),
      zipperPart: inputs.optional('zipperPart'),
    }),
  }),
};

const accordionSum: QuickSum = {
  title: 'Pleated gusset of a file with dividers',
  inputs: {
    compartments: list('Loaded thickness of each compartment', 1, 60),
    margin: withDefault('Margin of each leg', 3),
    bite: withDefault('Bite of the pinch at a divider', 0),
    dividerThickness: thickness('Divider'),
    seam: seam('Seam allowance'),
    innerWidth: measure('Inner width'),
  },
  results: {
    legs: 'Leg of each pleat, mm',
    gussetCutWidth: 'Gusset, cut width, mm',
    itemClearWidth: 'Clear between the pleats, mm',
  },
  compute(inputs) {
    const { legs, ...others } = accordion({
      compartments: inputs.numbers('compartments'),
      margin: inputs.number('margin'),
      bite: inputs.number('bite'),
      dividerThickness: inputs.number('dividerThickness'),
      seam: inputs.number('seam'),
      innerWidth: inputs.number('innerWidth'),
    });
    return { ...others, legs: legs.map(({ value }) => value) };
  },
};

/** Sums of things with depth. */
export const boxSums = {
  'boxed-corner': boxedCornerSum,
  'boxed-corner-cut': boxedCornerCutSum,
  'zip-tube': zipTubeSum,
  'zip-tube-cut': zipTubeCutSum,
  'round-base': roundBaseSum,
  'gusset-run': gussetRunSum,
  accordion: accordionSum,
} satisfies Record<string, QuickSum>;
