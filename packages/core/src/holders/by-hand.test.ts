import { describe, expect, test } from '@jest/globals';
import { demoDesigns } from '../demo/index.ts';
import { builtInKinds } from '../kinds/kinds.ts';
import { pack } from '../packing/pack.ts';
import { surfaceOf } from '../packing/packable.ts';
import { solveDesign } from '../solve/solve-design.ts';
import { thing, trial } from '../testing/trial.ts';
import { tongue } from './card-tiers/t-slot.ts';
import type { Tiers } from './card-tiers/tiers.ts';
import { looseThings } from './packed-room/ways.ts';

const demo = (id: string) => solveDesign(demoDesigns.find((design) => design.id === id)!);
const clears = ({ holders }: ReturnType<typeof demo>, id: string) =>
  Object.fromEntries(
    holders.find((holder) => holder.id === id)!.clearances.map((each) => [each.direction, each.required.value]),
  );

describe('what a thing is said to need, by hand', () => {
  test('a book in its jacket: docs/worked/tide-jacket.md, sections 2 and 3', () => {
    const { across, deep } = clears(demo('tide-jacket'), 'A');
    expect(across).toBeCloseTo(2 * 105 + 2.4 + 2 * (0.3 + 0.76), 6);
    expect(deep).toBeCloseTo(148 + 0.3 + (Math.PI / 4) * (0.76 + 0.76), 6);
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
