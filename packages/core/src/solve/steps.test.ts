import { describe, expect, test } from '@jest/globals';
import { demoDesigns } from '../demo/index.ts';
import type { DesignDocument, Layer, Params } from '../document/design-document.ts';
import { wordingText } from '../errors/wording.ts';
import { standardShelves } from '../shelves/shelves.ts';
import { thing, trial } from '../testing/trial.ts';
import { solveDesign } from './solve-design.ts';
import type { Solution } from './solution.ts';

const told = ({ operations }: Solution, id: string): string => {
  const operation = operations.find((each) => each.id === id);
  return operation ? wordingText(operation.text, (mm) => `${mm.toFixed(1)} mm`) : 'no such step';
};
const place = ({ operations }: Solution, id: string): number => operations.findIndex((each) => each.id === id);
const demo = (id: string): DesignDocument => demoDesigns.find((design) => design.id === id)!;

const sleeve = (params: Params, closure = 'none', closing: Params = {}) =>
  solveDesign(
    trial({ body: 'sleeve', params, face: 'inside', kind: 'cavity', item: thing(150, 80, 20), closure, closing }),
  );

describe('a gap is told where its edge is sewn', () => {
  test('of a cord: in the step that sews the sides, not when they are shut', () => {
    for (const design of [demo('reel-bag')]) {
      const solution = solveDesign(design);
      expect(told(solution, 'body/shell')).toContain('Leave open for the cord');
      expect(told(solution, 'body/lining')).not.toContain('for the cord');
      expect(place(solution, 'body/shell')).toBeLessThan(place(solution, 'closure/casing'));
    }
  });
  test.each(['stitched', 'hem'])('of a %s casing', (casing) => {
    const solution = sleeve({ layers: casing === 'hem' ? 'single' : 'lined' }, 'drawstring', { casing });
    const gaps = solution.pieces.flatMap((piece) => piece.gaps).filter(({ label }) => label !== undefined);
    expect(told(solution, 'body/shell').includes('Leave open for the cord')).toBe(gaps.length > 0);
  });
});

describe('what is sewn of a sleeve is what has a seam', () => {
  test.each([
    [{ form: 'flat', bottom: 'fold' }],
    [{ form: 'flat', bottom: 'seam' }],
    [{ form: 'boxed', bottom: 'fold' }],
    [{ form: 'boxed', bottom: 'seam' }],
    [{ form: 'flat', bottom: 'fold', corners: 'cut' }],
    [{ form: 'flat', bottom: 'seam', corners: 'cut' }],
    [{ form: 'flat', bottom: 'seam', layers: 'single' }],
  ])('%j', (params) => {
    const solution = sleeve(params);
    const sewn = solution.seams.some(({ id }) => id === 'body/shell/bottom');
    expect(told(solution, 'body/shell').includes('bottom edges')).toBe(sewn);
  });
});

test('a trim ring is slipped over a wall that is a ring already', () => {
  const parts = [{ id: 'band', kind: 'trim-band', params: {} }];
  const solution = solveDesign({ ...demo('sieve-bag'), body: { kind: 'round', params: {} }, parts });
  expect(place(solution, 'parts/band/band')).toBeGreaterThan(place(solution, 'body/shell'));
  expect(place(solution, 'parts/band/band')).toBeLessThan(place(solution, 'body/mouth'));
});

describe('each layer is held by a step of its own', () => {
  const withShell = (exterior: Layer[], iron?: number) => {
    const { stacks, ...rest } = demo('permit-bifold');
    const materials = standardShelves.materials.map((each) =>
      each.id === exterior[0]!.material && iron !== undefined ? { ...each, iron } : each,
    );
    return solveDesign({ ...rest, stacks: { ...stacks, exterior } }, { ...standardShelves, materials });
  };
  const fusible = standardShelves.materials.find((each) => each.fusible)!.id;
  const loose = standardShelves.materials.find((each) => !each.fusible && each.id === 'felt-2')!.id;
  const canvas = 'canvas-10oz';

  test('what is ironed on is fused', () => {
    const solution = withShell([
      { material: canvas, coverage: 'full' },
      { material: fusible, coverage: 'trimmed' },
    ]);
    expect(told(solution, 'body/shell/layer-1/fuse')).toMatch(/^Fuse .* inside the stitch lines\.$/);
    expect(solution.pieces[0]!.layers.map(({ held }) => held)).toEqual(['outer', 'fused']);
  });
  test('but not onto cloth that bears no iron, which is said', () => {
    const solution = withShell(
      [
        { material: canvas, coverage: 'full' },
        { material: fusible, coverage: 'trimmed' },
      ],
      0,
    );
    expect(told(solution, 'body/shell/layer-1/fuse')).toBe('no such step');
    expect(told(solution, 'body/shell/layer-1/baste')).toContain('do not iron it on');
  });
  test('what is not ironed on is basted', () => {
    const solution = withShell([
      { material: canvas, coverage: 'full' },
      { material: loose, coverage: 'trimmed' },
    ]);
    expect(told(solution, 'body/shell/layer-1/baste')).toMatch(
      /^Baste or glue .* inside the stitch lines\. Stitch length 4 mm, or by hand\.$/,
    );
  });
  test('layers that go into the seams are held together before they are sewn', () => {
    const solution = withShell([
      { material: canvas, coverage: 'full' },
      { material: loose, coverage: 'full' },
    ]);
    expect(told(solution, 'body/shell/layers')).toContain('all round, inside the allowance');
    expect(place(solution, 'body/shell/layers')).toBeLessThan(place(solution, 'body/join'));
  });
  test('in every demo design each layer but the outer one has its step', () => {
    for (const design of demoDesigns) {
      const { pieces, operations } = solveDesign(design);
      const steps = new Set(operations.map(({ id }) => id));
      for (const { id, layers, layerOf, byRuler } of pieces) {
        if (byRuler) continue;
        const full = layers.filter(({ coverage }) => coverage === 'full');
        const held = layerOf ? [`${id}/fuse`, `${id}/baste`] : full.length > 1 ? [`${id}/layers`] : undefined;
        if (held) expect([id, held.some((step) => steps.has(step))]).toEqual([id, true]);
      }
    }
  });
});

test('a caution stands before its act', () => {
  for (const [id, step, caution, act] of [
    ['probe-roll', 'closure/tie', 'mind fingers and fumes', 'Seal the ends'],
    ['survey-folio', 'closure/magnets', 'pacemaker', 'Set the upper half'],
    ['logger-bag', 'parts/strap/strap', 'child’s neck', 'Sew shoulder strap'],
    ['survey-folio', 'holders/A/close', 'halfway', 'Sew the left'],
    ['slate-carrier', 'closure/set', 'with everything in it', 'Set the lower half'],
  ] as const) {
    const text = told(solveDesign(demo(id)), step);
    expect([step, text.indexOf(caution) >= 0 && text.indexOf(caution) < text.indexOf(act)]).toEqual([step, true]);
  }
});
