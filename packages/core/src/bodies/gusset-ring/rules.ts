import { lengthRule } from '../../shelves/rules/house-rule.ts';

export const shellOffset = lengthRule(
  'shell.offset',
  'cases',
  'Stitched so far outside the plate',
  2,
  0.5,
  6,
  'The needle must pass beside it.',
);
export const shellRadius = lengthRule(
  'shell.radius',
  'cases',
  'Radius of a hard case’s corners',
  20,
  8,
  80,
  'A stiff gusset goes round 15 and more.',
);
