import { describe, expect, test } from '@jest/globals';
import { Clipper, EndType, JoinType } from 'clipper2-ts';
import fc from 'fast-check';
import { baseHalf, curveAt, endHalf } from '../closures/flap/outline.ts';
import { cutOutline } from './offset.ts';
import {
  boundsOf,
  distance,
  distanceTo,
  edgeLength,
  flatten,
  line,
  pointAlong,
  polygonArea,
  rectangle,
  type Outline,
} from './outline.ts';
import type { Point } from './perimeter.ts';

const polygon = (points: Point[]): Outline =>
  points.map((point, index) => line(`e${index}`, point, points[(index + 1) % points.length]!));
const all = (outline: Outline, width: number) => Object.fromEntries(outline.map(({ id }) => [id, width]));
const area = (outline: Outline) => polygonArea(flatten(outline, { tolerance: 0.001 }));

describe('cutOutline', () => {
  test('a rectangle grows by each edge’s own allowance', () => {
    const cut = cutOutline(rectangle(100, 60), { left: 6, right: 10, top: 20, bottom: 0 });
    expect(boundsOf(cut)).toEqual({ left: -6, bottom: 0, width: 116, height: 80 });
    expect(cut.map(({ id }) => id)).toEqual(['bottom', 'right', 'top', 'left']);
  });

  test('a tab with a half-round end keeps its arc', () => {
    const tab: Outline = [
      line('bottom', [0, 0], [25, 0]),
      line('right', [25, 0], [25, 40]),
      { id: 'tip', kind: 'arc', from: [25, 40], to: [0, 40], centre: [12.5, 40], sweep: Math.PI },
      line('left', [0, 40], [0, 0]),
    ];
    const cut = cutOutline(tab, all(tab, 6));
    expect(cut[2]).toMatchObject({ kind: 'arc', centre: [12.5, 40] });
    expect(edgeLength(cut[2]!)).toBeCloseTo(Math.PI * 18.5, 9);
    expect(boundsOf(cut)).toMatchObject({ width: 37, height: 40 + 12.5 + 12 });
    // Steiner's formula for a convex shape, with a square instead of a quarter disc at its two right-angled corners
    const perimeter = tab.reduce((total, edge) => total + edgeLength(edge), 0);
    const steiner = area(tab) + perimeter * 6 + Math.PI * 36 + 2 * (36 - (Math.PI * 36) / 4);
    expect(area(cut)).toBeCloseTo(steiner, 1);
  });

  test('a side keeps its allowance beside a flat curve with less of it, which turns away before it gets there', () => {
    // bulging by 5 over 50: a radius of 65; its own offset meets that of the side 9 below where both begin
    const begins = Math.atan2(60, 25);
    const bulging: Outline = [
      line('bottom', [0, 0], [50, 0]),
      line('right', [50, 0], [50, 12]),
      { id: 'zip', kind: 'arc', from: [50, 12], to: [0, 12], centre: [25, -48], sweep: Math.PI - 2 * begins },
      line('left', [0, 12], [0, 0]),
    ];
    const cut = cutOutline(bulging, { bottom: 20, right: 20, left: 20, zip: 3 });
    expect(boundsOf(cut)).toMatchObject({ left: -20, width: 90 });
    expect(boundsOf(cut).height).toBeCloseTo(20 + 12 + 5 + 3, 1);
    for (const up of [1, 6, 11.9]) expect(distanceTo(flatten(cut), [70, up])).toBeLessThan(1e-3);
  });

  // clipper2-ts is the other reader here: it offsets by one width all round
  test('agrees with a polygon clipping library where all allowances are equal', () => {
    const star = polygon([
      [0, 0],
      [90, 10],
      [120, 70],
      [60, 50],
      [20, 90],
    ]);
    const cut = cutOutline(star, all(star, 7));
    const path = flatten(star).map(([x, y]) => ({ x, y }));
    const [other] = Clipper.inflatePathsD([path], 7, JoinType.Miter, EndType.Polygon, 4, 4);
    expect(area(cut)).toBeCloseTo(Math.abs(polygonArea(other!.map(({ x, y }): Point => [x, y]))), 1);
  });

  test('an allowance at a slanted corner between an arc and a line goes through clipping and loses nothing', () => {
    const fan: Outline = [
      line('base', [0, 0], [50, 0]),
      { id: 'arc', kind: 'arc', from: [50, 0], to: [0, 50], centre: [0, 0], sweep: Math.PI / 2 },
      line('side', [0, 50], [0, 0]),
    ];
    const cut = cutOutline(fan, { base: 5, arc: 10, side: 5 });
    const { left, bottom, width, height } = boundsOf(cut);
    expect([left, bottom]).toEqual([expect.closeTo(-5, 3), expect.closeTo(-5, 3)]);
    expect(left + width).toBeGreaterThanOrEqual(60 - 0.01);
    expect(bottom + height).toBeGreaterThanOrEqual(60 - 0.01);
  });

  const allowance = fc.double({ min: 0, max: 30, noNaN: true });
  test('every point of a convex outline moves out by exactly its allowance', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 20, max: 400, noNaN: true }),
        fc.double({ min: 20, max: 400, noNaN: true }),
        fc.tuple(allowance, allowance, allowance, allowance),
        (width, height, [bottom, right, top, left]) => {
          const bounds = boundsOf(cutOutline(rectangle(width, height), { bottom, right, top, left }));
          expect(bounds.width).toBeCloseTo(width + left + right, 8);
          expect(bounds.height).toBeCloseTo(height + top + bottom, 8);
        },
      ),
    );
  });

  test('a cut narrower than its allowances closes, instead of crossing itself', () => {
    const slit = polygon([
      [0, 0],
      [60, 0],
      [60, 40],
      [50, 40],
      [50, 44],
      [60, 44],
      [60, 90],
      [0, 90],
    ]);
    const cut = cutOutline(slit, all(slit, 6));
    expect(boundsOf(cut)).toEqual({ left: -6, bottom: -6, width: 72, height: 102 });
    expect(area(cut)).toBeCloseTo(72 * 102, 3);
  });

  test('refuses what cannot be cut, by name', () => {
    expect(() => cutOutline(rectangle(10, NaN), all(rectangle(1, 1), 5))).toThrow(
      expect.objectContaining({ code: 'outline.notFinite' }),
    );
    expect(() => cutOutline(rectangle(10, 10), { bottom: 5 })).toThrow(
      expect.objectContaining({ code: 'outline.allowanceMissing' }),
    );
    const negative = { bottom: -1, right: 1, top: 1, left: 1 };
    expect(() => cutOutline(rectangle(10, 10), negative)).toThrow(expect.objectContaining({ about: 'bottom' }));
  });
});

describe('a corner between an arc and a line', () => {
  const outlines = {
    'bulging out': baseHalf(100, curveAt(100, 12, 13, 30)),
    hollow: endHalf(100, 120, 20, curveAt(100, 12, 13, 30)),
  };
  test.each(Object.entries(outlines))('%s keeps every edge as far off as its allowance', (_, outline) => {
    const widths = Object.fromEntries(outline.map(({ id }, index) => [id, 5 + index]));
    // corners that run into their neighbours smoothly have the same allowance
    for (const id of ['right', 'corner-right', 'tip', 'corner-left', 'left']) if (id in widths) widths[id] = 8;
    const cut = cutOutline(outline, widths);
    expect(cut.map(({ id, kind }) => [id, kind])).toEqual(outline.map(({ id, kind }) => [id, kind]));
    cut.forEach((edge, index) => expect(distance(edge.to, cut[(index + 1) % cut.length]!.from)).toBeLessThan(1e-9));
    for (const [index, edge] of cut.entries()) {
      const stitch = outline[index]!;
      for (const share of [0, 0.3, 1]) {
        const [x, y] = pointAlong(edge, share * edgeLength(edge));
        const off =
          stitch.kind === 'arc'
            ? Math.abs(distance(stitch.centre, [x, y]) - distance(stitch.centre, stitch.from))
            : Math.abs(
                (stitch.to[0] - stitch.from[0]) * (y - stitch.from[1]) -
                  (stitch.to[1] - stitch.from[1]) * (x - stitch.from[0]),
              ) / edgeLength(stitch);
        expect(off).toBeCloseTo(widths[edge.id]!, 6);
      }
    }
  });
});
