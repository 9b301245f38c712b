import { expect } from '@jest/globals';
import type { Checks } from './room-checks.ts';

/** Where things lie loose the section stacks them from its left; they are drawn where they stand. */
const LOOSE: readonly string[] = ['packed-room', 'file-room', 'round-room'];
/** They stand higher than they are cut through: halfway up a jacket, on a base that is let down to the bag's. */
const HIGHER: readonly string[] = ['book-cover', 'divider-pouch'];

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
    const wrong = holders.flatMap(({ id, kind, seat, slabs }) =>
      slabs.flatMap(({ of, label, x0, x1 }) =>
        'line' in of || near(x0 + x1, seat.width.value) ? [] : [[id, kind, label, x0, x1, seat.width.value]],
      ),
    );
    expect(wrong).toEqual([]);
  },
};
