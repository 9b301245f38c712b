import { isInches, standardOf, type DesignDocument, type HouseRule, type Shelves } from '@zindle/core';

/** A house rule as it stands in a design: its own setting, the maker's, or the standard one. */
export const ruleSetting = (
  { rules, grid }: Pick<DesignDocument, 'rules' | 'grid'>,
  rule: HouseRule,
  shelves: Pick<Shelves, 'rules'>,
): number | string =>
  rules[rule.id] ??
  shelves.rules[rule.id] ??
  (rule.kind === 'length' ? standardOf(rule, isInches(grid)) : rule.standard);
