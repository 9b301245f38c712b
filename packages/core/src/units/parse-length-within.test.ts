import { expect, test } from '@jest/globals';
import { parseLengthWithin } from './parse-length-within.ts';

const read = (text: string, unit: 'mm' | 'in' = 'mm') => parseLengthWithin(text, { unit, least: 1.5, most: 5 });

test.each(['1.5', '5', '3 + 1', '0.2 cm'])('%s lies within', (text) => expect(read(text).ok).toBe(true));

test.each([
  ['0', 'outOfRange'],
  ['-3', 'outOfRange'],
  ['1000000000', 'outOfRange'],
  ['5.1', 'outOfRange'],
  ['wide', 'notALength'],
  ['', 'empty'],
])('“%s” is refused', (text, code) => expect(read(text)).toMatchObject({ ok: false, code }));

test('the message says what may be written, in the maker’s unit', () => {
  expect(read('9')).toMatchObject({ message: 'This may be 1.5 mm to 5.0 mm.' });
  expect(read('9', 'in')).toMatchObject({ message: 'This may be 1/16 in to 3/16 in.' });
});

test.each(['mm', 'cm', 'in'] as const)('both bounds can be written in %s as they are told', (unit) => {
  for (let least = 0.3; least < 60; least += 0.37) {
    const range = { unit, least, most: least + 40 };
    const refused = parseLengthWithin('4000', range);
    const told = refused.ok
      ? []
      : [...refused.message.matchAll(/be (.+) to (.+)\./g)].flatMap((found) => found.slice(1));
    expect([least, told.length, told.map((text) => parseLengthWithin(text, range).ok)]).toEqual([
      least,
      2,
      [true, true],
    ]);
  }
});

test('a limit may be written as it is shown', () => {
  const read6 = parseLengthWithin('1.98', { unit: 'mm', least: 1.984375, most: 5 });
  expect(read6).toEqual({ ok: true, mm: 1.984375 });
});
