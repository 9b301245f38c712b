import { describe, expect, test } from '@jest/globals';
import { demoDesigns } from '../demo/index.ts';
import { waysOut } from '../proposals/ways-out.ts';
import type { Item } from '../shelves/items/item.ts';
import { standardShelves } from '../shelves/shelves.ts';
import { solveDesign } from '../solve/solve-design.ts';
import { thing, trial } from '../testing/trial.ts';
import { comesOut, openVerdicts, staysIn } from './check-held.ts';

interface Asked {
  item?: Partial<Item>;
  visible?: number;
  clear?: number;
  shelves?: typeof standardShelves;
}

// 60 + 4 across and half round the cloth of a pocket on a leaf: 64.76 of the 68 that are made; see the logger pocket's page
const pocket = ({ item = {}, visible = 0, clear }: Asked) => ({
  ...trial({
    body: 'foldover',
    face: 'left',
    kind: 'slip-pocket',
    holderParams: { visible },
    item: thing(100, 60, 4, { rigid: true, ...item }),
  }),
  ...(clear !== undefined && { pins: { 'holders/A/clearWidth': clear } }),
});
const heldIn = (design: ReturnType<typeof pocket>) => {
  const solution = solveDesign(design);
  const way = (code: string) => {
    const found = solution.findings.find((each) => each.code === code)!;
    return waysOut(design, solution, standardShelves).get(found);
  };
  const codes = solution.findings.map(({ code }) => code).filter((code) => code.startsWith('held.'));
  const [standing] = solution.holders[0]!.clearances.flatMap((each) => each.standing ?? []);
  return { codes, way, standing: standing! };
};

describe('what stands out of a pocket', () => {
  // docs/worked/logger-pocket.md, 2: half of the thickness and a quarter round the outer layer go down
  test.each([
    ['c1', 140 + 5.5 + 0.636 - (131.5 - 2)],
    ['c2', 85.6 + 0.38 + 0.636 - (92 - 2)],
  ])('%s of the logger pocket is read from the cut', (line, shows) => {
    const { holders } = solveDesign(demoDesigns.find(({ id }) => id === 'logger-pocket')!);
    const open = openVerdicts(holders.flatMap(({ clearances }) => clearances));
    expect(open.find((each) => each.line === line)!.shows).toBeCloseTo(shows, 2);
  });
  test('is told when hardly any of it does, and one press lets it', () => {
    // 3 asked for, and 3 of ease below it
    const less = pocket({ visible: 3 });
    const { codes, way, standing } = heldIn(less);
    expect(codes).toEqual(['held.showsLess']);
    expect(standing.shows).toBeLessThan(1.5);
    const after = heldIn(way('held.showsLess')!.edit.apply(less) as typeof less);
    expect(after.codes).toEqual([]);
    expect(after.standing.shows).toBeGreaterThanOrEqual(3 - 0.5);
    expect(heldIn(pocket({ visible: 20 })).codes).toEqual([]);
  });
  test('what is not asked to stand out is not missed, nor what is shorter than another in its pocket', () => {
    expect(heldIn(pocket({})).codes).toEqual([]);
    const landing = solveDesign(demoDesigns.find(({ id }) => id === 'landing-organizer')!);
    const [tables, receipts] = ['c2', 'c3'].map((line) =>
      openVerdicts(landing.holders.flatMap(({ clearances }) => clearances)).find((each) => each.line === line),
    );
    expect(tables!.shows).toBeGreaterThan(10);
    expect(receipts!.comesOut).toBe('hidden');
    expect(landing.findings.some(({ code }) => code.startsWith('held.'))).toBe(false);
  });
});

describe('a thing turned over', () => {
  test('drops out of a mouth with more than 6 to spare, and a pin let go holds it', () => {
    expect(heldIn(pocket({ clear: 70.5 })).codes).toEqual([]);
    const wide = pocket({ clear: 72 });
    const { codes, way, standing } = heldIn(wide);
    expect(codes).toEqual(['held.loose']);
    expect(standing.slack).toBeCloseTo(72 - 64.76, 1);
    expect(heldIn(way('held.loose')!.edit.apply(wide) as typeof wide).codes).toEqual([]);
  });
  test('counts as small as it may be, and soft ones at rest', () => {
    // 2 smaller each way: as large as it may be it is 62 and 6, half round it 4 more; as small, 4 less
    const from = heldIn(pocket({})).standing.slack!;
    expect(heldIn(pocket({ item: { tolerance: 2 } })).standing.slack).toBeCloseTo(from + 8, 0);
    const stiff = heldIn(pocket({ item: { thickness: 20 }, clear: 90 })).standing.slack!;
    const soft = heldIn(pocket({ item: { thickness: 20, compressible: 0.5 }, clear: 90 })).standing.slack!;
    // pressed it takes 10 less of the way; at rest it lies there as the other one does
    expect(soft).toBeCloseTo(stiff, 6);
  });
  test('of a mouth that is not meant to hold, nothing is said', () => {
    expect(staysIn({ shows: 0, wished: 0, deep: 100 })).toBeUndefined();
    expect(staysIn({ shows: 50, wished: 50, deep: 100, slack: 3 })).toBe('loose');
    expect(staysIn({ shows: 45, wished: 45, deep: 100, slack: 3 })).toBe('holds');
    expect(staysIn({ shows: 50, wished: 50, deep: 100, slack: 1 })).toBe('grips');
  });
  test('beneath a flap that closes over it, nothing is open', () => {
    const closed = trial({
      body: 'sleeve',
      face: 'inside',
      kind: 'cavity',
      item: thing(100, 60, 20),
      closure: 'flap',
    });
    const { holders } = solveDesign(closed);
    expect(openVerdicts(holders.flatMap(({ clearances }) => clearances))).toEqual([]);
    const open = solveDesign({ ...closed, closure: { kind: 'none', params: {} } });
    expect(openVerdicts(open.holders.flatMap(({ clearances }) => clearances))).toMatchObject([{ line: 'c1' }]);
  });
});

describe('taking it out', () => {
  test('a rigid thing that sits tight and shows nothing is told, and one press lets ten of it stand out', () => {
    const tight = pocket({ clear: 66 });
    const { codes, way } = heldIn(tight);
    expect(codes).toEqual(['held.hidden']);
    const after = heldIn(way('held.hidden')!.edit.apply(tight) as typeof tight);
    expect(after.codes).toEqual([]);
    expect(comesOut(after.standing)).toBe('grip');
    expect(heldIn(pocket({ clear: 66, item: { rigid: false } })).codes).toEqual([]);
    expect(heldIn(pocket({ clear: 67 })).codes).toEqual([]);
  });
  test('what does not go in is not told to be hard to take out', () =>
    expect(heldIn(pocket({ clear: 60 })).codes).toEqual([]));
});
