import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { length, n } from '../testing/measures.ts';
import { thickest, type Slab } from './slab.ts';

const slab = (x0: number, x1: number, y0: number, y1: number, thickness: number): Slab => ({
  of: { role: 'pocket' },
  label: 'slab',
  x0,
  x1,
  y0,
  y1,
  thickness: n(thickness),
});

describe('thickest', () => {
  test('what lies on each other adds up, side by side and above it does not', () => {
    expect(thickest('all', [slab(0, 10, 0, 10, 2), slab(0, 10, 0, 10, 3)]).thickness.value).toBe(5);
    expect(thickest('all', [slab(0, 10, 0, 10, 2), slab(20, 30, 0, 10, 3)]).thickness.value).toBe(3);
    expect(thickest('all', [slab(0, 10, 0, 10, 2), slab(0, 10, 20, 30, 3)]).thickness.value).toBe(3);
    expect(thickest('all', []).thickness.value).toBe(0);
  });
  test('of places that are as thick the first counts, whatever else lies beside one of them', () => {
    const beside = [slab(0, 10, 0, 5, 3), slab(0, 10, 20, 25, 3), slab(20, 30, 20, 25, 3)];
    expect(thickest('all', beside).at).toBeCloseTo(0, 3);
  });
  test('two things on one cloth: the cloth and the thicker of them', () => {
    expect(
      thickest('all', [slab(0, 100, 0, 50, 1), slab(5, 40, 0, 40, 4), slab(60, 95, 0, 40, 6)]).thickness.value,
    ).toBe(7);
  });
  test('finds the highest place of a raster, for slabs that share their middle', () => {
    const whole = (min: number, max: number) => fc.integer({ min, max });
    const anySlab = fc
      .record({ half: length(5, 50), y: whole(0, 80), tall: whole(5, 80), thickness: length(0.1, 5) })
      .map(({ half, y, tall, thickness }) => slab(50 - half, 50 + half, y, y + tall, thickness));
    fc.assert(
      fc.property(fc.array(anySlab, { minLength: 1, maxLength: 6 }), (slabs) => {
        let most = 0;
        for (let y = 0.5; y <= 160; y++) {
          const here = slabs.filter(({ y0, y1 }) => y0 <= y && y <= y1);
          most = Math.max(
            most,
            here.reduce((sum, { thickness }) => sum + thickness.value, 0),
          );
        }
        expect(thickest('all', slabs).thickness.value).toBeCloseTo(most, 9);
      }),
    );
  });
});
