import { describe, expect, test } from '@jest/globals';
import type { Params } from '../document/design-document.ts';
import { solveDesign } from '../solve/solve-design.ts';
import type { Solution } from '../solve/solution.ts';
import { across } from '../testing/room-witness.ts';
import { thing, trial } from '../testing/trial.ts';

// a folding ruler on the outside of a bag that holds a crate, in no demo
const ruler = { ...thing(120, 35, 6), id: 'ruler' };
function bag(kind: string, params: Params, more: { pins?: Record<string, number> } = {}): Solution {
  const design = trial({ body: 'sleeve', face: 'inside', kind: 'cavity', item: thing(260, 180, 60) });
  return solveDesign({
    ...design,
    ...more,
    ownItems: [...design.ownItems, ruler],
    contents: [...design.contents, { ...design.contents[0]!, id: 'r', item: 'ruler', orientation: 'lying' }],
    holders: [...design.holders, { id: 'P', kind, params, contents: [{ line: 'r', count: 1 }] }],
    faces: { ...design.faces, front: { kind: 'holder', id: 'P' } },
  });
}
const pocket = ({ holders }: Solution) => holders.find(({ id }) => id === 'P')!;
const pieceOf = ({ pieces }: Solution, id: string) => pieces.find((piece) => piece.id === id)!;
const stops = ({ findings }: Solution) => findings.filter(({ severity }) => severity === 'stop');

describe.each([
  ['slip-pocket', {}],
  ['mesh-pocket', {}],
  ['page-sleeve', {}],
  ['zip-pocket', { style: 'applied' }],
  ['zip-pocket', { style: 'flap' }],
] as const)('%s %j as wide as its face', (kind, params) => {
  const [narrow, wide] = [bag(kind, params), bag(kind, { ...params, wide: 'face' })];

  test('goes from side seam to side seam, and lies in both', () => {
    const shell = pieceOf(wide, 'body/shell');
    const flat = wide.body.sizes.flatWidth!.value;
    expect(pocket(wide).seat.width.value).toBeCloseTo(flat, 9);
    expect(pocket(narrow).seat.width.value).toBeLessThan(flat);
    const sides = wide.seams.filter(({ id }) => /^holders\/P(\/strip)?#(left|right)/.test(id));
    expect(sides.length).toBeGreaterThan(1);
    for (const { kind: sewn, b } of sides) {
      expect(sewn).toBe('caught');
      expect(b.piece).toBe(shell.id);
    }
    expect(stops(wide)).toEqual([]);
    const narrowSides = narrow.seams.filter(({ id }) => /^holders\/P#(left|right)/.test(id));
    expect(new Set(narrowSides.map(({ kind: sewn }) => sewn))).toEqual(new Set(['stitchedOn']));
  });

  test('says how wide it is clear: as its room is on the cut', () => {
    const room = wide.rooms.find(({ id }) => id === 'holders/P/1')!;
    const [, back] = room.rings[0]!.walls;
    // topstitched 2 inside both sides
    expect(pocket(wide).sizes.clearWidth!.value).toBeCloseTo(across(wide, back!) - 4, 9);
    const [before, after] = [narrow, wide].map(
      (solution) => pocket(solution).clearances.find(({ direction }) => direction === 'across')!.clearance.value,
    );
    expect(after).toBeGreaterThan(before!);
  });
});

describe('the opening of a zip pocket as wide as its face', () => {
  const opening = (solution: Solution) => pocket(solution).sizes.opening!.value;

  test('goes from side to side, 8 short of the stitching at both', () => {
    const wide = bag('zip-pocket', { style: 'applied', wide: 'face' });
    const clear = pocket(wide).sizes.clearWidth!.value;
    expect(opening(wide)).toBeLessThanOrEqual(clear - 16 + 1e-6);
    expect(opening(wide)).toBeGreaterThan(clear - 16.5);
    // 15 of zipper beyond it at each end, and its tape on both edges
    expect(pieceOf(wide, 'holders/P/zipper').cutWidth.value).toBeGreaterThan(opening(wide));
  });

  test('is as long as it is pinned', () => {
    const pinned = bag('zip-pocket', { style: 'applied', wide: 'face' }, { pins: { 'holders/P/opening': 140 } });
    expect(opening(pinned)).toBe(140);
  });
});

describe('a zip pocket with a front of mesh', () => {
  test('has it cut of mesh, the strip of the pocket cloth', () => {
    const solution = bag('zip-pocket', { style: 'applied', front: 'mesh' });
    expect(pieceOf(solution, 'holders/P/front').role).toBe('mesh');
    expect(pieceOf(solution, 'holders/P/strip').role).toBe('pocket');
    expect(stops(solution)).toEqual([]);
  });

  test('in a window nothing is seen of its front: the choice is not there', () => {
    const solution = bag('zip-pocket', { style: 'window', front: 'mesh' });
    expect(solution.pieces.filter(({ id, role }) => id.startsWith('holders/P/') && role === 'mesh')).toEqual([]);
  });
});
