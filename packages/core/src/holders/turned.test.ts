import { describe, expect, test } from '@jest/globals';
import type { DesignDocument, Params } from '../document/design-document.ts';
import { boardsOf } from '../boards/boards-of.ts';
import type { Point } from '../geometry/perimeter.ts';
import { openVerdicts } from '../fit/check-held.ts';
import type { Solution } from '../solve/solution.ts';
import { solveDesign } from '../solve/solve-design.ts';
import { thing, trial } from '../testing/trial.ts';

/** A booklet of 120 x 80 in a pocket on the left leaf of a folded piece, a bank card in one on the right. */
const onLeaf = (kind: string, params: Params, face = 'left'): DesignDocument =>
  trial({ body: 'foldover', face, kind, holderParams: params, item: thing(120, 80, 4) });
const kinds = ['slip-pocket', 'mesh-pocket', 'page-sleeve', 'channel-pocket'];
const rightly = ({ findings }: Solution) => findings.filter(({ severity }) => severity === 'stop');

describe.each(kinds)('a %s whose mouth looks to a side', (kind) => {
  const up = solveDesign(onLeaf(kind, {}));
  const [own] = up.holders;
  test.each(['left', 'right'] as const)('%s: is cut as it is with its mouth up, and takes what that takes', (mouth) => {
    const solution = solveDesign(onLeaf(kind, { mouth }));
    const [holder] = solution.holders;
    const cut = ({ pieces, holders }: Solution) => {
      const front = pieces.find(({ id }) => id.startsWith(`holders/${holders[0]!.id}/`))!;
      return front.cutHeight.value;
    };
    // as deep; as wide as the leaf is high, or as it asks
    expect(cut(solution)).toBeCloseTo(cut(up), 9);
    expect(rightly(solution)).toEqual([]);
    const deep = ({ clearances }: typeof own & {}) =>
      clearances.filter(({ direction }) => direction === 'deep').map(({ clearance }) => clearance.value);
    expect(deep(holder!)).toEqual(deep(own!).map((mm) => expect.closeTo(mm, 6)));
  });
  test('every seam of it walks, and its lines lie on the piece that it is sewn to', () => {
    const solution = solveDesign(onLeaf(kind, { mouth: 'right' }));
    expect(solution.seams.filter(({ walks }) => !walks)).toEqual([]);
    const host = solution.pieces.find(({ id }) => id === solution.holders[0]!.seat.host.piece)!;
    const [xs, ys] = [host.stitch.map(({ from: [x] }) => x), host.stitch.map(({ from: [, y] }) => y)];
    const within = ([x, y]: Point) =>
      x > Math.min(...xs) - 1e-6 &&
      x < Math.max(...xs) + 1e-6 &&
      y > Math.min(...ys) - 1e-6 &&
      y < Math.max(...ys) + 1e-6;
    expect(host.lines.flatMap(({ from, to }) => [from, to]).filter((place) => !within(place))).toEqual([]);
  });
});

describe('a slip pocket on the left leaf, its mouth towards the fold', () => {
  const solution = solveDesign(onLeaf('slip-pocket', { mouth: 'right', visible: 15 }));
  const [holder] = solution.holders;
  test('lies at the outer edge, and is caught there by its foot', () => {
    const { seat } = holder!;
    expect(seat.x).toBeCloseTo(0, 9);
    const foot =
      solution.seams.find(({ id }) => id === 'holders/A#bottom-front') ??
      solution.seams.find(({ id }) => id === 'holders/A#bottom');
    expect(foot).toMatchObject({ kind: 'caught' });
    // the stretch of the lining that its foot is sewn into is as long as the pocket is wide
    expect(foot!.lengthA).toBeCloseTo(seat.height.value, 6);
  });
  test('is measured across by hand: its mouth is the fold, its foot the outer edge', () => {
    const front = solution.pieces.find(({ id }) => id.startsWith('holders/A/'))!;
    // doubled: half of its stitched height is from foot to mouth
    const depth = Math.max(...front.stitch.map(({ from: [, y] }) => y)) / 2;
    expect(holder!.seat.width.value).toBeCloseTo(depth, 9);
  });
  test('shows as much of the booklet, sideways', () => {
    const [up] = openVerdicts(
      solveDesign(onLeaf('slip-pocket', { visible: 15 })).holders.flatMap((each) => each.clearances),
    );
    const [aside] = openVerdicts(solution.holders.flatMap((each) => each.clearances));
    expect(aside!.shows).toBeCloseTo(up!.shows, 6);
    const [booklet] = holder!.things;
    // lying: as long across as it is high when it stands
    expect([booklet!.width, booklet!.height]).toEqual([120, 80]);
    expect(booklet!.x + booklet!.width).toBeGreaterThan(holder!.seat.x + holder!.seat.width.value);
  });
  test('is drawn with its mouth at that side, which is pulled that way', () => {
    const boards = boardsOf(onLeaf('slip-pocket', { mouth: 'right', visible: 15 }), solution);
    const drawn = boards.flatMap(({ holders }) => holders).find(({ id }) => id === 'A')!;
    const fronts = drawn.layers.flatMap((layer) => (layer.kind === 'front' ? [layer.front] : []));
    expect(fronts).toMatchObject([{ towards: 'right' }]);
    expect(drawn.hidden).toEqual([]);
  });
  test('mirrored on the other leaf, it lies at the other edge', () => {
    const other = solveDesign(onLeaf('slip-pocket', { mouth: 'left', visible: 15 }, 'right'));
    const { seat } = other.holders[0]!;
    const host = other.pieces.find(({ id }) => id === seat.host.piece)!;
    const right = Math.max(...host.stitch.map(({ from: [x] }) => x));
    expect(seat.x + seat.width.value).toBeCloseTo(right, 6);
    expect(rightly(other)).toEqual([]);
  });
});
