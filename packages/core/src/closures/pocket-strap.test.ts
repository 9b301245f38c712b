import { describe, expect, test } from '@jest/globals';
import type { DesignDocument, Params } from '../document/design-document.ts';
import type { Point } from '../geometry/perimeter.ts';
import type { Piece } from '../pieces/piece.ts';
import { solveDesign } from '../solve/solve-design.ts';
import { withPocket } from '../testing/any-standing.ts';
import { thing, trial } from '../testing/trial.ts';

/** A radio of a made-up size in a pouch folded at its side, and a folded map outside in a pocket that opens to a side. */
const pouch = ({
  mouth = 'left',
  strap = {},
  body = { bottom: 'side' },
  map = 6,
  long = 90,
  short = 60,
} = {}): DesignDocument =>
  withPocket(
    trial({
      body: 'sleeve',
      params: body,
      face: 'inside',
      kind: 'cavity',
      item: thing(190, 95, 30, { rigid: true }),
      parts: [{ id: 'p1', kind: 'pocket-strap', params: strap }],
    }),
    'front',
    {
      kind: 'slip-pocket',
      params: { mouth, visible: 0 } as Params as { visible: number },
      long,
      short,
      thickness: map,
      count: 1,
    },
  );
type Given = NonNullable<Parameters<typeof pouch>[0]>;
const solved = (given?: Given) => solveDesign(pouch(given));
const pieceOf = ({ pieces }: ReturnType<typeof solved>, id: string): Piece => pieces.find((piece) => piece.id === id)!;
const markOf = (piece: Piece, id: string): Point => piece.marks.find((mark) => mark.id === id)!.at;
const stops = ({ findings }: ReturnType<typeof solved>) => findings.filter(({ severity }) => severity === 'stop');

/** How far the strap is longer, from its seam to its cap, than the way along the flat front to the mate: all read by hand off the
 * pieces. The pocket lies with its mouth `gap` from the end; its front is drawn mouth up. */
function spareOf(solution: ReturnType<typeof solved>): number {
  const [strap, shell, front] = ['parts/p1/strap', 'body/shell', 'holders/P/front'].map((id) =>
    pieceOf(solution, id),
  ) as [Piece, Piece, Piece];
  const sides = shell.lines.filter(({ id }) => /^P-(left|right)$/.test(id));
  const gap = Math.min(...sides.flatMap(({ from, to }) => [from[0], to[0]]));
  const mouth = front.folds[0]!.from[1];
  const toMate = gap + mouth - markOf(front, 'parts/p1-mate')[1];
  return markOf(strap, 'parts/p1-cap')[1] - toMate;
}

// a cotton of 0.72 mm for shell and strap, a lining and pockets of what new designs have
describe('a strap caught in the end of a pouch, over a pocket', () => {
  test('is longer than the way along the flat front by what its turn over wall, pocket and map takes', () => {
    const { stacks } = solved();
    const cloth = { shell: stacks.exterior.value, lining: stacks.lining.value, pocket: stacks.pocket.value };
    const beneath = cloth.shell + cloth.lining + 2 * cloth.pocket + 6;
    const [rounded, square] = (['rounded', 'square'] as const).map((school) =>
      spareOf(solveDesign({ ...pouch(), rules: { 'tab.school': school } })),
    ) as [number, number];
    // sizes are rounded up to half a millimetre, but the cap stays where it was reckoned
    expect(rounded).toBeCloseTo((Math.PI / 2) * (beneath + 2 * cloth.shell), 6);
    expect(square).toBeCloseTo(beneath + 2 * cloth.shell, 6);
  });

  test('what lies in the pouch itself does not make it longer: front and back meet in its seam', () => {
    const thin = pouch();
    const thick = {
      ...thin,
      ownItems: thin.ownItems!.map((own) => (own.id === 'thing' ? { ...own, thickness: 55 } : own)),
    };
    expect(spareOf(solveDesign(thick))).toBeCloseTo(spareOf(solveDesign(thin)), 6);
  });

  test('nothing is in the way, and nothing falls short', () => {
    expect(stops(solved())).toEqual([]);
    expect(stops(solved({ strap: { material: 'webbing', webbing: 'webbing-38' } }))).toEqual([]);
    expect(stops(solved({ strap: { fastener: 'snap' }, body: { bottom: 'fold' }, mouth: 'right' }))).toEqual([]);
  });

  test.each([-4, 4])(
    'pinned %d mm off, the fitting tells that it falls short, or by how much it is set further down',
    (off) => {
      const free = solved().parts[0]!.sizes.strapLength!.value;
      const design = pouch();
      const pinned = solveDesign({ ...design, pins: { 'parts/p1/strapLength': free + off } });
      const codes = pinned.findings.map(({ code }) => code);
      const front = pieceOf(pinned, 'holders/P/front');
      const before = pieceOf(solved(), 'holders/P/front');
      // the mate goes along with it
      expect(markOf(front, 'parts/p1-mate')[1]).toBeCloseTo(markOf(before, 'parts/p1-mate')[1] - off, 0);
      expect(codes).not.toContain('closure.doesNotReach');
    },
  );

  test('its end is caught in the middle of the pocket, on the edge of the shell, before that is sewn', () => {
    const solution = solved();
    const base = solution.seams.find(({ id }) => id === 'parts/p1/strap#base')!;
    const shell = pieceOf(solution, 'body/shell');
    const [low, high] = shell.lines
      .filter(({ id }) => /^P-(left|right)$/.test(id))
      .map(({ from }) => from[1])
      .sort((a, b) => a - b) as [number, number];
    const edge = shell.stitch.find(({ id }) => id === 'left')!;
    const [part] = base.b.parts as { from: number; to: number }[];
    // the left edge is walked downwards
    expect(edge.from[1] - (part!.from + part!.to) / 2).toBeCloseTo((low + high) / 2, 6);
    expect(part!.to - part!.from).toBeCloseTo(30, 6);
    const order = solution.operations.map(({ id }) => id);
    expect(order.indexOf('holders/P/set')).toBeLessThan(order.indexOf('parts/p1/set'));
    expect(order.indexOf('parts/p1/set')).toBeLessThan(order.indexOf('body/shell'));
  });

  test('of webbing it is cut with what lies in the seam and what is folded back', () => {
    const solution = solved({ strap: { material: 'webbing' } });
    const strap = pieceOf(solution, 'parts/p1/strap');
    const [fold] = strap.folds;
    expect(strap.lines[0]!.from[0]).toBe(6);
    expect(fold!.from[0]).toBeCloseTo(6 + solution.parts[0]!.sizes.strapLength!.value, 9);
    expect(strap.cutWidth.value).toBeGreaterThanOrEqual(fold!.from[0] + 2 * 18);
  });

  test.each<[string, Given & { cut?: Params }, RegExp]>([
    ['a pocket that opens upwards', { mouth: 'up' }, /mouth looks to a side/],
    ['a pocket that opens towards the fold', { mouth: 'right' }, /mouth looks to a side/],
    ['corners cut off', { body: { bottom: 'seam', corners: 'mouth' } as never }, /a whole side/],
    ['a pocket smaller than its fastener', { long: 16, short: 14, map: 1 }, /no room for its fastener/],
  ])('%s: it is left away, and told', (_, given, why) => {
    const told = solved(given).findings.find(({ code }) => code === 'part.notForBody')!;
    expect(told.text.map((word) => (typeof word === 'string' ? word : '')).join('')).toMatch(why);
    expect(solved(given).pieces.some(({ id }) => id.startsWith('parts/'))).toBe(false);
  });
});

test('a mate that is set elsewhere by a millimetre more than it forgives is told', () => {
  const design = pouch({ strap: { fastener: 'snap' } });
  const whole = solveDesign(design);
  const lap = whole.laps[0]!;
  expect(lap.end!.layers).toEqual(['body/shell', 'body/lining']);
  // a thicker map than the strap was made for: pinned, it falls short by what that adds
  const free = whole.parts[0]!.sizes.strapLength!.value;
  const thicker = {
    ...design,
    ownItems: design.ownItems!.map((own) => (own.id === 'thing-P' ? { ...own, thickness: 40 } : own)),
    pins: { 'parts/p1/strapLength': Math.min(free, 60) },
  };
  expect(solveDesign(thicker).findings.map(({ code }) => code)).toContain('closure.doesNotReach');
});
