import { describe, expect, test } from '@jest/globals';
import type { DesignDocument } from '../document/design-document.ts';
import { solveDesign } from '../solve/solve-design.ts';
import { refitted } from '../testing/fit-compared.ts';
import { thing, trial } from '../testing/trial.ts';
import { verdictOn } from './verdicts.ts';

/** A thing 60 wide and 20 thick that gives by half, in a pocket pinned so wide. */
const pinned = (clear?: number): DesignDocument => ({
  ...trial({
    body: 'foldover',
    face: 'left',
    kind: 'slip-pocket',
    item: thing(100, 60, 20, { compressible: 0.5 }),
  }),
  ...(clear !== undefined && { pins: { 'holders/A/clearWidth': clear } }),
});
const fitted = (design: DesignDocument) => {
  const solution = solveDesign(design);
  const across = solution.holders[0]!.clearances.find(({ direction }) => direction === 'across')!;
  const told = solution.findings.filter(({ code }) => code.startsWith('clearance.')).map(({ code }) => code);
  return { across, told, verdict: verdictOn(across) };
};

describe('a thing that gives', () => {
  test('has its ease as thick as it comes, and half of its thickness more when it is pressed', () => {
    const { across, told, verdict } = fitted(pinned());
    expect(across.clearance.value - across.atRest!.value).toBeCloseTo(10, 9);
    expect(across.atRest!.value).toBeGreaterThanOrEqual(across.ease - 1e-9);
    expect([told, verdict]).toEqual([[], 'goesIn']);
  });
  test('goes into less pressed, but has not the ease; and not into less than that', () => {
    const { across } = fitted(pinned());
    const made = across.available.value;
    const tell = (less: number) => {
      const { told, verdict } = fitted(pinned(made - less));
      return [verdict, ...told];
    };
    const spare = across.clearance.value;
    expect(tell(across.atRest!.value - across.ease)).toEqual(['goesIn']);
    expect(tell(across.atRest!.value - across.ease + 1)).toEqual(['lessThanEase', 'clearance.lessThanEase']);
    expect(tell(spare - 1)).toEqual(['lessThanEase', 'clearance.lessThanEase']);
    expect(tell(spare + 1)).toEqual(['doesNotGoIn', 'clearance.tooTight']);
  });
  test('at rest is what the same cut leaves of a thing that does not give', () => {
    const design = pinned(75);
    const solution = solveDesign(design);
    const stiff = refitted(design, solution, (item) => ({ ...item, compressible: 0 }));
    const resting = solution.holders[0]!.clearances.map(({ atRest, clearance }) => (atRest ?? clearance).value);
    expect(resting).toEqual(stiff.map(({ clearance }) => clearance.value));
    expect(stiff.some(({ clearance }) => clearance.value < 0)).toBe(true);
  });
});

test('loose among others it is pressed, at rest too', () => {
  const packed = trial({
    body: 'box',
    face: 'inside',
    kind: 'packed-room',
    item: thing(120, 60, 60, { compressible: 0.5 }),
    count: 2,
  });
  const { holders, findings } = solveDesign(packed);
  expect(holders[0]!.clearances.map(({ atRest }) => atRest)).toEqual(holders[0]!.clearances.map(() => undefined));
  expect(findings.filter(({ code }) => code.startsWith('clearance.'))).toEqual([]);
});
