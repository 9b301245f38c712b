import { houseRules, type DesignDocument, type HouseRuleId, type Shelves } from '@zindle/core';

/** A house rule as it stands in a design: its own setting, the maker's, or the standard one. */
export const ruleSetting = (
  { rules }: Pick<DesignDocument, 'rules'>,
  id: HouseRuleId,
  shelves: Pick<Shelves, 'rules'>,
): number | string => rules[id] ?? shelves.rules[id] ?? houseRules[id].standard;
