import { describe, expect, test } from '@jest/globals';
import { polygonContains } from 'd3-polygon';
import { demoDesigns } from '../demo/index.ts';
import { boundsOf, flatten } from '../geometry/outline.ts';
import type { Point } from '../geometry/perimeter.ts';
import { solveDesign } from '../solve/solve-design.ts';
import { drawPiece } from './drawing.ts';

/** Both ends of a path of one straight stroke. */
const ends = (path: string): Point[] =>
  [...path.matchAll(/[ML](-?[\d.]+) (-?[\d.]+)/g)].slice(0, 2).map(([, x, y]) => [Number(x), Number(y)]);

describe('the arrow of the grain', () => {
  test.each(demoDesigns.map(({ id }) => id))('lies on the cloth of every piece: %s', (id) => {
    const { pieces } = solveDesign(demoDesigns.find((design) => design.id === id)!);
    for (const piece of pieces.filter(({ byRuler }) => !byRuler)) {
      const { left, bottom, height } = boundsOf(piece.cut);
      const cloth = flatten(piece.cut).map(([x, y]): Point => [x - left, bottom + height - y]);
      const arrow = ends(drawPiece(piece, []).paths.marks.at(-1)!);
      for (const [x, y] of arrow) expect([piece.id, polygonContains(cloth, [x, y])]).toEqual([piece.id, true]);
    }
  });
});
