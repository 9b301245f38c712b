import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { leastSurface, surfaceOf, volumeOf, type Packable, type Packing, type Triple } from './packable.ts';
import { pack } from './pack.ts';

const turned = ([a, b, c]: Triple): Triple[] => [
  [a, b, c],
  [a, c, b],
  [b, a, c],
  [b, c, a],
  [c, a, b],
  [c, b, a],
];
const box = (id: string, size: Triple, turns = true): Packable => ({ id, ways: turns ? turned(size) : [size] });
const surface = ({ size }: Packing) => surfaceOf(size);

/** The unit cells of a box. */
const cellsIn = ([a, b, c]: Triple): Triple[] =>
  Array.from({ length: a * b * c }, (_, i) => [i % a, Math.floor(i / a) % b, Math.floor(i / (a * b))]);

/** Whether whole-number boxes go into a whole-number room: cell by cell, each is the first cell of some box, or waste. */
function goesIn(things: readonly Packable[], [w, d, h]: Triple): boolean {
  const filled = new Uint8Array(w * d * h);
  const covers = (at: number, [a, b, c]: Triple): boolean =>
    (at % w) + a <= w && (Math.floor(at / w) % d) + b <= d && Math.floor(at / (w * d)) + c <= h;
  /** Where the rows of cells of a box begin. */
  const rowsOf = (at: number, [, b, c]: Triple) =>
    Array.from({ length: b * c }, (_, row) => at + (Math.floor(row / b) * d + (row % b)) * w);
  const waste = w * d * h - things.reduce((total, { ways }) => total + volumeOf(ways[0]!), 0);
  const alike = things.map(({ ways }) => [...new Set(ways.map((way) => way.join()))].sort().join(' '));
  const from = (at: number, left: number, wasted: number): boolean => {
    if (left === 0) return true;
    if (wasted > waste || at >= filled.length) return false;
    if (filled[at]) return from(at + 1, left, wasted);
    for (const [index, { ways }] of things.entries()) {
      // of those alike one is tried: the first that is left
      const first = alike.findIndex((key, other) => key === alike[index] && left & (1 << other));
      if (first !== index) continue;
      for (const way of ways) {
        if (!covers(at, way)) continue;
        const rows = rowsOf(at, way);
        if (rows.some((row) => filled.subarray(row, row + way[0]).includes(1))) continue;
        for (const row of rows) filled.fill(1, row, row + way[0]);
        const found = from(at + 1, left & ~(1 << index), wasted);
        for (const row of rows) filled.fill(0, row, row + way[0]);
        if (found) return true;
      }
    }
    return from(at + 1, left, wasted + 1);
  };
  return from(0, (1 << things.length) - 1, 0);
}

/** The least surface of all whole-number rooms, tried from the smallest on. */
function bruteForce(things: readonly Packable[], turns: boolean): number {
  const far = things.reduce((total, { ways }) => total + Math.max(...ways.flat()), 0);
  const volume = things.reduce((total, { ways }) => total + volumeOf(ways[0]!), 0);
  const rooms = cellsIn([far, far, far])
    .map(([w, d, h]): Triple => [w + 1, d + 1, h + 1])
    // where everything may be turned, so may the room
    .filter(([w, d, h]) => w * d * h >= volume && (!turns || (w <= d && d <= h)));
  return surfaceOf(rooms.sort((a, b) => surfaceOf(a) - surfaceOf(b)).find((room) => goesIn(things, room))!);
}

const anyBoxes = (count: number, most: number, turns: boolean) =>
  fc
    .array(
      fc.tuple(fc.integer({ min: 1, max: most }), fc.integer({ min: 1, max: most }), fc.integer({ min: 1, max: most })),
      {
        minLength: count,
        maxLength: count,
      },
    )
    .map((sizes) => sizes.map((size, index) => box(`b${index}`, size, turns)));

function expectSound(things: readonly Packable[], { size, places }: Packing): void {
  expect(places.map(({ id }) => id).sort()).toEqual(things.map(({ id }) => id).sort());
  for (const { id, at, size: own } of places) {
    const { ways } = things.find((thing) => thing.id === id)!;
    expect(ways.map((way) => way.join())).toContain(own.join());
    for (const axis of [0, 1, 2] as const) {
      expect(at[axis]).toBeGreaterThanOrEqual(0);
      expect(at[axis] + own[axis]).toBeLessThanOrEqual(size[axis] + 1e-6);
    }
  }
  const apart = (a: (typeof places)[number], b: (typeof places)[number]) =>
    [0, 1, 2].some((k) => a.at[k]! + a.size[k]! <= b.at[k]! + 1e-6 || b.at[k]! + b.size[k]! <= a.at[k]! + 1e-6);
  places.forEach((one, index) => places.slice(index + 1).forEach((other) => expect(apart(one, other)).toBe(true)));
}

describe('the packing search', () => {
  test.each([
    [2, 5, true, 40],
    [3, 4, true, 30],
    [3, 4, false, 40],
    [4, 3, true, 8],
    [4, 3, false, 30],
    [5, 2, true, 6],
    [5, 3, false, 15],
  ])('of %i boxes up to %i long (turned: %s) finds what trying every cell finds', (count, most, turns, times) => {
    fc.assert(
      fc.property(anyBoxes(count, most, turns), (things) => {
        const packing = pack(things);
        expect(packing.exact).toBe(true);
        expectSound(things, packing);
        expect(surface(packing)).toBeCloseTo(bruteForce(things, turns), 6);
      }),
      { numRuns: times, seed: 4 },
    );
  });

  test('finds a pinwheel, which no straight cut takes apart', () => {
    const tall = (id: string, a: number, b: number): Packable => ({
      id,
      ways: [
        [a, b, 20],
        [b, a, 20],
      ],
    });
    const things = [tall('a', 5, 2), tall('b', 5, 2), tall('c', 5, 2), tall('d', 5, 2), tall('e', 3, 3)];
    expect(pack(things).size).toEqual([7, 7, 20]);
  });

  test('of six boxes that fill a box finds that box', () => {
    const things = [
      box('a', [60, 40, 20]),
      box('b', [60, 40, 30]),
      box('c', [30, 50, 40]),
      box('d', [30, 50, 40]),
      box('e', [20, 90, 50]),
      box('f', [20, 90, 50]),
    ];
    // 60 x 40 x 50, 60 x 50 x 40 and 40 x 90 x 50: together 100 x 90 x 50
    expect(surface(pack(things))).toBeCloseTo(surfaceOf([100, 90, 50]), 6);
  });

  test('beyond six arranges in turns, overlaps nothing, and tells a bound that it keeps', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 7, max: 14 }).chain((count) => anyBoxes(count, 60, true)),
        (things) => {
          const packing = pack(things);
          expectSound(things, packing);
          expect(surface(packing)).toBeGreaterThanOrEqual(packing.bound - 1e-6);
          expect(surface(packing)).toBeLessThan(packing.bound * 2.5);
        },
      ),
      { numRuns: 15, seed: 4 },
    );
  });

  test.each([
    [8, [20, 20, 20], [40, 40, 40]],
    [27, [10, 10, 10], [30, 30, 30]],
    [12, [30, 20, 10], [60, 60, 20]],
  ] as [number, Triple, Triple][])('%i alike go into rows and layers: %j fill %j', (count, one, whole) => {
    const things = Array.from({ length: count }, (_, index) => box(`b${index}`, one));
    const packing = pack(things);
    expectSound(things, packing);
    expect(surface(packing)).toBeLessThanOrEqual(surfaceOf(whole) + 1e-6);
  });

  test('six lots that may each lie in a dozen grids end in an arrangement, which is not called the best there is', () => {
    const sizes: Triple[] = [[61, 43, 17], [52, 31, 23], [47, 41, 13], [59, 29, 19], [37, 33, 11], [67, 21, 7]]; // prettier-ignore
    const counts = [3, 3, 2, 4, 4, 3];
    const things = sizes.flatMap((size, lot) =>
      Array.from({ length: counts[lot]! }, (_, n) => box(`${lot}-${n}`, size)),
    );
    const packing = pack(things);
    expectSound(things, packing);
    expect(packing.exact).toBe(false);
  });

  test('eight cubes are known to be arranged in the best way', () => {
    expect(pack(Array.from({ length: 8 }, (_, index) => box(`b${index}`, [9, 9, 9])))).toMatchObject({
      size: [18, 18, 18],
      exact: true,
    });
  });

  test('a thing that may lie in one way only keeps it', () => {
    const packing = pack([box('long', [10, 10, 100], false), box('flat', [80, 50, 5])]);
    expect(packing.places.find(({ id }) => id === 'long')!.size).toEqual([10, 10, 100]);
    expect(packing.size[2]).toBeGreaterThanOrEqual(100);
  });

  test('nothing takes no room', () => {
    expect(pack([])).toEqual({ size: [0, 0, 0], places: [], exact: true, bound: 0 });
  });
});

test('the least surface round a volume is that of a fine search', () => {
  const side = fc.double({ min: 1, max: 50, noNaN: true });
  fc.assert(
    fc.property(side, side, side, fc.double({ min: 10, max: 1e5, noNaN: true }), (a, b, c, volume) => {
      let found = Infinity;
      // widths and depths on a fine ladder, the height as low as the volume lets it be
      for (let w = a; w < 200; w *= 1.02)
        for (let d = b; d < 200; d *= 1.02) found = Math.min(found, surfaceOf([w, d, Math.max(c, volume / (w * d))]));
      const claimed = leastSurface([a, b, c], volume);
      expect(claimed).toBeLessThanOrEqual(found + 1e-6);
      expect(claimed).toBeGreaterThan(found * 0.995);
    }),
    { numRuns: 40, seed: 4 },
  );
});
