import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { demoDesigns } from '../../demo/index.ts';
import type { Point } from '../../geometry/perimeter.ts';
import { solveDesign } from '../../solve/solve-design.ts';
import { anyRoll } from '../../testing/any-soft.ts';
import { n } from '../../testing/measures.ts';
import type { Section, SectionLayer } from '../section.ts';
import { rolledUp, type Rolled } from './rolled.ts';

const stacks = (wall: number) => ({
  exterior: n(wall / 2),
  lining: n(wall / 2),
  pocket: n(1),
  mesh: n(0.5),
  base: n(2),
});
const thing = (line: string, u0: number, u1: number, z1: number, round = false): SectionLayer => ({
  of: { line },
  label: line,
  u0,
  u1,
  z0: 0,
  z1,
  ...(round && { round }),
});
const strip = (width: number, layers: SectionLayer[]): Section => ({
  layers,
  width,
  folded: false,
  state: 'open',
  total: n(1),
});
const lengthOf = (points: readonly Point[]) =>
  points.slice(1).reduce((sum, [x, y], index) => sum + Math.hypot(x - points[index]![0], y - points[index]![1]), 0);
const outermost = ({ things }: Rolled, line: string) => things.find((each) => each.line === line)!.points;

describe('a strip of even thickness', () => {
  // thin things of 0.2 all along, walls of 0.9: each layer is 2 thick, round a core of 20 with its walls
  const thin = Array.from({ length: 40 }, (_, index) => thing(`t${index}`, 18.2 + 10 * index, 28.2 + 10 * index, 0.2));
  const rolled = rolledUp(strip(418.2, [thing('core', 0, 18.2, 18.2, true), ...thin]), stacks(0.9))!;

  test('round a round core is a spiral: its turns are those of its area (Archimedes)', () => {
    // length = turns × core perimeter + π × thickness × turns²: 400 = 62.83 k + 6.283 k², k = 4.41
    const k = (-Math.PI * 20 + Math.sqrt((Math.PI * 20) ** 2 + 4 * Math.PI * 2 * 400)) / (2 * Math.PI * 2);
    expect(rolled.turns).toBeGreaterThan(k - 0.02);
    expect(rolled.turns).toBeLessThan(k + 0.02);
    // five begun half ways: 20 and 2 for each layer that lies there
    expect(rolled.width).toBeGreaterThan(20 + 2 * 2 * Math.floor(k) - 0.3);
    expect(rolled.width).toBeLessThanOrEqual(20 + 2 * 2 * Math.ceil(k) + 1e-6);
  });

  test('between its walls it is as long as it was', () => {
    const [inner, outer] = rolled.walls as [Point[], Point[]];
    expect(Math.abs((lengthOf(inner) + lengthOf(outer)) / 2 - 400)).toBeLessThan(8);
    expect(lengthOf(outer)).toBeGreaterThan(lengthOf(inner));
  });
});

describe('a roll round a flat core', () => {
  const section = strip(150, [thing('board', 0, 58, 3), thing('probe', 70, 76, 6, true), thing('blade', 90, 130, 2)]);
  const rolled = rolledUp(section, stacks(1))!;

  test('the core lies in the middle, as large as it is', () => {
    const core = outermost(rolled, 'board');
    expect(core.map(([x, y]) => [Math.abs(x), Math.abs(y)])).toEqual(Array.from({ length: 4 }, () => [29, 1.5]));
  });
  test('what is round stays round, beyond the core and its walls', () => {
    const probe = outermost(rolled, 'probe');
    const middle: Point = [
      probe.reduce((sum, [x]) => sum + x, 0) / probe.length,
      probe.reduce((sum, [, y]) => sum + y, 0) / probe.length,
    ];
    for (const [x, y] of probe) expect(Math.hypot(x - middle[0], y - middle[1])).toBeCloseTo(3, 6);
    expect(Math.abs(middle[0]) - 29 > 0 || Math.abs(middle[1]) - 1.5 > 0).toBe(true);
  });
  test('is as thick as its layers where they lie on each other', () => {
    // above the board the strip of the probe or the blade lies once at least: 3 and two walls, 2 and two walls
    expect(rolled.height).toBeGreaterThanOrEqual(3 + 2 + 2 + 2 - 1e-6);
    expect(rolled.width).toBeGreaterThanOrEqual(58 + 2);
  });
});

test('nothing to wind it round: there is no roll', () => {
  expect(rolledUp(strip(100, []), stacks(1))).toBeUndefined();
});
test('one thing alone lies between its walls', () => {
  const alone = rolledUp(strip(60, [thing('board', 0, 60, 3)]), stacks(1))!;
  expect(alone.turns).toBe(0);
  expect([alone.width, alone.height]).toEqual([expect.closeTo(63, 6), expect.closeTo(5, 6)]);
});

test('a large round thing at the end of a short strip stands out of its walls, and counts', () => {
  const rolled = rolledUp(strip(30, [thing('blade', 0, 20, 1), thing('flask', 21, 30, 42, true)]), stacks(1))!;
  const flask = outermost(rolled, 'flask');
  const [left, right] = [Math.min(...flask.map(([x]) => x)), Math.max(...flask.map(([x]) => x))];
  expect(right - left).toBeCloseTo(42, 6);
  expect(rolled.left).toBeLessThanOrEqual(left + 1e-9);
  expect(rolled.left + rolled.width).toBeGreaterThanOrEqual(right - 1e-9);
});

const layersOf = (section: Section) => Math.max(...section.layers.map(({ z0, z1 }) => z1 - z0));

test('the probe roll is drawn as wide as it is said to be, by a layer at most', () => {
  const { section, stacks: own, finished, body } = solveDesign(demoDesigns.find(({ id }) => id === 'probe-roll')!);
  const rolled = rolledUp(section, own)!;
  const layer = layersOf(section) + 2 * rolled.wall;
  expect(Math.abs(rolled.width - finished.rolledWidth!.value)).toBeLessThan(2 * layer);
  expect(Math.abs(rolled.height - finished.rolledThickness!.value)).toBeLessThan(2 * layer);
  expect(Math.abs(rolled.turns - body.sizes.turns!.value)).toBeLessThan(0.5);
  expect(rolled.things.map(({ line }) => line).sort()).toEqual(
    section.layers.flatMap(({ of }) => ('line' in of ? [of.line] : [])).sort(),
  );
});

test('whatever is rolled: every thing is drawn, all within the walls, and what is wound lies outside the core', () => {
  fc.assert(
    fc.property(anyRoll, (design) => {
      const { section, stacks: own } = solveDesign(design);
      const rolled = rolledUp(section, own);
      const things = section.layers.filter(({ of }) => 'line' in of);
      if (!rolled) return expect(things).toEqual([]);
      expect(rolled.things).toHaveLength(things.length);
      const inside = ([x, y]: Point) =>
        x >= rolled.left - 1e-6 &&
        x <= rolled.left + rolled.width + 1e-6 &&
        y >= rolled.bottom - 1e-6 &&
        y <= rolled.bottom + rolled.height + 1e-6;
      const strays = rolled.things.filter(({ points }) => points.length === 0 || !points.every(inside));
      expect(strays).toEqual([]);
      return expect(rolled.walls.flat().every(([x, y]) => Number.isFinite(x) && Number.isFinite(y))).toBe(true);
    }),
    { numRuns: 150 },
  );
});

describe('a roll round a round core', () => {
  const rolled = rolledUp(strip(200, [thing('core', 0, 18, 18, true), thing('flat', 20, 120, 2)]), stacks(1))!;
  const core = outermost(rolled, 'core');

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
