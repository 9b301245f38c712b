import { describe, expect, test } from '@jest/globals';
import { orientations, type DesignDocument, type Orientation } from '../document/design-document.ts';
import { newDesign } from '../document/edits/new-design.ts';
import { solveDesign } from '../solve/solve-design.ts';
import type { Item } from '../shelves/items/item.ts';
import { isRound, sidesOf } from './held.ts';
import { wayOf, waysToStand } from './ways.ts';

const brick: Item = {
  id: 'brick',
  name: 'Brick',
  shape: 'box',
  length: 120,
  width: 70,
  thickness: 30,
  rigid: true,
  source: 'yours',
};
const held = (orientation: Orientation, item = brick) => ({
  line: { id: 'c1', item: item.id, count: 1, perHolder: 1, orientation },
  item,
  name: item.name,
  count: 1,
});
const sides = (orientation: Orientation, item = brick) => {
  const { across, deep, thickness } = sidesOf(held(orientation, item));
  return [across.value, deep.value, thickness.value];
};

describe('a thing', () => {
  test('stands six ways, each with another side across, up and inwards', () => {
    const all = orientations.map((orientation) => sides(orientation));
    expect(new Set(all.map(String)).size).toBe(6);
    for (const way of all) expect([...way].sort((a, b) => a - b)).toEqual([30, 70, 120]);
    expect(waysToStand.map(({ id }) => id)).toEqual([...orientations]);
  });
  test.each([
    ['lying', [120, 70, 30]],
    ['upright', [70, 120, 30]],
    ['flat', [120, 30, 70]],
    ['flat-inwards', [70, 30, 120]],
    ['edge', [30, 120, 70]],
    ['edge-lying', [30, 70, 120]],
  ] as const)('%s: across, up and inwards are %j', (orientation, expected) => {
    expect(sides(orientation)).toEqual(expected);
  });
  test('a way that this version does not know is as if it stood upright', () => {
    expect(sides('constructor' as Orientation)).toEqual(sides('upright'));
  });
  test('keeps what its maker calls length and width: the longer of them is its long side', () => {
    expect(sides('flat', { ...brick, length: 70, width: 120 })).toEqual([120, 30, 70]);
  });
  test.each(orientations)('%s, a bottle is round seen from above when its axis goes up', (orientation) => {
    const bottle: Item = { ...brick, shape: 'cylinder', length: 120, width: 30, thickness: 30 };
    const { line, item } = held(orientation, bottle);
    expect(isRound(item, line)).toBe(wayOf(orientation).down === 'long');
  });
});

/** A box round one brick. */
const boxed = (orientation: Orientation, kind = 'packed-room'): DesignDocument => {
  const design = newDesign({ id: 'b', name: 'Box', body: 'box' });
  return {
    ...design,
    ownItems: [brick],
    contents: [held(orientation).line],
    holders: [{ id: 'A', kind, params: {}, contents: [{ line: 'c1', count: 1 }] }],
    faces: { inside: { kind: 'holder', id: 'A' } },
  };
};

describe('a box', () => {
  test.each([
    ['flat', 120, 70, 30],
    ['flat-inwards', 70, 120, 30],
    ['edge', 30, 70, 120],
    ['edge-lying', 30, 120, 70],
  ] as const)(
    'is made for a thing that stands %s: %d across, %d deep, %d high and their ease',
    (way, across, deep, high) => {
      const { findings, holders } = solveDesign(boxed(way));
      const [placed] = holders;
      const { size } = (placed!.detail as { packing: { size: readonly number[] } }).packing;
      expect(size).toEqual([across, deep, high]);
      expect(findings.filter(({ severity }) => severity === 'stop')).toEqual([]);
      for (const { clearance, ease } of placed!.clearances) expect(clearance.value).toBeGreaterThanOrEqual(ease - 1e-6);
    },
  );
  test('lying it may be turned to take the least cloth, told exactly it is not', () => {
    const packed = (way: Orientation) =>
      (solveDesign(boxed(way)).holders[0]!.detail as { packing: { size: readonly number[] } }).packing.size;
    expect([...packed('lying')].sort((a, b) => a - b)).toEqual([30, 70, 120]);
    expect(packed('edge-lying')).toEqual([30, 120, 70]);
  });
});
