import { describe, expect, test } from '@jest/globals';
import { demoDesigns } from '../demo/index.ts';
import { given } from '../derived/derived.ts';
import { solveDesign } from '../solve/solve-design.ts';
import { thing, trial, type Trial } from '../testing/trial.ts';
import { hang } from './loose-dividers/rooms.ts';
import type { LooseDividers } from './loose-dividers/rooms.ts';
import { sheafOf } from './sides.ts';

const mm = (value: number) => given('x', value, { kind: 'input', path: 'x' });
const solved = (more: Partial<Trial>) =>
  solveDesign(trial({ body: 'folio', face: 'leaf-1', kind: 'slip-pocket', item: thing(100, 60, 4), ...more }));

describe('a loose divider', () => {
  const hung = (depth: number, tall: number, wished = 15) => {
    const rooms = [{ things: [{ along: mm(tall) }] }];
    const { clear, height } = hang({ rooms, clear: mm(wished) } as unknown as LooseDividers, mm(depth));
    return [clear.value, height.value];
  };
  test('is seven tenths as high as the tallest beside it (common practice)', () =>
    expect(hung(300, 200)).toEqual([15, 140]));
  test('and clear of base and mouth', () => expect(hung(100, 200)).toEqual([15, 70]));
  test('stitched below it ends 12 from each side, where the lining is a little narrower', () => {
    const { seams, body } = solved({
      body: 'sleeve',
      face: 'inside',
      kind: 'loose-dividers',
      holderParams: { below: 'fixed' },
    });
    const lower = seams.filter(({ id }) => id.endsWith('#lower'));
    expect(lower.length).toBeGreaterThan(0);
    for (const { a } of lower)
      expect(a.parts).toEqual([expect.objectContaining({ from: 12, to: body.sizes.flatWidth!.value - 12 })]);
  });
  test('where there is little room, it is half as clear as there is room above and below it, and 20 high', () => {
    expect(hung(30, 200)).toEqual([5, 20]);
    expect(hung(22, 200)).toEqual([1, 20]);
  });
});

describe('several of a line in one place', () => {
  const sheaf = (shape: 'cylinder' | 'box', count: number) =>
    sheafOf({
      line: { id: 'c1', item: 'thing', count, perHolder: count, orientation: 'upright' },
      item: thing(140, 8, 8, { shape }),
      name: 'Thing',
      count,
    });
  // three discs, each on the two below it
  test('round ones are a heap', () => {
    expect(sheaf('cylinder', 3).across.value).toBeCloseTo(16, 9);
    expect(sheaf('cylinder', 3).thickness.value).toBeCloseTo(8 + 8 * (Math.sqrt(3) / 2), 9);
  });
  test('flat ones lie on each other, and one alone is as it is', () => {
    expect([sheaf('box', 3).across.value, sheaf('box', 3).thickness.value]).toEqual([8, 24]);
    expect([sheaf('cylinder', 1).across.value, sheaf('cylinder', 1).thickness.value]).toEqual([8, 8]);
  });
});

test('what has no round corners is drawn without them', () => {
  const places: Partial<Trial>[] = [
    { body: 'sleeve', face: 'inside', kind: 'cavity' },
    { body: 'foldover', face: 'inside', kind: 'note-compartment', item: thing(140, 66, 1) },
    { kind: 'slip-pocket' },
    { kind: 'bellows-pocket' },
  ];
  for (const more of places) {
    const radii = solved(more).holders.flatMap(({ things }) => things.map(({ radius }) => radius));
    expect([more.kind, radii]).toEqual([more.kind, [0]]);
  }
});

test('cloth over a whole room is cut through from one side of it to the other', () => {
  const { holders } = solved({ body: 'foldover', face: 'inside', kind: 'note-compartment', item: thing(140, 66, 1) });
  const panel = holders[0]!.slabs.find(({ label }) => label === 'note panel')!;
  expect([panel.x0, panel.x1, panel.y0]).toEqual([0, holders[0]!.seat.width.value, 0]);
});

describe('steps that a holder asks for', () => {
  const lines = (count: number) =>
    solved({ kind: 'channel-pocket', item: thing(140, 9, 9, { shape: 'cylinder' }), count })
      .operations.filter(({ id }) => id === 'holders/A/channels')
      .flatMap(({ seams }) => seams).length;
  test('lines between channels are stitched where there are two', () => {
    expect([lines(1), lines(2), lines(3)]).toEqual([0, 1, 2]);
  });
});

test('the pleats of a bellows are as deep as half of what its front is wider, beside its stitching', () => {
  const { pieces, holders } = solved({ kind: 'bellows-pocket', item: thing(90, 50, 20) });
  const front = pieces.find(({ id }) => id === 'holders/A/front')!;
  const [a, b, c, d] = front.lines.filter(({ id }) => id.startsWith('pleat')).map(({ from }) => from[0]);
  const wider = front.cutWidth.value - front.allowance.left! - front.allowance.right! - holders[0]!.seat.width.value;
  expect(b! - a!).toBeCloseTo(wider / 2, 6);
  expect(d! - c!).toBeCloseTo(wider / 2, 6);
});

test('and go up 25, or half of a low pocket', () => {
  const up = (length: number) => {
    const { pieces, holders } = solved({ kind: 'bellows-pocket', item: thing(length, 12, 4) });
    const front = pieces.find(({ id }) => id === 'holders/A/front')!;
    const { value: high } = holders[0]!.sizes.depth!;
    return [front.lines.find(({ id }) => id.startsWith('pleat'))!.to[1], high] as const;
  };
  expect(up(120)[0]).toBe(25);
  const [low, high] = up(12);
  expect(high).toBeLessThan(50);
  expect(low).toBeCloseTo(high / 2, 9);
});

test('a zip pocket opens in its middle', () => {
  const { holders } = solved({ kind: 'zip-pocket', item: thing(90, 60, 4) });
  const [{ mouths, seat, sizes }] = holders as [(typeof holders)[number]];
  const [{ x0, x1 }] = mouths as [(typeof mouths)[number]];
  expect(x1 - x0).toBeCloseTo(sizes.opening!.value, 9);
  expect(x0 - seat.x).toBeCloseTo(seat.x + seat.width.value - x1, 9);
});

test('a loose divider is cut through from one side of the bag to the other', () => {
  const { holders } = solved({ body: 'sleeve', face: 'inside', kind: 'loose-dividers', params: { form: 'boxed' } });
  const cloths = holders[0]!.slabs.filter(({ label }) => label.startsWith('divider'));
  expect(cloths.length).toBeGreaterThan(0);
  for (const { x0, x1 } of cloths) expect([x0, x1 > 50]).toEqual([0, true]);
});

describe('card pockets in two columns', () => {
  const cards = (columns: string) =>
    solved({
      body: 'foldover',
      face: 'left',
      kind: 'card-tiers',
      item: thing(85.6, 54, 0.76, { shape: 'card' }),
      count: 4,
      holderParams: { columns, making: 'applied' },
    });
  test('each is parted in its middle; one column is not', () => {
    const lines = (columns: string) =>
      cards(columns)
        .pieces.filter(({ id }) => /^holders\/A\/pocket-\d+$/.test(id))
        .map((piece) => {
          const middle = piece.lines.find(({ id }) => id === 'middle');
          const width = piece.cutWidth.value - piece.allowance.left! - piece.allowance.right!;
          return middle ? middle.from[0] / width : undefined;
        });
    expect(lines('2').length).toBeGreaterThan(0);
    for (const at of lines('2')) expect(at).toBeCloseTo(0.5, 9);
    for (const at of lines('1')) expect(at).toBeUndefined();
  });
  test('the last one reaches further down, by its stitching', () => {
    const high = cards('1')
      .pieces.filter(({ id }) => /^holders\/A\/pocket-\d+$/.test(id))
      .map(({ cutHeight }) => cutHeight.value);
    expect(high.length).toBe(4);
    expect(new Set(high.slice(0, -1)).size).toBe(1);
    expect(high.at(-1)! - high[0]!).toBe(2);
  });
  test('and is drawn so', () => {
    const [{ stitching, seat }] = cards('2').holders as [ReturnType<typeof cards>['holders'][number]];
    const middle = stitching.find(({ id }) => id === 'A-middle')!;
    expect(middle.from[0] - seat.x).toBeCloseTo(seat.width.value / 2, 9);
    expect(cards('1').holders[0]!.stitching.some(({ id }) => id === 'A-middle')).toBe(false);
  });
});

test('a row of loops is at least half as high again as its elastic is wide', () => {
  const { holders } = solved({ kind: 'loop-row', item: thing(12, 6, 6, { shape: 'cylinder' }) });
  const [{ bands, seat }] = holders as [(typeof holders)[number]];
  expect(seat.height.value).toBeGreaterThanOrEqual(1.5 * bands![0]!.wide - 1e-9);
});

test('channels for things of two lengths show as much as the shorter may, never more', () => {
  const pens = trial({
    body: 'folio',
    face: 'leaf-1',
    kind: 'channel-pocket',
    item: thing(140, 9, 9, { shape: 'cylinder' }),
    holderParams: { visible: 40 },
  });
  const [holder] = pens.holders;
  const { holders } = solveDesign({
    ...pens,
    ownItems: [...pens.ownItems, { ...thing(60, 9, 9, { shape: 'cylinder' }), id: 'short', name: 'Short' }],
    contents: [...pens.contents, { id: 'c2', item: 'short', count: 1, perHolder: 1, orientation: 'upright' }],
    holders: [{ ...holder!, contents: [...holder!.contents, { line: 'c2', count: 1 }] }],
  });
  // 45 % of 60 (common practice: more than half of a thing is held)
  expect((holders[0]!.detail as { visible: { value: number } }).visible.value).toBeCloseTo(27, 9);
});

test('a book is cut through from one side of its jacket, and its boards lie at both ends, halfway up', () => {
  const item = thing(210, 148, 20, { shape: 'book' });
  const { holders } = solved({ body: 'jacket', face: 'cover', kind: 'book-cover', item });
  expect(holders[0]!.slabs.map(({ x0, x1, y0, y1 }) => [x0, x1, y0, y1])).toEqual([[0, 148, 0, 210]]);
  const [{ seat, things }] = holders as [(typeof holders)[number]];
  const [left, right] = things as [(typeof things)[number], (typeof things)[number]];
  expect([left.x, right.x + right.width]).toEqual([seat.x, seat.x + seat.width.value]);
  for (const { y, height } of things) {
    const below = y - seat.y;
    expect([below > 0, below]).toEqual([true, seat.y + seat.height.value - y - height]);
  }
});

test('of rooms stitched apart on a boxed base, those at its ends are wider by half of the base, the one between is not', () => {
  const parted = trial({
    body: 'sleeve',
    face: 'inside',
    kind: 'cavity',
    params: { form: 'boxed' },
    holderParams: { divide: 'stitched' },
    item: thing(160, 60, 10),
    count: 3,
  });
  const { holders } = solveDesign({ ...parted, pins: { 'body/base': 80 } });
  const [first, between, last] = [1, 2, 3].map((room) => holders[0]!.sizes[`room${room}`]!.value);
  expect(first).toBe(last);
  expect(between).toBeLessThan(first! - 1);
});

test('lines between rooms that are stitched apart are called by their number on front and back', () => {
  const { pieces } = solved({
    body: 'sleeve',
    face: 'inside',
    kind: 'cavity',
    holderParams: { divide: 'stitched' },
    item: thing(160, 60, 10),
    count: 3,
  });
  const called = pieces.flatMap(({ lines }) => lines.filter(({ label }) => /\d$/.test(label)));
  const numbers = called.map(({ id, label }) => [/-(\d+)-(?:front|back)$/.exec(id)?.[1], /\d+$/.exec(label)?.[0]]);
  expect(numbers.sort()).toEqual([
    ['1', '1'],
    ['1', '1'],
    ['2', '2'],
    ['2', '2'],
  ]);
});

test('a note panel is said to be as wide and as high as it is cut, folded double', () => {
  const { holders, pieces } = solved({
    body: 'foldover',
    face: 'inside',
    kind: 'note-compartment',
    item: thing(140, 66, 1),
  });
  const panel = pieces.find(({ name }) => name === 'Note panel')!;
  const { panelWidth, panelHeight } = holders[0]!.sizes;
  const { allowance, cutWidth, cutHeight } = panel;
  expect(panelWidth!.value).toBeCloseTo(cutWidth.value - allowance.left! - allowance.right!, 9);
  expect(panelHeight!.value).toBeCloseTo((cutHeight.value - allowance.top! - allowance.bottom!) / 2, 9);
});

test('topstitching bites into the sides of all card pockets, and into the bottom of the last', () => {
  const { rooms } = solveDesign(demoDesigns.find(({ id }) => id === 'permit-bifold')!);
  const tiers = rooms.filter(({ id }) => id.startsWith('holders/A/')).map(({ rings }) => rings[0]!.walls[0]!);
  const inset = 'topstitch.inset';
  expect(tiers.map(({ left, right, base }) => [left.inset, right.inset, base!.inset])).toEqual([
    [inset, inset, undefined],
    [inset, inset, undefined],
    [inset, inset, inset],
  ]);
});

test('rooms of a parted pocket are numbered from the first', () => {
  const { rooms } = solved({ kind: 'channel-pocket', item: thing(140, 9, 9, { shape: 'cylinder' }), count: 3 });
  expect(rooms.map(({ id }) => id)).toEqual(['holders/A/1', 'holders/A/2', 'holders/A/3']);
});

test('straps hold a thing in the middle of their place', () => {
  const { holders } = solved({ kind: 'hold-straps', item: thing(120, 60, 8) });
  const [{ seat, things, slabs, bands }] = holders as [(typeof holders)[number]];
  expect(2 * (things[0]!.y - seat.y) + things[0]!.height).toBeCloseTo(seat.height.value, 9);
  expect(bands!.length).toBeGreaterThan(0);
  for (const { of, y0, y1 } of slabs) if ('line' in of) expect(y0 + y1).toBeCloseTo(seat.height.value, 9);
});

test('crossed straps run from corner to corner of the thing, one each way', () => {
  const { holders } = solved({ kind: 'hold-straps', item: thing(120, 60, 8), holderParams: { way: 'crossed' } });
  const steep = holders[0]!.bands!.map(({ from, to }) => (to[1] - from[1]) / (to[0] - from[0]));
  expect(steep.map((each) => Math.round(each * 1e6) / 1e6)).toEqual([2, -2]);
});

test('the elastic of a row of loops is as high as the row', () => {
  const { holders } = solved({ kind: 'loop-row', item: thing(120, 12, 12, { shape: 'cylinder' }), count: 2 });
  const [{ seat, slabs }] = holders as [(typeof holders)[number]];
  const elastic = slabs.find(({ label }) => label === 'elastic')!;
  expect([elastic.x0, elastic.y0, elastic.y1]).toEqual([0, 0, seat.height.value]);
});

test.each(['upright', 'parallel', 'crossed'])(
  'straps of a thing narrower than they are lie on their place: %s',
  (way) => {
    const narrow = way === 'parallel' ? thing(60, 12, 4) : thing(120, 12, 4);
    const { holders } = solved({ kind: 'hold-straps', item: narrow, holderParams: { way } });
    const [{ seat, bands }] = holders as [(typeof holders)[number]];
    const ends = bands!.flatMap(({ from, to, wide }) => {
      const long = Math.hypot(to[0] - from[0], to[1] - from[1]);
      // the corners of each end
      const [ax, ay] = [(-(to[1] - from[1]) / long) * (wide / 2), ((to[0] - from[0]) / long) * (wide / 2)];
      return [from, to].flatMap(([x, y]) => [
        [x + ax, y + ay],
        [x - ax, y - ay],
      ]);
    });
    for (const [x, y] of ends) {
      expect(Math.min(x! - seat.x, seat.x + seat.width.value - x!)).toBeGreaterThanOrEqual(-1e-9);
      expect(Math.min(y! - seat.y, seat.y + seat.height.value - y!)).toBeGreaterThanOrEqual(-1e-9);
    }
    if (way === 'upright') expect(Math.abs(bands![1]!.from[0] - bands![0]!.from[0])).toBeGreaterThan(bands![0]!.wide);
  },
);
