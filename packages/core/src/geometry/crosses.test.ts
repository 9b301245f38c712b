import { expect, test } from '@jest/globals';
import { crosses } from './crosses.ts';
import type { Point } from './perimeter.ts';

const square: Point[] = [
  [0, 0],
  [10, 0],
  [10, 10],
  [0, 10],
];

test('a polygon that is turned over itself crosses, one with a dent does not', () => {
  expect(crosses(square)).toBe(false);
  expect(crosses([...square].reverse())).toBe(false);
  expect(crosses([square[0]!, square[1]!, [5, 1], square[2]!, square[3]!])).toBe(false);
  const [a, b, c, d] = square as [Point, Point, Point, Point];
  expect(crosses([a, c, b, d])).toBe(true);
  // the far edge pulled through the near one
  expect(crosses([a, b, [10, -2], [0, -2]])).toBe(false);
  expect(crosses([a, b, [-3, 10], [13, 10]])).toBe(true);
});
