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
  /** Write no `~` before a fraction that is not the exact size; default false. */
  plain?: boolean;
  /** Of a bound: the next number that can be written up or down from it, so that the one told is not refused; default the nearest. */
  toward?: 'up' | 'down';
}

/** A length as the maker reads it; inches as a mixed fraction (`3 3/4`), never as a decimal.
 * @param mm length, mm
 * @returns text; a `~` before it says that the fraction shown is not the exact size */
export function formatLength(mm: number, format: LengthFormat): string {
  const { unit, denominator = 16, decimals = 1, withUnit = false, toward, plain = false } = format;
  const ending = withUnit ? ` ${unit}` : '';
  const step = unit === 'in' ? MM_PER_INCH / denominator : 10 ** -decimals;
  const told = toward ? toStep(mm, step, toward) : mm;
  if (unit === 'in') {
    const text = formatInches(told, denominator);
    return (plain ? text.replace('~', '') : text) + ending;
  }
  const text = unit === 'cm' ? (told / 10).toFixed(decimals + 1) : told.toFixed(decimals);
  return (Number(text) === 0 ? text.replace('-', '') : text) + ending;
}

/** A cut size as a chart says it: in inches to the nearest 1/32, which is finer than anybody cuts. */
export const formatCut = (mm: number, unit: LengthUnit, withUnit = false): string =>
  formatLength(mm, { unit, withUnit, denominator: 32, plain: true });

/** The next whole number of steps. */
const toStep = (mm: number, step: number, toward: 'up' | 'down'): number =>
  (toward === 'up' ? Math.ceil(mm / step - 1e-6) : Math.floor(mm / step + 1e-6)) * step;

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
