import { lengthRule } from '../../shelves/rules/house-rule.ts';

/** Common practice. */
export const rollStandsOff = lengthRule(
  'roll.standsOff',
  'leaves',
  'Stiff things in a roll may stand off by',
  3,
  0,
  20,
  'A stiff thing is not bent: wound in, its ends stand off what lies below them.',
);

export const rollFlap = lengthRule(
  'roll.flap',
  'leaves',
  'Flap over the top of a roll',
  70,
  30,
  200,
  'Deep enough to cover the tips.',
);
