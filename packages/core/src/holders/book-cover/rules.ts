import { lengthRule } from '../../shelves/rules/house-rule.ts';

export const easeBook = lengthRule(
  'ease.book',
  'ease',
  'Ease, book in its jacket',
  3,
  1,
  8,
  'Less holds the boards tight, more lets the jacket slip.',
);
export const jacketBoard = lengthRule(
  'jacket.board',
  'leaves',
  'Thickness of a board',
  2,
  0.1,
  6,
  'Paper covers 0.3, board covers 2 to 3.',
);
