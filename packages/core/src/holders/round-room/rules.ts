import { lengthRule } from '../../shelves/rules/house-rule.ts';

export const easeRoundAcross = lengthRule(
  'ease.round.across',
  'ease',
  'Clear round the thing, each side',
  4,
  1,
  30,
  'A round base has no corners to give.',
);
