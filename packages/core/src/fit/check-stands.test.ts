import { describe, expect, test } from '@jest/globals';
import type { HeldContents } from '../contents/held.ts';
import type { Arranged } from '../pieces/room.ts';
import { solveDesign } from '../solve/solve-design.ts';
import { thing, trial } from '../testing/trial.ts';
import type { Item } from '../shelves/items/item.ts';
import { checkStands } from './check-stands.ts';

const told = (stands: Arranged, item: Item, orientation: 'upright' | 'lying' = 'upright') => {
  const line = { id: 'c1', item: 'thing', count: 9, perHolder: 1, orientation } as const;
  const held: HeldContents = { line, item, name: 'Tin', count: 9 };
  return checkStands([{ id: 'holders/A/1', holds: ['c1'], rings: [], stands }], () => held);
};
const tin = (high: number, rigid = true) => thing(high, 80, 80, { shape: 'cylinder', rigid });
const on = (count: number): Arranged => ({ above: Array.from({ length: count }, () => ({ line: 'c1', count: 1 })) });

describe('rigid things that stand on each other', () => {
  test('lean when they are higher than twice their foot (common practice), not before', () => {
    expect(told(on(2), tin(80))).toEqual([]);
    expect(told(on(2), tin(81))).toMatchObject([
      { code: 'stands.tower', severity: 'watch', numbers: { high: 162, foot: 80 }, limit: 160 },
    ]);
    expect(told(on(3), tin(80))).toHaveLength(1);
  });
  test('alone, or soft, a thing is no tower', () => {
    expect(told(on(1), tin(300))).toEqual([]);
    expect(told(on(4), tin(80, false))).toEqual([]);
  });
  test('between a front and a back they lean only sideways', () => {
    const lying = (above: number): Arranged => ({ beside: [[{ line: 'c1', count: 1, above }]] });
    // 150 long and 20 high each, on each other
    const rod = thing(150, 20, 20, { rigid: true });
    expect(told(lying(14), rod, 'lying')).toEqual([]);
    expect(told(lying(16), rod, 'lying')).toMatchObject([{ numbers: { high: 320, foot: 150 } }]);
  });
});

test('five tins in a round bag are told', () => {
  const design = trial({ body: 'round', face: 'inside', kind: 'round-room', item: tin(60), count: 5 });
  expect(solveDesign(design).findings.map(({ code }) => code)).toContain('stands.tower');
  const two = trial({ body: 'round', face: 'inside', kind: 'round-room', item: tin(60), count: 2 });
  expect(solveDesign(two).findings.map(({ code }) => code)).not.toContain('stands.tower');
});
