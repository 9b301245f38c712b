import { describe, expect, test } from '@jest/globals';
import { demoDesigns } from '../demo/index.ts';
import type { DesignDocument } from '../document/design-document.ts';
import { wordingText } from '../errors/wording.ts';
import { standardMaterials } from '../shelves/materials/standard-materials.ts';
import type { Material } from '../shelves/materials/material.ts';
import { standardShelves } from '../shelves/shelves.ts';
import { checkPassing } from '../fit/check-passing.ts';
import { gapFor } from '../sizing/passing.ts';
import { solveDesign } from './solve-design.ts';

const demo = (id: string): DesignDocument => demoDesigns.find((design) => design.id === id)!;
const shelves = (bends: Partial<Material>) => ({
  ...standardShelves,
  materials: standardMaterials.map((each) => (each.id === 'stiffener' ? { ...each, ...bends } : each)),
});
const gapsOf = (design: DesignDocument, bends: Partial<Material> = {}) => {
  const { pieces, findings } = solveDesign(design, shelves(bends));
  const gaps = pieces.flatMap(({ id, gaps: all }) =>
    all.filter(({ label }) => !label).map(({ from, to }) => ({ id, long: to - from })),
  );
  return { pieces, gaps, stops: findings.filter(({ code }) => code === 'gap.doesNotPass') };
};

// by hand: 341 / 2 + pi * 1.5 / 2 = 172.86, 111 / 2 + 2.36 = 57.86, 119 / 2 + 2.36 = 61.86; each with 5 more. Flat: 119 + 1.5 + 5
describe('the gap that a stiff sheet asks for', () => {
  test.each([
    [{ wide: 341, thick: 1.5, rolls: true }, 177.86],
    [{ wide: 111, thick: 1.5, rolls: true }, 62.86],
    [{ wide: 119, thick: 1.5, rolls: true }, 66.86],
    [{ wide: 119, thick: 1.5, rolls: false }, 125.5],
  ])('%j: %d', (sheet, asked) => expect(gapFor(sheet)).toBeCloseTo(asked, 2));
});

describe('a stiff board in a sleeve', () => {
  const sleeve = demo('caliper-sleeve');
  const stiff: DesignDocument = {
    ...sleeve,
    stacks: { ...sleeve.stacks, base: [{ material: 'stiffener', coverage: 'full' }] },
    parts: [{ id: 'p9', kind: 'stiffener', params: {} }],
  };
  const boardOf = (pieces: ReturnType<typeof gapsOf>['pieces']) => pieces.find(({ id }) => id === 'parts/p9/board')!;

  test('that rolls goes in through the gap, which is made as long as it asks', () => {
    const { pieces, gaps, stops } = gapsOf(stiff);
    const wide = Math.min(boardOf(pieces).cutWidth.value, boardOf(pieces).cutHeight.value);
    // no tighter than 15: a board below 94.2 wide stays flat
    const rolls = wide >= 2 * Math.PI * 15;
    expect(Math.max(...gaps.map(({ long }) => long))).toBeCloseTo(
      Math.max(...gapsOf(sleeve).gaps.map(({ long }) => long), Math.ceil(gapFor({ wide, thick: 1.5, rolls }))),
      9,
    );
    expect(stops).toEqual([]);
  });
  test('that does not bend asks for its width, and stops where the seam is too short for it', () => {
    const { pieces, gaps, stops } = gapsOf(stiff, { bends: 'rigid' });
    const wide = Math.min(boardOf(pieces).cutWidth.value, boardOf(pieces).cutHeight.value);
    const longest = Math.max(...gaps.map(({ long }) => long));
    expect(longest).toBeCloseTo(Math.ceil(wide + 1.5 + 5), 9);
    expect(stops).toEqual([]);
    const short = gapsOf({ ...stiff, pins: { 'body/height': 90, 'body/flatWidth': 200 } }, { bends: 'rigid' });
    const board = boardOf(short.pieces);
    const needs = Math.min(board.cutWidth.value, board.cutHeight.value) + 1.5;
    expect(short.stops).toHaveLength(1);
    expect(short.stops[0]!.limit).toBeCloseTo(needs, 9);
    expect(short.stops[0]!.numbers.gap).toBeLessThan(needs);
    expect(wordingText(short.stops[0]!.text, (mm) => `${mm.toFixed(0)} mm`)).toMatch(
      /^Stiffener does not pass the turning gap/,
    );
  });
  test('a millimetre less of gap than it needs turns the verdict', () => {
    const { pieces } = gapsOf(stiff, { bends: 'rigid' });
    const board = boardOf(pieces);
    const needs = Math.min(board.cutWidth.value, board.cutHeight.value) + 1.5;
    const cut = (long: number) =>
      pieces.map((piece) => ({
        ...piece,
        gaps: piece.gaps.map((gap) => (gap.label ? gap : { ...gap, to: gap.from + long })),
      }));
    const told = (long: number) =>
      checkPassing(cut(long), (id) => shelves({ bends: 'rigid' }).materials.find((each) => each.id === id)).length;
    expect([told(needs + 0.5), told(needs - 0.5)]).toEqual([0, 1]);
  });
});

test('a pad goes through the gap of its cover, not through that of the bag', () => {
  const tote = demo('boat-tote');
  const padded: DesignDocument = {
    ...tote,
    stacks: { ...tote.stacks, base: [{ material: 'stiffener', coverage: 'full' }] },
    parts: [
      ...(tote.parts ?? []).filter(({ kind }) => kind !== 'base-pad'),
      { id: 'p9', kind: 'base-pad', params: {} },
    ],
  };
  const { pieces, gaps, stops } = gapsOf(padded);
  const pad = pieces.find(({ id }) => id === 'parts/p9/pad')!;
  const wide = Math.min(pad.cutWidth.value, pad.cutHeight.value);
  const own = gaps.filter(({ id }) => id === 'parts/p9/cover');
  const asked = Math.ceil(gapFor({ wide, thick: 1.5, rolls: wide >= 2 * Math.PI * 15 }));
  expect(own.map(({ long }) => long)).toEqual([Math.max(50, asked)]);
  expect(stops).toEqual([]);
});
