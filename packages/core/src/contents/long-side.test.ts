import { describe, expect, test } from '@jest/globals';
import { demoDesigns } from '../demo/index.ts';
import type { Item } from '../shelves/items/item.ts';
import { solveDesign } from '../solve/solve-design.ts';
import { standardShelves } from '../shelves/shelves.ts';
import { longSide, shortSide } from './long-side.ts';

const item = (shape: Item['shape'], length: number, width: number) => ({ shape, length, width });

test('the longer side is told by its size, of what is round by its axis', () => {
  expect([longSide(item('card', 125, 88)), shortSide(item('card', 125, 88))]).toEqual(['length', 'width']);
  expect([longSide(item('box', 88, 125)), shortSide(item('box', 88, 125))]).toEqual(['width', 'length']);
  expect(longSide(item('book', 90, 90))).toBe('length');
  for (const shape of ['cylinder', 'disc', 'ball'] as const) expect(longSide(item(shape, 40, 68))).toBe('length');
});

describe('which side is called length changes no size', () => {
  const boxy = (each: Item) => ['card', 'box', 'book', 'soft'].includes(each.shape) && !each.outline;
  const exchanged = (each: Item): Item =>
    boxy(each) && !each.section ? { ...each, length: each.width, width: each.length } : each;
  test.each(demoDesigns.map((design) => [design.id, design] as const))('%s', (_, design) => {
    const shelves = { ...standardShelves, items: standardShelves.items.map(exchanged) };
    const other = { ...design, ownItems: design.ownItems.map(exchanged) };
    const cut = (solution: ReturnType<typeof solveDesign>) =>
      solution.pieces.map(({ id, cutWidth, cutHeight }) => [id, cutWidth.value, cutHeight.value]);
    expect(cut(solveDesign(other, shelves))).toEqual(cut(solveDesign(design)));
  });
});
