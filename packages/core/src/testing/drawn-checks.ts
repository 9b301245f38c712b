import { expect } from '@jest/globals';
import { boundsOf, flatten } from '../geometry/outline.ts';
import type { Point } from '../geometry/perimeter.ts';
import type { Mark } from '../pieces/piece.ts';
import type { Checks } from './room-checks.ts';
import { toSegment } from './room-witness.ts';

/** Where things lie loose the section stacks them from its left; they are drawn where they stand. */
const LOOSE: readonly string[] = ['packed-room', 'file-room', 'round-room'];
/** They stand higher than they are cut through: halfway up a jacket. */
const HIGHER: readonly string[] = ['book-cover'];

const near = (one: number, other: number) => Math.abs(one - other) < 1e-6;

/** What is drawn of a design, held against what is cut through. */
export const drawnChecks: Checks = {
  'a thing is cut through where it is drawn'(_, { holders }) {
    const wrong = holders.flatMap(({ id, kind, seat, slabs, things }) =>
      slabs.flatMap(({ of, x0, x1, y0, y1 }) => {
        if (!('line' in of)) return [];
        const own = things.filter(({ line }) => line === of.line);
        const found = own.some(({ x, y, width, height }) => {
          if (!near(width, x1 - x0) || height < y1 - y0 - 1e-6) return false;
          const level = HIGHER.includes(kind) ? y - seat.y >= y0 - 1e-6 : near(y - seat.y, y0);
          return LOOSE.includes(kind) || (near(x - seat.x, x0) && level);
        });
        return found ? [] : [[id, kind, of.line, x0, x1, y0, y1, seat.x, own]];
      }),
    );
    expect(wrong).toEqual([]);
  },

  'the cloth of a holder lies evenly to both sides of its seat'(_, { holders }) {
    const wrong = holders.flatMap(({ id, kind, seat, slabs, mouths }) => {
      const aside = mouths.some(({ towards }) => towards);
      const whole = (aside ? seat.height : seat.width).value;
      return slabs.flatMap(({ of, label, ...slab }) => {
        const [from, to] = aside ? [slab.y0, slab.y1] : [slab.x0, slab.x1];
        return 'line' in of || near(from + to, whole) ? [] : [[id, kind, label, from, to, whole]];
      });
    });
    expect(wrong).toEqual([]);
  },

  'fasteners of what goes over an edge lie evenly on it, and as far apart as their mates'(_, { laps, pieces }) {
    const byId = new Map(pieces.map((piece) => [piece.id, piece]));
    for (const { id, piece, mate, base } of laps) {
      const [over, under] = [byId.get(piece)!, byId.get(mate.piece)!];
      const { left, bottom, width, height } = boundsOf(over.stitch);
      const across = (marks: readonly Mark[]) => marks.map(({ at: [x] }) => x).sort((a, b) => a - b);
      const upper = over.marks.filter(({ hardware }) => hardware?.half === 'upper');
      // a strip of webbing lies along its length
      const along = 'line' in base || ('edge' in base && base.edge === 'left');
      const caps = along ? upper.map(({ at: [, y] }) => y) : across(upper);
      const middle = along ? bottom + height / 2 : left + width / 2;
      for (const [index, x] of caps.entries())
        expect([id, x + caps[caps.length - 1 - index]!]).toEqual([id, expect.closeTo(2 * middle, 6)]);
      const own = under.marks.find(({ id: mark }) => mark === mate.mark)!;
      const held = under.marks.filter(({ label, hardware }) => hardware && label === own.label);
      // on a piece that is open at its side they lie above each other
      const aside = new Set(across(held)).size === 1;
      const mates = aside ? held.map(({ at: [, y] }) => y).sort((a, b) => a - b) : across(held);
      if (mates.length === caps.length)
        expect([id, mates.at(-1)! - mates[0]!]).toEqual([id, expect.closeTo(caps.at(-1)! - caps[0]!, 6)]);
    }
  },

  'a piece is as wide and as high as its outline'(_, { pieces }) {
    const wrong = pieces.flatMap(({ id, cut, cutWidth, cutHeight }) => {
      const { width, height } = boundsOf(cut);
      // sides that taper have their allowance square to them
      const off = [width - cutWidth.value, height - cutHeight.value].map(Math.abs);
      return Math.max(...off) < 0.5 ? [] : [[id, width, cutWidth.value, height, cutHeight.value]];
    });
    expect(wrong).toEqual([]);
  },

  'pieces are bent and folded from rim to rim'(_, { pieces }) {
    const off = pieces.flatMap(({ id, bends, folds, stitch, cut }) => {
      const [sewn, edge] = [flatten(stitch), flatten(cut)];
      const inside = ([x, y]: Point) => Math.min(toRim([x, y], sewn), toRim([x, y], edge)) > 0.6;
      return [...bends.filter(({ free }) => !free), ...folds].flatMap(({ from, to }) =>
        [from, to].some(inside) ? [[id, from, to]] : [],
      );
    });
    expect(off).toEqual([]);
  },
};

/** From a point to the rim of a polygon, mm. */
const toRim = (point: Point, rim: readonly Point[]): number =>
  Math.min(...rim.map((from, index) => toSegment(point, [from, rim[(index + 1) % rim.length]!])));
