import { lengthRule } from '../../shelves/rules/house-rule.ts';

export const flapClosing = lengthRule(
  'flap.closing',
  'closures',
  'Closing stitch beside the flap’s seam',
  6,
  2,
  15,
  'It closes the flap where it was turned: what lies in it ends there.',
);
export const flapTab = lengthRule(
  'flap.tab',
  'closures',
  'Tab at each end of the flap’s zipper',
  12,
  6,
  40,
  'No tape in the seam at its root; as long as its fold can be held.',
);
