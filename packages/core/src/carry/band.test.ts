import { describe, expect, test } from '@jest/globals';
import type { Params } from '../document/design-document.ts';
import { solveDesign } from '../solve/solve-design.ts';
import type { Solution } from '../solve/solution.ts';
import { thing, trial } from '../testing/trial.ts';

const withPart = (kind: string, params: Params, body: Partial<Parameters<typeof trial>[0]> = {}): Solution =>
  solveDesign(
    trial({
      body: 'sleeve',
      params: { form: 'boxed' },
      face: 'inside',
      kind: 'cavity',
      item: thing(200, 150, 90),
      ...body,
      parts: [{ id: 'p', kind, params }],
    }),
  );
const pieceOf = ({ pieces }: Solution, id: string) => pieces.find((piece) => piece.id === id)!;
const codes = ({ findings }: Solution) => findings.map(({ code }) => code);

describe('straps and handles of webbing or of cloth', () => {
  test.each(['webbing-25', 'webbing-38'])('handles of %s are as wide as it, and it is on the list', (webbing) => {
    const solution = withPart('handles', { webbing });
    const handle = pieceOf(solution, 'parts/p/handle');
    expect(handle.cutHeight.value).toBe(Number(webbing.slice(-2)));
    const need = solution.hardware.find(({ id }) => id === webbing)!;
    expect(need).toMatchObject({ count: 2 });
    expect(need.length).toBeCloseTo(2 * handle.cutWidth.value, 9);
  });

  test.each([20, 32])('handles of cloth folded in four to %d are cut four times as wide', (wide) => {
    const solution = withPart('handles', { material: 'cloth', wide });
    expect(pieceOf(solution, 'parts/p/handle').cutHeight.value).toBe(4 * wide);
    expect(solution.hardware.filter(({ id }) => id.startsWith('webbing'))).toEqual([]);
  });

  test('a shoulder strap has hooks that it goes through', () => {
    const hooks = (params: Params) =>
      withPart('shoulder-strap', params).hardware.flatMap(({ id }) => (id.startsWith('hook') ? [id] : []));
    expect(hooks({})).toEqual(['hook-25']);
    expect(hooks({ webbing: 'webbing-38' })).toEqual(['hook-38']);
    expect(hooks({ material: 'cloth', wide: 24 })).toEqual(['hook-25']);
    expect(hooks({ material: 'cloth', wide: 30 })).toEqual(['hook-38']);
  });

  test('of cloth that is wider than any hook it is made as wide as that, and says so', () => {
    const solution = withPart('shoulder-strap', { material: 'cloth', wide: 60 });
    expect(pieceOf(solution, 'parts/p/strap').cutHeight.value).toBe(4 * 38);
    expect(codes(solution)).toContain('setting.limited');
  });

  test('sewn to a side wall it is no wider than that', () => {
    const narrow = (params: Params) =>
      withPart(
        'shoulder-strap',
        { ends: 'sewn', ...params },
        { body: 'box', params: {}, kind: 'packed-room', item: thing(160, 90, 30) },
      );
    const solution = narrow({ material: 'cloth', wide: 70 });
    const side = solution.finished.depth!.value;
    expect(side).toBeLessThan(70);
    expect(pieceOf(solution, 'parts/p/strap').cutHeight.value / 4).toBeLessThanOrEqual(side + 1e-6);
    expect(codes(solution)).toContain('setting.limited');
    expect(narrow({ webbing: 'webbing-25' }).findings.filter(({ severity }) => severity === 'stop')).toEqual([]);
  });
});

test.each([
  ['ribbon-10', 10],
  ['ribbon-25', 25],
])('a mouth drawn by %s has a casing for it', (cord, wide) => {
  const solution = solveDesign(
    trial({
      body: 'sleeve',
      face: 'inside',
      kind: 'cavity',
      item: thing(120, 80, 40),
      closure: 'drawstring',
      closing: { cord },
    }),
  );
  // common practice: what is flat, and 3
  expect(solution.closure.sizes.channel!.value).toBe(wide + 3);
  expect(solution.hardware.find(({ id }) => id === cord)).toMatchObject({ count: 2 });
});

describe('tabs of cloth', () => {
  test.each([
    ['webbing', 25],
    ['cloth', 100],
  ])('of %s are cut %d wide, for the same ring', (material, wide) => {
    const solution = withPart('ring-tabs', { material });
    expect(pieceOf(solution, 'parts/p/tab').cutHeight.value).toBe(wide);
    expect(solution.hardware.map(({ id }) => id)).toContain('ring-25');
    expect(solution.hardware.some(({ id }) => id === 'webbing-25')).toBe(material === 'webbing');
  });
});

describe('handles placed from the side seams', () => {
  const marksOf = (solution: Solution) =>
    solution.pieces
      .flatMap(({ id, marks }) => (id === 'body/shell' ? marks : []))
      .filter(({ label }) => label.startsWith('handle'))
      .map(({ at }) => at[0]);

  test('lie as far from them as they are set, on front and back', () => {
    const solution = withPart('handles', { from: 'sides', aside: 65 });
    const flat = solution.body.sizes.flatWidth!.value;
    const from = marksOf(solution).map((x) => Math.min(x, flat - x));
    expect(from).toHaveLength(4);
    for (const each of from) expect(each).toBeCloseTo(65, 9);
    // the same two places from the centre
    const same = withPart('handles', { spread: flat - 130 });
    expect(marksOf(same).sort((a, b) => a - b)).toEqual(marksOf(solution).sort((a, b) => a - b));
  });

  test('so far in that both would lie on each other they lie beside each other', () => {
    const solution = withPart('handles', { from: 'sides', aside: 400 });
    const [one, other] = marksOf(solution).sort((a, b) => a - b);
    expect(Math.abs(other! - one!)).toBeLessThan(1e-6);
    const between = [...new Set(marksOf(solution).map((x) => Math.round(1000 * x)))];
    expect((between[1]! - between[0]!) / 1000).toBeCloseTo(25, 3);
  });
});
