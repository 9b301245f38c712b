import { ruleGroups, type HouseRule, type RuleGroup, type RuleTable } from '@zindle/core';

/** What each group is called, and what it is about. */
const titles: Record<RuleGroup, { title: string; about: string }> = {
  ease: { title: 'Ease', about: 'how much larger than what it holds' },
  edges: { title: 'Seams, edges and linings', about: 'allowances, insets, and how a lining is made smaller' },
  pockets: { title: 'Pockets and tiers', about: 'what shows, and how far they stand apart' },
  leaves: { title: 'Folds, leaves and jackets', about: 'spines, gutters, boards' },
  closures: { title: 'Closures', about: 'tabs, flaps, straps, snaps, ties and zippers' },
  cases: { title: 'Cases and gussets', about: 'stiff shells, frames, pleats' },
  stitches: { title: 'Stitches', about: 'how long, as set on the machine' },
  time: { title: 'Time', about: 'what the minutes of the steps are reckoned from' },
  carrying: { title: 'Carrying', about: 'handles and shoulder straps' },
};

/** House rules group by group. */
export const groupsOf = (table: RuleTable): { title: string; about: string; rules: HouseRule[] }[] =>
  ruleGroups.map((group) => ({
    ...titles[group],
    rules: Object.values(table).filter((rule) => rule.group === group),
  }));
