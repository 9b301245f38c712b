import { builtInKinds, type Kinds } from '@zindle/core';
import { createContext, useContext } from 'react';

/** The families that a maker may use on this page; those that ship, if nobody gives more. */
export const KindsContext = createContext<Kinds>(builtInKinds);
export const useKinds = (): Kinds => useContext(KindsContext);
