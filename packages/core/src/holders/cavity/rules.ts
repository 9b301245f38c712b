import { lengthRule } from '../../shelves/rules/house-rule.ts';

export const easeCavityAcross = lengthRule(
  'ease.cavity.across',
  'ease',
  'Ease, inside, across',
  3,
  1,
  25,
  'Rigid things 2 to 6, loose ones 12 to 25.',
);
export const easeCavityEnd = lengthRule(
  'ease.cavity.end',
  'ease',
  'Ease, inside, at the end',
  5,
  0,
  60,
  'So that the mouth closes above it.',
);
export const cavityVisible = lengthRule(
  'cavity.visible',
  'pockets',
  'Stands out of the mouth',
  0,
  0,
  300,
  'Nothing for what is enclosed, a grip for what is pulled out.',
);
