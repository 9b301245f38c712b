import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { demoDesigns } from '../demo/index.ts';
import type { DesignDocument } from '../document/design-document.ts';
import { boundsOf, edgeLength } from '../geometry/outline.ts';
import { hullPerimeter, type Point } from '../geometry/perimeter.ts';
import { circle, length, tautMidline } from '../testing/measures.ts';
import { thing, trial, type Trial } from '../testing/trial.ts';
import type { Solution } from './solution.ts';
import { solveDesign } from './solve-design.ts';

// Loads that no demo design has: what is cut is measured, and compared with a line laid taut round the thing.

const box = (wide: number, high: number): Point[] => [
  [0, 0],
  [wide, 0],
  [wide, high],
  [0, high],
];
const PADDED = [
  { material: 'waxed-canvas', coverage: 'full' as const },
  { material: 'fleece', coverage: 'trimmed' as const },
];
const pieceOf = ({ pieces }: Solution, id: string) => pieces.find((piece) => piece.id === id)!;
const stitched = (solution: Solution, id: string) => boundsOf(pieceOf(solution, id).stitch);
const padded = (design: DesignDocument): DesignDocument => ({
  ...design,
  stacks: { ...design.stacks, exterior: PADDED, lining: [{ material: 'linen', coverage: 'full' }] },
});
const sleeve = (more: Partial<Trial>) =>
  solveDesign(padded(trial({ body: 'sleeve', face: 'inside', kind: 'cavity', item: thing(200, 100, 60), ...more })));
/** Canvas 0.55 over fleece 2.40 and linen 0.40: the middle of the canvas. */
const REACH = 0.4 + 2.4 + 0.275;

describe('thickness takes depth', () => {
  test('a box 200 x 100 x 60 in a flat sleeve: each wall reaches round half of it, with the ease of 5', () => {
    const panel = stitched(sleeve({}), 'body/shell').height / 2;
    const needed = 5 + tautMidline(box(60, 400), REACH) / 4;
    expect(panel).toBeGreaterThanOrEqual(needed - 1e-3);
    expect(panel).toBeLessThan(needed + 1);
  });
  test('closed above it the walls meet, and a snap stays clear of the thing', () => {
    const solution = sleeve({ closure: 'snap-row' });
    const shell = pieceOf(solution, 'body/shell');
    const caps = shell.marks.filter(({ kind }) => kind === 'snapCap');
    // drawn on the front, the upper half of the folded piece: up from the fold
    const above = Math.min(...caps.map(({ at }) => at[1])) - stitched(solution, 'body/shell').height / 2;
    const meets = 5 + tautMidline(box(60, 200), REACH) / 2;
    const { radius } = caps[0]!.hardware!;
    expect(above - radius).toBeGreaterThan(meets);
    expect(above - radius).toBeLessThan(meets + 4);
  });
  test('any box in any flat sleeve', () => {
    fc.assert(
      fc.property(length(60, 300), length(60, 200), length(1, 60), (long, wide, thick) => {
        fc.pre(long >= wide && wide >= thick);
        const item = thing(long, wide, thick);
        for (const [closure, needed] of [
          ['none', tautMidline(box(thick, 2 * long), REACH) / 4],
          ['zip-top', tautMidline(box(thick, long), REACH) / 2],
        ] as const) {
          const { height, width } = stitched(sleeve({ item, closure }), 'body/shell');
          expect(height / 2 - 5).toBeGreaterThanOrEqual(needed - 1e-3);
          expect(width - 3).toBeGreaterThanOrEqual(tautMidline(box(wide, thick), REACH) / 2 - 1e-3);
          // and hardly more: a step of the grid, and what a lining that is shorter asks
          expect(height / 2 - 5).toBeLessThan(needed + 2);
          // a zipper opens all but 12 at each end, and must let it through
          const passes = closure === 'zip-top' ? wide + thick + 24 - 3 : 0;
          expect(width - 3).toBeLessThan(Math.max(passes, tautMidline(box(wide, thick), REACH) / 2) + 2);
        }
      }),
      { numRuns: 25 },
    );
  });
  test.each([
    ['slip-pocket', 65, 65, 28, 0.5],
    ['mesh-pocket', 65, 65, 28, 0.5],
    ['slip-pocket', 57, 24, 9, 0.5],
    ['bellows-pocket', 65, 65, 28, 1],
    ['bellows-pocket', 100, 60, 40, 1],
  ])('a %s for %d x %d x %d goes down by its share of the thickness', (kind, long, wide, thick, share) => {
    const deep = (thickness: number) => {
      const design = trial({
        body: 'folio',
        face: 'leaf-1',
        kind,
        holderParams: { visible: 0 },
        item: thing(long, wide, thickness),
      });
      return solveDesign(design).holders[0]!.sizes.depth!.value;
    };
    expect(deep(thick) - long).toBeGreaterThan(share * thick);
    expect(deep(thick) - deep(0.5)).toBeGreaterThan(share * (thick - 0.5) - 0.5);
    expect(deep(thick) - deep(0.5)).toBeLessThan(share * (thick - 0.5) + 0.5);
  });
});

describe('several round things in one place', () => {
  const held = (count: number, perHolder: number, more: Partial<Trial> = {}): DesignDocument => {
    const design = trial({
      body: 'sleeve',
      face: 'inside',
      kind: 'cavity',
      item: thing(180, 7.6, 7.6, { shape: 'cylinder' }),
      count,
      ...more,
    });
    return { ...design, contents: design.contents.map((line) => ({ ...line, perHolder })) };
  };
  const channel = (count: number) =>
    solveDesign(held(count, count, { body: 'roll', face: 'pocket', kind: 'channel-row' })).holders[0]!.sizes.channel1!
      .value;
  test('eight brushes of 7.6 in one channel go round their heap', () => {
    // three in the middle, three and two beside them
    const row = (count: number, y: number, from: number) =>
      Array.from({ length: count }, (_, at): Point => [from + at, y]);
    const up = Math.sqrt(3) / 2;
    const heap = [...row(3, 0, 0), ...row(3, up, 0.5), ...row(2, 2 * up, 1)];
    const discs = heap.flatMap(([x, y]) => circle(7.6 * x, 7.6 * y, 3.8, 720));
    expect(channel(8)).toBeGreaterThanOrEqual(hullPerimeter(discs) / 2 + 2);
    expect(channel(8)).toBeLessThan(hullPerimeter(discs) / 2 + 2 + 4);
  });
  test('three of one thing in a bellows pocket of two parts: two in one, one in the other', () => {
    const holder = (parts: string, count = 3) => {
      const item = thing(100, 60, 20);
      const design = trial({
        body: 'folio',
        face: 'leaf-1',
        kind: 'bellows-pocket',
        holderParams: { parts },
        item,
        count,
      });
      const solution = solveDesign(design);
      return { ...solution.holders[0]!, rooms: solution.rooms.filter(({ id }) => id.startsWith('holders/A/')) };
    };
    expect(holder('two').rooms).toHaveLength(2);
    expect(holder('two').slabs.flatMap(({ of, thickness }) => ('line' in of ? [thickness.value] : []))).toEqual([
      40, 20,
    ]);
    expect(holder('one').rooms).toHaveLength(1);
    expect(holder('two', 1).rooms).toHaveLength(1);
  });
  test('what takes a heap takes a smaller one', () => {
    for (let count = 2; count <= 12; count++) expect(channel(count)).toBeGreaterThanOrEqual(channel(count - 1));
  });
  test('five needles that lie in a sleeve lie on each other, not end to end', () => {
    const design = held(5, 1);
    const lying = { ...design, contents: design.contents.map((line) => ({ ...line, orientation: 'lying' as const })) };
    const { flatWidth, panelHeight } = solveDesign(lying).body.sizes;
    expect(flatWidth!.value).toBeGreaterThan(180 + 7.6);
    expect(flatWidth!.value).toBeLessThan(180 + 7.6 + 10);
    expect(panelHeight!.value).toBeGreaterThan(5 * 7.6);
  });
});

describe('on a boxed base', () => {
  test.each([
    ['box', 200, 100, 60],
    ['book', 148, 105, 14],
    ['cube', 80, 80, 80],
  ])('a %s of %d x %d x %d stands with its ease both ways, between the layers of the walls', (_, long, wide, thick) => {
    const solution = sleeve({ params: { form: 'boxed', bottom: 'seam' }, item: thing(long, wide, thick) });
    const front = pieceOf(solution, 'body/shell-front');
    const notch = edgeLength(front.stitch.find(({ id }) => id === 'notch-right-up')!);
    const { width } = boundsOf(front.stitch);
    // the canvas runs outside of lining and fleece on both sides
    expect(2 * notch - 2 * REACH - thick).toBeGreaterThanOrEqual(3 - 1e-6);
    expect(width - 2 * notch - 2 * REACH - wide).toBeGreaterThanOrEqual(3 - 1e-6);
    expect(2 * notch - 2 * REACH - thick).toBeLessThan(3 + 1.01);
  });
});

test('a stitched divider ends so far above a boxed base that this can open', () => {
  const design = padded(
    trial({
      body: 'sleeve',
      params: { form: 'boxed' },
      face: 'inside',
      kind: 'cavity',
      holderParams: { divide: 'stitched' },
      item: thing(200, 74, 74, { shape: 'cylinder' }),
      count: 2,
    }),
  );
  const solution = solveDesign(design);
  const shell = pieceOf(solution, 'body/shell');
  const fold = boundsOf(shell.stitch).height / 2;
  const lines = shell.lines.filter(({ id }) => id.includes('divider'));
  const [base] = [solution.body.sizes.base!.value];
  expect(lines).toHaveLength(2);
  // along the panel, from its fold: half of the base lies flat, and as much again stays free
  for (const { from, to } of lines)
    expect(Math.min(Math.abs(from[1] - fold), Math.abs(to[1] - fold))).toBeCloseTo(base, 6);
});

test('padding gives way: a flask of 74 in canvas over fleece wants a tube of 125.9', () => {
  const flask = thing(268, 74, 74, { shape: 'cylinder' });
  const { width } = stitched(sleeve({ item: flask }), 'body/shell');
  expect(width - 3).toBeGreaterThan(125.8);
  expect(width - 3).toBeLessThan(126.5);
});

describe('small pieces and straps are cut from the outer cloth alone', () => {
  test('a handle of cloth does not take the stiffener of its bag', () => {
    const design = trial({
      body: 'sleeve',
      face: 'inside',
      kind: 'cavity',
      item: thing(200, 100, 60),
      parts: [{ id: 'p1', kind: 'handles', params: { material: 'cloth' } }],
    });
    const stiff = [
      { material: 'waxed-canvas', coverage: 'full' as const },
      { material: 'stiffener', coverage: 'full' as const },
    ];
    const solution = solveDesign({ ...design, stacks: { ...design.stacks, exterior: stiff } });
    expect(pieceOf(solution, 'parts/p1/handle').materials).toEqual(['waxed-canvas']);
    expect(pieceOf(solution, 'body/shell').materials).toEqual(['waxed-canvas', 'stiffener']);
  });
  test('a piece whose layers are all trimmed still has its outer cloth', () => {
    const design = trial({ body: 'sleeve', face: 'inside', kind: 'cavity', item: thing(200, 100, 60) });
    const all = PADDED.map((layer) => ({ ...layer, coverage: 'trimmed' as const }));
    const solution = solveDesign({ ...design, stacks: { ...design.stacks, exterior: all } });
    const shell = pieceOf(solution, 'body/shell');
    expect(shell.materials).toEqual(['waxed-canvas']);
    expect(shell.layers.map(({ coverage }) => coverage)).toEqual(['full', 'trimmed']);
  });
  test('the guards of a hard case are not padded', () => {
    const solution = solveDesign(demoDesigns.find(({ id }) => id === 'refractometer-case')!);
    expect(pieceOf(solution, 'body/guard-lid').materials).toEqual(['quilting-cotton']);
  });
});

describe('what is carried, and what minds magnets', () => {
  const tote = (mass: number, parts = true) =>
    solveDesign(
      trial({
        body: 'sleeve',
        face: 'inside',
        kind: 'cavity',
        item: thing(200, 100, 60, { mass }),
        ...(parts && { parts: [{ id: 'p1', kind: 'handles', params: {} }] }),
      }),
    ).findings.filter(({ code }) => code.startsWith('load.'));
  test.each([
    [4_999, true, []],
    [5_000, true, ['watch', 'parts/p1']],
    [24_999, true, ['watch', 'parts/p1']],
    [40_000, true, ['stop', 'parts/p1']],
    // nothing to lift it by
    [5_000, false, []],
    [40_000, false, ['stop', 'contents']],
  ])('%d g, handles %s', (mass, parts, told) =>
    expect(tote(mass, parts).flatMap(({ severity, about }) => [severity, ...about])).toEqual(told),
  );
  test('a flap with a magnet over something that minds it is told, one with a snap is not', () => {
    const closed = (fastener: string, magnetSensitive: boolean) =>
      sleeve({ item: thing(120, 80, 12, { magnetSensitive }), closure: 'flap', closing: { fastener } }).findings.filter(
        ({ code }) => code === 'magnet.near',
      );
    expect(closed('magnet', true).flatMap(({ about }) => about)).toEqual(['closure', 'contents/c1']);
    expect(closed('magnet', false)).toEqual([]);
    expect(closed('snap', true)).toEqual([]);
  });
});
