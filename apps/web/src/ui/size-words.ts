import type { Item } from '@zindle/core';
import type { SayLength } from './use-length.ts';

/** A thickness; below a millimetre it needs a second decimal, in whatever unit the rest is. */
export const sayThickness = (mm: number, length: SayLength): string => (mm < 1 ? `${mm.toFixed(2)} mm` : length(mm));

/** The measures of a thing in one line. */
export function sizeWords({ shape, length: long, width, thickness }: Item, length: SayLength): string {
  const thick = sayThickness(thickness, length);
  if (shape === 'disc' || shape === 'ball') return `⌀ ${length(long)} × ${thick}`;
  return `${length(long)} × ${length(width)} × ${thick}`;
}
