import { lengthRule } from '../../shelves/rules/house-rule.ts';

export const dividerAbove = lengthRule(
  'divider.above',
  'pockets',
  'Divider clear of the base',
  10,
  0,
  80,
  'Loose dividers hang free of the bottom.',
);
