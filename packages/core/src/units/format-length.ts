import Fraction from 'fraction.js';
import { MM_PER_INCH, type LengthUnit } from './length.ts';

export interface LengthFormat {
  unit: LengthUnit;
  /** Finest inch fraction shown, 1/denominator; default 16. */
  denominator?: 8 | 16 | 32 | 64;
  /** Decimals for mm (default 1) and cm (one more). */
  decimals?: number;
  /** Write the unit behind the number; default false. */
  withUnit?: boolean;
}

/** A length as the maker reads it; inches as a mixed fraction (`3 3/4`), never as a decimal.
 * @param mm length, mm
 * @returns text; a `~` before it says that the fraction shown is not the exact size */
export function formatLength(mm: number, format: LengthFormat): string {
  const { unit, denominator = 16, decimals = 1, withUnit = false } = format;
  const ending = withUnit ? ` ${unit}` : '';
  if (unit === 'in') return formatInches(mm, denominator) + ending;
  const text = unit === 'cm' ? (mm / 10).toFixed(decimals + 1) : mm.toFixed(decimals);
  return (Number(text) === 0 ? text.replace('-', '') : text) + ending;
}

function formatInches(mm: number, denominator: number): string {
  const parts = Math.round((mm / MM_PER_INCH) * denominator);
  const exact = Math.abs((parts / denominator) * MM_PER_INCH - mm) < 0.005;
  const size = Math.abs(parts);
  const whole = Math.floor(size / denominator);
  const rest = new Fraction(size % denominator, denominator);
  const fraction = rest.equals(0) ? '' : rest.toFraction();
  const text = [whole > 0 || !fraction ? String(whole) : '', fraction].filter(Boolean).join(' ');
  return `${exact ? '' : '~'}${parts < 0 ? '-' : ''}${text}`;
}
