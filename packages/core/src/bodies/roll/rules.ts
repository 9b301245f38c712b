import { lengthRule } from '../../shelves/rules/house-rule.ts';

export const rollFlap = lengthRule(
  'roll.flap',
  'leaves',
  'Flap over the top of a roll',
  70,
  30,
  200,
  'Deep enough to cover the tips.',
);
