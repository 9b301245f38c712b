import { choiceRule, lengthRule } from '../shelves/rules/house-rule.ts';
import { foldSchools } from '../sizing/fold-over.ts';

export const panelSetBack = lengthRule(
  'panel.setBack',
  'pockets',
  'Panel stands back from the mouth',
  2,
  0,
  10,
  'Keeps two edges from piling up.',
);
export const foldGutter = lengthRule(
  'fold.gutter',
  'leaves',
  'Clear of the fold, each side',
  1,
  0.5,
  10,
  'Never fold on a card.',
);
export const foldSchool = choiceRule({
  id: 'fold.school',
  group: 'leaves',
  title: 'The fold closes',
  standard: 'rounded',
  choices: foldSchools,
  why: 'Rounded: cloth runs round the contents. Square: creased at two lines.',
});
