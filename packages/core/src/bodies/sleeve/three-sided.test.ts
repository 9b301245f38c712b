import { describe, expect, test } from '@jest/globals';
import type { DesignDocument, Params } from '../../document/design-document.ts';
import type { Point } from '../../geometry/perimeter.ts';
import type { Piece } from '../../pieces/piece.ts';
import { standardMaterials } from '../../shelves/materials/standard-materials.ts';
import { solveDesign } from '../../solve/solve-design.ts';
import { thing, trial } from '../../testing/trial.ts';

const IN = 25.4;
const plain = (material: string) => [{ material, coverage: 'full' as const }];
const thick = (id: string) => standardMaterials.find((each) => each.id === id)!.thickness;

/** A square ruler in a carrier of squares: what is left of them between the seams is given. */
function carrier(side: number, squares: number, params: Params = {}): DesignDocument {
  const design = trial({
    body: 'sleeve',
    params: { corners: 'mouth', ...params },
    face: 'inside',
    kind: 'cavity',
    item: thing(side, side, 3, { rigid: true }),
  });
  return {
    ...design,
    stacks: { exterior: plain('canvas-10oz'), lining: plain('linen'), pocket: plain('linen') },
    rules: { 'seam.allowance': IN / 4 },
    pins: { 'body/flatWidth': squares - IN / 2, 'body/height': squares - IN / 2 },
  };
}

/** How far the corner of what stands on the fold, in the middle, lies beyond the straight cut, along its own edges: the flat piece
 * is folded, and the cloth goes under the thing step by step. */
function byFolding(piece: Piece, side: number): number {
  const fold = piece.folds[0]!.from[1];
  const shell = thick('linen') + thick('canvas-10oz') / 2;
  let under = 1.5;
  const STEPS = 10_000;
  for (let i = 0; i < STEPS; i++) under += ((Math.PI / 2) * shell) / STEPS;
  const slope = piece.stitch.find(({ id }) => id === 'mouth-right-front')!;
  const [from, to] = [slope.from, slope.to].map(([x, y]): Point => [x, y - fold]) as [Point, Point];
  const width = Math.max(...piece.stitch.map(({ from: [x] }) => x));
  const corner: Point = [width / 2 + side / 2, under + side];
  // across from the cut, then along an edge of the thing at 45 degrees
  const [dx, dy] = [to[0] - from[0], to[1] - from[1]];
  const off = ((corner[0] - from[0]) * dy - (corner[1] - from[1]) * dx) / Math.hypot(dx, dy);
  return off * Math.SQRT2;
}

const shellOf = (design: DesignDocument) => solveDesign(design).pieces.find(({ id }) => id === 'body/shell')!;
const codes = (design: DesignDocument) => solveDesign(design).findings.map(({ code }) => code);

describe('a ruler of 12 1/2 in in squares of 14 in', () => {
  const design = carrier(12.5 * IN, 14 * IN);

  test('is cut from squares of 14 in, shows its corners and can be gripped', () => {
    const { cutWidth, cutHeight } = shellOf(design);
    expect([cutWidth.value, cutHeight.value]).toEqual(
      [14 * IN, 2 * 13.5 * IN + IN / 2].map((mm) => expect.closeTo(mm)),
    );
    expect(codes(design)).toEqual([]);
    const { cornerShows } = solveDesign(design).body.sizes;
    expect(cornerShows!.value).toBeGreaterThanOrEqual(50);
    expect(cornerShows!.value).toBeLessThan(51);
  });
  test.each([
    [12.5, 50],
    [12.5, 20],
    [11, 30],
  ])('folded by hand, the corner of %s in sticks out as far as is told', (inches, shows) => {
    const cut = carrier(inches * IN, 14 * IN, { shows });
    const told = solveDesign(cut).body.sizes.cornerShows!.value;
    expect(byFolding(shellOf(cut), inches * IN)).toBeCloseTo(told, 3);
    expect(told).toBeGreaterThanOrEqual(shows);
  });
  test('a millimetre less of the ruler is a millimetre less of its corner, or one and a half with its side', () => {
    const piece = shellOf(design);
    // half of a side and all of its height
    expect(byFolding(piece, 12.5 * IN) - byFolding(piece, 12.5 * IN - 1)).toBeCloseTo(1.5, 6);
  });
  test('both halves lie on each other, and shell on lining along all three sides of the mouth', () => {
    const { pieces, seams } = solveDesign(design);
    for (const piece of pieces.filter(({ id }) => ['body/shell', 'body/lining'].includes(id))) {
      const fold = piece.folds[0]!.from[1];
      const key = ([x, y]: Point) => `${x.toFixed(6)} ${y.toFixed(6)}`;
      const corners = piece.stitch.map(({ from }) => from);
      const mirrored = corners.map(([x, y]): Point => [x, 2 * fold - y]);
      expect(mirrored.map(key).sort()).toEqual(corners.map(key).sort());
    }
    const mouth = seams.filter(({ id }) => id.startsWith('body/mouth'));
    expect(mouth).toHaveLength(6);
    expect(mouth.every(({ walks }) => walks)).toBe(true);
  });
});

test('what is too small to reach the corners is told', () => {
  expect(codes(carrier(9 * IN, 14 * IN))).toContain('held.cornerHidden');
  expect(codes(carrier(12.5 * IN, 14 * IN, { shows: 10 }))).not.toContain('held.cornerHidden');
});

test('a round thing has no corners to grip', () => {
  const { ownItems, ...rest } = carrier(12.5 * IN, 14 * IN);
  const disc = ownItems!.map((item) => ({ ...item, planRadius: (12.5 * IN) / 2 }));
  expect(codes({ ...rest, ownItems: disc })).toContain('held.cornerHidden');
});

test('sides that a pocket is caught in stay as long as the pocket asks', () => {
  const design = carrier(200, 240);
  const pocket: DesignDocument = {
    ...design,
    pins: {},
    contents: [...design.contents, { id: 'c2', item: 'book', count: 1, perHolder: 1, orientation: 'upright' }],
    ownItems: [...design.ownItems!, { ...thing(150, 100, 10), id: 'book', name: 'Book' }],
    holders: [...design.holders, { id: 'P', kind: 'bellows-pocket', params: {}, contents: [{ line: 'c2', count: 1 }] }],
    faces: { ...design.faces, front: { kind: 'holder', id: 'P' } },
  };
  const { body, holders, seams } = solveDesign(pocket);
  const high = holders.find(({ id }) => id === 'P')!.seat.height.value;
  expect(body.sizes.panelHeight!.value - body.sizes.cornerCut!.value).toBeGreaterThanOrEqual(high);
  expect(seams.every(({ walks }) => walks)).toBe(true);
  // so that less of the corners sticks out than is set
  expect(body.sizes.cornerShows!.value).toBeLessThan(50);
});

describe('what does not go with a mouth of three sides', () => {
  const design = carrier(12.5 * IN, 14 * IN);
  test.each(['zip-top', 'drawstring', 'snap-row', 'flap', 'wrap-ribbon'])('%s is told, and left away', (kind) => {
    const closed = { ...design, closure: { kind, params: {} } };
    expect(codes(closed)).toContain('closure.notForBody');
    expect(solveDesign(closed).pieces.map(({ id }) => id)).toEqual(solveDesign(design).pieces.map(({ id }) => id));
  });
  test('one layer is told; until it is decided the corners stay whole', () => {
    const single = carrier(12.5 * IN, 14 * IN, { layers: 'single' });
    expect(codes(single)).toContain('choice.excluded');
    expect(solveDesign(single).body.sizes.cornerCut).toBeUndefined();
  });
});
