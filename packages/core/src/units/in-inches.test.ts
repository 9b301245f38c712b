import { describe, expect, test } from '@jest/globals';
import { inInches } from './in-inches.ts';

describe('millimetres for makers who think in inches (common practice)', () => {
  test.each([
    [6, 1 / 4],
    [2, 1 / 16],
    [12, 1 / 2],
    [3, 1 / 8],
    [10, 3 / 8],
    [25, 1],
    [50, 2],
    [75, 3],
    [100, 4],
    [200, 8],
    [1, 1 / 32],
    [0.5, 1 / 64],
  ])('%d mm is %d in', (mm, inches) => expect(inInches(mm)).toBeCloseTo(inches * 25.4, 9));
  test('nothing is nothing, and what is there stays there', () => {
    expect(inInches(0)).toBe(0);
    expect(inInches(0.1)).toBeCloseTo(25.4 / 64, 9);
  });
  test('less than a third of it is lost or added, of whatever is not thinner than a card', () => {
    for (let mm = 0.8; mm < 500; mm += 0.1) expect(Math.abs(inInches(mm) / mm - 1)).toBeLessThan(1 / 3);
  });
});
