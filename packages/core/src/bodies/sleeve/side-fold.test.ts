import { describe, expect, test } from '@jest/globals';
import { edgeLength, pointAlong } from '../../geometry/outline.ts';
import type { Point } from '../../geometry/perimeter.ts';
import type { Piece } from '../../pieces/piece.ts';
import type { RunPart } from '../../pieces/seam.ts';
import { solveDesign } from '../../solve/solve-design.ts';
import { thing, trial, type Trial } from '../../testing/trial.ts';

/** A phone of a made-up size, lying in a pouch that is folded at one side. */
const pouch = (more: Partial<Trial> = {}) =>
  solveDesign(
    trial({
      body: 'sleeve',
      params: { bottom: 'side', ...more.params },
      face: 'inside',
      kind: 'cavity',
      item: thing(80, 150, 9, { rigid: true }),
      closure: 'fold-zip',
      ...(({ params: _, ...rest }) => rest)(more),
    }),
  );
type Solved = ReturnType<typeof pouch>;
const pieceOf = ({ pieces }: Solved, id: string): Piece => pieces.find((piece) => piece.id === id)!;

/** Folded by hand: what lies beyond the fold comes to lie on the rest. */
const folded = ({ folds }: Piece, [x, y]: Point): Point => {
  const at = folds[0]!.from[0];
  return [x > at ? 2 * at - x : x, y];
};

/** Places along a run of edges, each so far from its start. */
function along(piece: Piece, parts: readonly RunPart[], steps = 8): Point[] {
  return parts.flatMap((part) => {
    const edge = piece.stitch.find(({ id }) => 'edge' in part && id === part.edge)!;
    const places = Array.from({ length: steps + 1 }, (_, i) => pointAlong(edge, (i / steps) * edgeLength(edge)));
    return part.reversed ? places.reverse() : places;
  });
}

describe('one piece folded at one side', () => {
  test.each(['body/shell', 'body/lining'])('%s: what is sewn together comes to lie on each other', (id) => {
    const solution = pouch();
    const piece = pieceOf(solution, id);
    expect(piece.folds[0]!.from[0]).toBeCloseTo(piece.folds[0]!.to[0], 9);
    const own = solution.seams.filter(({ a, b }) => a.piece === id && b.piece === id);
    expect(own.map(({ id: seam }) => seam)).toEqual([`${id}/left`, `${id}/bottom`]);
    for (const { a, b } of own) {
      const [one, other] = [along(piece, a.parts), along(piece, b.parts)].map((all) =>
        all.map((place) => folded(piece, place)),
      );
      one!.forEach((place, i) => expect(place).toEqual(other![i]!.map((mm) => expect.closeTo(mm, 6))));
    }
  });
  test('shell and lining lie on each other along the whole mouth, fold on fold', () => {
    const solution = pouch();
    const [shell, lining] = ['body/shell', 'body/lining'].map((id) => pieceOf(solution, id)) as [Piece, Piece];
    const high = (piece: Piece) => Math.max(...piece.stitch.map(({ from: [, y] }) => y));
    // right sides together: the lining is turned over, left for right, mouth on mouth
    const middle = shell.folds[0]!.from[0];
    const turned = ([x, y]: Point): Point => [2 * middle - x, y - high(lining) + high(shell)];
    const mouth = solution.seams.filter(({ id }) => id.startsWith('body/mouth'));
    expect(mouth).toHaveLength(2);
    for (const { a, b } of mouth) {
      const [one, other] = [along(shell, a.parts), along(lining, b.parts).map(turned)];
      one.forEach((place, i) => expect(other[i]).toEqual(place.map((mm) => expect.closeTo(mm, 6))));
    }
    // the seams of both lie at the same side of the bag, their folds at the other
    expect(lining.folds[0]!.from[0]).toBeCloseTo(middle, 9);
  });
  test('as wide and as deep as one folded at the bottom, cut twice as wide instead of twice as high', () => {
    const [side, fold] = [pouch({ closure: 'none' }), pouch({ closure: 'none', params: { bottom: 'fold' } })];
    const { width, height } = side.finished;
    expect([width!.value, height!.value]).toEqual([fold.finished.width!.value, fold.finished.height!.value]);
    const shell = pieceOf(side, 'body/shell');
    expect(shell.cutWidth.value).toBeCloseTo(2 * width!.value + 12, 9);
    expect(shell.cutHeight.value).toBeCloseTo(height!.value + 12, 9);
  });
  test('a tie of one layer is hemmed flat before its side is sewn', () => {
    const { operations } = pouch({ params: { layers: 'single' }, closure: 'wrap-ribbon', closing: { place: 'hem' } });
    const order = operations.map(({ id }) => id);
    expect(order.indexOf('body/hem')).toBeLessThan(order.indexOf('closure/ribbon'));
    expect(order.indexOf('closure/ribbon')).toBeLessThan(order.indexOf('body/shell'));
  });
});

describe('one tape of a zipper round the fold', () => {
  test('its way is stepped along the mouth of the flat piece, its middle on the fold', () => {
    const solution = pouch();
    const shell = pieceOf(solution, 'body/shell');
    const tape = pieceOf(solution, 'closure/tape');
    const caught = solution.seams.filter(({ a }) => a.piece === 'closure/tape');
    const run = caught.flatMap(({ b }) => along(shell, b.parts, 500));
    const way = run.slice(1).reduce((sum, [x, y], i) => sum + Math.hypot(x - run[i]![0], y - run[i]![1]), 0);
    expect(solution.closure!.sizes.zipPath!.value).toBeCloseTo(way, 6);
    // common practice: 20 beyond at each end
    expect(tape.cutWidth.value).toBeGreaterThanOrEqual(way + 2 * 20 - 1e-9);
    expect(tape.cutWidth.value).toBeLessThan(way + 2 * 20 + 0.5);
    const [first, second] = caught.map(({ a }) => a.parts[0] as { from: number; to: number });
    expect(first!.to).toBeCloseTo(tape.cutWidth.value / 2, 9);
    expect(second!.from).toBeCloseTo(tape.cutWidth.value / 2, 9);
  });
  test('its slider goes on when the mouth is sewn and the sides are open', () => {
    const order = pouch().operations.map(({ id }) => id);
    const steps = ['closure/set', 'body/mouth', 'closure/slider', 'body/shell', 'body/lining', 'body/turn'];
    expect(order.filter((id) => steps.includes(id))).toEqual(steps);
  });
  test('it is half as wide as a whole zipper, and shows as much once it is folded', () => {
    const both = pouch({ params: { bottom: 'fold' }, closure: 'zip-top', closing: { gauge: 'zipper-8' } });
    const one = pouch({ closing: { gauge: 'zipper-8' } });
    expect(2 * pieceOf(one, 'closure/tape').cutHeight.value).toBeCloseTo(
      pieceOf(both, 'closure/zipper').cutHeight.value,
    );
    const sizes = ({ finished }: Solved) => [finished.width!.value, finished.height!.value];
    expect(sizes(one)).toEqual(sizes(both));
    expect(one.hardware.map(({ id, count }) => [id, count])).toEqual([
      ['zipper-8', 1],
      ['slider-8', 1],
    ]);
  });
  test('a phone that is too wide for what opens is told', () => {
    const codes = (pin: number) =>
      solveDesign({
        ...trial({
          body: 'sleeve',
          params: { bottom: 'side' },
          face: 'inside',
          kind: 'cavity',
          item: thing(80, 150, 9, { rigid: true }),
          closure: 'fold-zip',
        }),
        pins: { 'body/flatWidth': pin },
      }).findings.map(({ code }) => code);
    // half of the way round it is 80 + 9, and 12 at each end do not open
    expect(codes(89 + 24)).not.toContain('clearance.tooTight');
    expect(codes(89 + 23)).toContain('clearance.tooTight');
  });
});

test.each<[string, Partial<Trial>, string]>([
  ['a boxed bottom', { params: { form: 'boxed' }, closure: 'none' }, 'choice.excluded'],
  ['upper corners cut off', { params: { corners: 'mouth' }, closure: 'none' }, 'choice.excluded'],
  ['lower corners cut off', { params: { corners: 'cut' }, closure: 'none' }, 'choice.excluded'],
  ['a whole zipper', { closure: 'zip-top' }, 'closure.notForBody'],
  ['a drawstring', { closure: 'drawstring' }, 'closure.notForBody'],
  ['one tape without a fold', { params: { bottom: 'seam' } }, 'closure.notForBody'],
])('%s does not go with it, and that is told', (_, more, code) => {
  expect(pouch(more).findings.map((finding) => finding.code)).toContain(code);
});

test('one ring tab, at the side without the fold', () => {
  const { seams } = pouch({ parts: [{ id: 'r', kind: 'ring-tabs', params: {} }] });
  const tabs = seams.filter(({ a }) => a.piece === 'parts/r/tab');
  expect(tabs.map(({ within }) => within)).toEqual(['body/shell/left', 'body/shell/left']);
});
