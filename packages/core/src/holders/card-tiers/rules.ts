import { lengthRule } from '../../shelves/rules/house-rule.ts';

export const easeCardAcross = lengthRule(
  'ease.card.across',
  'ease',
  'Ease, card in a slot, across',
  3,
  1.5,
  5,
  'Less grips, more lets the card slip out.',
);
export const easeCardDeep = lengthRule(
  'ease.card.deep',
  'ease',
  'Ease, card in a slot, deep',
  1,
  0,
  4,
  'Keeps the card off the stitches below it.',
);
export const tiersReveal = lengthRule(
  'tiers.reveal',
  'pockets',
  'Reveal, mouth to mouth',
  12,
  6,
  40,
  'Shows which card is which.',
);
export const tiersVisible = lengthRule(
  'tiers.visible',
  'pockets',
  'Card shows above its mouth',
  10,
  0,
  30,
  'Ten or more gives the fingers a grip.',
);
export const foldLoss = lengthRule(
  'fold.loss',
  'leaves',
  'Swallowed by each pressed fold',
  0,
  0,
  2,
  'Measure a pressed pleat in thick cloth.',
);
