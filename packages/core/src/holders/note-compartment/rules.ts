import { lengthRule } from '../../shelves/rules/house-rule.ts';

export const easeNoteAcross = lengthRule(
  'ease.note.across',
  'ease',
  'Ease, notes, across',
  6,
  2,
  20,
  'Notes are pushed in by hand, often several at once.',
);
export const easeNoteDeep = lengthRule(
  'ease.note.deep',
  'ease',
  'Ease, notes, deep',
  3,
  0,
  15,
  'Keeps the notes below the top edge.',
);
export const noteReveal = lengthRule(
  'note.reveal',
  'pockets',
  'Notes mouth below the top edge',
  8,
  0,
  40,
  'Opens the compartment to the fingers.',
);
