import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { sharePolicies, type Arrangement, type ArrangementGroup } from '../document/design-document.ts';
import type { MeasuredHolder } from '../holders/holder-kind.ts';
import { n } from '../testing/measures.ts';
import { arrange, sharedRooms, type Room } from './arrange.ts';
import { leastSize } from './measure.ts';

const holder = (width: number, height: number, stretches = true): MeasuredHolder => ({
  width: n(width),
  height: n(height),
  slabs: [],
  stretches: { width: stretches, height: stretches },
  sizes: {},
  detail: undefined,
  findings: [],
});
const at = (id: string): Arrangement => ({ kind: 'holder', id });
const row = (share: ArrangementGroup['share'], more: Partial<ArrangementGroup> = {}): ArrangementGroup => ({
  kind: 'row',
  gap: 4,
  share,
  children: [at('a'), at('b'), at('c')],
  ...more,
});
const room = (width: number, height: number, towards: Room['towards'] = 'left'): Room => ({
  x: 10,
  y: 5,
  width: n(width),
  height: n(height),
  towards,
});
const three = new Map([
  ['a', holder(20, 30)],
  ['b', holder(40, 50)],
  ['c', holder(60, 10)],
]);
const widths = (group: ArrangementGroup, space = room(188, 80)) =>
  [...arrange(group, space, three).values()].map(({ width }) => width.value);

describe('what is left over in a row of 20, 40 and 60 with gaps of 4, in 188', () => {
  test.each([
    ['keep', {}, [20, 40, 60]],
    ['equal', {}, [40, 60, 80]],
    ['proportional', {}, [30, 60, 90]],
    ['last', {}, [20, 40, 120]],
    ['named', { taker: 1 }, [20, 100, 60]],
    ['named', { taker: 9 }, [20, 40, 120]],
    ['set', { parts: [1, 0, 3] }, [35, 40, 105]],
    // parts that are not one for each, or nothing at all: all the same
    ['set', { parts: [1, 2] }, [40, 60, 80]],
    ['set', { parts: [0, 0, 0] }, [40, 60, 80]],
    ['set', {}, [40, 60, 80]],
  ] as const)('%s %j', (share, more, expected) =>
    expect(widths(row(share, { ...more } as Partial<ArrangementGroup>))).toEqual(expected),
  );

  test('goes to the side that the row is pushed away from, when nobody takes it', () => {
    const from = (towards: Room['towards']) => arrange(row('keep'), room(188, 80, towards), three).get('a')!.x;
    expect([from('left'), from('middle'), from('right')]).toEqual([10, 40, 70]);
  });
});

test('what each shares with those beside it, group within group', () => {
  const column: ArrangementGroup = { kind: 'column', gap: 6, share: 'last', children: [at('a'), at('b')] };
  const nested: ArrangementGroup = { kind: 'row', gap: 4, share: 'keep', children: [column, at('c')] };
  const shared = sharedRooms(nested, room(200, 100), three);
  expect(shared.get('c')).toEqual({ axis: 'x', index: 1, least: [40, 60], sizes: [40, 60], end: 114, slack: 96 });
  expect(shared.get('a')).toEqual({ axis: 'y', index: 0, least: [30, 50], sizes: [30, 64], end: 35, slack: 14 });
  expect(sharedRooms(at('a'), room(200, 100), three).size).toBe(0);
});

test('a column in a row: widths add up across, heights up, and the least size is the sum of both', () => {
  const column: ArrangementGroup = { kind: 'column', gap: 6, share: 'keep', children: [at('a'), at('b')] };
  const nested: ArrangementGroup = { kind: 'row', gap: 4, share: 'last', children: [column, at('c')] };
  expect(leastSize('width', nested, three).value).toBe(40 + 4 + 60);
  expect(leastSize('height', nested, three).value).toBe(30 + 6 + 50);
  const rooms = arrange(nested, room(200, 100), three);
  expect([rooms.get('b')!.x, rooms.get('b')!.y]).toEqual([10, 5 + 30 + 6]);
  expect([rooms.get('c')!.x, rooms.get('c')!.width.value]).toEqual([10 + 40 + 4, 156]);
});

test('whatever is arranged, nothing overlaps, nothing is less than its least size, and all fits where there is room', () => {
  const size = fc.integer({ min: 5, max: 90 });
  fc.assert(
    fc.property(
      fc.array(fc.tuple(size, size), { minLength: 1, maxLength: 6 }),
      fc.constantFrom(...sharePolicies),
      fc.constantFrom('row' as const, 'column' as const),
      fc.integer({ min: 0, max: 200 }),
      fc.integer({ min: 0, max: 20 }),
      fc.array(fc.nat(9), { minLength: 1, maxLength: 6 }),
      (sizes, share, kind, slack, gap, parts) => {
        const holders = new Map(sizes.map(([width, height], index) => [`h${index}`, holder(width, height)]));
        const group: ArrangementGroup = { kind, gap, share, taker: 0, parts, children: [...holders.keys()].map(at) };
        const [width, height] = (['width', 'height'] as const).map((side) => leastSize(side, group, holders).value);
        const space = room(width! + slack, height! + slack);
        const rooms = [...arrange(group, space, holders)];
        let end = kind === 'row' ? space.x : space.y;
        for (const [id, part] of rooms) {
          const [start, long, least] =
            kind === 'row'
              ? [part.x, part.width.value, holders.get(id)!.width.value]
              : [part.y, part.height.value, holders.get(id)!.height.value];
          expect(start).toBeGreaterThanOrEqual(end - 1e-9);
          expect(long).toBeGreaterThanOrEqual(least - 1e-9);
          end = start + long;
        }
        expect(end).toBeLessThanOrEqual(
          (kind === 'row' ? space.x : space.y) + (kind === 'row' ? width! : height!) + slack + 1e-9,
        );
      },
    ),
  );
});
