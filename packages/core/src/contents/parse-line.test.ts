import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { standardItems } from '../shelves/items/standard-items.ts';
import { parseLine } from './parse-line.ts';

const read = (text: string, unit: 'mm' | 'in' = 'mm') =>
  parseLine(text, { unit, items: standardItems, makeId: () => 'own-1' });
const summary = (text: string, unit: 'mm' | 'in' = 'mm') => {
  const parsed = read(text, unit);
  if (!parsed.ok) return parsed.code;
  const { length, width, thickness } = parsed.item;
  return [parsed.count, parsed.isNew ? 'new' : parsed.item.id, length, width, thickness];
};

describe('parseLine reads things as they are said', () => {
  test.each([
    ['3 cards', [3, 'id1-card', 85.6, 53.98, 0.76]],
    ['card', [1, 'id1-card', 85.6, 53.98, 0.76]],
    ['bus card x2', [2, 'bus-card', 85.6, 53.98, 0.76]],
    ['bus cards × 2', [2, 'bus-card', 85.6, 53.98, 0.76]],
    ['2 x bus card', [2, 'bus-card', 85.6, 53.98, 0.76]],
    ['Shore permit', [1, 'permit', 85.6, 53.98, 0.76]],
    ['2 flasks', [2, 'flask', 268, 74, 74]],
    ['3 steel probes', [3, 'probe', 210, 6, 6]],
    ['feather brushes x2', [2, 'brush', 180, 9, 9]],
    ['tweezers', [1, 'tweezers', 150, 12, 7]],
    ['passport', [1, 'passport', 125, 88, 5]],
    ['notes 140 x 77', [1, 'new', 140, 77, 0.11]],
    ['4 notes 140x77', [4, 'new', 140, 77, 0.11]],
    ['notebook 148 x 105 x 14', [1, 'new', 148, 105, 14]],
    ['ticket 105 x 74 x 0.3 x2', [2, 'new', 105, 74, 0.3]],
    ['map 9.5cm x 14cm x 1mm', [1, 'new', 95, 140, 1]],
    ['2 AA', [2, 'aa-cell', 50.5, 14.5, 14.5]],
    ['AA batteries x4', [4, 'aa-cell', 50.5, 14.5, 14.5]],
    ['6 vials 16x95 round', [6, 'new', 95, 16, 16]],
    ['tin 90 x 40 round', [1, 'new', 90, 90, 40]],
    ['tin 90 x 40 round x2', [2, 'new', 90, 90, 40]],
    ['net 320 x 130 x 70 soft', [1, 'new', 320, 130, 70]],
  ])('%s', (text, expected) => expect(summary(text)).toEqual(expected));

  test.each([
    ['vial 16x95 round', 'cylinder'],
    ['tin 90x40 round', 'disc'],
    ['net 320x130x70 soft', 'soft'],
    ['log 148x105x14 book', 'book'],
    ['box 148x105x14', 'box'],
    ['round tin 90x40x40', 'box'],
  ])('%s is a %s', (text, shape) => {
    const parsed = read(text);
    expect(parsed.ok && parsed.item.shape).toBe(shape);
  });

  test('inches, with the unit of the design', () => {
    const [count, , length, width] = summary('2 tags 3 1/2 x 2 x 1/16', 'in') as [number, string, number, number];
    expect([count, length, width]).toEqual([2, expect.closeTo(88.9, 9), expect.closeTo(50.8, 9)]);
  });
});

test('a name of her own may have numbers in it', () => {
  const own = { ...standardItems[0]!, id: 'my-jar', name: 'Jar 250, x2' };
  const items = [...standardItems, own, { ...own, id: 'my-drill', name: '3 mm drill' }];
  const said = (text: string) => {
    const parsed = parseLine(text, { unit: 'mm', items, makeId: () => 'own-1' });
    return parsed.ok ? [parsed.count, parsed.item.id] : parsed.code;
  };
  expect(said('jar 250, X2')).toEqual([1, 'my-jar']);
  expect(said('4 jar 250, x2')).toEqual([4, 'my-jar']);
  expect(said('3 mm drill')).toEqual([1, 'my-drill']);
  expect(said('jar 251')).toBe('size');
});

describe('parseLine refuses with a reason', () => {
  test.each([
    ['', 'empty'],
    ['300 cards', 'count'],
    ['0 cards', 'count'],
    ['-2 cards', 'count'],
    ['1.5 cards', 'count'],
    ['cards x 300', 'count'],
    ['140 x 77', 'name'],
    ['gadget', 'unknown'],
    ['book 148 x 105', 'thickness'],
    ['map 0 x 77 x 1', 'size'],
    ['map -5 x 77 x 1', 'size'],
    ['map 1000000000 x 77 x 1', 'size'],
    ['map 140', 'size'],
    ['tin 90 x 40 x 10 round', 'size'],
    [`${'long '.repeat(20)}name 10 x 10 x 1`, 'name'],
  ])('%s', (text, expected) => expect(summary(text)).toBe(expected));

  test('and says what to write instead', () => {
    const parsed = read('300 cards');
    expect(parsed.ok ? '' : parsed.message).toBe('300 of a thing cannot be planned: use a whole number from 1 to 60.');
  });
  test('whatever is typed, it answers and never throws', () => {
    const words = fc.stringMatching(/^[a-z0-9 x×.,"/*-]{0,40}$/);
    fc.assert(
      fc.property(fc.oneof(words, fc.string()), (text) => typeof read(text).ok === 'boolean'),
      { numRuns: 500 },
    );
  });
});
