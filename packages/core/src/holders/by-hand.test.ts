import { describe, expect, test } from '@jest/globals';
import { demoDesigns } from '../demo/index.ts';
import { builtInKinds } from '../kinds/kinds.ts';
import { pack } from '../packing/pack.ts';
import { surfaceOf } from '../packing/packable.ts';
import { solveDesign } from '../solve/solve-design.ts';
import { thing, trial } from '../testing/trial.ts';
import { tongue, tOutline } from './card-tiers/t-slot.ts';
import type { Tiers } from './card-tiers/tiers.ts';
import { looseThings } from './packed-room/ways.ts';
import { halfGirthOfOne, heapOf, sidesOf } from './sides.ts';
import { given } from '../derived/derived.ts';

const demo = (id: string) => solveDesign(demoDesigns.find((design) => design.id === id)!);
const clears = ({ holders }: ReturnType<typeof demo>, id: string) =>
  Object.fromEntries(
    holders.find((holder) => holder.id === id)!.clearances.map((each) => [each.direction, each.required.value]),
  );

describe('what a thing is said to need, by hand', () => {
  test('a book in its jacket: docs/worked/tide-jacket.md, sections 2 and 3', () => {
    const asked = demo('tide-jacket').holders[0]!.clearances.map(({ required }) => required.value);
    // a board in its flap, and all of the jacket round the book
    expect(Math.min(...asked)).toBeCloseTo(148 + 0.3 + Math.PI * 0.56, 6);
    expect(Math.max(...asked)).toBeCloseTo(2 * 105 + 2.4 + 0.3 + 2 * Math.PI * 0.56, 6);
  });
  test('a vial of 16 under its loop: elastic of 1.2 on both sides of it', () =>
    expect(clears(demo('refractometer-case'), 'B').across).toBeCloseTo(16 + 2 * 1.2, 9));
  test('round things pass a slit as long as half of the way round them, others as wide and thick', () => {
    const held = (item: Parameters<typeof looseThings>[0]['item']) =>
      looseThings({
        line: { id: 'c1', item: 'thing', count: 1, perHolder: 1, orientation: 'upright' },
        item,
        name: 'Thing',
        count: 1,
      })[0]!.halfGirth;
    expect(held(thing(60, 60, 60, { shape: 'ball' }))).toBeCloseTo(30 * Math.PI, 9);
    expect(held(thing(90, 24, 24, { shape: 'cylinder' }))).toBeCloseTo(12 * Math.PI, 9);
    expect(held(thing(90, 40, 24))).toBeCloseTo(40 + 24, 9);
  });
});

describe('where it lies', () => {
  const long = trial({
    body: 'folio',
    face: 'leaf-1',
    kind: 'loop-row',
    item: thing(160, 20, 20, { shape: 'cylinder' }),
  });
  test('two rows of elastic, as far from below as from above', () => {
    const [{ bands, seat }] = solveDesign(long).holders as [ReturnType<typeof demo>['holders'][number]];
    expect(bands).toHaveLength(2);
    const [low, high] = bands!.map(({ from, wide }) => [from[1] - wide / 2 - seat.y, from[1] + wide / 2 - seat.y]);
    expect(low![0]).toBeCloseTo(0.2 * seat.height.value, 9);
    expect(seat.height.value - high![1]!).toBeCloseTo(low![0]!, 9);
  });
  test('a strapped thing lies in the middle of its straps, which are told once', () => {
    const design = trial({ body: 'folio', face: 'leaf-1', kind: 'hold-straps', item: thing(140, 70, 11) });
    const { holders, pieces } = solveDesign(design);
    const [{ slabs }] = holders as [ReturnType<typeof demo>['holders'][number]];
    const [inner, elastic] = [slabs.find(({ of }) => 'line' in of)!, slabs.find(({ of }) => 'role' in of)!];
    expect(inner.x0 + inner.x1).toBeCloseTo(elastic.x0 + elastic.x1, 9);
    expect(inner.y0 + inner.y1).toBeCloseTo(elastic.y0 + elastic.y1, 9);
    const lines = pieces.find(({ id }) => id === 'body/lining')!.lines.filter(({ id }) => id.startsWith('A-strap'));
    expect(lines.map(({ label }) => label)).toEqual(['straps of A', '', '', '']);
  });
  test('a T has a tongue where four insets are room for one', () => {
    const tiers = { making: 't-slots', reveal: { value: 12 } } as Tiers;
    expect(tongue(tiers, 40, 60)).toEqual({ bar: 20, inset: 10 });
    expect(tongue(tiers, 39.9, 60)).toBeUndefined();
    expect(tongue(tiers, 80, 24.9)).toBeUndefined();
    expect(tongue(tiers, 80, 25.1)).toBeDefined();
    expect(tOutline(80, 60, { bar: 20, inset: 10 }).map(({ from }) => from)).toEqual([
      [10, 0],
      [70, 0],
      [70, 40],
      [80, 40],
      [80, 60],
      [0, 60],
      [0, 40],
      [10, 40],
    ]);
    expect(tongue({ ...tiers, making: 'stacked' } as Tiers, 80, 60)).toBeUndefined();
  });
});

test('of more things than can be tried, what a better packing could save is told in whole per cent, upwards', () => {
  const items = [thing(60, 43, 31), thing(52, 37, 19, { id: 'other' })];
  const design = trial({ body: 'box', face: 'inside', kind: 'packed-room', item: items[0]!, count: 5 });
  const both = {
    ...design,
    contents: [...design.contents, { ...design.contents[0]!, id: 'c2', item: 'other' }],
    ownItems: items,
    holders: [
      {
        ...design.holders[0]!,
        contents: [
          { line: 'c1', count: 5 },
          { line: 'c2', count: 5 },
        ],
      },
    ],
  };
  const found = solveDesign(both).findings.find(({ code }) => code === 'packing.notProved')!;
  const size = (at: number) => [items[at]!.width, items[at]!.thickness, items[at]!.length] as const;
  // the bound of the search itself; that it is one is tested with the search
  const packing = pack(
    [0, 1].flatMap((at) =>
      Array.from({ length: 5 }, (_, index) => ({
        id: `${at}#${index}`,
        ways: [size(at), [size(at)[1], size(at)[0], size(at)[2]] as const],
      })),
    ),
  );
  const share = 100 * (surfaceOf(packing.size) / packing.bound - 1);
  expect(found.numbers.share).toBe(Math.ceil(share));
});

describe('where it is drawn, and how far it is cut through', () => {
  type Solved = ReturnType<typeof demo>['holders'][number];
  const only = (design: Parameters<typeof solveDesign>[0]): Solved => solveDesign(design).holders[0]!;

  test('the boards of a book lie in the middle of its height', () => {
    const { things, seat } = demo('tide-jacket').holders[0]!;
    for (const { y, height } of things) expect(y + height / 2 - seat.y).toBeCloseTo(seat.height.value / 2, 9);
  });
  test('a thing that stands out of a bag is cut through as far as it is inside', () => {
    const item = thing(200, 60, 20);
    const { slabs, sizes } = only(
      trial({ body: 'sleeve', face: 'inside', kind: 'cavity', item, holderParams: { visible: 60 } }),
    );
    expect(slabs[0]!.y1).toBeCloseTo(sizes.depth!.value, 9);
    expect(sizes.depth!.value).toBe(200 - 60 + 5);
  });
  test('things stitched apart are counted from the left, rows of loops from below', () => {
    const apart = trial({ body: 'sleeve', face: 'inside', kind: 'cavity', item: thing(90, 30, 9), count: 3 });
    const parted = only({ ...apart, holders: [{ ...apart.holders[0]!, params: { divide: 'stitched' } }] });
    expect(parted.stitching.map(({ id }) => id)).toEqual(['A-divider-1', 'A-divider-2']);
    const item = thing(160, 20, 20, { shape: 'cylinder' });
    const loops = only(trial({ body: 'folio', face: 'leaf-1', kind: 'loop-row', item }));
    expect(loops.stitching.map(({ id }) => id)).toEqual(['A-1-1-1', 'A-1-1-2', 'A-11-1', 'A-11-2']);
  });
  test('the pleats of each room of a bellows lie in that room', () => {
    const design = trial({
      body: 'folio',
      face: 'leaf-1',
      kind: 'bellows-pocket',
      item: thing(60, 50, 20),
      count: 2,
      holderParams: { parts: 'two' },
    });
    const { pieces } = solveDesign(design);
    const { lines } = pieces.find(({ id }) => id === 'holders/A/front')!;
    const middle = lines.find(({ id }) => id === 'middle')!.from[0];
    const at = (room: number) => lines.filter(({ id }) => id.startsWith(`pleat-${room}`)).map(({ from }) => from[0]);
    expect(at(1).every((x) => x > 0 && x < middle)).toBe(true);
    expect(at(2).every((x) => x > middle && x < 2 * middle)).toBe(true);
    // the second is drawn as the first
    expect(at(2).map((x) => x - middle)).toEqual(
      at(1).map((x) => expect.closeTo(x - (at(1)[0]! - (at(2)[0]! - middle)), 6)),
    );
  });
  test('the mouth of a note panel is the one that is pulled', () => {
    const placed = demo('permit-bifold').holders.find(({ kind }) => kind === 'note-compartment')!;
    const handle = builtInKinds.holders['note-compartment']!.mouthHandle!(placed as never)!;
    expect(placed.mouths[handle.mouth]).toBeDefined();
    expect(handle.value).toBe(placed.sizes.reveal!.value);
  });
});

describe('small sums of holders, by hand', () => {
  type Solved = ReturnType<typeof demo>['holders'][number];
  const rod = (across: number, long = 100) => thing(long, across, across, { shape: 'cylinder' });
  const solved = (kind: string, item: ReturnType<typeof thing>, more: object = {}) =>
    solveDesign(trial({ body: 'folio', face: 'leaf-1', kind, item, ...more }));
  const only = (design: ReturnType<typeof demo>): Solved => design.holders[0]!;

  test('sizes that may be pinned are counted from one, and are those that are shown', () => {
    const apart = { count: 2, holderParams: { divide: 'stitched' } };
    const sleeve = solveDesign(trial({ body: 'sleeve', face: 'inside', kind: 'cavity', item: rod(20), ...apart }));
    const channels = solved('channel-pocket', rod(8, 140), { count: 2 });
    const tiers = solved('card-tiers', thing(85.6, 54, 0.76, { shape: 'card' }), { count: 2 });
    const own = ({ pinnable }: ReturnType<typeof demo>) =>
      pinnable.flatMap(({ path }) => (path.startsWith('holders/A/') ? [path.slice(10)] : []));
    expect(own(sleeve)).toEqual(['room1', 'room2']);
    expect(own(channels)).toEqual(['channel1', 'channel2', 'depth']);
    expect(own(tiers)).toEqual(['depth1', 'depth2', 'slotWidth']);
    expect(only(tiers).sizes.depth2!.label).toBe('pocket 2, depth');
    for (const each of [sleeve, channels, tiers])
      expect(Object.keys(only(each).sizes)).toEqual(expect.arrayContaining(own(each)));
  });
  test('loops: half of what is between them beside the first, stitched a millimetre and the elastic beside each thing', () => {
    const design = solved('loop-row', rod(16, 90), { count: 2 });
    const { things, stitching, seat, bands } = only(design);
    // 16, the elastic of 1.2 once, and 1 on both sides: 19.2, up to 19.5; from loop to loop 16 + 2 * 1.2 + 4
    const pitch = 16 + 2 * 1.2 + 4;
    const middle = ({ x, width }: Solved['things'][number]) => x + width / 2 - seat.x;
    expect(middle(things[0]!)).toBeCloseTo(4 / 2 + Math.ceil(pitch * 2) / 4, 9);
    const [left, right] = stitching.map(({ from }) => from[0]);
    expect(right! - left!).toBeCloseTo(19.5, 9);
    // one row of elastic lies in the middle of the height
    const [{ from }] = bands as [NonNullable<Solved['bands']>[number]];
    expect(bands).toHaveLength(1);
    expect(from[1] - seat.y).toBeCloseTo(seat.height.value / 2, 9);
  });
  test('both straps over a thing are rooms of their own, and both are bought', () => {
    const design = solved('hold-straps', thing(140, 70, 11));
    const [first, second] = design.rooms
      .find(({ id }) => id.startsWith('holders/A'))!
      .rings.map((ring) => JSON.stringify(ring));
    const lines = (ring: string) => new Set(ring.match(/A-strap-\d/g));
    expect([...lines(first!)].filter((line) => lines(second!).has(line))).toEqual([]);
    const strap = design.pieces.find(({ id }) => id.startsWith('holders/A') && id.includes('strap'))!;
    const bought = design.hardware.find(({ id, length = 0 }) => id.startsWith('elastic') && length > 0)!;
    expect([bought.count, bought.length]).toEqual([2, 2 * strap.cutWidth.value]);
  });
  test('a pleat is named once, at its first line; the rooms of a bellows are parted in its middle', () => {
    const design = solved('bellows-pocket', thing(60, 50, 20), { count: 2, holderParams: { parts: 'two' } });
    const { lines } = design.pieces.find(({ id }) => id === 'holders/A/front')!;
    const pleats = lines.filter(({ id }) => id.startsWith('pleat-'));
    expect(pleats.map(({ label }) => label)).toEqual(['pleat', '', 'pleat', '', 'pleat', '', 'pleat', '']);
    const { sizes, stitching, seat } = only(design);
    const [a, b] = pleats.map(({ from }) => from[0]);
    expect(b! - a!).toBeCloseTo((sizes.frontSpan!.value - sizes.backSpan!.value) / 2, 9);
    expect(stitching.map(({ from }) => from[0] - seat.x)).toEqual([seat.width.value / 2]);
    // 50, and of two layers of 0.27 each the outermost, at both sides: 50 + 2 * (0.27 + 0.135) = 50.81, up to 51
    expect(sizes.backSpan!.value).toBe(51);
  });
});

// half of the way round three discs of d in a triangle: (3 d + pi d) / 2; two beside each other: (2 d + pi d) / 2
describe('a heap, and a tape', () => {
  const d = given('diameter', 10, { kind: 'item', path: 'items/x/width' });
  test('a heap is as large as geometry says', () => {
    expect(heapOf('Pens', 3, d).halfGirth.value).toBeCloseTo((30 + 10 * Math.PI) / 2, 9);
    expect(heapOf('Pens', 2, d).halfGirth.value).toBeCloseTo((20 + 10 * Math.PI) / 2, 9);
    expect(heapOf('Pens', 3, d).across.value).toBeCloseTo(20, 9);
    expect(heapOf('Pens', 3, d).thickness.value).toBeCloseTo(10 + 5 * Math.sqrt(3), 9);
  });
  test('round it by the tape, and twice as much as it may be larger', () => {
    const item = thing(100, 40, 20, { girth: 118, tolerance: 1.5 });
    const line = { id: 'c1', item: 'thing', count: 1, perHolder: 1, orientation: 'upright' } as const;
    const held = { line, item, name: 'Thing', count: 1 };
    const sides = sidesOf(held);
    expect(halfGirthOfOne(held, sides, sides.thickness).value).toBeCloseTo(118 / 2 + 2 * 1.5, 9);
  });
});
