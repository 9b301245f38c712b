import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import type { Point } from '../geometry/perimeter.ts';
import { length, n, tautMidline } from '../testing/measures.ts';
import { cardPanel } from './card-panel.ts';
import { flap } from './flap.ts';
import { foldOver } from './fold-over.ts';
import { pleatedStrip } from './pleated-strip.ts';
import {
  cylinderHalfGirth,
  ellipseHalfGirth,
  outlineHalfGirth,
  rectHalfGirth,
  tapeHalfGirth,
  tubeWidth,
} from './tube-width.ts';

const walls = (front: number, back: number) => ({ front: n(front), back: n(back) });
describe('tube-width', () => {
  test('a 100 x 4 thing, walls 0.5 / 0.5, ease 3 asks for 107.785', () => {
    expect(tubeWidth(rectHalfGirth(n(100), n(4)), walls(0.5, 0.5), n(3)).value).toBeCloseTo(107.785, 3);
  });
  test('is half of the taut mid-line round the thing, found by moving its section outwards', () => {
    fc.assert(
      fc.property(length(10, 200), length(0.2, 40), length(0.1, 3), (width, thickness, wall) => {
        const corners: Point[] = [
          [0, 0],
          [width, 0],
          [width, thickness],
          [0, thickness],
        ];
        const flat = tubeWidth(rectHalfGirth(n(width), n(thickness)), walls(wall, wall), n(0)).value;
        expect(flat).toBeCloseTo(tautMidline(corners, wall / 2) / 2, 4);
      }),
      { numRuns: 30 },
    );
  });
  test('two different walls count as their mean', () => {
    const half = rectHalfGirth(n(85.6), n(0.76));
    const mixed = tubeWidth(half, walls(0.2, 1.0), n(3)).value;
    expect(mixed).toBeCloseTo(tubeWidth(half, walls(0.6, 0.6), n(3)).value, 10);
  });
  test('shapes agree where they meet', () => {
    expect(ellipseHalfGirth(n(40), n(40)).value).toBeCloseTo(cylinderHalfGirth(n(40), n(1)).value, 10);
    expect(tapeHalfGirth(n(209.2)).value).toBeCloseTo(rectHalfGirth(n(100), n(4.6)).value, 10);
    const square: [number, number][] = [
      [0, 0],
      [50, 0],
      [50, 50],
      [0, 50],
      [25, 10],
    ];
    expect(outlineHalfGirth(square).value).toBeCloseTo(rectHalfGirth(n(50), n(50)).value, 10);
    // edges rounded to a full half circle: a row of two circles, 16 thick and 32 wide
    expect(rectHalfGirth(n(32), n(16), n(8)).value).toBeCloseTo(cylinderHalfGirth(n(16), n(2)).value, 10);
  });
});

describe('card-panel', () => {
  const panel = (cutWidth: number) =>
    cardPanel({
      cutWidth: n(cutWidth),
      seamLeft: n(6),
      seamRight: n(6),
      topstitchLeft: n(2),
      topstitchRight: n(2),
      itemWidth: n(85.6),
      itemThickness: n(0.76),
      walls: walls(0.5, 0.5),
    });
  test('104 cut, 6 / 6, 2 / 2: 88 clear, 87.145 asked, 0.855 over', () => {
    const { clearWidth, requiredWidth, clearance } = panel(104);
    expect(clearWidth.value).toBeCloseTo(88, 10);
    expect(requiredWidth.value).toBeCloseTo(87.145, 3);
    expect(clearance.value).toBeCloseTo(0.855, 3);
  });
  test('a panel cut too narrow has a negative clearance', () => expect(panel(103).clearance.value).toBeLessThan(0));
});

/** Folds a strip by walking down and up its legs, and reports where mouths, bottoms and the end come to lie. */
function foldStrip(stripLength: number, foldAt: number[]): { turns: number[]; end: number } {
  let [depth, direction, before] = [0, 1, 0];
  const turns = foldAt.map((at) => {
    depth += direction * (at - before);
    [before, direction] = [at, -direction];
    return depth;
  });
  return { turns, end: depth + direction * (stripLength - before) };
}

describe('pleated-strip', () => {
  const strip = (depths: number[], foldLoss = 0, reveal = 12, last = 50) =>
    pleatedStrip({
      topToFirstMouth: n(20),
      depths: depths.map((d) => n(d)),
      reveal: n(reveal),
      lastMouthToBottom: n(last),
      foldLoss: n(foldLoss),
    });

  test('20, three pockets of 44, reveal 12, 50 below: 358 long, 94 high', () => {
    const { stripLength, finishedHeight, foldAt, foldKind } = strip([44, 44, 44]);
    expect(stripLength.value).toBeCloseTo(358, 10);
    expect(finishedHeight.value).toBeCloseTo(94, 10);
    expect(foldAt).toEqual([64, 108, 164, 208, 264, 308]);
    expect(foldKind).toEqual(['valley', 'mountain', 'valley', 'mountain', 'valley', 'mountain']);
  });
  test('folding a list of legs puts every mouth and every bottom where it was planned', () => {
    fc.assert(
      fc.property(fc.array(length(10, 45), { minLength: 1, maxLength: 8 }), length(6, 30), (depths, reveal) => {
        const { stripLength, finishedHeight, foldAt } = strip(depths, 0, reveal);
        const { turns, end } = foldStrip(stripLength.value, foldAt);
        expect(end).toBeCloseTo(finishedHeight.value, 8);
        depths.forEach((depth, index) => {
          const mouth = 20 + index * reveal;
          expect(turns[2 * index]).toBeCloseTo(mouth + depth, 8);
          expect(turns[2 * index + 1]).toBeCloseTo(mouth, 8);
        });
      }),
    );
  });
  test('every fold swallows its loss', () => {
    expect(strip([44, 44], 0.6).stripLength.value - strip([44, 44]).stripLength.value).toBeCloseTo(4 * 0.6, 10);
    expect(strip([44, 44], 0.6).foldAt[0]).toBeCloseTo(64.3, 10);
  });
  test('a pocket deeper than the room under its mouth is refused by name', () => {
    expect(() => strip([63, 51])).toThrow(expect.objectContaining({ code: 'size.deeperThanRoom', about: 'depths[0]' }));
    expect(() => strip([62, 50])).not.toThrow();
  });
});

/** Length of a half circle walked in many small steps. */
function walkedHalfCircle(radius: number): number {
  let total = 0;
  for (let i = 0; i < 20_000; i++) {
    const [a, b] = [(i * Math.PI) / 20_000, ((i + 1) * Math.PI) / 20_000];
    total += Math.hypot(radius * (Math.cos(b) - Math.cos(a)), radius * (Math.sin(b) - Math.sin(a)));
  }
  return total;
}

describe('fold-over', () => {
  const fold = (a: number, b: number, inner: number, outer: number, school: 'rounded' | 'square' = 'rounded') =>
    foldOver({ leafA: n(a), leafB: n(b), innerThickness: n(inner), outerThickness: n(outer), school });

  test('leaves 5 and 7, layers 1.2 and 1.8: spine 20.735, outer longer by 4.712', () => {
    const { spine, outerExtra } = fold(5, 7, 1.2, 1.8);
    expect(spine.value).toBeCloseTo(20.735, 3);
    expect(outerExtra.value).toBeCloseTo(4.712, 3);
  });
  test('square: the inner spine is the stack itself', () =>
    expect(fold(5, 7, 1.2, 1.8, 'square').spine.value).toBeCloseTo(13.2, 10));
  // the neutral line of sheet bending: each mid-line is walked by itself, round the same middle
  test('both mid-lines walked round the fold differ by what the rule says', () => {
    fc.assert(
      fc.property(length(0, 12), length(0, 12), length(0.1, 3), length(0.1, 3), (a, b, inner, outer) => {
        const { spine, outerExtra } = fold(a, b, inner, outer);
        const innerRadius = (a + b + inner) / 2;
        const outerRadius = innerRadius + inner / 2 + outer / 2;
        expect(spine.value).toBeCloseTo(walkedHalfCircle(innerRadius), 5);
        expect(spine.value + outerExtra.value).toBeCloseTo(walkedHalfCircle(outerRadius), 5);
      }),
      { numRuns: 20 },
    );
  });
});

describe('flap', () => {
  test('40 loaded, 25 empty, overlap 70, fastener 15, rounded: 132.832, mates at 55 and 78.562', () => {
    const given = { loadedDepth: n(40), emptyDepth: n(25), overlap: n(70), fastenerInset: n(15), flapThickness: n(0) };
    const { flapLength, mateLoaded, mateEmpty, drift } = flap({ ...given, school: 'rounded' });
    expect(flapLength.value).toBeCloseTo(132.832, 3);
    expect(mateLoaded.value).toBeCloseTo(55, 10);
    expect(mateEmpty.value).toBeCloseTo(78.562, 3);
    expect(drift.value).toBeCloseTo(23.562, 3);
    expect(flap({ ...given, school: 'square' }).flapLength.value).toBeCloseTo(110, 10);
  });
});
