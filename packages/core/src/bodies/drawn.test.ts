import { describe, expect, test } from '@jest/globals';
import { demoDesigns } from '../demo/index.ts';
import { flatten } from '../geometry/outline.ts';
import type { Point } from '../geometry/perimeter.ts';
import { solveDesign } from '../solve/solve-design.ts';
import { n } from '../testing/measures.ts';
import { thing, trial } from '../testing/trial.ts';
import { rolledUp } from './roll/rolled.ts';

/** From a point to the rim of a polygon, mm. */
function toRim([x, y]: Point, rim: readonly Point[]): number {
  return rim.reduce((least, [x0, y0], index) => {
    const [x1, y1] = rim[(index + 1) % rim.length]!;
    const along = ((x - x0) * (x1 - x0) + (y - y0) * (y1 - y0)) / ((x1 - x0) ** 2 + (y1 - y0) ** 2 || 1);
    const at = Math.min(1, Math.max(0, along));
    return Math.min(least, Math.hypot(x - x0 - at * (x1 - x0), y - y0 - at * (y1 - y0)));
  }, Infinity);
}

test.each(demoDesigns.map(({ id }) => id))('%s: its pieces are bent from rim to rim', (id) => {
  const { pieces } = solveDesign(demoDesigns.find((each) => each.id === id)!);
  const off = pieces.flatMap(({ id: piece, bends, stitch }) =>
    bends.flatMap(({ from, to, free }) =>
      free ? [] : [from, to].filter((end) => toRim(end, flatten(stitch)) > 0.5).map((end) => [piece, from, to, end]),
    ),
  );
  expect(off).toEqual([]);
});

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
  const rolled = rolledUp({ layers, width: 200, folded: false, state: 'open', total: n(1) }, stacks)!;
  const core = rolled.things.find(({ line }) => line === 'core')!.points;

  test('its core is drawn round, its middle where the roll turns', () => {
    const middle = [0, 1].map((axis) => {
      const all = core.map((point) => point[axis]!);
      return (Math.min(...all) + Math.max(...all)) / 2;
    }) as [number, number];
    for (const [x, y] of core) expect(Math.hypot(x - middle[0], y - middle[1])).toBeCloseTo(9, 1);
    const [ring] = rolled.walls.filter((wall) => wall.length > 8);
    const radii = ring!.slice(0, 12).map(([x, y]) => Math.hypot(x - middle[0], y - middle[1]));
    expect(Math.max(...radii) - Math.min(...radii)).toBeLessThan(1.1);
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
    closing: { form: 'zipped' },
  });
  const { pieces } = solveDesign({ ...pouch, rules: { 'zip.seam': 9, 'seam.allowance': 6 } });
  const zipped = pieces.filter(({ allowance }) => 'zip' in allowance);
  for (const { allowance } of zipped)
    for (const [edge, wide] of Object.entries(allowance)) expect([edge, wide]).toEqual([edge, edge === 'zip' ? 9 : 6]);
});
