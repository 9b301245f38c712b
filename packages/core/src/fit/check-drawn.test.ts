import { describe, expect, test } from '@jest/globals';
import { waysOut } from '../proposals/ways-out.ts';
import { standardShelves } from '../shelves/shelves.ts';
import { solveDesign } from '../solve/solve-design.ts';
import { thing, trial } from '../testing/trial.ts';

const drawn = (body: 'sleeve' | 'round', height?: number, params = {}) => ({
  ...trial({
    body,
    params,
    face: 'inside',
    kind: body === 'round' ? 'round-room' : 'cavity',
    item: body === 'round' ? thing(60, 200, 200, { shape: 'cylinder' }) : thing(150, 100, 30),
    closure: 'drawstring',
  }),
  ...(height !== undefined && { pins: { 'body/height': height } }),
});
const told = (design: ReturnType<typeof drawn>) =>
  solveDesign(design).findings.find(({ code }) => code === 'closure.hole');

describe('a flat bag that a cord draws shut over a box 100 x 30, 150 high', () => {
  // cloth above the casing 20, a channel of 8 for a cord of 4; below the box half of its thickness and a quarter round the cloth
  const above = (height: number) => height - 28 - 150 - 15 - (Math.PI / 2) * 0.67;
  test('leaves a slit as long as the cloth does not reach from both ends', () => {
    const found = told(drawn('sleeve', 230))!;
    expect(found.severity).toBe('note');
    expect(found.numbers.above).toBeCloseTo(above(230), 6);
    expect(found.numbers.open).toBeCloseTo(100 - 2 * Math.sqrt(above(230) ** 2 - 15 ** 2), 6);
  });
  test('is quite shut where its gathered cloth is reached from every corner', () => {
    const found = told(drawn('sleeve', 230))!;
    const round = 2 * solveDesign(drawn('sleeve', 230)).body.sizes.flatWidth!.value;
    // pressed together 0.98 of cloth fill six tenths of a circle (common practice)
    const bulk = Math.sqrt((4 * round * 0.98) / (0.6 * Math.PI));
    const tight = (Math.hypot(100, 30) - bulk) / 2;
    expect(found.limit).toBeCloseTo(tight, 6);
    const just = 230 + tight - above(230);
    expect(told(drawn('sleeve', just + 0.5))).toBeUndefined();
    expect(told(drawn('sleeve', just - 1))).toBeDefined();
  });
  test('one that just meets above it is open as wide as the box, and one press makes it higher', () => {
    const design = drawn('sleeve');
    const found = told(design)!;
    expect(found.severity).toBe('watch');
    expect(found.numbers.open).toBeGreaterThan(50);
    const solution = solveDesign(design);
    const way = waysOut(design, solution, standardShelves).get(
      solution.findings.find(({ code }) => code === 'closure.hole')!,
    )!;
    expect(told(way.edit.apply(design) as typeof design)).toBeUndefined();
  });
});

describe('a round bag over a drum 200 across, 60 high', () => {
  test('leaves a hole less by twice the cloth from the top of the drum to the cord', () => {
    // 20 above a casing 12 high for a cord of 4; the canvas of the base has its middle 0.16 + 0.20 + 0.31 below the drum
    const above = 120 - 32 - 60 - 0.67;
    const found = told(drawn('round', 120))!;
    expect(found.numbers.above).toBeCloseTo(above, 6);
    expect(found.numbers.open).toBeCloseTo(200 - 2 * above, 6);
    expect(found.text.join('')).toContain('a hole');
  });
  test('is a watch while more than half is open, a note below, and nothing once it is drawn shut', () => {
    const severities = [140, 150, 180].map((height) => told(drawn('round', height))?.severity);
    expect(severities).toEqual(['watch', 'note', undefined]);
  });
});
