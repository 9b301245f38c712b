import { describe, expect, test } from '@jest/globals';
import { boundsOf } from '../geometry/outline.ts';
import type { Piece } from '../pieces/piece.ts';
import type { Item } from '../shelves/items/item.ts';
import { thing, trial } from '../testing/trial.ts';
import type { Solution } from './solution.ts';
import { solveDesign } from './solve-design.ts';

const pieceOf = ({ pieces }: Solution, id: string): Piece => pieces.find((piece) => piece.id === id)!;

describe('how thick and how wide a thing is', () => {
  const room = (more: Partial<Item>, count = 1) => {
    const design = trial({ body: 'sleeve', face: 'inside', kind: 'cavity', item: thing(120, 60, 20, more), count });
    return solveDesign(design).body.sizes.flatWidth!.value;
  };
  test('a tape says less than the sides of a rounded thing', () => expect(room({ girth: 140 })).toBeLessThan(room({})));
  test('and as much as they do of a square one', () => expect(room({ girth: 160 })).toBe(room({})));
  test('a section is measured round its hull', () => {
    const dented: [number, number][] = [
      [0, 0],
      [60, 0],
      [60, 20],
      [30, 2],
      [0, 20],
    ];
    expect(room({ section: dented })).toBe(room({}));
  });
  test('rounded edges save cloth: (4 - π) × radius of half the girth', () => {
    const saved = room({}) - room({ edgeRadius: 10 });
    expect(Math.abs(saved - (4 - Math.PI) * 10)).toBeLessThanOrEqual(0.5);
  });
  test('what gives has the room that it takes as it comes', () => {
    const [full, soft] = [{}, { compressible: 0.5 }].map((more) => {
      const design = trial({ body: 'sleeve', face: 'inside', kind: 'cavity', item: thing(120, 60, 20, more) });
      const { closedThickness, finished } = solveDesign(design);
      return [closedThickness, ...Object.values(finished)].map(({ value }) => value);
    });
    expect(soft).toEqual(full);
  });
  test('and loose among others what it takes pressed', () => {
    const [full, soft] = [{}, { compressible: 0.5 }].map((more) => {
      const design = trial({ body: 'box', face: 'inside', kind: 'packed-room', item: thing(120, 60, 60, more) });
      return solveDesign(design).body.sizes.depth!.value;
    });
    expect(full! - soft!).toBe(30);
  });
  test('a tolerance is added to every side', () => {
    const [plain, more] = [0, 3].map((tolerance) => {
      const design = trial({ body: 'sleeve', face: 'inside', kind: 'cavity', item: thing(120, 60, 20, { tolerance }) });
      return solveDesign(design).body.sizes;
    });
    expect(more!.flatWidth!.value - plain!.flatWidth!.value).toBe(6);
    // as much longer, and half of what it is thicker
    expect(more!.panelHeight!.value - plain!.panelHeight!.value).toBe(3 + 3 / 2);
  });
});

describe('schools of lining', () => {
  const lining = (school: string) => {
    const design = trial({
      body: 'sleeve',
      params: { bottom: 'seam' },
      face: 'inside',
      kind: 'cavity',
      item: thing(120, 60, 20),
    });
    return solveDesign({ ...design, rules: { 'lining.school': school, 'lining.shorter': 4 } });
  };
  const stitched = (solution: Solution, layer: string) => boundsOf(pieceOf(solution, `body/${layer}-front`).stitch);
  test.each([
    ['same', 0, 0],
    ['shorter', 4, 4],
    ['deeper', 4, 0],
    ['tapered', 0, 0],
  ])('%s: stitched %d less deep, cut %d shorter', (school, stitch, cut) => {
    const solution = lining(school);
    expect(stitched(solution, 'shell').height - stitched(solution, 'lining').height).toBeCloseTo(stitch, 9);
    const [shell, inner] = ['shell', 'lining'].map((layer) => pieceOf(solution, `body/${layer}-front`).cutHeight.value);
    const high = boundsOf(pieceOf(solution, 'body/lining-front').cut).height;
    expect(boundsOf(pieceOf(solution, 'body/shell-front').cut).height - high).toBeCloseTo(cut, 9);
    expect([shell! - inner!, high]).toEqual([expect.closeTo(cut, 9), expect.closeTo(inner!, 9)]);
  });
});
