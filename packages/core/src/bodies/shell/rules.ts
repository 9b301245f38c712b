import { lengthRule } from '../../shelves/rules/house-rule.ts';

export const shellMargin = lengthRule(
  'shell.margin',
  'cases',
  'Plate larger than what it holds, each side',
  3,
  0,
  20,
  'Keeps a knock away from the thing.',
);
export const shellHinge = lengthRule(
  'shell.hinge',
  'cases',
  'Hinge of a hard case',
  100,
  30,
  400,
  'The longer, the less the lid opens at its corners.',
);
