import { builtInKinds, houseRulesOf, type Kinds, type RuleTable } from '@zindle/core';
import { createContext, useContext } from 'react';

/** The families that a maker may use on this page; those that ship, if nobody gives more. */
export const KindsContext = createContext<Kinds>(builtInKinds);
export const useKinds = (): Kinds => useContext(KindsContext);
/** The house rules that those families ask for, by id. */
export const useHouseRules = (): RuleTable => houseRulesOf(useKinds());
