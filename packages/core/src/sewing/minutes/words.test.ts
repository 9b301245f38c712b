import { expect, test } from '@jest/globals';
import { given } from '../../derived/derived.ts';
import { minutesTogether, minuteWords, placeWords } from './words.ts';

const spent = (table: number, iron: number, machine: number, hand: number) => {
  const of = (value: number) => given('minutes', value, { kind: 'standard', path: 'test' }, 'min');
  return { table: of(table), iron: of(iron), machine: of(machine), hand: of(hand) };
};

test.each([
  [0, '1 min'],
  [0.4, '1 min'],
  [4.5, '5 min'],
  [59.4, '59 min'],
  [59.6, '1 h'],
  [65, '1 h 5 min'],
  [203, '3 h 23 min'],
])('%d minutes are said as %s', (minutes, words) => expect(minuteWords(minutes)).toBe(words));

test('a step is done where most of its time goes by', () => {
  expect(placeWords(spent(0, 1, 2, 1.5))).toBe('by machine');
  expect(placeWords(spent(0, 2.1, 2, 0))).toBe('at the iron');
  expect(minutesTogether([{ minutes: spent(1, 2, 3, 4) }, { minutes: spent(0, 0, 0, 5) }])).toBe(15);
});
