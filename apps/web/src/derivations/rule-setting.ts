import type { DesignDocument, HouseRule, Shelves } from '@zindle/core';

/** A house rule as it stands in a design: its own setting, the maker's, or the standard one. */
export const ruleSetting = (
  { rules }: Pick<DesignDocument, 'rules'>,
  { id, standard }: Pick<HouseRule, 'id' | 'standard'>,
  shelves: Pick<Shelves, 'rules'>,
): number | string => rules[id] ?? shelves.rules[id] ?? standard;
