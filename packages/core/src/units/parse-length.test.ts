import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { formatLength } from './format-length.ts';
import { parseLength } from './parse-length.ts';

const mm = (text: string, unit: 'mm' | 'cm' | 'in' = 'mm'): number => {
  const parsed = parseLength(text, { unit });
  if (!parsed.ok) throw new Error(parsed.message);
  return parsed.mm;
};
const code = (text: string): string => {
  const parsed = parseLength(text);
  return parsed.ok ? `read as ${parsed.mm}` : parsed.code;
};

describe('parseLength reads what makers write', () => {
  // an inch is 25.4 mm exactly (international yard and pound agreement, 1959)
  test.each([
    ['3 3/4', 'in', 95.25],
    ['3-3/4"', 'mm', 95.25],
    ['3 3/4 in', 'mm', 95.25],
    ['3¾"', 'mm', 95.25],
    ['1/8', 'in', 3.175],
    ['9.5cm', 'mm', 95],
    ['9,5 cm', 'in', 95],
    ['95', 'mm', 95],
    ['95', 'cm', 950],
    ['95 + 2*3', 'mm', 101],
    ['2*(3 + 4)', 'mm', 14],
    ['10 - 1/2', 'in', 241.3],
    ['7 1/2 - 2', 'in', 139.7],
    ['1 in + 1 cm', 'mm', 35.4],
    ['2cm + 3', 'mm', 23],
    ['100 / 3 * 3', 'mm', 100],
    ['.5', 'in', 12.7],
    ['3 × 12', 'mm', 36],
    ['  12  ', 'mm', 12],
    ['-4 + 10', 'mm', 6],
  ] as const)('%s (%s) is %d mm', (text, unit, expected) => expect(mm(text, unit)).toBeCloseTo(expected, 10));
});

describe('parseLength refuses with a reason', () => {
  test.each([
    ['', 'empty'],
    ['   ', 'empty'],
    ['wide', 'notALength'],
    ['12 feet', 'notALength'],
    ['1e9', 'notALength'],
    ['12 14', 'twoNumbers'],
    ['3 3/4 5', 'twoNumbers'],
    ['95 +', 'unfinished'],
    ['(2 + 3', 'unfinished'],
    ['+ 4', 'unfinished'],
    ['5-3', 'unfinished'],
    ['3/0', 'divideByZero'],
    ['4 / (1 - 1)', 'divideByZero'],
    ['2cm * 3cm', 'area'],
    ['6 / 2cm', 'area'],
    ['1'.repeat(121), 'tooLong'],
    ['<script>', 'notALength'],
  ])('“%s”: %s', (text, expected) => expect(code(text)).toBe(expected));

  test('whatever is typed, it answers and never throws', () => {
    fc.assert(fc.property(fc.string({ maxLength: 60 }), (text) => typeof parseLength(text).ok === 'boolean'));
  });

  test('a message says what to write instead', () => {
    const parsed = parseLength('wide');
    expect(parsed.ok ? '' : parsed.message).toContain('3 3/4');
  });
});

test('a length that was written in inch fractions is read back to the same length', () => {
  fc.assert(
    fc.property(fc.integer({ min: 0, max: 64 * 40 }), (parts) => {
      const length = (parts * 25.4) / 64;
      const text = formatLength(length, { unit: 'in', denominator: 64 });
      expect(text).not.toContain('~');
      expect(mm(text, 'in')).toBeCloseTo(length, 9);
    }),
  );
});
