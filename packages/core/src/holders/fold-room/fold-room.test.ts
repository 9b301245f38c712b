import { describe, expect, test } from '@jest/globals';
import type { DesignDocument } from '../../document/design-document.ts';
import { newDesign } from '../../document/edits/new-design.ts';
import { solveDesign } from '../../solve/solve-design.ts';
import type { Solution } from '../../solve/solution.ts';
import { closest, openBounds } from '../../testing/room-witness.ts';
import { thing } from '../../testing/trial.ts';

// library tickets of 70 x 110, stamps of 60 x 90, and cards: in no demo
const ticket = { ...thing(110, 70, 0.4), id: 'ticket', name: 'Ticket', shape: 'card' as const };
const stamps = { ...thing(90, 60, 1), id: 'stamps', name: 'Stamps', shape: 'card' as const };

/** Tickets behind one leaf, cards sewn onto the panel before them; the other leaf has cards alone. */
function wallet(
  side: 'left' | 'right',
  more: Partial<DesignDocument> = {},
  faces: DesignDocument['faces'] = {},
): Solution {
  const other = side === 'left' ? 'right' : 'left';
  const line = (id: string, item: string, count: number) =>
    ({ id, item, count, perHolder: count, orientation: 'upright' }) as const;
  return solveDesign({
    ...newDesign({ id: 'trial', name: 'Trial', body: 'foldover' }),
    ownItems: [ticket, stamps],
    contents: [
      line('t', 'ticket', 3),
      line('s', 'stamps', 2),
      { ...line('c', 'id1-card', 2), perHolder: 1, orientation: 'lying' },
    ],
    holders: [
      { id: 'R', kind: 'fold-room', params: {}, contents: [{ line: 't', count: 3 }] },
      { id: 'A', kind: 'card-tiers', params: {}, contents: [{ line: 'c', count: 1 }] },
      { id: 'B', kind: 'card-tiers', params: {}, contents: [{ line: 'c', count: 1 }] },
      { id: 'N', kind: 'note-compartment', params: {}, contents: [{ line: 's', count: 2 }] },
    ],
    faces: {
      [`${side}-behind`]: { kind: 'holder', id: 'R' },
      [side]: { kind: 'holder', id: 'A' },
      [other]: { kind: 'holder', id: 'B' },
      ...faces,
    },
    ...more,
  });
}
const pieceOf = ({ pieces }: Solution, id: string) => pieces.find((piece) => piece.id === id)!;
const holderOf = ({ holders }: Solution, id: string) => holders.find((holder) => holder.id === id)!;

describe.each(['left', 'right'] as const)('a room behind the %s leaf, entered from the fold', (side) => {
  const solution = wallet(side);
  const panel = pieceOf(solution, 'holders/R/panel');

  test('is a panel folded double at the fold: its outer and lower edges lie in the seams of the piece', () => {
    expect(panel.folds).toHaveLength(1);
    const [{ from, to }] = panel.folds as [(typeof panel.folds)[0]];
    expect(from[0]).toBeCloseTo(to[0], 9);
    expect(from[0]).toBeCloseTo(holderOf(solution, 'R').seat.width.value, 9);
    const caught = solution.seams.filter(({ id, kind }) => id.startsWith('holders/R#') && kind === 'caught');
    expect(caught.map(({ within }) => within).sort()).toEqual(
      ['body/bottom', 'body/bottom', `body/${side}`, `body/${side}`].sort(),
    );
    // the side at the fold is sewn to nothing
    const room = solution.rooms.find(({ id }) => id === 'holders/R/1')!;
    expect(openBounds(solution, room)).toEqual([]);
    expect(room.rings[0]!.walls[0]!.mouth).toEqual({ fold: 'mouth' });
  });

  test('holds its tickets: half round them, the panel of two layers and the lining, and 6 to spare', () => {
    const [front] = solution.rooms.find(({ id }) => id === 'holders/R/1')!.rings[0]!.walls;
    const clear = closest(solution, front!.piece, front!.left, front!.right) - 2; // topstitched 2 above the lower seam
    const thick = 3 * 0.4;
    // cotton of 0.27 twice: the middle of the outer layer lies 0.27 + 0.135 from them, that of the lawn half of its 0.16
    const needed = 70 + thick + (Math.PI / 2) * (0.405 + 0.08);
    expect(clear).toBeGreaterThanOrEqual(needed + 6 - 1e-6);
    const across = holderOf(solution, 'R').clearances.find(({ direction }) => direction === 'across')!;
    expect(across.clearance.value).toBeCloseTo(clear - needed, 2);
    for (const { clearances } of solution.holders)
      for (const { clearance, ease } of clearances) expect(clearance.value).toBeGreaterThanOrEqual(ease - 1e-6);
  });

  test('has cards sewn onto its panel, clear of its mouth and its upper edge', () => {
    const [room, cards] = [holderOf(solution, 'R').seat, holderOf(solution, 'A').seat];
    expect(cards.host.piece).toBe('holders/R/panel');
    expect(cards.width.value).toBeLessThanOrEqual(room.width.value - 4 + 1e-6);
    expect(cards.y + cards.height.value).toBeLessThanOrEqual(room.height.value - 4 + 1e-6);
    // on the half that lies in front
    const [from, to] = side === 'left' ? [0, room.width.value] : [room.width.value, 2 * room.width.value];
    expect(cards.x).toBeGreaterThanOrEqual(from - 1e-6);
    expect(cards.x + cards.width.value).toBeLessThanOrEqual(to + 1e-6);
    expect(holderOf(solution, 'B').seat.host.piece).toBe('body/lining');
  });

  test('makes the leaf and the closed piece thicker by what is in it', () => {
    const without = wallet(side, {}, { [`${side}-behind`]: { kind: 'row', gap: 0, share: 'keep', children: [] } });
    const by = solution.closedThickness.value - without.closedThickness.value;
    expect(by).toBeCloseTo(3 * 0.4 + 2 * 0.27, 6);
  });

  test('lies on the panel of a note compartment, if there is one', () => {
    const both = wallet(side, {}, { inside: { kind: 'holder', id: 'N' } });
    expect(holderOf(both, 'R').seat.host.piece).toBe('holders/N/panel');
    expect(holderOf(both, 'A').seat.host.piece).toBe('holders/R/panel');
    expect(both.findings.filter(({ severity }) => severity === 'stop')).toEqual([]);
  });
});

test('a note that is a millimetre too high for a pinned piece does not go in', () => {
  const least = wallet('left').body.sizes;
  const high = wallet('left').finished.height!.value;
  const pinned = (by: number) => wallet('left', { pins: { 'body/height': high - by } });
  expect(least.leafWidth!.value).toBeGreaterThan(110);
  const across = (solution: Solution) =>
    holderOf(solution, 'R').clearances.find(({ direction }) => direction === 'across')!.clearance.value;
  const spare = across(pinned(0));
  expect(across(pinned(spare - 0.5))).toBeGreaterThan(0);
  expect(across(pinned(spare + 1))).toBeLessThan(0);
});

describe.each(['left', 'right'] as const)('a room behind the %s leaf whose front is the card panel', (side) => {
  const lined = (making: string, columns = '1') =>
    wallet(side, {
      holders: [
        { id: 'R', kind: 'fold-room', params: { front: 'cards' }, contents: [{ line: 't', count: 3 }] },
        { id: 'A', kind: 'card-tiers', params: { making, columns }, contents: [{ line: 'c', count: 1 }] },
        { id: 'B', kind: 'card-tiers', params: {}, contents: [{ line: 'c', count: 1 }] },
      ],
    });
  // the stamps have no home here
  const stopsIn = ({ findings }: Solution) =>
    findings.filter(({ severity, code }) => severity === 'stop' && code !== 'contents.notHeld');
  const opened = side === 'left' ? 'right' : 'left';
  const solution = lined('pleated');

  test('has no piece of its own: the backing of the cards bounds it, and is open at the fold', () => {
    expect(solution.pieces.filter(({ id }) => id.startsWith('holders/R'))).toEqual([]);
    const room = solution.rooms.find(({ id }) => id === 'holders/R/1')!;
    expect(room.rings[0]!.walls[0]).toMatchObject({
      piece: 'holders/A/backing',
      layers: ['holders/A/backing', 'holders/A/strip'],
    });
    expect(openBounds(solution, room)).toEqual([]);
    // strip and backing are joined there, and that seam is sewn to nothing
    const at = solution.seams.filter(({ id }) => id.includes('holders/A') && id.endsWith('#inner'));
    expect(at.map(({ id, kind }) => [id, kind])).toEqual([['holders/A#inner', 'sewn']]);
    const { seat } = holderOf(solution, 'A');
    expect(seat.edges[opened].kind).toBe('free');
    expect(seat.edges[side].kind).toBe('caught');
    expect(seat.width.value).toBe(holderOf(solution, 'R').seat.width.value);
  });

  test('holds its tickets with 6 to spare, by hand', () => {
    const [front] = solution.rooms.find(({ id }) => id === 'holders/R/1')!.rings[0]!.walls;
    const clear = closest(solution, front!.piece, front!.left, front!.right) - 2;
    // the backing of lawn 0.16 and half of the cotton of 0.27 before them, half of the lawn behind
    const needed = 70 + 1.2 + (Math.PI / 2) * (0.16 + 0.135 + 0.08);
    expect(clear).toBeGreaterThanOrEqual(needed + 6 - 1e-6);
    const across = holderOf(solution, 'R').clearances.find(({ direction }) => direction === 'across')!;
    expect(across.clearance.value).toBeCloseTo(clear - needed, 2);
    expect(stopsIn(solution)).toEqual([]);
  });

  test('is thinner by a panel folded double, and the leaf narrower by what kept the cards clear of it', () => {
    const own = wallet(side);
    const stacked = lined('stacked');
    expect(own.closedThickness.value - stacked.closedThickness.value).toBeCloseTo(2 * 0.27, 6);
    expect(stacked.body.sizes.leafWidth!.value).toBeLessThanOrEqual(own.body.sizes.leafWidth!.value);
  });

  test.each([
    ['sewn straight on', 'applied', '1'],
    ['in two columns', 'pleated', '2'],
  ])('cards that are %s cannot be a front: it has its own panel, and that is told', (_, making, columns) => {
    const told = lined(making, columns);
    expect(told.findings.map(({ code }) => code)).toContain('room.ownFront');
    expect(pieceOf(told, 'holders/R/panel').folds).toHaveLength(1);
    expect(stopsIn(told)).toEqual([]);
  });

  test('with the cards taken away it has its own panel', () => {
    const bare = wallet(side, {
      holders: [{ id: 'R', kind: 'fold-room', params: { front: 'cards' }, contents: [{ line: 't', count: 3 }] }],
      faces: { [`${side}-behind`]: { kind: 'holder', id: 'R' } },
    });
    expect(bare.pieces.map(({ id }) => id)).toContain('holders/R/panel');
  });
});
