import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { circle, length } from '../testing/measures.ts';
import { hullPerimeter } from '../geometry/perimeter.ts';
import { diameterFromGirth, oneOfStack, repeated, thicknessFromGirth } from './measuring.ts';

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
