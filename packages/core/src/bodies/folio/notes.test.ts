import { describe, expect, test } from '@jest/globals';
import type { DesignDocument } from '../../document/design-document.ts';
import { newDesign } from '../../document/edits/new-design.ts';
import { solveDesign } from '../../solve/solve-design.ts';
import type { Solution } from '../../solve/solution.ts';
import { closest, openBounds } from '../../testing/room-witness.ts';
import { thing } from '../../testing/trial.ts';
import { folio } from './folio.ts';

// letters of 220 x 110 behind the inner panel, business cards of 90 x 50 before it: in no demo
const letter = { ...thing(220, 110, 0.9), id: 'letter', name: 'Letter', shape: 'card' as const };
const card = { ...thing(90, 50, 0.5), id: 'card', name: 'Business card', shape: 'card' as const };

const felt = (material: string) => [{ material, coverage: 'full' as const }];

const trifold = (notes: boolean, params: DesignDocument['body']['params'] = { edges: 'raw' }): Solution =>
  solveDesign({
    ...newDesign({ id: 'trial', name: 'Trial', body: 'folio' }),
    body: { kind: 'folio', params },
    stacks: { exterior: felt('felt-2'), lining: felt('felt-1'), pocket: felt('felt-1'), mesh: felt('felt-1') },
    ownItems: [letter, card],
    contents: [
      { id: 'n', item: 'letter', count: 1, perHolder: 1, orientation: 'lying' },
      { id: 'c', item: 'card', count: 2, perHolder: 1, orientation: 'upright' },
    ],
    holders: [
      { id: 'N', kind: 'file-room', params: {}, contents: [{ line: 'n', count: 1 }] },
      { id: 'A', kind: 'card-tiers', params: { making: 'applied' }, contents: [{ line: 'c', count: 1 }] },
      { id: 'B', kind: 'card-tiers', params: { making: 'applied' }, contents: [{ line: 'c', count: 1 }] },
    ],
    faces: {
      'leaf-2': { kind: 'holder', id: 'A' },
      'leaf-3': { kind: 'holder', id: 'B' },
      ...(notes && { notes: { kind: 'holder', id: 'N' } }),
    },
  });
const holderOf = ({ holders }: Solution, id: string) => holders.find((holder) => holder.id === id)!;

describe('notes behind the inner panel of a trifold with raw edges', () => {
  const solution = trifold(true);

  test('lie in a room of their own, open along the lip', () => {
    const room = solution.rooms.find(({ id }) => id === 'holders/N/1')!;
    expect(openBounds(solution, room)).toEqual([]);
    expect(room.rings[0]!.walls.map(({ piece }) => piece)).toEqual(['body/lining', 'body/shell']);
    const cut = { ...solution, seams: solution.seams.filter(({ id }) => id !== 'body/left') };
    expect(openBounds(cut, room)).not.toEqual([]);
  });

  test('go in with their ease: half round them, and the cloth that goes round', () => {
    const [inner, outer] = solution.rooms.find(({ id }) => id === 'holders/N/1')!.rings[0]!.walls;
    const flat = [inner!, outer!].map((wall) => closest(solution, wall.piece, wall.left, wall.right));
    const { lining, exterior } = solution.stacks;
    // each wall lies with its middle half of its thickness outside of the letter
    const half = 220 + 0.9;
    const needed = half + (Math.PI / 2) * ((lining.value + exterior.value) / 2);
    const across = holderOf(solution, 'N').clearances.find(({ direction }) => direction === 'across')!;
    expect(across.clearance.value).toBeCloseTo((flat[0]! + flat[1]!) / 2 - needed, 3);
    for (const { clearance, ease } of holderOf(solution, 'N').clearances)
      expect(clearance.value).toBeGreaterThanOrEqual(ease - 1e-6);
  });

  test('make the folded piece thicker on every leaf, and it opens as wide as they ask', () => {
    const without = trifold(false);
    expect(solution.closedThickness.value - without.closedThickness.value).toBeCloseTo(3 * 0.9, 9);
    expect(solution.emptyThickness.value).toBeCloseTo(without.emptyThickness.value, 9);
    expect(solution.finished.openWidth!.value).toBeGreaterThan(220);
    expect(without.finished.openWidth!.value).toBeLessThan(solution.finished.openWidth!.value);
    // the lip shows 5 of the outer panel above them
    const [shell, lining] = ['body/shell', 'body/lining'].map(
      (id) => solution.pieces.find((piece) => piece.id === id)!.stitch[1]!,
    );
    const high = ({ from, to }: { from: readonly number[]; to: readonly number[] }) => Math.abs(to[1]! - from[1]!);
    expect(high(shell!) - high(lining!)).toBeCloseTo(5, 9);
  });

  test('fold with the piece: each fold of the outer panel goes round them too', () => {
    const extra = (of: Solution) => of.body.sizes.shellExtra!.value;
    expect(extra(solution) - extra(trifold(false))).toBeGreaterThan((Math.PI / 2) * 0.9 - 0.5);
  });
});

test('with turned edges the inner panel is closed all round: there is no such room', () => {
  expect(folio.faces({ edges: 'turned' }).map(({ id }) => id)).not.toContain('notes');
  expect(folio.faces({ edges: 'raw' }).map(({ id }) => id)).toContain('notes');
});
