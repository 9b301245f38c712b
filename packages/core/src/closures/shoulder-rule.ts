import { choiceRule } from '../shelves/rules/house-rule.ts';
import { shoulderSchools } from '../sizing/flap.ts';

export const tabSchool = choiceRule({
  id: 'tab.school',
  group: 'closures',
  title: 'The tab goes over the edge',
  standard: 'rounded',
  choices: shoulderSchools,
  why: 'Rounded: soft edges. Square: boxy, firm edges.',
});
