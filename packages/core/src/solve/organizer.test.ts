import { describe, expect, test } from '@jest/globals';
import { demoDesigns } from '../demo/index.ts';
import type { DesignDocument, Params } from '../document/design-document.ts';
import { edgeLength, flatten } from '../geometry/outline.ts';
import type { Piece } from '../pieces/piece.ts';
import { circle } from '../testing/measures.ts';
import { withPocket } from '../testing/any-standing.ts';
import { thing, trial } from '../testing/trial.ts';
import type { Solution } from './solution.ts';
import { solveDesign } from './solve-design.ts';

/** A framed box for one thing of 120 x 70 x 90 (upwards). */
const framedBox = (params: Params): DesignDocument =>
  trial({
    body: 'organizer',
    params,
    face: 'inside',
    kind: 'packed-room',
    item: thing(120, 90, 70),
    closure: 'zip-top',
  });
const framed = (params: Params = {}, more: Partial<DesignDocument> = {}): Solution =>
  solveDesign({ ...framedBox(params), ...more });
const pieceOf = ({ pieces }: Solution, id: string): Piece => pieces.find((piece) => piece.id === id)!;
const size = ({ body }: Solution, name: string): number => body.sizes[name]!.value;
const field = (change: (design: DesignDocument) => DesignDocument = (same) => same): Solution =>
  solveDesign(change(demoDesigns.find(({ id }) => id === 'field-organizer')!));
const withParams =
  (holder: string, params: Params) =>
  (design: DesignDocument): DesignDocument => ({
    ...design,
    holders: design.holders.map((each) => (each.id === holder ? { ...each, params } : each)),
  });

describe('a framed organizer', () => {
  test('closed, front and back reach over the things to the zipper', () => {
    const solution = framed({ outer: 'none' });
    // canvas 0.62 with interfacing 0.20, lawn 0.16, stiffened base 0.62 + 1.50; a no. 5 zipper shows 20
    const below = 0.2 + 0.62 / 2 + 0.16 + 2.12;
    const [depth, up] = [size(solution, 'depth'), solution.holders[0]!.sizes.up!.value];
    // from the base edge straight up beside the thing, then level to the edge of the zipper in the middle
    const way = [
      [depth / 2, 0],
      [depth / 2, below + up],
      [10, below + up],
    ] as const;
    // the roof is cloth too, above the thing
    const roof = 0.16 + 0.2 + 0.62 / 2;
    const length = way.slice(1).reduce((sum, [x, z], i) => sum + Math.hypot(x - way[i]![0], z - way[i]![1]), roof);
    const wall = size(solution, 'height') + size(solution, 'band');
    expect(wall).toBeGreaterThanOrEqual(length - 1e-9);
    expect(wall).toBeLessThan(length + 0.5 + 1e-9);
    expect(solution.finished.closedHeight!.value).toBeCloseTo(wall - (depth / 2 - 10), 9);
  });

  test('open, its rim is as long as both bands, and each wire is longer than neither', () => {
    const solution = framed();
    const [width, depth] = [size(solution, 'width'), size(solution, 'depth')];
    const bands = ['front', 'back'].map((rim) => pieceOf(solution, `body/shell-band-${rim}`).cutWidth.value - 12);
    expect(bands[0]! + bands[1]!).toBeCloseTo(2 * (width + depth), 9);
    const wire = pieceOf(solution, 'body/frame').cutWidth.value;
    expect(wire).toBe(size(solution, 'frameBar') + 2 * size(solution, 'frameLeg'));
    // ends of two wires stay 10 apart in the middle of a side
    expect(wire).toBeLessThan(bands[0]! - 9);
    expect(wire).toBeGreaterThan(bands[0]! - 20);
  });

  test('the wire goes through its channel with room all round', () => {
    const solution = framed();
    // both layers of the channel round a wire of 3, at their own middles
    const points = circle(0, 0, 1.5 + (0.82 + 0.16) / 4, 4000);
    const round = points.reduce((sum, [x, y], i) => {
      const [u, v] = points[(i + 1) % points.length]!;
      return sum + Math.hypot(u - x, v - y);
    }, 0);
    expect(2 * size(solution, 'channel')).toBeGreaterThan(round + 2 * 3.9);
    expect(2 * size(solution, 'channel')).toBeLessThan(round + 2 * 4.6);
    expect(size(solution, 'band')).toBeGreaterThanOrEqual(size(solution, 'channel') + 2);
  });

  test.each([[8], [20], [45]])(
    'outer pocket with corners of %d: hinge and zipper part go once round its flap',
    (radius) => {
      const solution = framed({ radius });
      const points = flatten(pieceOf(solution, 'body/outer/shell-flap').stitch, { tolerance: 1e-5 });
      const round = points.reduce((sum, [x, y], i) => {
        const [u, v] = points[(i + 1) % points.length]!;
        return sum + Math.hypot(u - x, v - y);
      }, 0);
      const hinge = pieceOf(solution, 'body/outer/shell-hinge').cutWidth.value - 12;
      expect(size(solution, 'outerZipperPart') + hinge).toBeCloseTo(round, 2);
    },
  );

  test('the stiffener lies inside the stitch line of the flap, the flap inside the front', () => {
    const solution = framed();
    const [flap, stiff, front] = ['body/outer/shell-flap', 'body/outer/stiffener', 'body/shell-front'].map((id) =>
      pieceOf(solution, id),
    );
    expect(stiff!.cutWidth.value).toBe(flap!.cutWidth.value - 12 - 4);
    expect(stiff!.cutHeight.value).toBe(flap!.cutHeight.value - 12 - 4);
    // its drawn sides on the front: eight clear of every edge
    const [x, y] = [0, 1].map((axis) => front!.lines.flatMap(({ from, to }) => [from[axis]!, to[axis]!]));
    expect(Math.min(...x!)).toBeGreaterThanOrEqual(8);
    expect(Math.max(...x!)).toBeLessThanOrEqual(front!.cutWidth.value - 12 - 8 + 1e-9);
    expect(Math.min(...y!)).toBeGreaterThanOrEqual(8);
    expect(Math.max(...y!)).toBeLessThanOrEqual(front!.cutHeight.value - 12 - 8 + 1e-9);
  });

  test('without an outer pocket it has fewer pieces and a plain front', () => {
    const [plain, zipped] = [framed({ outer: 'none' }), framed()];
    expect(plain.pieces.some(({ id }) => id.startsWith('body/outer'))).toBe(false);
    expect(pieceOf(plain, 'body/shell-front').lines).toEqual([]);
    expect(plain.closedThickness.value).toBeLessThan(zipped.closedThickness.value - 25);
  });

  test('with a pocket at the back too it is as much deeper again, and both are cut alike', () => {
    const [none, one, both] = [framed({ outer: 'none' }), framed(), framed({ outer: 'both' })];
    const by = one.closedThickness.value - none.closedThickness.value;
    expect(both.closedThickness.value - one.closedThickness.value).toBeCloseTo(by, 9);
    expect(both.finished.depth!.value - none.finished.depth!.value).toBeCloseTo(2 * by, 9);
    // the box itself is as it was
    for (const name of ['width', 'depth', 'height', 'band']) expect(size(both, name)).toBe(size(none, name));
    const cut = (solution: typeof both, own: string) =>
      solution.pieces
        .filter(({ id }) => id.startsWith(`${own}/`))
        .map(({ id, stitch, count }) => [id.slice(own.length), stitch, count]);
    expect(cut(both, 'body/rear')).toEqual(cut(both, 'body/outer'));
    expect(cut(both, 'body/outer')).toEqual(cut(one, 'body/outer'));
    expect(cut(one, 'body/rear')).toEqual([]);
    const lines = (wall: string) => pieceOf(both, `body/shell-${wall}`).lines.map(({ from, to }) => [from, to]);
    expect(lines('back')).toEqual(lines('front'));
    // twice the zipper, and four sliders on both
    const sliders = ({ hardware }: typeof both) =>
      hardware.filter(({ id }) => id === 'slider-3').reduce((sum, { count }) => sum + count, 0);
    expect([sliders(one), sliders(both)]).toEqual([2, 4]);
  });

  test('what is sewn into the pocket at the back makes that deeper, and the one in front stays', () => {
    const holds = { kind: 'slip-pocket', params: { visible: 0 }, long: 100, short: 60, thickness: 40, count: 1 };
    const design = withPocket(framedBox({ outer: 'both' }), 'rear', holds);
    const [bare, held] = [framed({ outer: 'both' }), solveDesign(design)];
    expect(size(held, 'rearDepth')).toBeGreaterThan(size(bare, 'rearDepth') + 8);
    expect(size(held, 'outerDepth')).toBe(size(bare, 'outerDepth'));
    const by = size(held, 'rearDepth') - size(bare, 'rearDepth');
    expect(held.closedThickness.value - bare.closedThickness.value).toBeCloseTo(by, 9);
    expect(held.findings.filter(({ severity }) => severity === 'stop')).toEqual([]);
    const { layers, total } = held.section;
    expect(Math.min(...layers.map(({ z0 }) => z0))).toBeCloseTo(0, 9);
    expect(Math.max(...layers.map(({ z1 }) => z1))).toBeCloseTo(total.value, 9);
    // it lies behind the box
    const [behind, inside] = ['Thing P', 'Thing'].map((name) => layers.find(({ label }) => label === name)!);
    expect(behind!.z1).toBeLessThan(inside!.z0);
  });

  test('its largest thing passes the opened mouth, however long it is', () => {
    const tall = { contents: [{ id: 'c1', item: 'thing', count: 1, perHolder: 1, orientation: 'lying' as const }] };
    for (const item of [thing(300, 40, 30), thing(90, 88, 86), thing(200, 20, 20)]) {
      const { holders, findings } = framed({}, { ...tall, ownItems: [item] });
      const clearances = holders.flatMap((holder) => holder.clearances);
      expect(clearances.filter(({ direction }) => direction === 'through').length).toBe(1);
      expect(clearances.every(({ clearance }) => clearance.value >= 0)).toBe(true);
      expect(findings.filter(({ severity }) => severity === 'stop')).toEqual([]);
    }
  });

  test('says when the corners of its outer pocket are too tight for a stiff gusset', () => {
    const codes = (radius: number) => framed({ radius }).findings.map(({ code }) => code);
    expect(codes(10)).toContain('gusset.tightCorner');
    expect(codes(20)).not.toContain('gusset.tightCorner');
  });
});

describe('the pouch that parts a framed organizer', () => {
  test('has a bottom as deep as the base, or as its contents', () => {
    const depths = (['base', 'contents'] as const).map((bottom) => {
      const solution = field(withParams('B', { bottom }));
      const pouch = pieceOf(solution, 'holders/B/pouch-front');
      const notch = pouch.stitch.find(({ id }) => id === 'notch-right-up')!;
      return { deep: 2 * edgeLength(notch), side: edgeLength(pouch.stitch.find(({ id }) => id === 'left')!) };
    });
    // the base of the lining would be 97 less 3.5, but between the corners the notebook of 148 stands with its ease of 3 and two
    // half layers of 0.27: of 195.04 that leaves 43.77, half of it on the grid 21.5
    expect(depths[0]!.deep).toBeCloseTo(43, 9);
    // 14 thick, ease and cloth
    expect(depths[1]!.deep).toBeCloseTo(18, 9);
    // both hang as deep, but over a deeper base the walls lean in: as much longer as the slope
    // along a notebook of 105 and 3 ease, 14 thick
    const slope = (base: number) => Math.hypot(105 + 3, (base - 14) / 2);
    expect(depths[0]!.side - depths[1]!.side).toBeCloseTo(slope(43) - slope(18), 0);
  });

  test('is sewn onto a line in the middle of each side', () => {
    const solution = field();
    const on = solution.seams.filter(({ id }) => /pouch-(front|back)#(left|right)$/.test(id));
    expect(on.map(({ kind, walks }) => [kind, walks])).toEqual(Array(4).fill(['stitchedOn', true]));
    const side = pieceOf(solution, 'body/lining-left');
    const [line] = side.lines;
    expect([line!.from[0], line!.to[0]]).toEqual([97 / 2, 97 / 2]);
  });

  test('more ease for the wire, and the band is as much higher', () => {
    const eased = field((design) => ({ ...design, rules: { ...design.rules, 'frame.ease': 8 } }));
    expect(size(eased, 'band') - size(field(), 'band')).toBe(4);
  });
});

test('a loop to hold needs no ring', () => {
  const solution = field();
  expect(solution.hardware.some(({ id }) => id.startsWith('ring') || id.startsWith('hook'))).toBe(false);
  expect(pieceOf(solution, 'parts/grab/tab').name).toBe('Grab loop');
});
