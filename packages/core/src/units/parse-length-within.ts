import { formatLength } from './format-length.ts';
import type { LengthUnit } from './length.ts';
import { parseLength, type ParseCode } from './parse-length.ts';

export type LengthWithin = { ok: true; mm: number } | { ok: false; code: ParseCode | 'outOfRange'; message: string };

interface Range {
  /** Unit of bare numbers and of the message. */
  unit: LengthUnit;
  /** mm */
  least: number;
  most: number;
}

/** Reads a length that must lie within a range.
 * @returns millimetres, or why it was refused and what may be written instead */
export function parseLengthWithin(text: string, { unit, least, most }: Range): LengthWithin {
  const parsed = parseLength(text, { unit });
  if (!parsed.ok) return parsed;
  // a limit written as it is shown, rounded to the last digit, is still the limit
  const slack = 0.005;
  if (parsed.mm >= least - slack && parsed.mm <= most + slack)
    return { ok: true, mm: Math.min(most, Math.max(least, parsed.mm)) };
  // what is told can be written: each bound to the next step within the range
  const say = (mm: number, toward: 'up' | 'down') =>
    formatLength(mm, { unit, withUnit: true, denominator: 32, decimals: mm < 1 ? 2 : 1, toward });
  return { ok: false, code: 'outOfRange', message: `This may be ${say(least, 'up')} to ${say(most, 'down')}.` };
}
