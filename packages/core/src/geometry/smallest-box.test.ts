import { expect, test } from '@jest/globals';
import fc from 'fast-check';
import type { Point } from './perimeter.ts';
import { smallestBox, turnedBy } from './smallest-box.ts';

const boxAt = (points: Point[], turn: number): number => {
  const turned = points.map((point) => turnedBy(point, turn));
  const span = (axis: 0 | 1) => Math.max(...turned.map((p) => p[axis])) - Math.min(...turned.map((p) => p[axis]));
  return span(0) * span(1);
};

test('a rectangle that lies askew is measured by its own sides', () => {
  const askew = (
    [
      [0, 0],
      [236, 0],
      [236, 78],
      [0, 78],
    ] as Point[]
  ).map((point) => turnedBy(point, 0.3));
  const box = smallestBox(askew)!;
  expect(box.long).toBeCloseTo(236, 9);
  expect(box.short).toBeCloseTo(78, 9);
  expect(box.turn).toBeCloseTo(-0.3, 9);
});
test('what lies in one line has no box', () => {
  expect(
    smallestBox([
      [0, 0],
      [1, 1],
      [2, 2],
    ]),
  ).toBeUndefined();
});
test('no turn in steps of a tenth of a degree finds a smaller box', () => {
  const point = fc.tuple(fc.integer({ min: -50, max: 50 }), fc.integer({ min: -50, max: 50 }));
  fc.assert(
    fc.property(fc.array(point, { minLength: 3, maxLength: 12 }), (points) => {
      const box = smallestBox(points);
      if (!box) return;
      const least = Math.min(...Array.from({ length: 900 }, (_, i) => boxAt(points, (i * Math.PI) / 1800)));
      expect(box.long * box.short).toBeLessThanOrEqual(least + 1e-6);
      expect(boxAt(points, box.turn)).toBeCloseTo(box.long * box.short, 6);
      expect(box.long).toBeGreaterThanOrEqual(box.short);
    }),
    { numRuns: 60 },
  );
});
