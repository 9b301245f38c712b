import { expect, test } from '@jest/globals';
import { solveDesign } from '../solve/solve-design.ts';
import { thing, trial } from '../testing/trial.ts';

test.each(['left', 'right'])('a thing on the %s leaf of a wallet is as wide in its section as it is', (face) => {
  const { section } = solveDesign(trial({ body: 'foldover', face, kind: 'slip-pocket', item: thing(90, 60, 3) }));
  const [bar] = section.layers.filter(({ of }) => 'line' in of);
  expect(bar!.u1 - bar!.u0).toBeCloseTo(60, 9);
});

test('the roof of a zipped pouch lies above what stands in it', () => {
  for (const thick of [5, 40]) {
    const { section } = solveDesign(
      trial({ body: 'zip-tube', face: 'inside', kind: 'packed-room', item: thing(120, 60, thick), closure: 'zip-top' }),
    );
    const things = section.layers.filter(({ of }) => 'line' in of);
    const top = Math.max(...things.map(({ z1 }) => z1));
    const cloth = section.layers.filter(({ of }) => 'role' in of).sort((a, b) => a.z0 - b.z0);
    expect(things.length).toBeGreaterThan(0);
    expect(cloth.at(-1)!.z1).toBeGreaterThanOrEqual(section.total.value - 1e-9);
    expect(cloth.map(({ z0 }) => z0 >= top - 1e-9)).toEqual([false, false, true, true]);
  }
});

test('the allowance of a zipper is that of the edge that it is sewn to, no other', () => {
  const pouch = trial({
    body: 'foldover',
    face: 'left',
    kind: 'slip-pocket',
    item: thing(90, 60, 3),
    closure: 'flap',
    closing: { pocket: 'zipped' },
  });
  const { pieces } = solveDesign({ ...pouch, rules: { 'zip.seam': 9, 'seam.allowance': 6 } });
  // inner layers that are cut to the stitch line have none
  const zipped = pieces.filter(({ allowance }) => (allowance.zip ?? 0) > 0);
  expect(zipped.length).toBeGreaterThan(0);
  for (const { allowance } of zipped)
    for (const [edge, wide] of Object.entries(allowance)) expect([edge, wide === 9]).toEqual([edge, edge === 'zip']);
});
