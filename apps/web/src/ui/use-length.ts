import { formatLength, type LengthUnit } from '@zindle/core';
import { createContext, useContext } from 'react';

/** The unit in which lengths are shown and typed. */
export const UnitContext = createContext<LengthUnit>('mm');
export const useUnit = (): LengthUnit => useContext(UnitContext);

export type SayLength = (mm: number, withUnit?: boolean, toward?: 'up' | 'down') => string;

/** Writes lengths in the maker's unit. */
export function useLength(): SayLength {
  const unit = useUnit();
  return (mm, withUnit = false, toward) => formatLength(mm, { unit, withUnit, ...(toward && { toward }) });
}
