import { choiceRule, lengthRule } from '../shelves/rules/house-rule.ts';

/** How a lining is made smaller than its shell. */
export const liningSchools = ['computed', 'shorter', 'deeper', 'tapered', 'same'] as const;
export type LiningSchool = (typeof liningSchools)[number];

export const liningShorter = lengthRule(
  'lining.shorter',
  'edges',
  'Lining smaller by a set amount',
  3,
  0,
  15,
  'What many makers take by habit; thick cloth asks more.',
);
export const liningSchool = choiceRule({
  id: 'lining.school',
  group: 'edges',
  title: 'The lining is cut',
  standard: 'computed',
  choices: liningSchools,
  why: 'Computed: smaller by the turn of cloth. Shorter, deeper bottom seam or tapered sides: by a set amount. Same: for thin cloth.',
});
