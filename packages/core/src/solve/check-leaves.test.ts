import { describe, expect, test } from '@jest/globals';
import { waysOut } from '../proposals/ways-out.ts';
import { standardShelves } from '../shelves/shelves.ts';
import { thing, trial } from '../testing/trial.ts';
import { checkLeaves } from './check-leaves.ts';
import { solveDesign } from './solve-design.ts';

type Args = Parameters<typeof checkLeaves>;
const leaf = (id: string, seat = 'leaf') => ({
  id,
  seat,
  room: { x: 0, y: 0, width: { value: 90 }, height: { value: 100 } },
});
const holding = (face: string, ...things: [x: number, y: number, width: number, height: number][]) => ({
  seat: { face },
  things: things.map(([x, y, width, height]) => ({ x, y, width, height })),
});
const told = (faces: object[], holders: object[]) =>
  checkLeaves(
    [{ id: 'left', title: 'left leaf', seat: 'leaf' }],
    faces as unknown as Args[1],
    holders as unknown as Args[2],
  );

describe('a leaf that is mostly empty', () => {
  const full = holding('right', [0, 0, 80, 60]);
  test('is told below a third of it, by the box round what each holder holds', () => {
    const left = (width: number) => holding('left', [0, 0, 10, 30], [width - 10, 0, 10, 30]);
    const faces = [leaf('left'), leaf('right')];
    // 100 x 30 of 9000 is a third
    expect(told(faces, [left(100), full])).toEqual([]);
    expect(told(faces, [left(99), full])).toMatchObject([
      { code: 'leaf.sparse', severity: 'watch', about: ['faces/left'], numbers: { share: 0.33 } },
    ]);
  });
  test('several holders add up', () => {
    const halves = [holding('left', [0, 0, 50, 30]), holding('left', [0, 60, 50, 30])];
    expect(told([leaf('left'), leaf('right')], [...halves, full])).toEqual([]);
  });
  test('is not told where no other leaf asks for the size, nor of a wall', () => {
    expect(told([leaf('left'), leaf('right')], [holding('left', [0, 0, 10, 10])])).toEqual([]);
    expect(told([leaf('left', 'wall'), leaf('right')], [full])).toEqual([]);
  });
});

describe('one press spreads the things', () => {
  const card = thing(85.6, 54, 0.8, { shape: 'card' });
  const lopsided = { ...trial({ body: 'foldover', face: 'left', kind: 'card-tiers', item: card, count: 4 }) };
  test('of a wallet with all cards on its left leaf', () => {
    const solution = solveDesign(lopsided);
    const finding = solution.findings.find(({ code }) => code === 'leaf.sparse')!;
    expect(finding.about).toEqual(['faces/right']);
    const way = waysOut(lopsided, solution, standardShelves).get(finding)!;
    expect(way.label).toBe('Arrange everything anew');
    const after = way.edit.apply(lopsided);
    expect(after.holders.flatMap(({ contents }) => contents).reduce((sum, { count }) => sum + count, 0)).toBe(4);
    expect(solveDesign(after).findings.map(({ code }) => code)).not.toContain('leaf.sparse');
  });
});
