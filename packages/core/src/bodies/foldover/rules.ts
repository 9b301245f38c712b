import { lengthRule } from '../../shelves/rules/house-rule.ts';

export const leafCorner = lengthRule(
  'leaf.corner',
  'leaves',
  'Radius of the corners',
  20,
  6,
  60,
  'A zipper round the edge wants three times its half width.',
);
