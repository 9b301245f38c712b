import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { gridIds, gridStep, roundToGrid } from './grid.ts';

describe('roundToGrid', () => {
  test.each([
    [91.97, '0.5mm', 'up', 92],
    [91.97, '0.5mm', 'down', 91.5],
    [91.8, '1mm', 'nearest', 92],
    [92, '0.5mm', 'up', 92],
    [25.4, '1/16in', 'up', 25.4],
    [25.5, '1/8in', 'up', 28.575],
    [25.5, '1/8in', 'down', 25.4],
  ] as const)('%d on %s %s is %d', (mm, grid, direction, expected) =>
    expect(roundToGrid(mm, grid, direction)).toBeCloseTo(expected, 12),
  );

  const anyGrid = fc.constantFrom(...gridIds);
  const anyLength = fc.double({ min: 0, max: 3000, noNaN: true });

  test('up holds at least as much, by less than a step; down the other way', () => {
    fc.assert(
      fc.property(anyGrid, anyLength, (grid, mm) => {
        const [up, down] = [roundToGrid(mm, grid, 'up'), roundToGrid(mm, grid, 'down')];
        expect(up).toBeGreaterThan(mm - 1e-5);
        expect(up - mm).toBeLessThan(gridStep(grid));
        expect(mm - down).toBeLessThan(gridStep(grid));
        expect(down).toBeLessThan(mm + 1e-5);
      }),
    );
  });

  test('what lies on the grid stays, also after a detour through floating point', () => {
    fc.assert(
      fc.property(anyGrid, fc.integer({ min: 0, max: 20_000 }), (grid, steps) => {
        const mm = steps * gridStep(grid);
        const detour = (mm / 3) * 3 + 0.1 - 0.1;
        for (const direction of ['up', 'down', 'nearest'] as const)
          expect(roundToGrid(detour, grid, direction)).toBeCloseTo(mm, 9);
      }),
    );
  });
});
