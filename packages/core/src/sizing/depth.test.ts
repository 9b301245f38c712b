import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { hullPerimeter, type Point } from '../geometry/perimeter.ts';
import { length, n, tautMidline } from '../testing/measures.ts';
import { reachOf } from '../stacks/reach.ts';
import {
  beyond,
  boxedClosedDepth,
  boxedDepth,
  sunkIn,
  closedDepth,
  flatBackClosedDepth,
  flatBackDepth,
  openDepth,
} from './depth.ts';

const box = (wide: number, high: number): Point[] => [
  [0, 0],
  [wide, 0],
  [wide, high],
  [0, high],
];
/** Points of a circle about a corner of the thing. */
const around = (x: number, y: number, radius: number): Point[] =>
  circleOf(radius)
    .map(([u, v]): Point => [x + u, y + v])
    .filter(([px]) => px >= 0);
const sunk = (deep: number, thickness: number, reach: number) => ({
  sunk: n(deep),
  thickness: n(thickness),
  reach: n(reach),
});

describe('what the thickness of a thing takes of the depth', () => {
  test('a box 200 x 100 x 60 and an ease of 5: 235 to an open mouth, the walls meet at 265', () => {
    expect(openDepth(sunk(205, 60, 0)).value).toBe(235);
    expect(closedDepth(sunk(205, 60, 0)).value).toBe(265);
    // in canvas .55 over fleece 2.4 and lining .4 the canvas runs 3.075 outside of it
    expect(openDepth(sunk(205, 60, 3.075)).value).toBeCloseTo(239.83, 2);
  });
  test('once round it lengthwise is the line that lies taut outside of it, sampled', () => {
    fc.assert(
      fc.property(length(5, 400), length(0.2, 90), length(0, 5), (deep, thick, reach) => {
        const thing = sunk(deep, thick, reach);
        expect(2 * closedDepth(thing).value).toBeCloseTo(tautMidline(box(thick, deep), reach), 2);
        // of twice as long a thing the mouth is in the middle
        expect(4 * openDepth(thing).value).toBeCloseTo(tautMidline(box(thick, 2 * deep), reach), 2);
        // a back that stays flat is a line of its own: the front lies taut over the thing from its ends
        const [low, high] = [around(thick, reach, reach), around(thick, deep + reach, reach)];
        const back = deep + 2 * reach;
        expect(flatBackClosedDepth(thing).value).toBeCloseTo(
          hullPerimeter([[0, 0], [0, back], ...low, ...high]) - back,
          2,
        );
        const top: Point[] = [
          [0, deep + reach],
          [thick + reach, deep + reach],
        ];
        const open = hullPerimeter([[0, 0], ...low, ...top]) - (thick + reach) - (deep + reach);
        expect(flatBackDepth(thing).value).toBeCloseTo(open, 2);
      }),
      { numRuns: 40 },
    );
  });
  test('over a base the walls lean in: the line that lies taut over the thing from both edges of the base', () => {
    fc.assert(
      fc.property(length(5, 400), length(0.2, 90), length(0, 60), (deep, thick, spare) => {
        const base = thick + spare;
        const over: Point[] = [
          [-base / 2, 0],
          [base / 2, 0],
          [-thick / 2, deep],
          [thick / 2, deep],
        ];
        const wall = boxedClosedDepth(sunk(deep, thick, 0), n(base));
        expect(2 * wall.value).toBeCloseTo(hullPerimeter(over) - base, 6);
        const round = boxedClosedDepth(sunk(deep, thick, 2), n(base));
        expect(round.value - wall.value).toBeCloseTo(2 + Math.PI, 9);
        expect(sunkIn(round, sunk(deep, thick, 2), n(base)).value).toBeCloseTo(deep, 6);
      }),
    );
    // no deeper than the thing: it stands over both edges
    expect(boxedClosedDepth(sunk(100, 60, 0), n(40)).value).toBe(100 + 10 + 30);
  });
  test('on a base only what stands over it takes depth, half to each side', () => {
    const deep = (thickness: number, base: number, width: number, face: number) =>
      boxedDepth(n(100), n(0.5), [beyond('deep', n(thickness), n(base)), beyond('wide', n(width), n(face))]).value;
    expect(deep(60, 60, 80, 90)).toBe(100.5);
    expect(deep(80, 60, 80, 90)).toBe(110.5);
    expect(deep(80, 60, 130, 90)).toBe(120.5);
  });
});

describe('the outermost layer that does not give', () => {
  const wall = (...layers: [thickness: number, gives?: 'gives'][]) =>
    reachOf(
      'wall',
      layers.map(([thickness, gives]) => ({ thickness: n(thickness), gives: gives === 'gives' })),
    ).value;
  test('a flask of 74 in canvas .55 over fleece 2.4 and lining .4 wants a tube of 125.9, not 121.5', () => {
    const reach = wall([0.4], [2.4, 'gives'], [0.55]);
    expect(reach).toBeCloseTo(3.075, 9);
    expect(tautMidline(circleOf(37), reach) / 2).toBeCloseTo(125.9, 1);
  });
  test('padding on the outside goes along; where all gives, the middle counts', () => {
    expect(wall([0.4], [0.6], [3, 'gives'])).toBeCloseTo(0.7, 9);
    expect(wall([3, 'gives'])).toBe(1.5);
    expect(wall([1, 'gives'], [3, 'gives'])).toBe(2);
    expect(wall([0.6])).toBe(0.3);
    expect(wall()).toBe(0);
  });
});

const circleOf = (radius: number): Point[] =>
  Array.from({ length: 7200 }, (_, i): Point => [
    radius * Math.cos((i * Math.PI) / 3600),
    radius * Math.sin((i * Math.PI) / 3600),
  ]);
