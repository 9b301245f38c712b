import { describe, expect, test } from '@jest/globals';
import { demoDesigns } from '../demo/index.ts';
import type { DesignDocument, Params } from '../document/design-document.ts';
import { edgeLength } from '../geometry/outline.ts';
import type { Piece } from '../pieces/piece.ts';
import { zipTube as measured } from '../sizing/zip-tube.ts';
import { given } from '../derived/derived.ts';
import { thing, trial } from '../testing/trial.ts';
import type { Solution } from './solution.ts';
import { solveDesign } from './solve-design.ts';

const number = (value: number) => given('given', value, { kind: 'input', path: 'test' });

/** A pouch for a box of 100 x 60 x 40, lying. */
const pouch = (params: Params = {}, closing: Params = {}, more: Partial<DesignDocument> = {}): Solution => {
  const base = trial({
    body: 'zip-tube',
    params,
    face: 'inside',
    kind: 'packed-room',
    item: thing(100, 60, 40),
    closure: 'zip-top',
    closing,
  });
  const contents = base.contents.map((line) => ({ ...line, orientation: 'lying' as const }));
  return solveDesign({ ...base, contents, ...more });
};
const pieceOf = ({ pieces }: Solution, id: string): Piece => pieces.find((piece) => piece.id === id)!;
const edgeOf = (piece: Piece, id: string): number => edgeLength(piece.stitch.find((edge) => edge.id === id)!);
// canvas 0.62 with interfacing 0.20 within it, lawn 0.16: on both sides to the middle of the canvas
const WALLS = 2 * (0.16 + 0.2 + 0.62 / 2);

describe('a zipped pouch', () => {
  test('is as large as its things, their ease and its walls', () => {
    const { finished } = pouch();
    const up = (size: number) => Math.ceil(size * 2 - 1e-9) / 2;
    expect(finished.length!.value).toBe(up(100 + 3 + WALLS));
    expect(finished.width!.value).toBe(up(60 + 3 + WALLS));
    // both halves of the height are on the grid
    expect(finished.height!.value).toBe(2 * up((40 + 5 + WALLS) / 2));
  });

  test('its panel, measured by the rule for a panel with its seams, gives the same pouch', () => {
    const solution = pouch();
    const shell = pieceOf(solution, 'body/shell');
    const tape = 32;
    const made = measured({
      panelLength: shell.cutHeight,
      panelWidth: shell.cutWidth,
      zipSeam: number(6),
      zipExposed: number(tape - 2 * 6),
      endSeam: number(6),
      boxing: solution.finished.height!,
    });
    for (const side of ['length', 'width', 'height'] as const)
      expect(made[side].value).toBeCloseTo(solution.finished[side]!.value, 9);
  });

  test('at each end the cloth of the upper half, with the zipper, is as wide as that of the lower', () => {
    const shell = pieceOf(pouch(), 'body/shell');
    expect(edgeOf(shell, 'right-1') + 20 + edgeOf(shell, 'right-3')).toBeCloseTo(edgeOf(shell, 'right-2'), 9);
    expect(edgeOf(shell, 'right-2')).toBeCloseTo(pouch().finished.width!.value, 9);
  });

  test.each(['cut', 'marked'])('with %s corners a tab is caught in the middle of each end', (corners) => {
    const parts = [{ id: 'p1', kind: 'ring-tabs', params: {} }];
    const solution = pouch({ corners }, {}, { parts });
    const tabs = solution.seams.filter(({ id }) => id.startsWith('parts/p1/tab-') && id.endsWith('#left'));
    expect(tabs).toHaveLength(2);
    for (const { b } of tabs) {
      const [part] = b.parts as [{ edge: string; from: number; to: number }];
      // between the folds of the end, which lie alike on both sides of its middle
      expect((part.from + part.to) / 2).toBeCloseTo(edgeOf(pieceOf(solution, 'body/shell'), part.edge) / 2, 9);
    }
  });
  test('marked corners are sewn on the same lines as those that are cut out', () => {
    const [cut, marked] = [pouch(), pouch({ corners: 'marked' })].map((solution) => pieceOf(solution, 'body/shell'));
    expect(cut!.stitch).toHaveLength(2 + 2 * 9);
    expect(marked!.stitch).toHaveLength(2 + 2 * 3);
    const lengths = marked!.lines.map(
      ({ id, from, to }) => [id, Math.hypot(to[0] - from[0], to[1] - from[1])] as const,
    );
    for (const [id, length] of lengths) expect(edgeOf(cut!, id)).toBeCloseTo(length, 9);
    expect(lengths).toHaveLength(12);
  });

  test('lying flat it is as long and wide as what lies in it is round', () => {
    const { finished, closedThickness } = pouch({ form: 'flat' });
    expect(finished.height).toBeUndefined();
    // the box 40 + 5 high takes its height from both directions, and the cloth goes round it
    const round = (Math.PI / 2) * WALLS;
    expect(finished.length!.value).toBe(Math.ceil((100 + 3 + 45 + round) * 2) / 2);
    expect(finished.width!.value).toBe(Math.ceil((60 + 3 + 45 + round) * 2) / 2);
    expect(closedThickness.value).toBeCloseTo(45 + 2 * 0.98, 9);
  });

  test('a thing that is thick for its length makes the pouch longer, so that it passes the zipper', () => {
    const cube = pouch({}, {}, { ownItems: [thing(80, 80, 80)] });
    const [hole] = cube.holders.flatMap(({ clearances }) =>
      clearances.filter(({ direction }) => direction === 'through'),
    );
    expect(hole!.required.value).toBe(160);
    expect(hole!.clearance.value).toBeGreaterThanOrEqual(0);
    expect(hole!.clearance.value).toBeLessThan(1);
    expect(cube.findings.filter(({ severity }) => severity === 'stop')).toEqual([]);
  });

  test('pinned too short for its zipper to let the thing through, it says so', () => {
    const pinned = pouch({}, {}, { ownItems: [thing(80, 80, 80)], pins: { 'body/length': 84.5 } });
    expect(pinned.finished.length!.value).toBe(84.5);
    expect(pinned.findings.filter(({ severity }) => severity === 'stop').map(({ code }) => code)).toContain(
      'clearance.tooTight',
    );
  });

  test('the lining is smaller by the turn of cloth on every side, and ends sooner along the zipper', () => {
    const solution = pouch();
    // half of canvas, interfacing and lawn on both sides, at least 1
    expect(solution.body.sizes.liningLess!.value).toBe(1);
    const zip = solution.seams.find(({ id }) => id === 'body/zip-front')!;
    expect(zip.lengthA - zip.lengthB).toBeCloseTo(2, 9);
    expect(zip.mismatch).toBeCloseTo(0, 9);
  });
});

// common practice: a palm-size pouch that just takes a card does not take it half an inch smaller
test('the card goes into the lens pouch as it is cut, and not with half an inch less of panel', () => {
  const solution = solveDesign(demoDesigns.find(({ id }) => id === 'lens-pouch')!);
  const { cutWidth, cutHeight } = pieceOf(solution, 'body/shell');
  const lengthOf = (panelWidth: number) =>
    measured({
      panelLength: cutHeight,
      panelWidth: number(panelWidth),
      zipSeam: number(6),
      zipExposed: number(25 - 2 * 6),
      endSeam: number(6),
      boxing: number(28),
    }).length.value;
  // canvas and fleece 3.02, cotton 0.27
  const walls = 3.02 + 2 * 0.27;
  expect(lengthOf(cutWidth.value) - walls).toBeGreaterThan(85.6);
  expect(lengthOf(cutWidth.value - 12.7) - walls).toBeLessThan(85.6);
});

describe('its zipper', () => {
  const run = pouch().body.sizes.along!.value;
  test.each([
    ['seam', run + 12],
    ['tabs', run - 24 + 12],
    ['longer', run + 12 + 40],
  ])('with its ends made by “%s” is cut to %d', (ends, length) => {
    expect(pouch({}, { ends }).closure.sizes.zipperLength!.value).toBeCloseTo(length, 9);
  });
  test('may be the next ready-made one', () => {
    expect(pouch().closure.sizes.readyMade!.value).toBe(200);
    expect(pouch({}, { ends: 'longer' }).closure.sizes.readyMade!.value).toBe(250);
  });
  test('with tabs has them between opening and end seam, sewn to both ends', () => {
    const solution = pouch({}, { ends: 'tabs' });
    const tab = pieceOf(solution, 'closure/tab');
    expect([tab.count, tab.cutWidth.value, tab.cutHeight.value]).toEqual([2, 12 + 12, 32]);
    expect(solution.seams.filter(({ id }) => id.startsWith('closure/tab')).map(({ walks }) => walks)).toEqual(
      Array.from({ length: 6 }, () => true),
    );
  });
  test('shows what its tape is wider than both seams, and a coarse one takes it from the cloth', () => {
    const [fine, coarse] = ['zipper-3', 'zipper-8'].map((gauge) => pieceOf(pouch({}, { gauge }), 'body/shell'));
    // tapes of 25 and 38
    expect(fine!.cutHeight.value - coarse!.cutHeight.value).toBeCloseTo(13, 9);
  });
  test('has two sliders when asked', () => {
    expect(pouch({}, { sliders: 'two', gauge: 'zipper-3' }).hardware).toContainEqual({ id: 'slider-3', count: 2 });
  });
});
