import { lengthRule } from '../../shelves/rules/house-rule.ts';

export const cornerCut = lengthRule(
  'corner.cut',
  'edges',
  'Corners cut off by',
  40,
  10,
  150,
  'So that the thing can be pushed out and gripped.',
);
