import { describe, expect, test } from '@jest/globals';
import { standardShelves, type Box, type DesignDocument } from '@zindle/core';
import { demoDesigns } from '@zindle/core/demo';
import { sidesOf } from './drawn-side.ts';
import { idOfPlacing, offerBox, offersFor, placingOf, type Offer } from './placing.ts';
import { solvedOf } from './solution.ts';

const folio = demoDesigns.find(({ id }) => id === 'survey-folio')!;
const lines = folio.contents.map(({ id }) => id);
const held = (document: DesignDocument, line: string): string[] =>
  document.holders.filter(({ contents }) => contents.some((entry) => entry.line === line)).map(({ id }) => id);

test('what is dragged has a name, and is known again by it', () => {
  for (const placing of [
    { kind: 'line', line: 'c1' },
    { kind: 'holder', holder: 'A' },
  ] as const)
    expect(placingOf(idOfPlacing(placing))).toEqual(placing);
  expect([placingOf('moon/c1'), placingOf('')]).toEqual([undefined, undefined]);
});

describe('places that are offered', () => {
  test('for nothing in hand, or for what is gone, there are none', () => {
    expect(offersFor(folio, undefined)).toEqual([]);
    expect(offersFor(folio, { kind: 'line', line: 'gone' })).toEqual([]);
  });

  test.each(lines)('each puts %s where it says, and leaves all other things where they are', (line) => {
    const offers = offersFor(folio, { kind: 'line', line });
    expect(new Set(offers.map(({ id }) => id)).size).toBe(offers.length);
    expect(offers.at(-1)).toMatchObject({ id: 'out', side: 'out' });
    expect(offers.length).toBeGreaterThan(3);
    for (const { id, side, holder, face, edit } of offers) {
      const after = edit.apply(folio);
      const now = held(after, line);
      if (side === 'out') expect([id, now]).toEqual([id, []]);
      else if (side === 'into') expect([id, now]).toEqual([id, [holder]]);
      // a holder of its own, which may take the letter of one that is empty now
      else
        expect([id, after.holders.find((each) => each.id === now[0])?.contents.map((each) => each.line)]).toEqual([
          id,
          [line],
        ]);
      for (const other of lines.filter((each) => each !== line))
        expect([id, other, held(after, other)]).toEqual([id, other, held(folio, other)]);
      if (side !== 'out') expect([id, Object.keys(after.faces)]).toEqual([id, expect.arrayContaining([face])]);
    }
  });

  test('a holder that is moved keeps what it holds', () => {
    const [{ id }] = folio.holders as [DesignDocument['holders'][number]];
    const offers = offersFor(folio, { kind: 'holder', holder: id });
    const [out] = offers.filter(({ side }) => side === 'out');
    expect(out!.edit.apply(folio).holders.some((each) => each.id === id)).toBe(false);
    const moves = offers.filter(({ side }) => side !== 'out');
    expect(moves.length).toBeGreaterThan(0);
    for (const { edit } of moves)
      expect(edit.apply(folio).holders.find((each) => each.id === id)).toEqual(folio.holders[0]);
  });
});

describe('where an offer lies on a board', () => {
  const solved = solvedOf(folio);
  if (!solved.ok) throw new Error(solved.message);
  const board = sidesOf(folio, solved.solution, standardShelves).find(({ holders }) => holders.length > 0)!;
  const [box] = board.holders as [(typeof board.holders)[number]];
  const at = (side: Offer['side']) => offerBox({ side, holder: box.id, face: '' } as Offer, board);
  const area = ({ x0, x1, y0, y1 }: Box) => (x1 - x0) * (y1 - y0);
  const sides = ['into', 'left', 'right', 'top', 'bottom'] as const;

  test('its middle and its four edges share a holder, and none takes of another', () => {
    const parts = sides.map((side) => at(side)!);
    expect(parts.reduce((sum, part) => sum + area(part), 0)).toBeCloseTo(area(box), 6);
    for (const [index, one] of parts.entries())
      for (const two of parts.slice(index + 1)) {
        const wide = Math.min(one.x1, two.x1) - Math.max(one.x0, two.x0);
        const high = Math.min(one.y1, two.y1) - Math.max(one.y0, two.y0);
        expect(Math.min(wide, high)).toBeLessThan(1e-6);
      }
  });

  test('left is left, and the top is at the top', () => {
    expect([at('left')!.x0, at('right')!.x1, at('top')!.y1, at('bottom')!.y0]).toEqual([
      box.x0,
      box.x1,
      box.y1,
      box.y0,
    ]);
  });

  test('back in the tray it lies nowhere, nor beside a holder that is not on the board', () => {
    expect(at('out')).toBeUndefined();
    expect(offerBox({ side: 'left', holder: 'gone', face: '' } as Offer, board)).toBeUndefined();
  });
});
