import { lengthRule } from '../../shelves/rules/house-rule.ts';

export const zipWindow = lengthRule(
  'zip.window',
  'closures',
  'Window of a zipper, high',
  10,
  6,
  20,
  'The teeth and a little tape show.',
);
export const zipDrop = lengthRule(
  'zip.drop',
  'closures',
  'Window below the top of its pocket',
  25,
  12,
  80,
  'Clear of the seams and of the fold.',
);
