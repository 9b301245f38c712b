import { describe, expect, test } from '@jest/globals';
import { boxPieces } from '../bodies/box/outlines.ts';
import { flapOutline } from '../closures/flap/outline.ts';
import { given } from '../derived/derived.ts';
import type { Params, PartEntry } from '../document/design-document.ts';
import { boundsOf, edgeLength, flatten, polygonArea } from '../geometry/outline.ts';
import type { Point } from '../geometry/perimeter.ts';
import type { Piece } from '../pieces/piece.ts';
import { thing, trial } from '../testing/trial.ts';
import type { Solution } from './solution.ts';
import { solveDesign } from './solve-design.ts';

/** A box for a thing of 130 high, 80 wide and 40 thick. */
const boxFor = (making: string, closure = 'none', closing: Params = {}, parts: PartEntry[] = []): Solution =>
  solveDesign(
    trial({
      body: 'box',
      params: { making },
      face: 'inside',
      kind: 'packed-room',
      item: thing(130, 80, 40),
      closure,
      closing,
      parts,
    }),
  );
const pieceOf = ({ pieces }: Solution, id: string): Piece => pieces.find((piece) => piece.id === id)!;
// canvas 0.62 with interfacing 0.20, lawn 0.16
const [SHELL, LINING] = [0.82, 0.16];
const up = (size: number) => Math.ceil(size * 2 - 1e-9) / 2;
// from the things to the middle of the canvas, round which the interfacing and the lining lie within
const WALL = 0.16 + 0.2 + 0.62 / 2;
// a lining that is 1 narrower and 1 less deep lies against the things with its own half alone
const W = up(80 + 3 + Math.max(2 * WALL, 2 * 0.08 + 1));
const D = up(40 + 3 + Math.max(2 * WALL, 2 * 0.08 + 1));
const H = up(130 + 5 + Math.max(WALL, 0.08 + 1));

type Place = [x: number, y: number, z: number];

/** A place on the cross, its four walls folded up round the base that lies in the middle. */
function foldedCross([x, y]: Point): Place {
  const [u, v] = [x - H, y - H];
  if (v < 0) return [u, 0, -v];
  if (v > D) return [u, D, v - D];
  if (u < 0) return [0, v, -u];
  if (u > W) return [W, v, u - W];
  return [u, v, 0];
}

/** A place on the strip: front and back folded up at the ends of the base. */
function foldedStrip([x, y]: Point): Place {
  if (y < H) return [x, 0, H - y];
  return y > H + D ? [x, D, y - H - D] : [x, y - H, 0];
}

describe.each(['cross', 'strip', 'five'])('a box cut as %s', (making) => {
  test('is as large as its thing, the ease and its walls', () => {
    const { finished } = boxFor(making);
    expect([finished.width!.value, finished.depth!.value, finished.height!.value]).toEqual([W, D, H]);
  });

  test('takes as much cloth as four walls and a base', () => {
    const shell = boxFor(making).pieces.filter(({ id, layerOf }) => id.startsWith('body/shell') && !layerOf);
    const area = shell.reduce((total, { stitch }) => total + polygonArea(flatten(stitch)), 0);
    expect(area).toBeCloseTo(2 * (W + D) * H + W * D, 6);
  });

  test('has a seam for each of the eight edges that is not a fold', () => {
    const { seams } = boxFor(making);
    const sewn = seams.filter(({ id }) => id.startsWith('body/shell/')).map(({ id }) => id);
    expect(sewn).toHaveLength({ cross: 4, strip: 6, five: 8 }[making]!);
    expect(seams.filter(({ id }) => id.startsWith('body/mouth'))).toHaveLength(4);
  });

  test('its lining is narrower at the base and less deep, and walks round the same mouth', () => {
    const size = (value: number) => given('size', value, { kind: 'input', path: 'test' });
    const layer = { width: size(80), depth: size(50), height: size(100), taper: size(4) };
    const area = boxPieces(layer, making as 'cross').reduce((sum, { stitch }) => sum + polygonArea(flatten(stitch)), 0);
    // four trapezia and a smaller base
    expect(area).toBeCloseTo(2 * 100 * (78 + 48) + 76 * 46, 6);
    const lining = boxFor(making).seams.filter(({ id }) => id.startsWith('body/mouth'));
    expect(lining.every(({ mismatch }) => Math.abs(mismatch) < 1e-9)).toBe(true);
  });
});

describe('folded in space', () => {
  test('the upright seams of a cross close: every edge comes to lie on its mate', () => {
    const shell = pieceOf(boxFor('cross'), 'body/shell');
    const ends = (id: string) => {
      const edge = shell.stitch.find((each) => each.id === id)!;
      return [edge.from, edge.to].map((point) =>
        foldedCross(point)
          .map((v) => v.toFixed(6))
          .join(),
      );
    };
    for (const [edge, mate] of [
      ['front/left', 'left/front'],
      ['front/right', 'right/front'],
      ['back/left', 'left/back'],
      ['back/right', 'right/back'],
    ])
      expect(ends(edge!).sort()).toEqual(ends(mate!).sort());
  });

  test.each([
    ['cross', 'body/shell', foldedCross],
    ['strip', 'body/shell-strip', foldedStrip],
  ] as const)(
    'the mate of a flap on a %s lies on the front, in its middle, below the mouth',
    (making, piece, folded) => {
      const solution = boxFor(making, 'flap');
      const mate = pieceOf(solution, piece).marks.find(({ kind }) => kind === 'snapSocket')!;
      const down = solution.closure.sizes.mateLoaded!.value;
      const [x, y, z] = folded(mate.at);
      expect([x, y]).toEqual([W / 2, 0]);
      expect(z).toBeCloseTo(H - down, 9);
    },
  );

  test('a strap is sewn to the middle of both sides of a cross', () => {
    const parts = [{ id: 'strap', kind: 'shoulder-strap', params: { ends: 'sewn', embed: 40 } }];
    const shell = pieceOf(boxFor('cross', 'none', {}, parts), 'body/shell');
    const places = ['strap-left', 'strap-right'].map((name) => {
      const { from, to } = shell.lines.find(({ id }) => id === `parts/${name}`)!;
      return [foldedCross(from), foldedCross(to)];
    });
    for (const [index, [from, to]] of places.entries()) {
      expect([from![0], to![0]]).toEqual(index === 0 ? [W, W] : [0, 0]);
      expect((from![1] + to![1]) / 2).toBeCloseTo(D / 2, 9);
      expect([from![2], to![2]]).toEqual([H - 40, H - 40]);
    }
  });
});

describe('its flap', () => {
  const flap = () => boxFor('five', 'flap');
  test('is as wide as the mouth less a little, and goes round the top', () => {
    // common practice: 2 narrower at each side; it lies on the front by 70; rounded over the full depth
    const outside = D + SHELL;
    const length = (Math.PI / 2) * (outside + SHELL + LINING) + 70;
    const { flapWidth, flapLength, drift } = flap().closure.sizes;
    expect(flapWidth!.value).toBe(W - 4);
    expect(flapLength!.value).toBe(up(length));
    // a box keeps its form
    expect(drift!.value).toBe(0);
  });
  test('has round corners that bound it as asked, or a half circle where it is narrow', () => {
    const outline = flapOutline(80, 120, 20);
    expect(boundsOf(outline)).toMatchObject({ width: 80, height: 120 });
    const around = outline.filter(({ id }) => id !== 'bottom').reduce((sum, edge) => sum + edgeLength(edge), 0);
    expect(around).toBeCloseTo(2 * 100 + 40 + Math.PI * 20, 9);
    expect(flapOutline(40, 120, 20).map(({ id }) => id)).not.toContain('tip');
  });
  test('says when its corners are too small for its layers', () => {
    const tight = trial({ body: 'box', face: 'inside', kind: 'packed-room', item: thing(90, 60, 30), closure: 'flap' });
    const padded = {
      ...tight,
      closure: { kind: 'flap', params: { corner: 6 } },
      stacks: {
        ...tight.stacks,
        exterior: [
          { material: 'waxed-canvas', coverage: 'full' as const },
          { material: 'fleece', coverage: 'full' as const },
        ],
      },
    };
    const found = solveDesign(padded).findings.find(({ code }) => code === 'closure.cornerTooTight');
    expect(found?.numbers.radius).toBe(6);
    expect(found!.limit!).toBeGreaterThan(6);
  });
});

describe('a flap with a zipper across it', () => {
  const zipped = () => boxFor('five', 'flap', { pocket: 'zipped' });
  const edge = (piece: Piece, id: string) => piece.stitch.find((each) => each.id === id)!;

  test('both halves and the zipper between them are as long as its lining', () => {
    const solution = zipped();
    const [base, end, lining] = ['flap', 'flap-end', 'flap-lining'].map((id) => pieceOf(solution, `closure/${id}`));
    const middle = (piece: Piece) => boundsOf(piece.stitch);
    // in the middle: the base up to the top of the curve, 13 of zipper, and what the end half has above its hollow
    const hollow = boundsOf([edge(end!, 'zip')]).height;
    const whole = middle(base!).height + 13 + middle(end!).height - hollow;
    expect(whole).toBeCloseTo(middle(lining!).height, 6);
  });

  test('the zipper is as long as an arc half-way between both edges, stepped along it', () => {
    const solution = zipped();
    const [base, end] = ['flap', 'flap-end'].map((id) => pieceOf(solution, `closure/${id}`));
    const steps = (piece: Piece) => {
      const points = flatten([edge(piece, 'zip')], { tolerance: 1e-6 });
      const last = edge(piece, 'zip').to;
      return [...points, last]
        .slice(1)
        .reduce((sum, [x, y], i) => sum + Math.hypot(x - points[i]![0], y - points[i]![1]), 0);
    };
    const along = pieceOf(solution, 'closure/zipper').cutWidth.value - 12;
    // an arc over the same width gets shorter as its radius grows
    expect(along).toBeLessThan(steps(base!) + 0.5);
    expect(along).toBeGreaterThan(steps(end!) - 0.5);
    expect(solution.seams.filter(({ id }) => id.startsWith('closure/')).every(({ walks }) => walks)).toBe(true);
  });

  test('lies further on the front where it would be too short for a zipper', () => {
    const [plain, pocket] = ['plain', 'zipped'].map((kind) => {
      const closing = { overlap: 20, end: 8, pocket: kind };
      return solveDesign(
        trial({ body: 'sleeve', face: 'inside', kind: 'cavity', item: thing(200, 100, 3), closure: 'flap', closing }),
      );
    });
    expect(pocket!.closure.sizes.flapLength!.value).toBeGreaterThan(plain!.closure.sizes.flapLength!.value);
    expect(pocket!.closure.sizes.mateLoaded!.value).toBeGreaterThan(plain!.closure.sizes.mateLoaded!.value);
  });
});
