import { describe, expect, test } from '@jest/globals';
import { demoDesigns } from '../demo/index.ts';
import type { DesignDocument } from '../document/design-document.ts';
import { CutParts } from '../fit/cut-parts.ts';
import { fitLaps } from '../fit/laps.ts';
import { waysOut } from '../proposals/ways-out.ts';
import { standardShelves } from '../shelves/shelves.ts';
import { solveDesign } from '../solve/solve-design.ts';
import { fittingOf } from '../testing/fit-compared.ts';
import { thing, trial, type Trial } from '../testing/trial.ts';

const sleeve = (more: Partial<Trial>, pins: Record<string, number> = {}) => ({
  ...trial({ body: 'sleeve', face: 'inside', kind: 'cavity', item: thing(200, 100, 30), ...more }),
  pins,
});
const closings = (findings: ReturnType<typeof solveDesign>['findings']) =>
  findings.map(({ code }) => code).filter((code) => /^(closure|hardware|pin)\./.test(code) && code !== 'closure.drift');
const lapOf = (design: DesignDocument) => {
  const solution = solveDesign(design);
  const fitting = fittingOf(design, solution, (item) => item);
  return { solution, lap: fitLaps(fitting, new CutParts(fitting))[0]! };
};

describe.each([
  ['flap', 'flapLength'],
  ['strap-over', 'strapLength'],
] as const)('a %s whose length is pinned', (closure, key) => {
  const path = `closure/${key}`;
  const free = () => solveDesign(sleeve({ closure })).closure.sizes[key]!.value;
  test.each([-25, -10, 13, 30])('by %d mm longer lies on the front so much further, and still meets', (by) => {
    const before = lapOf(sleeve({ closure }));
    const after = lapOf(sleeve({ closure }, { [path]: free() + by }));
    expect(after.solution.closure.sizes[key]!.value).toBe(free() + by);
    // what the grid had added goes into it
    expect(after.lap.mate.value - before.lap.mate.value).toBeGreaterThan(by - 1e-6);
    expect(after.lap.mate.value - before.lap.mate.value).toBeLessThan(by + 0.5);
    expect(after.lap.full.value).toBeCloseTo(after.lap.mate.value, 6);
    expect(closings(after.solution.findings)).toEqual([]);
  });
  test('too short for its fastener to come onto the front is a stop, and one press lets it go', () => {
    const design = sleeve({ closure }, { [path]: free() - 45 });
    const solution = solveDesign(design);
    const stops = solution.findings.filter(({ severity }) => severity === 'stop');
    expect(stops.length).toBeGreaterThan(0);
    for (const { code } of stops) expect(['hardware.notClear', 'closure.doesNotReach']).toContain(code);
    const { edit } = waysOut(design, solution, standardShelves).get(stops[0]!)!;
    expect(edit.apply(design).pins).toEqual({});
  });
  test('far too short it is made as short as it can be drawn, and that is told', () => {
    const { findings, closure: made } = solveDesign(sleeve({ closure }, { [path]: 3 }));
    const told = findings.find(({ code }) => code === 'pin.tooSmall')!;
    expect(made.sizes[key]!.value).toBe(told.limit);
    expect(told.limit).toBeGreaterThan(3);
    expect(told.limit).toBeLessThan(free());
  });
  test('far too long its fastener stays on the front', () => {
    const { lap, solution } = lapOf(sleeve({ closure }, { [path]: free() + 400 }));
    expect(solution.closure.sizes[key]!.value).toBe(free() + 400);
    expect(lap.full.value).toBeCloseTo(lap.mate.value, 6);
    expect(lap.mate.value).toBeLessThan(solution.finished.height!.value);
    expect(closings(solution.findings)).toEqual([]);
  });
});

test('a flap pinned so long that it reaches a thick pocket on the front goes over that too', () => {
  const base = sleeve({ closure: 'flap' });
  const pocketed = (pins: Record<string, number>) => ({
    ...base,
    contents: [...base.contents, { ...base.contents[0]!, id: 'c2', item: 'tin' }],
    ownItems: [...base.ownItems, { ...thing(70, 60, 18, { rigid: true }), id: 'tin', name: 'Tin' }],
    holders: [...base.holders, { id: 'B', kind: 'bellows-pocket', params: {}, contents: [{ line: 'c2', count: 1 }] }],
    faces: { ...base.faces, front: { kind: 'holder' as const, id: 'B' } },
    pins,
  });
  const long = lapOf(pocketed({ 'closure/flapLength': 260 }));
  expect(long.solution.closure.sizes.flapLength!.value).toBe(260);
  expect(long.lap.full.value).toBeCloseTo(long.lap.mate.value, 6);
  // over the same front without its pocket it comes further down
  const plain = lapOf(sleeve({ closure: 'flap' }, { 'closure/flapLength': 260 }));
  expect(long.lap.mate.value).toBeLessThan(plain.lap.mate.value - 5);
});

describe('a casing that is pinned', () => {
  const bag = (channel: number, cord: string, casing = 'side-gap') => {
    // a cord runs in the hem of a single layer alone
    const params = { layers: casing === 'hem' ? 'single' : 'lined' };
    const design = sleeve({ params, closure: 'drawstring', closing: { cord, casing } }, { 'closure/channel': channel });
    const solution = solveDesign(design);
    const told = solution.findings.filter(({ code }) => code === 'closure.cordTight' || code.startsWith('pin.'));
    return { design, solution, told: told.map(({ code, severity }) => `${severity} ${code}`) };
  };
  test.each(['side-gap', 'applied', 'hem'])('%s: is stitched so wide', (casing) => {
    const { solution, told } = bag(14, 'round', casing);
    expect([solution.closure.sizes.channel!.value, told]).toEqual([14, []]);
  });
  // half round a cord of 4: 6.28; a flat one of 12 x 1.5: 13.5
  test.each([
    ['round', 8, []],
    ['round', 6.5, ['watch closure.cordTight']],
    ['round', 5, ['stop closure.cordTight']],
    ['flat', 15, []],
    ['flat', 13.5, ['watch closure.cordTight']],
    ['flat', 12, ['stop closure.cordTight']],
  ])('a %s cord in %d', (cord, channel, told) => {
    for (const casing of ['side-gap', 'applied', 'hem'])
      expect([casing, bag(channel, cord, casing).told]).toEqual([casing, told]);
  });
  // header 20, casing 14 and its topstitching of 2 on both sides where it is sewn on
  test.each([
    ['side-gap', 20 + 14],
    ['applied', 20 + 14 + 2 * 2],
    ['hem', 14],
  ])('%s: draws the bag together at its lower line', (casing, below) => {
    const { design, solution } = bag(14, 'round', casing);
    const fitting = fittingOf(design, solution, (item) => item);
    expect(new CutParts(fitting).drop(fitting.shuts[0]!)).toBeCloseTo(below, 6);
  });
  test('one press lets it go', () => {
    const { design, solution } = bag(5, 'round');
    const tight = solution.findings.find(({ code }) => code === 'closure.cordTight')!;
    const { edit } = waysOut(design, solution, standardShelves).get(tight)!;
    expect(edit.apply(design).pins).toEqual({});
  });
  test('higher takes as much more of the bag above what is in it', () => {
    const high = (channel: number) => bag(channel, 'round').solution.finished.height!.value;
    expect(high(28) - high(8)).toBe(20);
  });
});

test('the tab of a wallet that is pinned lies on its front by so much more, and still snaps', () => {
  const wallet = (pins: Record<string, number> = {}) => {
    const design = demoDesigns.find(({ id }) => id === 'junior-bifold')!;
    return lapOf({ ...design, pins });
  };
  const free = wallet().solution.closure.sizes.tabLength!.value;
  const [before, after] = [wallet(), wallet({ 'closure/tabLength': free + 12 })];
  expect(after.lap.mate.value - before.lap.mate.value).toBeCloseTo(12, 0);
  expect(after.lap.full.value).toBeCloseTo(after.lap.mate.value, 6);
  expect(closings(after.solution.findings)).toEqual([]);
});
