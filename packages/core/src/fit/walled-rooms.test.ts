import { describe, expect, test } from '@jest/globals';
import { flatAccordion } from '../testing/flat-accordion.ts';
import { demoDesigns } from '../demo/index.ts';
import type { DesignDocument } from '../document/design-document.ts';
import type { Item } from '../shelves/items/item.ts';
import { solveDesign } from '../solve/solve-design.ts';
import type { Solution } from '../solve/solution.ts';
import { refitted } from '../testing/fit-compared.ts';
import { thing, trial } from '../testing/trial.ts';
import { cornerTakes } from './case.ts';
import { roundedAs } from './packed.ts';

const demo = (id: string): DesignDocument => demoDesigns.find((design) => design.id === id)!;
/** What is least left in a direction, of a holder or of all of them, mm. */
const left = (
  design: DesignDocument,
  solution: Solution,
  direction: string,
  { change, holder }: { change?: (item: Item) => Item; holder?: string } = {},
): number =>
  Math.min(
    ...refitted(design, solution, change)
      .filter((each) => each.direction === direction && (!holder || each.holder === holder))
      .map(({ clearance }) => clearance.value),
  );
const bigger =
  (key: 'length' | 'width' | 'thickness', by: number, id?: string) =>
  (item: Item): Item =>
    !id || item.id === id ? { ...item, [key]: item[key] + by } : item;

/** How much less is left when things are larger. */
const lost = (design: DesignDocument, direction: string, change: (item: Item) => Item, holder?: string): number => {
  const solution = solveDesign(design);
  const only = holder ? { holder } : {};
  return left(design, solution, direction, only) - left(design, solution, direction, { ...only, change });
};

describe('round corners in rounder ones', () => {
  test('what reaches from side to side needs all of both corners, what is clear of them none', () => {
    expect(cornerTakes(20, 0)).toBeCloseTo(40, 9);
    expect(cornerTakes(20, 20)).toBe(0);
    expect(cornerTakes(0, 0)).toBe(0);
  });
  test('as far from both sides, a square corner stays inside by 1 - 1/√2 of the radius', () => {
    const inside = (1 - Math.SQRT1_2) * 20;
    expect(cornerTakes(20, inside)).toBeCloseTo(2 * inside, 9);
  });
  test('a heap is as round as its roundest outline that holds all of it', () => {
    expect(roundedAs([{ x: 8, y: 8, r: 8 }], 100, 60)).toBeCloseTo(8, 9);
    expect(roundedAs([{ x: 0, y: 0, r: 0 }], 100, 60)).toBe(0);
    // a corner that stands 12 aside along one edge lets the outline turn with that radius
    expect(roundedAs([{ x: 12, y: 0, r: 0 }], 100, 60)).toBeCloseTo(12, 9);
    expect(roundedAs([{ x: 50, y: 30, r: 0 }], 100, 60)).toBe(30);
  });
});

describe('a hard case', () => {
  const device = thing(239, 102, 12, { planRadius: 8, rigid: true });
  const caseOf = (item: Item, params = {}): DesignDocument => ({
    ...trial({ body: 'shell', params, face: 'inside', kind: 'packed-room', item, closure: 'zip-top' }),
    contents: [{ id: 'c1', item: item.id, count: 1, perHolder: 1, orientation: 'lying' }],
  });

  test('is no larger than a device with its own round corners and a margin ask', () => {
    const { body, findings } = solveDesign(caseOf(device));
    // ease 3 each way and 3 of margin each side would be 248 x 111; without its corners it was 258 x 121
    expect(body.sizes.plateLength!.value).toBeLessThan(252);
    expect(body.sizes.plateWidth!.value).toBeLessThan(115);
    expect(findings.filter(({ severity }) => severity !== 'note')).toEqual([]);
  });
  test('asks more for the same device with square corners, and is tight for it as it was', () => {
    const square = { ...device, planRadius: 0 };
    const round = solveDesign(caseOf(device));
    expect(solveDesign(caseOf(square)).body.sizes.plateLength!.value).toBeGreaterThan(
      round.body.sizes.plateLength!.value,
    );
    const change = (): Item => square;
    expect(left(caseOf(device), round, 'across', { change })).toBeLessThan(left(caseOf(device), round, 'across'));
  });
  test('a thing 1 higher has 1 less, and 2 more in a pocket of the lid take 2 of that', () => {
    expect(lost(caseOf(device), 'deep', bigger('thickness', 1))).toBeCloseTo(1, 6);
    const design: DesignDocument = {
      ...caseOf(device),
      contents: [
        ...caseOf(device).contents,
        { id: 'c2', item: 'flat', count: 1, perHolder: 1, orientation: 'upright' },
      ],
      ownItems: [device, { ...thing(60, 40, 3), id: 'flat' }],
      holders: [
        ...caseOf(device).holders,
        { id: 'B', kind: 'slip-pocket', params: {}, contents: [{ line: 'c2', count: 1 }] },
      ],
      faces: { inside: { kind: 'holder', id: 'A' }, lid: { kind: 'holder', id: 'B' } },
    };
    expect(lost(design, 'deep', bigger('thickness', 2, 'flat'), 'A')).toBeCloseTo(2, 6);
    expect(left(design, solveDesign(design), 'deep', { holder: 'A' })).toBeGreaterThan(-1e-6);
  });
});

describe('a zipped pouch', () => {
  const pouch = (form: string): DesignDocument =>
    trial({
      body: 'zip-tube',
      params: { form },
      face: 'inside',
      kind: 'packed-room',
      item: thing(120, 60, 30),
      closure: 'zip-top',
    });

  test('boxed, each side counts for itself', () => {
    // what stands is 60 across, 30 from front to back, 120 high; the longest goes along the zipper
    const ways = ['across', 'thick', 'deep'];
    const losses = (key: 'length' | 'width' | 'thickness') =>
      ways.map((way) => Number(lost(pouch('boxed'), way, bigger(key, 1)).toFixed(6)));
    expect(
      [losses('length'), losses('width'), losses('thickness')].map((each) => each.reduce((a, b) => a + b)),
    ).toEqual([1, 1, 1]);
  });
  test('flat, what is higher has less both ways', () => {
    const design = pouch('flat');
    const both = (key: 'length' | 'width' | 'thickness') =>
      ['across', 'thick'].map((way) => Number(lost(design, way, bigger(key, 1)).toFixed(6)));
    // one of its sides is taken from both directions, the two others each from one
    const all = (['length', 'width', 'thickness'] as const).map((key) => both(key).join());
    expect([...all].sort()).toEqual(['0,1', '1,0', '1,1']);
  });
  test('a lining that is set much smaller is what decides', () => {
    const rules = { 'lining.school': 'shorter', 'lining.shorter': 12 };
    const design = { ...pouch('boxed'), rules };
    expect(solveDesign(design).findings.filter(({ code }) => code.startsWith('clearance'))).toEqual([]);
  });
});

describe('an accordion', () => {
  test('what is thicker opens its pleats, what is wider passes between the dividers', () => {
    const design = flatAccordion;
    expect(lost(design, 'thick', bigger('thickness', 1), 'C')).toBeCloseTo(1, 6);
    // 148 lies across
    expect(lost(design, 'across', bigger('length', 1), 'C')).toBeCloseTo(1, 6);
  });
  test('a gusset that is pinned narrower is told in the compartment that it is too narrow for', () => {
    const design = { ...flatAccordion, pins: { 'body/gusset': 40 } };
    const told = solveDesign(design).findings.filter(({ code }) => code === 'clearance.tooTight');
    // 5.26 less, shared by its two ends: at the top 7.38 - 2.63 for 4.8 and the lining, and 6 - 2.63 for 2.4
    expect(told.flatMap(({ about }) => about).filter((path) => path.startsWith('holders/'))).toEqual(['holders/A']);
    expect(told[0]!.numbers.clearance).toBeCloseTo(4.75 - 4.88, 3);
  });
});

describe('a jacket', () => {
  test('a book 1 wider has 2 less round it, one 1 thicker 1, one 1 higher 1 in its flap', () => {
    const design = demo('tide-jacket');
    const solution = solveDesign(design);
    const rooms = (change?: (item: Item) => Item) =>
      new Map(refitted(design, solution, change).map(({ room, clearance }) => [room, clearance.value]));
    const before = rooms();
    const less = (key: 'length' | 'width' | 'thickness') => {
      const after = rooms(bigger(key, 1));
      return [...before].map(([room, value]) => Number((value - after.get(room)!).toFixed(6)));
    };
    // the flap, then the cover
    expect([less('width'), less('thickness'), less('length')]).toEqual([
      [0, 2],
      [0, 1],
      [1, 0],
    ]);
  });
});

describe('a framed organizer', () => {
  const design = demo('field-organizer');

  test('things 1 higher have 1 less under the roof', () => {
    const solution = solveDesign(design);
    const inside = solution.holders.find(({ seat }) => seat.face === 'inside')!;
    const { deep } = Object.fromEntries(inside.clearances.map((each) => [each.direction, each]));
    expect(deep!.clearance.value).toBeGreaterThanOrEqual(deep!.ease - 0.5);
    const higher = (by: number) =>
      left(design, solution, 'deep', {
        holder: inside.id,
        change: (item) => ({
          ...item,
          length: item.length + by,
          width: item.width + by,
          thickness: item.thickness + by,
        }),
      });
    expect(higher(0) - higher(1)).toBeGreaterThanOrEqual(1 - 1e-6);
  });
  test('what hangs between its sides takes from front to back', () => {
    const solution = solveDesign(design);
    const hung = solution.holders.find(({ seat }) => seat.face === 'divider')!;
    const inside = solution.holders.find(({ seat }) => seat.face === 'inside')!;
    const line = design.contents.find(({ id }) => hung.slabs.some(({ of }) => 'line' in of && of.line === id))!;
    const change = (item: Item): Item => (item.id === line.item ? { ...item, thickness: item.thickness + 3 } : item);
    const thick = (of?: { change: (item: Item) => Item }) =>
      left(design, solution, 'thick', { ...of, holder: inside.id });
    expect(thick() - thick({ change })).toBeGreaterThanOrEqual(3 - 1e-6);
  });
});
