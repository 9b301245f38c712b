import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { entryProblems } from '../document/reading/index.ts';
import { inputEdit } from '../document/edits/inputs.ts';
import { fieldAt } from '../document/field-at.ts';
import { solveDesign } from '../solve/solve-design.ts';
import { numbersIn } from '../testing/numbers-in.ts';
import { trial } from '../testing/trial.ts';
import { girthDoubt, girthRange } from './girth.ts';
import type { Item } from '../shelves/items/item.ts';

const box: Item = { id: 'box', name: 'Box', shape: 'box', length: 180, width: 70, thickness: 50, source: 'yours' };

describe('a girth', () => {
  // by hand: below 2 x 70 less 2, above 2 x (70 + 50) and 1 %; plain from 2 x hypot(70, 50) = 172.05
  test.each([
    [137.9, 'impossible'],
    [138.1, 'doubtful'],
    [172.0, 'doubtful'],
    [172.1, undefined],
    [210, undefined],
    [240, undefined],
    [242.3, undefined],
    [242.5, 'impossible'],
    [3, 'impossible'],
  ])('of %f round 70 x 50 is %s', (girth, doubt) => expect(girthDoubt({ ...box, girth })).toBe(doubt));
  test('is widened by what others may be larger', () => {
    expect(girthDoubt({ ...box, girth: 243, tolerance: 1 })).toBeUndefined();
  });
  test('of what is soft is left to the maker', () => {
    expect(girthDoubt({ ...box, shape: 'soft', girth: 20 })).toBeUndefined();
    expect(girthDoubt({ ...box, compressible: 0.3, girth: 20 })).toBeUndefined();
  });
  test('goes round the two shorter ways in, whichever side is called length', () =>
    expect(girthRange({ ...box, length: 70, width: 180 })).toEqual(girthRange(box)));
  test('round any convex section is never impossible (drawn as a polygon in its box)', () => {
    const angles = fc.array(fc.double({ min: 0, max: 2 * Math.PI, noNaN: true }), { minLength: 3, maxLength: 12 });
    fc.assert(
      fc.property(
        angles,
        fc.double({ min: 5, max: 200, noNaN: true }),
        fc.double({ min: 5, max: 200, noNaN: true }),
        (at, a, b) => {
          const points = [...at]
            .sort((one, other) => one - other)
            .map((t) => [a * Math.cos(t), b * Math.sin(t)] as const);
          const across = (axis: 0 | 1) =>
            Math.max(...points.map((p) => p[axis])) - Math.min(...points.map((p) => p[axis]));
          const [w, t] = [across(0), across(1)];
          fc.pre(w > 1 && t > 1);
          const girth = points.reduce((total, [x, y], i) => {
            const [nx, ny] = points[(i + 1) % points.length]!;
            return total + Math.hypot(nx - x, ny - y);
          }, 0);
          expect(girthDoubt({ ...box, length: 500, width: w, thickness: t, girth })).not.toBe('impossible');
        },
      ),
    );
  });
});

describe('a sleeve for a box measured by the tape', () => {
  const sleeve = (item: Item) =>
    trial({ body: 'sleeve', params: {}, face: 'inside', kind: 'cavity', item, closure: 'none' });
  const wide = (item: Item) => solveDesign(sleeve(item)).body.sizes.flatWidth!.value;
  const measured = { ...box, girth: 210, tolerance: 2 };

  test('what is typed at “may be larger by” goes there, and not into the girth', () => {
    const design = sleeve(measured);
    const number = numbersIn(solveDesign(design)).find(({ label }) => label === 'may be larger by')!;
    const after = inputEdit(design, number.origin!, design.ownItems)!.edit(3).apply(design);
    expect(after.ownItems.at(-1)).toMatchObject({ girth: 210, tolerance: 3 });
    // by hand: half of the girth grows by twice the tolerance: 2 mm for 1 mm
    expect(wide(after.ownItems.at(-1)!) - wide(measured)).toBeGreaterThanOrEqual(1.5);
  });
  test('a girth that cannot be is a stop, and the sides are used', () => {
    const { findings } = solveDesign(sleeve({ ...measured, girth: 3 }));
    expect(findings).toContainEqual(expect.objectContaining({ code: 'item.girthImpossible', severity: 'stop' }));
    expect(wide({ ...measured, girth: 3 })).toBeGreaterThanOrEqual(70 + 50);
  });
  test('one that may be is asked about', () => {
    const { findings } = solveDesign(sleeve({ ...box, girth: 150 }));
    expect(findings).toContainEqual(expect.objectContaining({ code: 'item.girthDoubtful', severity: 'watch' }));
  });
  test('on the shelf an impossible one is refused, with what it can be', () => {
    const [problem] = entryProblems('items', { ...measured, girth: 3 });
    expect(problem).toMatchObject({ path: 'girth', message: expect.stringContaining('136.0 to 244.4') });
    expect(entryProblems('items', { ...measured })).toEqual([]);
  });
});

test('a field of a design is found by its path', () => {
  const design = trial({
    body: 'sleeve',
    params: { cut: 7 },
    face: 'inside',
    kind: 'cavity',
    item: box,
    closure: 'none',
  });
  const pinned = { ...design, pins: { 'body/flatWidth': 140 } };
  expect(fieldAt(pinned, 'pins/body/flatWidth')).toBe(140);
  expect(fieldAt(pinned, 'body/params/cut')).toBe(7);
  expect(fieldAt(pinned, `holders/${design.holders[0]!.id}/kind`)).toBe('cavity');
  expect(fieldAt(pinned, 'pins/body/height')).toBeUndefined();
  expect(fieldAt(pinned, 'body/params/cut/deeper')).toBeUndefined();
});
