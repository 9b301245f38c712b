import { describe, expect, test } from '@jest/globals';
import { standardItems } from './standard-items.ts';

const sizeOf = (id: string): [number, number, number] => {
  const item = standardItems.find((each) => each.id === id)!;
  return [item.length, item.width, item.thickness];
};

describe('published sizes (remembered, no document at hand)', () => {
  // ISO/IEC 7810:2019, table of nominal sizes (from memory): ID-1 85.60 x 53.98 x 0.76, ID-2 105 x 74, ID-3 125 x 88
  test.each([
    ['id1-card', [85.6, 53.98, 0.76]],
    ['id2-card', [105, 74, 0.76]],
  ])('%s by ISO/IEC 7810', (id, expected) => expect(sizeOf(id)).toEqual(expected));
  // ICAO Doc 9303 part 4 takes the ID-3 size for the booklet (from memory)
  test('passport by ICAO Doc 9303', () => expect(sizeOf('passport').slice(0, 2)).toEqual([125, 88]));
  // IEC 60086-2, R6: at most 14.5 x 50.5 (from memory)
  test('AA cell by IEC 60086', () => expect(sizeOf('aa-cell')).toEqual([50.5, 14.5, 14.5]));
  // SD specification, full size card (from memory)
  test('SD card', () => expect(sizeOf('sd-card')).toEqual([32, 24, 2.1]));
});

describe('ISO 216', () => {
  /** The A series from its definition: A0 has one square metre and sides as 1 : root 2; each next one is half, rounded down. */
  function aSeries(n: number): [number, number] {
    let [long, short] = [Math.round(1000 * 2 ** 0.25), Math.round(1000 * 2 ** -0.25)];
    for (let i = 0; i < n; i++) [long, short] = [short, Math.floor(long / 2)];
    return [long, short];
  }
  test.each([
    ['a6-booklet', 6],
    ['a6-sheet', 6],
    ['a7-sheet', 7],
    ['receipt', 7],
  ])('%s has the size of A%i', (id, n) => expect(sizeOf(id).slice(0, 2)).toEqual(aSeries(n)));
});

test('every standard item says where its size comes from, and ids are used once', () => {
  for (const { source } of standardItems) expect(source.length).toBeGreaterThan(5);
  expect(new Set(standardItems.map(({ id }) => id)).size).toBe(standardItems.length);
});
