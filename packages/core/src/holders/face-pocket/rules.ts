import { lengthRule } from '../../shelves/rules/house-rule.ts';

export const easePocketAcross = lengthRule(
  'ease.pocket.across',
  'ease',
  'Ease, thing in a pocket, across',
  3,
  1,
  25,
  'A rigid thing in a fitted pocket 2 to 6.',
);
export const easePocketDeep = lengthRule(
  'ease.pocket.deep',
  'ease',
  'Ease, thing in a pocket, deep',
  3,
  0,
  25,
  'Keeps it off the stitches below it.',
);
export const pocketVisible = lengthRule(
  'pocket.visible',
  'pockets',
  'Stands out of the pocket',
  0,
  0,
  300,
  'Nothing hides it, ten or more gives a grip.',
);
export const meshLess = lengthRule(
  'mesh.less',
  'pockets',
  'Mesh cut narrower by',
  4,
  0,
  20,
  'Stretched across, it lies flat when empty.',
);
