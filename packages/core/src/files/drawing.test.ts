import { describe, expect, test } from '@jest/globals';
import { polygonContains } from 'd3-polygon';
import { demoDesigns } from '../demo/index.ts';
import { boundsOf, flatten } from '../geometry/outline.ts';
import type { Point } from '../geometry/perimeter.ts';
import type { Piece } from '../pieces/piece.ts';
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

/** How far a place is from a closed line of short straight strokes, mm. */
function away([x, y]: Point, points: readonly Point[]): number {
  const from = points.map(([ax, ay], index) => {
    const [bx, by] = points[(index + 1) % points.length]!;
    const along = ((x - ax) * (bx - ax) + (y - ay) * (by - ay)) / ((bx - ax) ** 2 + (by - ay) ** 2 || 1);
    const share = Math.min(1, Math.max(0, along));
    return Math.hypot(x - ax - share * (bx - ax), y - ay - share * (by - ay));
  });
  return Math.min(...from);
}

describe('a notch', () => {
  test.each(demoDesigns.map(({ id }) => id))('begins on the cut edge and points at the stitch line: %s', (id) => {
    const { pieces } = solveDesign(demoDesigns.find((design) => design.id === id)!);
    for (const piece of pieces.filter(({ byRuler, layerOf }) => !byRuler && !layerOf)) {
      const { left, bottom, height } = boundsOf(piece.cut);
      const on = (outline: Piece['cut']) => flatten(outline).map(([x, y]): Point => [x - left, bottom + height - y]);
      const [cut, stitch] = [on(piece.cut), on(piece.stitch)];
      const notches = drawPiece({ ...piece, marks: [], gaps: [] }, []).paths.marks.slice(0, -1);
      for (const [outer, inner] of notches.map(ends)) {
        expect([piece.id, away(outer!, cut) < 0.05]).toEqual([piece.id, true]);
        // square to the edge: as much nearer to the stitch line as it is long
        const long = Math.hypot(outer![0] - inner![0], outer![1] - inner![1]);
        expect(away(outer!, stitch) - away(inner!, stitch)).toBeCloseTo(long, 1);
      }
    }
  });
});
