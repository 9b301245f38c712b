import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { length, n, tautMidline } from '../testing/measures.ts';
import type { Point } from '../geometry/perimeter.ts';
import { accordion } from './accordion.ts';
import { boxedCorner, boxedCornerCut, type BoxedCut, type BoxedSeams } from './boxed-corner.ts';
import { gussetRun } from './gusset-run.ts';
import { roundBase } from './round-base.ts';
import { zipTube, zipTubeCut } from './zip-tube.ts';
import { zipperOpening } from './zipper-opening.ts';

const values = <T extends object>(results: T) =>
  Object.fromEntries(Object.entries(results).map(([name, { value }]: [string, { value: number }]) => [name, value]));

type Space = [x: number, y: number, z: number];

/** Folds the front of a bag at its stitch lines: the sides by a right angle backwards, the bottom likewise.
 * The front stands half the depth before the middle plane. */
function foldFront(cut: BoxedCut, depth: number) {
  const [w, h, nw, nh] = [cut.cutWidth, cut.cutHeight, cut.notchWidth, cut.notchHeight].map(({ value }) => value) as [
    number,
    number,
    number,
    number,
  ];
  const [s, b, c, t] = [cut.sideSeam, cut.bottom === 'fold' ? n(0) : cut.bottomSeam, cut.cornerSeam, cut.topSeam].map(
    ({ value }) => value,
  ) as [number, number, number, number];
  // where the corner seam is stitched, from the middle and from the cut bottom
  const [edge, floor] = [w / 2 - (nw + c), nh + c];
  const z = depth / 2;
  const sideEnd: Space = [edge, 0, z - (w / 2 - s - edge)];
  const bottomEnd: Space = [edge, 0, z - (floor - b)];
  return { sideEnd, bottomEnd, face: 2 * edge, height: h - t - floor };
}

const seams = (side: number, bottom: number, corner: number, top: number, kind: BoxedSeams['bottom']): BoxedSeams => ({
  sideSeam: n(side),
  bottomSeam: n(bottom),
  cornerSeam: n(corner),
  topSeam: n(top),
  bottom: kind,
});
const allTen = (kind: BoxedSeams['bottom']) => seams(10, 10, 10, 10, kind);

describe('boxed-corner', () => {
  test('120 x 60 x 180 with seams of 10: cut 200 x 230, notch 30', () => {
    const box = { width: n(120), depth: n(60), height: n(180) };
    expect(values(boxedCornerCut({ ...box, ...allTen('seam') }))).toEqual({
      cutWidth: 200,
      cutHeight: 230,
      notchWidth: 30,
      notchHeight: 30,
    });
    expect(values(boxedCornerCut({ ...box, ...allTen('fold') }))).toEqual({
      cutWidth: 200,
      cutHeight: 220,
      notchWidth: 30,
      notchHeight: 20,
    });
  });
  test('a square notch on a folded bottom is wrong by twice the side seam', () => {
    const cut = { cutWidth: n(200), cutHeight: n(220), notchWidth: n(30), notchHeight: n(30), ...allTen('fold') };
    expect(boxedCorner(cut).mismatch.value).toBeCloseTo(20, 10);
  });

  const anyBox = fc.record({
    size: fc.tuple(length(20, 400), length(10, 200), length(20, 400)),
    allowances: fc.tuple(length(3, 20), length(3, 20), length(3, 20), length(0, 20)),
    kind: fc.constantFrom<BoxedSeams['bottom'][]>('seam', 'fold'),
  });
  test('what is cut for a box folds into that box: its seams meet in space, and it measures what was asked', () => {
    fc.assert(
      fc.property(anyBox, ({ size: [width, depth, height], allowances: [s, b, c, t], kind }) => {
        const box = seams(s, b, c, t, kind);
        const cut = { ...boxedCornerCut({ width: n(width), depth: n(depth), height: n(height), ...box }), ...box };
        const { sideEnd, bottomEnd, face, height: tall } = foldFront(cut, depth);
        // the side seam and the bottom seam of front and back meet in the middle plane, and there in one point
        expect(sideEnd[2]).toBeCloseTo(0, 8);
        expect(bottomEnd[2]).toBeCloseTo(0, 8);
        expect(face).toBeCloseTo(width, 8);
        expect(tall).toBeCloseTo(height, 8);
        const back = boxedCorner(cut);
        expect(values(back)).toEqual({
          depthFromSide: expect.closeTo(depth, 8),
          depthFromBottom: expect.closeTo(depth, 8),
          mismatch: expect.closeTo(0, 8),
          faceWidth: expect.closeTo(width, 8),
          height: expect.closeTo(height, 8),
        });
      }),
    );
  });
});

describe('zip-tube', () => {
  const tube = { zipSeam: n(6), zipExposed: n(18), endSeam: n(8), boxing: n(60) };
  test('200 x 180, boxed at 60: 104 x 43 x 60', () => {
    expect(values(zipTube({ panelLength: n(200), panelWidth: n(180), ...tube }))).toEqual({
      length: 104,
      width: 43,
      height: 60,
    });
  });
  test('the panel goes once round the cross-section, beside the zipper', () => {
    fc.assert(
      fc.property(length(30, 300), length(10, 200), length(0, 90), length(0, 30), (long, wide, boxing, exposed) => {
        const seamsOf = { ...tube, boxing: n(boxing), zipExposed: n(exposed) };
        const panel = zipTubeCut({ length: n(long), width: n(wide), ...seamsOf });
        expect(panel.panelLength.value - 12 + exposed).toBeCloseTo(2 * (wide + boxing), 8);
        expect(values(zipTube({ ...panel, ...seamsOf }))).toEqual({
          length: expect.closeTo(long, 8),
          width: expect.closeTo(wide, 8),
          height: expect.closeTo(boxing, 8),
        });
      }),
    );
  });
});

describe('round-base', () => {
  const base = roundBase({ itemDiameter: n(74), clearance: n(5), wall: n(1), seam: n(8), roundTo: n(1) });
  test('a flask of 74 with 5 round it and a wall of 1: 85 across, the wall as long as the circle', () => {
    const circle = Array.from({ length: 20_000 }, (_, i): Point => [
      42.5 * Math.cos((i * Math.PI) / 10_000),
      42.5 * Math.sin((i * Math.PI) / 10_000),
    ]);
    const around = circle.reduce(
      (sum, [x, y], i) =>
        sum + Math.hypot(x - circle[(i + 1) % circle.length]![0], y - circle[(i + 1) % circle.length]![1]),
      0,
    );
    expect(base.finishedDiameter.value).toBe(85);
    expect(base.baseCutDiameter.value).toBe(101);
    expect(base.wallSeamLength.value).toBeCloseTo(around, 4);
    expect(base.wallCutLength.value).toBeCloseTo(around + 16, 4);
    expect(base.wallCutRounded.value).toBe(284);
  });
});

describe('gusset-run', () => {
  test('180 x 60, corners of 20, stitched 2 out: 458.230', () => {
    const { stitchLine, hingePart } = gussetRun({
      length: n(180),
      width: n(60),
      cornerRadius: n(20),
      offset: n(2),
      zipperPart: n(300),
    });
    expect(stitchLine.value).toBeCloseTo(458.23, 3);
    expect(hingePart!.value).toBeCloseTo(158.23, 3);
  });
  test('is as long as the sampled plate moved outwards', () => {
    fc.assert(
      fc.property(length(40, 300), length(40, 200), length(0, 20), length(0, 10), (long, wide, radius, offset) => {
        const corners: Point[] = [
          [radius, radius],
          [long - radius, radius],
          [long - radius, wide - radius],
          [radius, wide - radius],
        ];
        const sampled = tautMidline(corners, radius + offset);
        expect(
          gussetRun({ length: n(long), width: n(wide), cornerRadius: n(radius), offset: n(offset) }).stitchLine.value,
        ).toBeCloseTo(sampled, 3);
      }),
      { numRuns: 20 },
    );
  });
  test('a radius larger than the plate and a zipper longer than the run are refused by name', () => {
    const plate = { length: n(180), width: n(60), offset: n(0) };
    expect(() => gussetRun({ ...plate, cornerRadius: n(31) })).toThrow(
      expect.objectContaining({ about: 'cornerRadius' }),
    );
    expect(() => gussetRun({ ...plate, cornerRadius: n(0), zipperPart: n(500) })).toThrow(
      expect.objectContaining({ about: 'zipperPart' }),
    );
  });
});

describe('accordion', () => {
  test('three compartments of 4, 6 and 10 with a margin of 2, by hand', () => {
    const { legs, gussetCutWidth, itemClearWidth } = accordion({
      compartments: [n(4), n(6), n(10)],
      margin: n(2),
      bite: n(5),
      dividerThickness: n(1),
      seam: n(8),
      innerWidth: n(210),
    });
    expect(legs.map(({ value }) => value)).toEqual([4, 5, 7]);
    // 2 x (4 + 5 + 7) of pleats, two dividers of 2 x 5 + 1, two seams of 8
    expect(gussetCutWidth.value).toBe(32 + 22 + 16);
    // the deepest pleat lies 7 inwards at both sides
    expect(itemClearWidth.value).toBe(196);
  });
  test('opened flat, every compartment takes its load between its two legs', () => {
    fc.assert(
      fc.property(fc.array(length(0, 60), { minLength: 1, maxLength: 8 }), length(0, 10), (loads, margin) => {
        const { legs, gussetCutWidth } = accordion({
          compartments: loads.map((load) => n(load)),
          margin: n(margin),
          bite: n(0),
          dividerThickness: n(0),
          seam: n(0),
          innerWidth: n(200),
        });
        legs.forEach(({ value }, index) => expect(2 * value).toBeGreaterThanOrEqual(loads[index]! - 1e-9));
        expect(gussetCutWidth.value).toBeCloseTo(
          loads.reduce((sum, load) => sum + load + 2 * margin, 0),
          8,
        );
      }),
    );
  });
});

describe('zipper-opening (common practice)', () => {
  test.each([
    // clear of both end seams
    [100, 12, 76],
    [293.5, 12, 269.5],
    // where that leaves less than half of the way: half
    [40, 15, 20],
    [24, 40, 12],
  ])('of a way of %d, clear of each end by %d, it opens %d', (run, clear, opens) =>
    expect(zipperOpening(n(run), n(clear)).value).toBeCloseTo(opens, 9),
  );
});
