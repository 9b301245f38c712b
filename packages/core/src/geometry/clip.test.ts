import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { clipped, lowerHalf, withoutCorners } from './clip.ts';
import { boundsOf, flatten, polygonArea, rectangle, roundedRectangle, type Outline } from './outline.ts';
import { panelOutline } from './panel.ts';

const areaOf = (outline: Outline) => polygonArea(flatten(outline, { tolerance: 0.001 }));

describe('half of an outline', () => {
  test.each([
    ['a rectangle', rectangle(80, 50)],
    ['a rounded one', roundedRectangle(80, 50, 12)],
  ])('of %s has half of its area and height', (_, outline) => {
    const half = lowerHalf(outline);
    expect(areaOf(half)).toBeCloseTo(areaOf(outline) / 2, 0);
    expect(boundsOf(half)).toMatchObject({ width: 80, height: 25 });
  });
  test('of a panel with its corners taken out keeps them taken out', () => {
    const panel = panelOutline({ width: 100, height: 80, taper: 0, notch: 15 });
    expect(areaOf(lowerHalf(panel))).toBeCloseTo(100 * 40 - 2 * 15 * 15, 1);
  });
  test('runs the same way round as the whole', () => expect(areaOf(lowerHalf(rectangle(10, 10)))).toBeGreaterThan(0));
});

test('clipped by a box, what is left is inside both', () => {
  const size = fc.double({ min: 5, max: 60, noNaN: true });
  fc.assert(
    fc.property(size, size, size, size, (w, h, right, top) => {
      const part = clipped(rectangle(w, h), [0, 0], [right, top]);
      expect(areaOf(part)).toBeCloseTo(Math.min(w, right) * Math.min(h, top), 1);
    }),
    { numRuns: 50 },
  );
});

describe('corners cut off', () => {
  test('each takes half a square', () => {
    expect(areaOf(withoutCorners(rectangle(80, 50), 6))).toBeCloseTo(80 * 50 - 4 * (36 / 2), 9);
  });
  test('only outward ones: a corner taken out keeps its inner one', () => {
    const panel = panelOutline({ width: 100, height: 80, taper: 0, notch: 20 });
    // two at the mouth, and two beside each notch
    expect(areaOf(withoutCorners(panel, 4))).toBeCloseTo(areaOf(panel) - 6 * (16 / 2), 9);
  });
  test('none where an edge is too short, and none on round corners', () => {
    expect(withoutCorners(rectangle(80, 15), 6)).toHaveLength(4);
    expect(areaOf(withoutCorners(roundedRectangle(80, 50, 12), 6))).toBeCloseTo(
      areaOf(roundedRectangle(80, 50, 12)),
      9,
    );
  });
  test('stays closed: each edge begins where the last one ends', () => {
    const outline = withoutCorners(panelOutline({ width: 100, height: 80, taper: 6, notch: 20 }), 4);
    outline.forEach((edge, index) => expect(outline[(index + 1) % outline.length]!.from).toEqual(edge.to));
  });
});
