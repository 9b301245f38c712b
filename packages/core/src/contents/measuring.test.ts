import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { given } from '../derived/derived.ts';
import { rectHalfGirth, tubeWidth } from '../sizing/tube-width.ts';
import { circle, length } from '../testing/measures.ts';
import { hullPerimeter } from '../geometry/perimeter.ts';
import {
  diameterFromGirth,
  fitsCover,
  leatherThickness,
  oneOfStack,
  repeated,
  thicknessFromGirth,
} from './measuring.ts';

const mm = (measured: ReturnType<typeof oneOfStack>) => (measured.ok ? measured.mm : NaN);

describe('a tape round a thing', () => {
  test('gives back the thickness of a box, its section walked round', () =>
    fc.assert(
      fc.property(length(10, 300), length(1, 120), (width, thickness) => {
        const girth = hullPerimeter([
          [0, 0],
          [width, 0],
          [width, thickness],
          [0, thickness],
        ]);
        expect(mm(thicknessFromGirth(girth, width))).toBeCloseTo(thickness, 6);
      }),
    ));
  test('gives back the diameter of a rod, its circle walked round', () =>
    expect(mm(diameterFromGirth(hullPerimeter(circle(0, 0, 8))))).toBeCloseTo(16, 5));
  test('cannot be shorter than twice the width', () => {
    expect(thicknessFromGirth(100, 50)).toMatchObject({ ok: false });
    expect(thicknessFromGirth(90, 50)).toMatchObject({ ok: false });
    expect(diameterFromGirth(0)).toMatchObject({ ok: false });
  });
});

describe('a stack of alike things', () => {
  test('of ten cards is ten times as thick', () => expect(mm(oneOfStack(7.6, 10))).toBeCloseTo(0.76, 9));
  test('is more than one', () => {
    for (const count of [1, 0, -3, 2.5]) expect(oneOfStack(7.6, count).ok).toBe(false);
    expect(oneOfStack(0, 10).ok).toBe(false);
  });
});

describe('a size measured several times', () => {
  test('has a mean, and the largest says how much to allow', () => {
    const { mean, tolerance } = repeated([16.1, 16.4, 16])!;
    expect(mean).toBeCloseTo(16.1667, 4);
    expect(tolerance).toBeCloseTo(0.2333, 4);
  });
  test('always allows for the largest of them', () =>
    fc.assert(
      fc.property(fc.array(length(1, 300), { minLength: 2, maxLength: 6 }), (sizes) => {
        const { mean, tolerance } = repeated(sizes)!;
        expect(mean + tolerance).toBeCloseTo(Math.max(...sizes), 9);
        expect(tolerance).toBeGreaterThanOrEqual(-1e-9);
      }),
    ));
  test('once is not several times', () => expect(repeated([16])).toBeUndefined());
});

describe('leather by the ounce', () => {
  // a handbook table of leather weights (from memory): 1 oz 0.4 mm, 2 oz 0.8, 3 oz 1.2, 5 oz 2.0, 8 oz 3.2, 10 oz 4.0
  test.each([
    [1, 0.4],
    [2, 0.8],
    [3, 1.2],
    [5, 2.0],
    [8, 3.2],
    [10, 4.0],
  ])('%d oz is %d mm', (ounces, mm) => {
    const read = leatherThickness(ounces);
    expect(read.ok && read.mm).toBeCloseTo(mm, 1);
  });
  test('none and too many are refused', () => {
    expect(leatherThickness(0).ok).toBe(false);
    expect(leatherThickness(50).ok).toBe(false);
  });
});

describe('a cover that is there already', () => {
  const cover = { width: 100, depth: 150, walls: 2, thickness: 12, ease: 3 };
  test('takes what the rule for a flat pocket would have made it for', () => {
    const read = fitsCover(cover);
    expect(read.ok).toBe(true);
    const [mm, number] = [read.ok ? read.mm : NaN, (value: number) => given('x', value, { kind: 'input', path: 'x' })];
    const girth = rectHalfGirth(number(mm), number(12));
    const made = tubeWidth(girth, { front: number(1), back: number(1) }, number(3));
    expect(made.value).toBeCloseTo(100, 9);
    expect(read.long).toBe(150);
  });
  test('a ribbon of its width goes round it once: half the girth with the cloth is the flat width', () => {
    const read = fitsCover({ ...cover, ease: 0 });
    const mm = read.ok ? read.mm : NaN;
    // sampled: the middle of a wall of 1 mm, half a millimetre outside a box of mm x 12
    const angles = [0, 1, 2, 3].flatMap((quarter) =>
      Array.from({ length: 2000 }, (_, i) => [quarter, ((quarter + i / 1999) * Math.PI) / 2] as const),
    );
    const path = angles.map(([quarter, angle]): [number, number] => [
      (quarter === 0 || quarter === 3 ? mm / 2 : -mm / 2) + 0.5 * Math.cos(angle),
      (quarter < 2 ? 6 : -6) + 0.5 * Math.sin(angle),
    ]);
    expect(hullPerimeter(path) / 2).toBeCloseTo(100, 3);
  });
  test('nothing goes in where the thing is as thick as the pouch is wide', () =>
    expect(fitsCover({ ...cover, thickness: 99 }).ok).toBe(false));
});
