import { houseRulesOf, type Kinds, type RuleTable } from '@zindle/core';
import { createContext, useContext } from 'react';
import { pageKinds } from './page-kinds.ts';

/** The families that a maker may use here; those of the page, if nobody gives others. */
export const KindsContext = createContext(pageKinds);
export const useKinds = (): Kinds => useContext(KindsContext);
/** The house rules that those families ask for, by id. */
export const useHouseRules = (): RuleTable => houseRulesOf(useKinds());
