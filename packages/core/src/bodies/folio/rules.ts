import { lengthRule } from '../../shelves/rules/house-rule.ts';

export const rawInset = lengthRule(
  'raw.inset',
  'edges',
  'Raw edges, stitched from the edge',
  3,
  1.5,
  6,
  'No wider than planned: it takes from the slots.',
);
export const rawLip = lengthRule(
  'raw.lip',
  'edges',
  'Lip left by the inner panel',
  5,
  0,
  25,
  'Opens the room behind it to the fingers.',
);
export const leafLess = lengthRule(
  'leaf.less',
  'leaves',
  'Leaf that folds in first, narrower by',
  2,
  0,
  15,
  'Besides the thickness that it must clear.',
);
export const narrowFlap = lengthRule(
  'leaf.flap',
  'leaves',
  'Narrow flap of a folio',
  50,
  30,
  150,
  'Room for a finger and for the magnet; no more cloth than that.',
);
