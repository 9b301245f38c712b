import { lengthRule } from './house-rule.ts';

// House rules that any family may ask for: common practice unless it says otherwise.
export const pocketFrame = lengthRule(
  'pocket.frame',
  'pockets',
  'Clear of the edges of the face',
  8,
  2,
  60,
  'A pocket on the outside stands off fold and mouth.',
);
export const zipBeyond = lengthRule(
  'zip.beyond',
  'closures',
  'Zipper beyond its opening, each end',
  20,
  10,
  60,
  'Stops and metal stay out of the seams.',
);
export const zipSeam = lengthRule(
  'zip.seam',
  'closures',
  'Zipper sewn in from the edge of its tape',
  6,
  3,
  9,
  'The rest of it shows between the two edges.',
);
export const zipClear = lengthRule(
  'zip.clear',
  'closures',
  'Zipper opens so far before an end seam',
  12,
  6,
  40,
  'No stop and no tooth lies in a seam.',
);
export const seamAllowance = lengthRule(
  'seam.allowance',
  'edges',
  'Seam allowance',
  6,
  3,
  20,
  'Narrow enough to turn small corners.',
);
export const topstitchInset = lengthRule(
  'topstitch.inset',
  'edges',
  'Topstitching, from the edge',
  2,
  0,
  6,
  'Holds the edge flat; bites into slots beside it.',
);
export const mouthHem = lengthRule(
  'mouth.hem',
  'edges',
  'Mouth hem',
  10,
  5,
  60,
  'Turned in twice, half of it each time.',
);
export const mouthTurnIn = lengthRule(
  'mouth.turnIn',
  'edges',
  'Turned in at the mouth',
  25,
  8,
  80,
  'Of shell and lining, where the lining is dropped in: deep enough to be stitched through all layers.',
);
export const turningGap = lengthRule(
  'turning.gap',
  'edges',
  'Turning gap',
  50,
  25,
  100,
  'Soft and small 25 to 50, quilted 50 to 75, padded more.',
);

export const trimHeight = lengthRule(
  'trim.height',
  'edges',
  'Trim band, high',
  40,
  15,
  120,
  'High enough to be seen, clear of the casing.',
);
