import { describe, expect, test } from '@jest/globals';
import { circle } from '../testing/measures.ts';
import { bundleOf } from './bundle.ts';
import { hullPerimeter } from './perimeter.ts';

describe('a heap of round things', () => {
  // the way round the middles, in diameters (geometry: the tightest heaps of discs, from memory)
  test.each([
    [1, 0],
    [2, 2],
    [3, 3],
    [4, 4],
    [5, 5],
    [6, 4 + Math.sqrt(3)],
    [7, 6],
    [8, 7],
    [10, 8],
    [12, 9],
  ])('of %d is %f diameters round, and once round one', (count, round) =>
    expect(bundleOf(count).perimeter).toBeCloseTo(round + Math.PI, 9),
  );
  test('none lies in another, all in the box, and the tape goes round the discs', () => {
    for (let count = 1; count <= 40; count++) {
      const { centres, width, height, perimeter } = bundleOf(count);
      expect(centres).toHaveLength(count);
      for (const [index, [x, y]] of centres.entries()) {
        expect(x).toBeGreaterThan(0.5 - 1e-9);
        expect(y).toBeGreaterThan(0.5 - 1e-9);
        expect(x).toBeLessThan(width - 0.5 + 1e-9);
        expect(y).toBeLessThan(height - 0.5 + 1e-9);
        for (const [u, v] of centres.slice(index + 1)) expect(Math.hypot(u - x, v - y)).toBeGreaterThan(1 - 1e-9);
      }
      expect(width).toBeGreaterThanOrEqual(height);
      const discs = centres.flatMap(([x, y]) => circle(x, y, 0.5, 720));
      expect(perimeter).toBeCloseTo(hullPerimeter(discs), 3);
    }
  });
  test('what takes a heap takes a smaller one', () => {
    for (let count = 2; count <= 60; count++)
      expect(bundleOf(count).perimeter).toBeGreaterThan(bundleOf(count - 1).perimeter - 1e-9);
  });
});
