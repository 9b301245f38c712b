import type { LengthUnit } from '@zindle/core';

/** A length of stock, in metres or yards. */
export function stockWords(mm: number, unit: LengthUnit): string {
  if (mm === 0) return 'none left';
  return unit === 'in' ? `${(mm / 914.4).toFixed(2)} yd` : `${(mm / 1000).toFixed(2)} m`;
}
