import { lengthRule } from '../../shelves/rules/house-rule.ts';

export const jacketFlap = lengthRule(
  'jacket.flap',
  'leaves',
  'Flaps of a jacket',
  95,
  60,
  120,
  'About a hand, and 10 less than the board.',
);
export const jacketTuck = lengthRule(
  'jacket.tuck',
  'leaves',
  'Loose flap under its elastic by',
  20,
  5,
  60,
  'More takes a wider range of spines.',
);
