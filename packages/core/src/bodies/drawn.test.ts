import { describe, expect, test } from '@jest/globals';
import { solveDesign } from '../solve/solve-design.ts';
import { n } from '../testing/measures.ts';
import { thing, trial } from '../testing/trial.ts';
import { rolledUp } from './roll/rolled.ts';

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

describe('a roll round a round core', () => {
  const stacks = { exterior: n(0.5), lining: n(0.5), pocket: n(1), mesh: n(0.5), base: n(2) };
  const bar = (line: string, u0: number, u1: number, z1: number, round = false) => ({
    of: { line },
    label: line,
    u0,
    u1,
    z0: 0,
    z1,
    round,
  });
  const layers = [bar('core', 0, 18, 18, true), bar('flat', 20, 120, 2)];
  const rolled = rolledUp({ layers, width: 200 }, stacks)!;
  const core = rolled.things.find(({ line }) => line === 'core')!.points;

  test('its core is drawn round, its middle where the roll turns', () => {
    const middle = [0, 1].map((axis) => {
      const all = core.map((point) => point[axis]!);
      return (Math.min(...all) + Math.max(...all)) / 2;
    }) as [number, number];
    for (const [x, y] of core) expect(Math.hypot(x - middle[0], y - middle[1])).toBeCloseTo(9, 1);
    // the wall round it begins and ends at one place, half a wall outside of it
    const ring = rolled.walls.find(
      (wall) => wall.length > 2 && wall[0]!.every((at, axis) => at === wall.at(-1)![axis]),
    )!;
    for (const [x, y] of ring) expect(Math.hypot(x - middle[0], y - middle[1])).toBeCloseTo(9.5, 1);
  });
  test('no stretch of a wall is drawn longer than a millimetre where it lies flat, or a twelfth of a corner', () => {
    const steps = rolled.walls.flatMap((wall) =>
      wall.slice(1).map(([x, y], index) => Math.hypot(x - wall[index]![0], y - wall[index]![1])),
    );
    const largest = Math.hypot(rolled.width, rolled.height) / 2;
    expect(Math.max(...steps)).toBeLessThan(Math.max(1.2, (Math.PI * largest) / 12));
  });
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
