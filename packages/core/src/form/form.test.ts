import { describe, expect, test } from '@jest/globals';
import { rectangle, type ArcEdge, type Outline } from '../geometry/outline.ts';
import { through } from '../geometry/panel.ts';
import type { Point } from '../geometry/perimeter.ts';
import { BACK, crease, SQUARE } from '../pieces/bend.ts';
import type { Bend } from '../pieces/piece.ts';
import { wholeEdge } from '../pieces/seam.ts';
import type { FlatPiece, FlatSeam } from './flat.ts';
import { formOf } from './form.ts';
import { lidVolume } from './lid.ts';
import type { Solid } from './solid.ts';
import type { Vector } from './vector.ts';

/** A piece as the form sees it: its stitch line and where it is bent. */
const sheet = (id: string, stitch: Outline, bends: Bend[] = []): FlatPiece => ({ id, stitch, bends, notches: [] });
const sewn = (a: [string, string], b: [string, string], ease?: FlatSeam['ease']): FlatSeam => ({
  id: `${a.join('.')}-${b.join('.')}`,
  kind: 'sewn',
  a: wholeEdge(...a),
  b: wholeEdge(...b, true),
  ...(ease && { ease }),
});
const roundOff = (values: readonly number[], digits = 6) => values.map((value) => Number(value.toFixed(digits)));
/** Every edge of the solid is as long as it was flat, so far as its corners meet. */
const distances = ({ corners, faces }: Solid): number[] =>
  faces.flatMap(({ corners: ring }) =>
    ring.map((corner, i) => {
      const [a, b] = [corners[corner]!, corners[ring[(i + 1) % ring.length]!]!];
      return Math.hypot(a[0] - b[0], a[1] - b[1], a[2] - b[2]);
    }),
  );

/** The six squares of a cube as a cross, all of its folds square. */
function cubeNet(side: number): FlatPiece {
  const s = side;
  const outline = through([
    ['a', [s, 0]],
    ['b', [2 * s, 0]],
    ['c', [2 * s, s]],
    ['d', [3 * s, s]],
    ['e', [3 * s, 2 * s]],
    ['f', [2 * s, 2 * s]],
    ['g', [2 * s, 3 * s]],
    ['h', [2 * s, 4 * s]],
    ['i', [s, 4 * s]],
    ['j', [s, 3 * s]],
    ['k', [s, 2 * s]],
    ['l', [0, 2 * s]],
    ['m', [0, s]],
    ['n', [s, s]],
  ]);
  const at = (from: Point, to: Point) => crease(from, to, SQUARE);
  return sheet('net', outline, [
    at([s, s], [2 * s, s]),
    at([s, 2 * s], [2 * s, 2 * s]),
    at([s, 3 * s], [2 * s, 3 * s]),
    at([s, s], [s, 2 * s]),
    at([2 * s, s], [2 * s, 2 * s]),
  ]);
}
const cubeSeams = (
  [
    ['b', 'c'],
    ['n', 'm'],
    ['e', 'f'],
    ['k', 'j'],
    ['d', 'g'],
    ['l', 'i'],
    ['a', 'h'],
  ] as const
).map(([a, b]) => sewn(['net', a], ['net', b]));

describe('a solid from flat pieces', () => {
  test('the net of a cube, folded and sewn, is closed and holds what a cube holds', () => {
    const solid = formOf([cubeNet(10)], cubeSeams);
    expect(solid.gap).toBeLessThan(1e-9);
    expect([solid.twisted, solid.rims, solid.euler]).toEqual([[], [], 2]);
    expect(roundOff(solid.extent)).toEqual([10, 10, 10]);
    expect(solid.area).toBeCloseTo(600, 6);
    expect(solid.volume).toBeCloseTo(1000, 6);
  });

  test('two of its edges left open, it has a mouth', () => {
    const solid = formOf([cubeNet(10)], cubeSeams.slice(0, -2));
    expect([solid.rims.length, solid.euler]).toEqual([1, 1]);
    expect(solid.volume).toBeCloseTo(1000, 6);
  });

  test('five squares that hinge on their seams only: they stand up by themselves', () => {
    const square = (id: string) => sheet(id, rectangle(20, 20));
    const walls = ['front', 'right', 'back', 'left'];
    const around = walls.map((wall, index) => sewn([wall, 'right'], [walls[(index + 1) % 4]!, 'left']));
    // the base is seen from below
    const base = (['bottom', 'left', 'top', 'right'] as const).map((edge, index) =>
      sewn([walls[index]!, 'bottom'], ['base', edge]),
    );
    const solid = formOf([square('base'), ...walls.map(square)], [...around, ...base]);
    expect(solid.gap).toBeLessThan(1e-6);
    expect(solid.twisted).toEqual([]);
    expect(roundOff(solid.extent, 5)).toEqual([20, 20, 20]);
    expect(solid.volume).toBeCloseTo(8000, 3);
    expect([solid.rims.length, solid.euler]).toEqual([1, 1]);
  });

  test('a tetrahedron from four triangles: no angle of it is told', () => {
    const height = 30 * Math.sin(Math.PI / 3);
    const triangle = (id: string) =>
      sheet(
        id,
        through([
          ['a', [0, 0]],
          ['b', [30, 0]],
          ['c', [15, height]],
        ]),
      );
    const seams = [
      sewn(['one', 'a'], ['two', 'a']),
      sewn(['one', 'b'], ['three', 'a']),
      sewn(['one', 'c'], ['four', 'a']),
      sewn(['two', 'c'], ['three', 'b']),
      sewn(['three', 'c'], ['four', 'b']),
      sewn(['four', 'c'], ['two', 'b']),
    ];
    const solid = formOf(['one', 'two', 'three', 'four'].map(triangle), seams);
    expect(solid.gap).toBeLessThan(1e-6);
    expect([solid.rims.length, solid.euler]).toEqual([0, 2]);
    // edge cubed over 6 root 2
    expect(solid.volume).toBeCloseTo(30 ** 3 / (6 * Math.SQRT2), 3);
  });

  test('a wall that is rolled up stands on a round base', () => {
    const r = 40;
    const round: ArcEdge[] = [0, 1].map((half) => ({
      id: `half-${half}`,
      kind: 'arc',
      from: [half === 0 ? 2 * r : 0, r],
      to: [half === 0 ? 0 : 2 * r, r],
      centre: [r, r],
      sweep: Math.PI,
    }));
    const length = 2 * Math.PI * r;
    const wall = sheet('wall', rectangle(length, 50), [
      { from: [length / 2, 0], to: [length / 2, 50], angle: 2 * BACK, over: length },
    ]);
    const bottom: FlatSeam = {
      id: 'base',
      kind: 'sewn',
      a: wholeEdge('wall', 'bottom'),
      b: { piece: 'base', parts: ['half-1', 'half-0'].map((edge) => ({ edge, reversed: true })) },
    };
    const solid = formOf([wall, sheet('base', round)], [sewn(['wall', 'left'], ['wall', 'right']), bottom]);
    expect(solid.gap).toBeLessThan(0.1);
    expect([solid.rims.length, solid.euler, solid.twisted.length]).toEqual([1, 1, 0]);
    expect(solid.volume / (Math.PI * r * r * 50)).toBeCloseTo(1, 2);
  });

  test('opened, what opens lies flat', () => {
    const wallet = sheet('wallet', rectangle(200, 90), [
      { from: [100, 0], to: [100, 90], angle: BACK, over: 20, opens: true },
    ]);
    expect(roundOff(formOf([wallet], [], { open: true }).extent)).toEqual([200, 90, 0]);
    const closed = formOf([wallet], []);
    // a half circle of 20: its diameter lies between the leaves, its radius beyond them
    expect(closed.extent[2]).toBeCloseTo(40 / Math.PI, 1);
    expect(closed.extent[0]).toBeCloseTo(90 + 20 / Math.PI, 1);
  });

  test('a tuck takes its ease where the cloth is folded back', () => {
    const long = sheet('long', rectangle(50, 30), [
      crease([20, 0], [20, 30], SQUARE),
      crease([25, 0], [25, 30], -BACK),
      crease([30, 0], [30, 30], SQUARE),
    ]);
    const solid = formOf([sheet('short', rectangle(40, 30)), long], [sewn(['long', 'bottom'], ['short', 'top'], {})]);
    expect(solid.gap).toBeLessThan(1e-9);
    expect(solid.twisted).toEqual([]);
    expect(solid.area).toBeCloseTo(40 * 30 + 50 * 30, 6);
  });
});

describe('what is wrong shows', () => {
  const bag = (width: number, mirrored = false) => {
    const front = sheet('front', rectangle(100, 80));
    const back = sheet('back', rectangle(width, 80));
    const edge = (id: string) => wholeEdge('back', id, !mirrored);
    const seams: FlatSeam[] = [
      { id: 'right', kind: 'sewn', a: wholeEdge('front', 'right'), b: edge('left') },
      { id: 'left', kind: 'sewn', a: wholeEdge('front', 'left'), b: edge('right') },
      { id: 'bottom', kind: 'sewn', a: wholeEdge('front', 'bottom'), b: edge('bottom') },
    ];
    return formOf([front, back], seams);
  };

  test('two sheets make a bag', () => {
    expect(bag(100)).toMatchObject({ twisted: [], euler: 1 });
    expect(bag(100).gap).toBeLessThan(1e-9);
  });
  test('one of them wider, and they do not meet', () => expect(bag(104).gap).toBeGreaterThan(0.5));
  test('sewn the wrong way round, its edges twist', () =>
    expect(bag(100, true).twisted.length + bag(100, true).gap).toBeGreaterThan(0));
  test('sewn, its sides are as long as they were cut', () =>
    expect([...new Set(roundOff(distances(bag(100)), 3))].sort((p, q) => p - q)).toEqual([26.667, 33.333]));
});

describe('a lid', () => {
  const ring = (points: [number, number, number][]): Vector[] => points;
  test('over a flat rim is as large as it', () => {
    // a dent in it, in a plane 3 above the origin; seen from below
    const rim = ring([
      [0, 0, 3],
      [10, 0, 3],
      [10, 10, 3],
      [5, 4, 3],
      [0, 10, 3],
    ]);
    expect(Math.abs(lidVolume(rim))).toBeCloseTo((70 * 3) / 3, 9);
  });
  test('over a slit goes from edge to edge', () => {
    // a strip of 100 by 4, 3 above the origin, along both edges many points
    const along = Array.from({ length: 21 }, (_, i) => i * 5);
    const rim = ring([
      ...along.map((x): [number, number, number] => [x, 0, 3]),
      ...along.reverse().map((x): [number, number, number] => [x, 4, 3]),
    ]);
    expect(Math.abs(lidVolume(rim))).toBeCloseTo(400, 9);
  });
});
