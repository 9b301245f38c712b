import { describe, expect, test } from '@jest/globals';
import { demoDesigns } from '../demo/index.ts';
import { solveDesign } from '../solve/solve-design.ts';
import { thing, trial } from '../testing/trial.ts';

// Where things lie on their seats, and how they are held there, by hand.

const demo = (id: string) => solveDesign(demoDesigns.find((design) => design.id === id)!);
const middleOf = ({ x0, x1 }: { x0: number; x1: number }) => (x0 + x1) / 2;

test('what stands in a bag is cut through from the bottom up', () => {
  const { holders } = solveDesign(trial({ body: 'sleeve', face: 'inside', kind: 'cavity', item: thing(90, 60, 20) }));
  expect(holders[0]!.slabs.map(({ y0, y1 }) => [y0, y1])).toEqual([[0, 90]]);
});

test('notes lie in the middle of their compartment', () => {
  const { slabs, seat } = demo('permit-bifold').holders.find(({ kind }) => kind === 'note-compartment')!;
  const notes = slabs.filter(({ of }) => 'line' in of);
  expect(notes.length).toBeGreaterThan(0);
  for (const note of notes) expect(middleOf(note)).toBeCloseTo(seat.width.value / 2, 9);
});

/** A bag that loose dividers part, with so many of a thing 120 high, 40 wide and 15 thick. */
const divided = (dividers: string, count: number) =>
  trial({
    body: 'sleeve',
    face: 'inside',
    kind: 'loose-dividers',
    holderParams: { dividers },
    item: thing(120, 40, 15),
    count,
  });

describe('loose dividers', () => {
  /** Three things, 40, 30 and 20 wide, each in a room of its own. */
  const parted = () => {
    const design = divided('two', 1);
    const lines = [40, 30, 20].map((width, index) => ({
      item: { ...thing(120, width, 15), id: `thing-${index}` },
      line: { ...design.contents[0]!, id: `c${index}`, item: `thing-${index}` },
    }));
    const { slabs, seat } = solveDesign({
      ...design,
      ownItems: lines.map(({ item }) => item),
      contents: lines.map(({ line }) => line),
      holders: [{ ...design.holders[0]!, contents: lines.map(({ line }) => ({ line: line.id, count: 1 })) }],
    }).holders[0]!;
    return { slabs, wide: seat.width.value };
  };
  test('a thing stands in the middle of its half, left or right', () => {
    const { slabs, wide } = parted();
    const things = slabs.filter(({ of }) => 'line' in of);
    expect(things.map((each) => each.x1 - each.x0).sort()).toEqual([20, 30, 40]);
    const shares = things.map((each) => middleOf(each) / wide).sort();
    expect(shares).toEqual([0.25, 0.25, 0.75].map((share) => expect.closeTo(share, 9)));
  });
  test('what fills a room all across stands in the middle of the bag', () => {
    const design = divided('one', 2);
    const { slabs, seat } = solveDesign(design).holders[0]!;
    const [first, second] = slabs.filter(({ of }) => 'line' in of);
    expect((first!.x0 + second!.x1) / 2).toBeCloseTo(seat.width.value / 2, 9);
    expect(second!.x0).toBeCloseTo(first!.x1, 9);
  });
  test('are as high as seven tenths of what leans on them (common practice), clear of the base', () => {
    const cloths = parted().slabs.filter(({ of }) => 'role' in of);
    expect(cloths).toHaveLength(2);
    for (const { y0, y1 } of cloths) {
      expect(y1 - y0).toBeCloseTo(0.7 * 120, 9);
      expect(y0).toBeGreaterThan(0);
    }
  });
});

test('a panel of cards lies with its outer side in the seam, its inner one towards the fold', () => {
  const { seams } = demo('junior-bifold');
  // the left leaf has its seam on the left, the right one on the right
  for (const [holder, outer] of [
    ['A', 'left'],
    ['B', 'right'],
  ]) {
    const caught = seams.find(({ id }) => id === `holders/${holder}/backing#outer`)!;
    expect([holder, caught.b.parts]).toMatchObject([holder, [{ edge: outer }]]);
  }
});

describe('a pouch that hangs in a bag', () => {
  const hung = () => {
    const design = trial({
      body: 'organizer',
      face: 'inside',
      kind: 'packed-room',
      item: thing(150, 120, 110),
    });
    const own = { ...thing(70, 60, 4), id: 'flat' };
    return solveDesign({
      ...design,
      ownItems: [...(design.ownItems ?? []), own],
      contents: [...design.contents, { ...design.contents[0]!, id: 'cD', item: 'flat' }],
      holders: [
        ...design.holders,
        { id: 'D', kind: 'divider-pouch', params: { bottom: 'base' }, contents: [{ line: 'cD', count: 1 }] },
      ],
      faces: { ...design.faces, divider: { kind: 'holder', id: 'D' } },
      stacks: { ...design.stacks, pocket: [{ material: 'felt-2', coverage: 'full' }] },
      rules: { 'ease.pocket.across': 3 },
    }).holders.find(({ id }) => id === 'D')!;
  };
  test('its bottom is as deep as what its width leaves beside the thing, felt of 2 on both sides of it', () => {
    const { sizes, seat } = hung();
    // 60 and 3 of ease between the corners, to the middle of the felt on both sides
    expect(sizes.pouchDepth!.value).toBe(Math.floor(seat.width.value - (60 + 3 + 2)));
  });
  test('what is in it is cut through in its middle', () => {
    const { slabs, seat } = hung();
    const [held] = slabs.filter(({ of }) => 'line' in of);
    expect(held!.x1 - held!.x0).toBe(60);
    expect(middleOf(held!)).toBeCloseTo(seat.width.value / 2, 9);
  });
});

test('a bound book is drawn with square corners, both boards', () => {
  const { things } = demo('tide-jacket').holders[0]!;
  expect(things.map(({ radius }) => radius)).toEqual([0, 0]);
});

test('a note compartment is as deep as its notes ask, and less than a step of the grid more', () => {
  const design = trial({
    body: 'foldover',
    face: 'inside',
    kind: 'note-compartment',
    item: thing(140, 70, 8),
  });
  const lying = { ...design, contents: design.contents.map((line) => ({ ...line, orientation: 'lying' as const })) };
  const deep = solveDesign(lying).holders[0]!.clearances.find(({ direction }) => direction === 'deep')!;
  // its mouth lies 8 below the top, so that 70 and 3 of ease less 8 are inside; 0.55 of them must be held (common practice)
  const spare = 70 + 3 - 8 - 0.55 * 70;
  expect(deep.clearance.value).toBeGreaterThanOrEqual(spare - 1e-9);
  expect(deep.clearance.value).toBeLessThan(spare + 0.5);
});

describe('what hangs in a bag is sewn in the right way round', () => {
  const design = divided('two', 2);
  const own = { ...thing(70, 60, 4), id: 'flat' };
  const { seams, pieces } = solveDesign({
    ...design,
    ownItems: [...(design.ownItems ?? []), own],
    contents: [...design.contents, { ...design.contents[0]!, id: 'cD', item: 'flat', count: 1 }],
    holders: [...design.holders, { id: 'D', kind: 'divider-pouch', params: {}, contents: [{ line: 'cD', count: 1 }] }],
    faces: { ...design.faces, divider: { kind: 'holder', id: 'D' } },
  });
  const seamOf = (id: string) => seams.find((seam) => seam.id === id)!;
  test('a folded divider: its left edge runs down, its first half is the upper one; the right one runs up', () => {
    for (const side of ['front', 'back']) {
      const id = `holders/A/divider-${side}`;
      const high = pieces.find((piece) => piece.id === id)!.folds[0]!.from[1];
      const halves = (which: string) =>
        ['lower', 'upper'].map((half) => seamOf(`${id}#${which}-${half}`).a.parts[0] as { from?: number; to?: number });
      expect([side, halves('left')]).toMatchObject([side, [{ from: high }, { from: 0, to: high }]]);
      expect([side, halves('right')]).toMatchObject([side, [{ from: 0, to: high }, { from: high }]]);
    }
  });
  test('a pouch: its back is drawn right side up, so that its right edge lies on the left', () => {
    const edges = (piece: string) =>
      ['left', 'right'].map((side) => seamOf(`holders/D/${piece}#${side}`).a.parts[0] as { edge: string });
    expect(edges('pouch-front')).toMatchObject([{ edge: 'left' }, { edge: 'right' }]);
    expect(edges('pouch-back')).toMatchObject([{ edge: 'right' }, { edge: 'left' }]);
  });
});

test('straps take 4 beside the thing and 3 for the fold of each end (common practice), where their ends lie', () => {
  const room = (way: string) => {
    const design = trial({
      body: 'folio',
      face: 'leaf-1',
      kind: 'hold-straps',
      holderParams: { way },
      item: thing(239, 102, 11),
    });
    const { seat } = solveDesign(design).holders[0]!;
    return [seat.width.value, seat.height.value];
  };
  expect(room('parallel')).toEqual([102 + 8 + 6, 239 + 8]);
  expect(room('upright')).toEqual([102 + 8, 239 + 8 + 6]);
  // an elastic 20 wide, askew
  expect(room('crossed')).toEqual([102 + 8 + 40, 239 + 8 + 40]);
});
