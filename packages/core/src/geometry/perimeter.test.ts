import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { circleRowPerimeter, ellipsePerimeter, hullPerimeter, roundedRectPerimeter, type Point } from './perimeter.ts';

/** Length of an ellipse by Simpson's rule on its arc length, an independent construction. */
function integrated(long: number, short: number, steps = 20_000): number {
  const [a, b] = [long / 2, short / 2];
  const speed = (t: number) => Math.hypot(a * Math.sin(t), b * Math.cos(t));
  const h = (2 * Math.PI) / steps;
  let total = 0;
  for (let i = 0; i < steps; i += 2) total += speed(i * h) + 4 * speed((i + 1) * h) + speed((i + 2) * h);
  return (total * h) / 3;
}

describe('ellipsePerimeter', () => {
  const axis = fc.double({ min: 1, max: 500, noNaN: true });

  test('agrees with numeric integration', () => {
    fc.assert(
      fc.property(axis, fc.double({ min: 0.05, max: 1, noNaN: true }), (long, ratio) => {
        const expected = integrated(long, long * ratio);
        expect(Math.abs(ellipsePerimeter(long, long * ratio) - expected)).toBeLessThan(1e-9 * expected);
      }),
      { numRuns: 40 },
    );
  });
  // Ramanujan 1914, second approximation: never above the true length, short by at most 0.0403 % (from memory)
  test("lies within the proven error of Ramanujan's approximation", () => {
    fc.assert(
      fc.property(axis, fc.double({ min: 0.001, max: 1, noNaN: true }), (long, ratio) => {
        const [a, b] = [long / 2, (long * ratio) / 2];
        const h = ((a - b) / (a + b)) ** 2;
        const ramanujan = Math.PI * (a + b) * (1 + (3 * h) / (10 + Math.sqrt(4 - 3 * h)));
        const excess = ellipsePerimeter(long, long * ratio) / ramanujan - 1;
        expect(excess).toBeGreaterThan(-1e-12);
        expect(excess).toBeLessThan(0.000403);
      }),
    );
  });
  test('a circle, and a line there and back', () => {
    expect(ellipsePerimeter(40, 40)).toBeCloseTo(Math.PI * 40, 12);
    expect(ellipsePerimeter(40, 0)).toBe(80);
  });
});

/** Points round a rectangle with rounded corners. */
function sampledRounded(width: number, height: number, radius: number): Point[] {
  const centres: Point[] = [
    [width - radius, height - radius],
    [radius, height - radius],
    [radius, radius],
    [width - radius, radius],
  ];
  return centres.flatMap(([cx, cy], quarter) =>
    Array.from({ length: 2001 }, (_, i): Point => {
      const angle = (quarter + i / 2000) * (Math.PI / 2);
      return [cx + radius * Math.cos(angle), cy + radius * Math.sin(angle)];
    }),
  );
}

test('a rounded rectangle is as long as its sampled outline', () => {
  expect(roundedRectPerimeter(100, 30, 8)).toBeCloseTo(hullPerimeter(sampledRounded(100, 30, 8)), 3);
  expect(roundedRectPerimeter(100, 30)).toBe(260);
});

test('circles in a row are as long as the hull of their points', () => {
  const points = [0, 16, 32].flatMap((x) =>
    Array.from({ length: 4000 }, (_, i): Point => [
      x + 8 * Math.cos((i * Math.PI) / 2000),
      8 * Math.sin((i * Math.PI) / 2000),
    ]),
  );
  expect(circleRowPerimeter(16, 3)).toBeCloseTo(hullPerimeter(points), 3);
});

describe('hullPerimeter', () => {
  test('does not follow a dent', () => {
    expect(
      hullPerimeter([
        [0, 0],
        [10, 0],
        [10, 10],
        [5, 2],
        [0, 10],
      ]),
    ).toBe(40);
  });
  test('of points in a line is there and back', () =>
    expect(
      hullPerimeter([
        [0, 0],
        [3, 4],
      ]),
    ).toBe(10));
});
