import { describe, expect, test } from '@jest/globals';
import { demoDesigns } from '../demo/index.ts';
import type { DesignDocument } from '../document/design-document.ts';
import { boundsOf, distance, edgeLength, flatten, pointAlong, polygonArea } from '../geometry/outline.ts';
import type { Point } from '../geometry/perimeter.ts';
import type { Piece } from '../pieces/piece.ts';
import { circle, tautMidline, tautOver } from '../testing/measures.ts';
import { thing, trial } from '../testing/trial.ts';
import type { Solution } from './solution.ts';
import { solveDesign } from './solve-design.ts';
import { withLowerCorners } from '../testing/lower-corners.ts';

const demo = (id: string): DesignDocument => demoDesigns.find((design) => design.id === id)!;
const pieceOf = ({ pieces }: Solution, id: string): Piece => pieces.find((piece) => piece.id === id)!;
const lineOf = (piece: Piece, id: string) => piece.lines.find((line) => line.id === id)!;
const rect = (width: number, height: number): Point[] => [
  [0, 0],
  [width, 0],
  [width, height],
  [0, height],
];
describe('a window zip', () => {
  const solution = solveDesign(demo('survey-folio'));
  const [bag, lining] = [pieceOf(solution, 'holders/A/bag'), pieceOf(solution, 'body/lining')];
  const sides = ['bottom', 'right', 'top', 'left'];

  test('cuts its host and its pocket alike', () => {
    const box = (piece: Piece, name: string) =>
      sides.map((side) => lineOf(piece, `${name}-${side}`)).map(({ from, to }) => distance(from, to));
    expect(box(bag, 'window')).toEqual(box(lining, 'A-window'));
    expect(box(bag, 'window')).toEqual([143.5, 10, 143.5, 10]);
  });
  test('opens to a ring that the note passes: its girth and the ease', () => {
    // a flat slit opened round is a ring as long as both its sides
    const ring = 2 * 143.5;
    expect(ring).toBeGreaterThanOrEqual(2 * (140 + 0.11) + 2 * 3);
  });
  test('stays clear of the fold, and its slit inside it', () => {
    const leaf = solution.body.sizes.leaf1!.value;
    for (const side of sides) {
      const { from, to } = lineOf(lining, `A-window-${side}`);
      for (const [x] of [from, to]) expect(x).toBeLessThan(leaf - 1);
    }
    const slit = lineOf(lining, 'A-slit');
    const bottom = lineOf(lining, 'A-window-bottom');
    expect(slit.from[0] - bottom.from[0]).toBe(5);
    expect(slit.from[1] - bottom.from[1]).toBe(5);
  });
  test('has a zipper that is longer than the window, so that no stop lies in a seam', () => {
    expect(pieceOf(solution, 'holders/A/zipper').cutWidth.value).toBe(143.5 + 2 * 20);
  });
});

describe('loose dividers', () => {
  const solution = solveDesign(demo('boat-tote'));
  test('leave each thing beside the centre stitch a tube that goes round it', () => {
    const half = solution.body.sizes.flatWidth!.value / 2;
    const [divider, lining] = [2 * 0.62, 0.4];
    for (const [across, thick] of [
      [105, 14],
      [105, 2.4],
      [110, 30],
      [74, 31],
    ] as const)
      expect(tautMidline(rect(across, thick), (divider + lining) / 4)).toBeLessThan(2 * half);
  });
  test('hang clear of the base and below the mouth', () => {
    const lining = pieceOf(solution, 'body/lining');
    const centre = lineOf(lining, 'A-centre-front');
    const mouth = boundsOf(lining.stitch).height;
    const fold = mouth / 2;
    const base = solution.body.sizes.base!.value / 2;
    expect(Math.min(centre.from[1], centre.to[1]) - fold - base).toBeCloseTo(10, 6);
    expect(Math.max(centre.from[1], centre.to[1])).toBeLessThan(mouth);
  });
  test('their base lies inside the finished bottom', () => {
    const pad = pieceOf(solution, 'parts/base/pad');
    expect(pad.cutWidth.value + 2 * 2).toBeLessThanOrEqual(solution.finished.width!.value - 2.45);
    expect(pad.cutHeight.value + 2 * 2).toBeLessThanOrEqual(solution.finished.depth!.value - 2.45);
  });
});

describe('corners cut off', () => {
  test('take two triangles from a panel, and their binding goes round the opening', () => {
    const solution = solveDesign(withLowerCorners(demo('slate-carrier')));
    const front = pieceOf(solution, 'body/shell-front');
    const { width, height } = boundsOf(front.stitch);
    expect(polygonArea(flatten(front.stitch))).toBeCloseTo(width * height - 45 * 45, 6);
    const ring = 2 * edgeLength(front.stitch.find(({ id }) => id === 'cut-right')!);
    expect(pieceOf(solution, 'body/corner-binding').cutWidth.value).toBeCloseTo(ring + 20, 6);
  });
});

describe('a drawstring', () => {
  test.each(['fold', 'seam'])('has its gaps in the side seams between its two lines (bottom: %s)', (bottom) => {
    const design = trial({
      body: 'sleeve',
      params: { bottom },
      face: 'inside',
      kind: 'cavity',
      item: thing(120, 60, 20),
      closure: 'drawstring',
    });
    const { pieces } = solveDesign(design);
    for (const piece of pieces.filter(({ gaps, id }) => id.startsWith('body/shell') && gaps.length > 0)) {
      const heights = piece.lines.flatMap(({ from }) => from[1]);
      expect(piece.gaps.length).toBeGreaterThan(1);
      for (const { edge, from, to } of piece.gaps) {
        const stitch = piece.stitch.find(({ id }) => id === edge)!;
        for (const at of [from, to]) {
          const [, y] = pointAlong(stitch, at);
          expect(Math.min(...heights.map((height) => Math.abs(height - y)))).toBeLessThan(1e-6);
        }
      }
    }
  });
  test('in the hem takes its channel from the allowance', () => {
    const design = trial({
      body: 'sleeve',
      params: { layers: 'single' },
      face: 'inside',
      kind: 'cavity',
      item: thing(120, 60, 20),
      closure: 'drawstring',
      closing: { casing: 'hem' },
    });
    const { pieces, closure } = solveDesign(design);
    expect(pieces[0]!.allowance['mouth-front']).toBe(closure.sizes.channel!.value + 6);
  });
});

test('handles sit as far from the middle as from the mouth, on front and back', () => {
  const design = trial({
    body: 'sleeve',
    params: { bottom: 'fold' },
    face: 'inside',
    kind: 'cavity',
    item: thing(300, 240, 40),
    parts: [{ id: 'h', kind: 'handles', params: {} }],
  });
  const solution = solveDesign(design);
  const shell = pieceOf(solution, 'body/shell');
  const { width, height } = boundsOf(shell.stitch);
  const marks = shell.marks.filter(({ id }) => id.startsWith('parts/h'));
  expect(marks).toHaveLength(4);
  expect(marks.map(({ at: [x] }) => Math.abs(x - width / 2))).toEqual(marks.map(() => 60));
  expect(marks.map(({ at: [, y] }) => Math.min(y, height - y))).toEqual(marks.map(() => 30));
});

test('a bellows pocket lays its fullness in pleats, and lies flat on its back', () => {
  const solution = solveDesign(demo('slate-carrier'));
  const front = pieceOf(solution, 'holders/B/front');
  const pleats = front.lines.filter(({ id }) => id.startsWith('pleat')).map(({ from }) => from[0]);
  let laid = 0;
  for (let index = 0; index < pleats.length; index += 2) laid += pleats[index + 1]! - pleats[index]!;
  const back = distance(
    lineOf(pieceOf(solution, 'body/shell-front'), 'B-bottom').from,
    lineOf(pieceOf(solution, 'body/shell-front'), 'B-bottom').to,
  );
  expect(boundsOf(front.stitch).width - laid).toBeCloseTo(back, 9);
});

describe('loops', () => {
  const design = trial({
    body: 'folio',
    face: 'leaf-1',
    kind: 'loop-row',
    item: thing(95, 16, 16, { shape: 'cylinder' }),
    count: 3,
  });
  const solution = solveDesign(design);
  test('are a tenth shorter than the taut way over each thing', () => {
    const [{ sizes }] = solution.holders as [Solution['holders'][number]];
    const lining = pieceOf(solution, 'body/lining');
    const span = lineOf(lining, 'A-loop-1-2').from[0] - lineOf(lining, 'A-loop-1-1').from[0];
    const strap = 1.1;
    // the strap's mid-line is anchored half its thickness above the face
    const way = tautOver(span / 2, circle(0, (16 - strap) / 2, (16 + strap) / 2));
    expect(sizes.loop1!.value).toBeCloseTo(0.9 * way, 2);
  });
  test('lie on the elastic as far apart at rest as the sewing asks', () => {
    const elastic = pieceOf(solution, 'holders/A/elastic');
    const places = elastic.lines.map(({ from }) => from[0]);
    expect([...places].sort((a, b) => a - b)).toEqual(places);
    expect(elastic.cutWidth.value).toBeGreaterThanOrEqual(places[places.length - 1]! + 6 - 1e-9);
  });
});

describe('small pockets of elastic', () => {
  const design = trial({
    body: 'folio',
    face: 'leaf-1',
    kind: 'loop-row',
    holderParams: { below: 'stitched', elastic: 'elastic-40' },
    item: thing(95, 16, 16, { shape: 'cylinder' }),
    count: 3,
  });
  const solution = solveDesign(design);
  const lining = pieceOf(solution, 'body/lining');

  test('stand at the bottom of their place and are closed there', () => {
    const lines = lining.lines.filter(({ id }) => id.startsWith('A-'));
    const low = Math.min(...lines.flatMap(({ from, to }) => [from[1], to[1]]));
    const bottoms = lines.filter(({ id }) => id.startsWith('A-bottom'));
    expect(bottoms).toHaveLength(3);
    for (const { from, to } of bottoms) expect([from[1], to[1]]).toEqual([low, low]);
    const sides = lines.filter(({ id }) => id.startsWith('A-loop'));
    for (const { from, to } of sides) expect([from[1], to[1] - from[1]]).toEqual([low, 40]);
  });

  test('below, the elastic is longer than its place by what is laid in pleats', () => {
    const walked = solution.seams.filter(({ id }) => id.startsWith('holders/A#bottom'));
    for (const { lengthA, lengthB, walks } of walked) {
      // an elastic of 1.2 over 16, stitched 19.5 apart: a tenth less than the taut way
      const way = tautOver(19.5 / 2, circle(0, (16 - 1.2) / 2, (16 + 1.2) / 2));
      expect([walks, lengthB]).toEqual([true, 19.5]);
      expect(lengthA).toBeCloseTo(0.9 * way, 2);
    }
    expect(walked).toHaveLength(3);
  });
});

test.each([
  ['zipper-3', 25],
  ['zipper-5', 32],
])('a zip pocket with %s has a tape of %d', (gauge, wide) => {
  const solution = solveDesign(
    trial({
      body: 'folio',
      face: 'leaf-1',
      kind: 'zip-pocket',
      holderParams: { gauge },
      item: thing(100, 60, 2),
    }),
  );
  expect(pieceOf(solution, 'holders/A/zipper').cutHeight.value).toBe(wide);
  expect(solution.hardware.find(({ id }) => id.startsWith('zipper'))!.id).toBe(gauge);
});

test('crossed straps are stitched square to their way, corner to corner', () => {
  const design = trial({
    body: 'folio',
    face: 'leaf-1',
    kind: 'hold-straps',
    holderParams: { way: 'crossed' },
    item: thing(140, 70, 11),
  });
  const solution = solveDesign(design);
  const lining = pieceOf(solution, 'body/lining');
  const ends = ['1-1', '1-2', '2-1', '2-2'].map((name) => lineOf(lining, `A-strap-${name}`));
  const middle = ({ from, to }: { from: Point; to: Point }): Point => [(from[0] + to[0]) / 2, (from[1] + to[1]) / 2];
  for (const pair of [ends.slice(0, 2), ends.slice(2)]) {
    const [a, b] = pair.map(middle) as [Point, Point];
    expect(distance(a, b)).toBeCloseTo(solution.holders[0]!.sizes.strapSpan!.value, 9);
    expect(distance(a, b)).toBeGreaterThan(Math.hypot(140, 70));
    for (const { from, to } of pair) {
      expect(distance(from, to)).toBeCloseTo(20, 9);
      expect((to[0] - from[0]) * (b[0] - a[0]) + (to[1] - from[1]) * (b[1] - a[1])).toBeCloseTo(0, 6);
    }
  }
});

test('the tape of an edge zip is as long as the outline measured point by point, without the fold at the bottom', () => {
  for (const id of ['ferry-pocket', 'logger-pocket']) {
    const solution = solveDesign({ ...demo(id), closure: { kind: 'edge-zip', params: { path: 'round' } } });
    const points = flatten(pieceOf(solution, 'body/lining').stitch, { tolerance: 0.0001 });
    const all = points.reduce(
      (total, point, index) => total + distance(point, points[(index + 1) % points.length]!),
      0,
    );
    expect(solution.closure.sizes.zipPath!.value).toBeCloseTo(all - solution.body.sizes.spine!.value, 1);
  }
});

test('a round base is as long along its stitch line as the wall that goes round it', () => {
  const solution = solveDesign(demo('sieve-bag'));
  const points = flatten(pieceOf(solution, 'body/shell-base').stitch, { tolerance: 0.0001 });
  const round = points.reduce(
    (total, point, index) => total + distance(point, points[(index + 1) % points.length]!),
    0,
  );
  const wall = pieceOf(solution, 'body/shell-wall');
  expect(edgeLength(wall.stitch[0]!)).toBeCloseTo(round, 1);
  const below = wall.notches.filter(({ edge }) => edge === 'bottom');
  expect(below.map(({ at }) => Math.round((at / round) * 1000))).toEqual([250, 500, 750]);
});

test('what is folded in first clears the fold it is laid against', () => {
  const { leaf2, leaf3 } = solveDesign(demo('tally-trifold')).body.sizes;
  // the right leaf is 3.52 loaded with two walls of 2 + 1
  expect(leaf2!.value - leaf3!.value).toBeGreaterThanOrEqual(3.52 + 3 + 2);
});

test('a divider pouch stands on a base of its own that is no deeper than what hangs there', () => {
  const design = trial({
    body: 'sleeve',
    params: { form: 'boxed' },
    face: 'divider',
    kind: 'divider-pouch',
    item: thing(120, 90, 18),
  });
  const solution = solveDesign(design);
  const [{ sizes }] = solution.holders as [Solution['holders'][number]];
  expect(sizes.pouchDepth!.value).toBeGreaterThanOrEqual(18);
  expect(sizes.pouchDepth!.value).toBeLessThanOrEqual(solution.finished.depth!.value);
  const panel = pieceOf(solution, 'holders/A/pouch-front');
  const { width, height } = boundsOf(panel.stitch);
  expect(width * height - polygonArea(flatten(panel.stitch))).toBeCloseTo(2 * (sizes.pouchDepth!.value / 2) ** 2, 6);
});

test('a T-shaped pocket has no cloth at the sides below its bar', () => {
  const bifold = demo('permit-bifold');
  const design = {
    ...bifold,
    holders: bifold.holders.map((holder) =>
      holder.id === 'A' ? { ...holder, params: { making: 't-slots' } } : holder,
    ),
  };
  const pocket = pieceOf(solveDesign(design), 'holders/A/pocket-1');
  const { width, height } = boundsOf(pocket.stitch);
  // a reveal of 12 and 8 under the next mouth; the tongue stands in by 10 on each side
  expect(polygonArea(flatten(pocket.stitch))).toBeCloseTo(width * height - 2 * 10 * (height - 20), 6);
});
