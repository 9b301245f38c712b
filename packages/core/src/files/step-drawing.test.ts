import { describe, expect, test } from '@jest/globals';
import { demoDesigns } from '../demo/index.ts';
import { solveDesign } from '../solve/solve-design.ts';
import { stepDrawing } from './step-drawing.ts';

const room = { width: 150, height: 22 };
const solved = demoDesigns.map((design) => [design.id, solveDesign(design)] as const);
const of = (id: string) => solved.find(([each]) => each === id)![1];
/** Sides of the box round the points that a path names, mm. */
const sidesOf = (d: string): [number, number] => {
  const numbers = [...d.matchAll(/[ML](-?[\d.]+) (-?[\d.]+)/g)].map(([, x, y]) => [Number(x), Number(y)] as const);
  const span = (axis: 0 | 1) => Math.max(...numbers.map((at) => at[axis])) - Math.min(...numbers.map((at) => at[axis]));
  return [span(0), span(1)];
};

describe.each(solved)('%s', (_, solution) => {
  test('each step with something in hand has a picture that keeps within its room, its pieces beside each other', () => {
    for (const operation of solution.operations) {
      const drawing = stepDrawing(operation, solution, room);
      expect([operation.id, drawing !== undefined]).toEqual([
        operation.id,
        operation.phase !== 'cut' && operation.uses.length > 0,
      ]);
      if (!drawing) continue;
      const { pieces, scale, height } = drawing;
      expect(pieces.length).toBeGreaterThan(0);
      expect([operation.id, height <= room.height + 1e-9, scale > 0 && scale <= 0.4]).toEqual([
        operation.id,
        true,
        true,
      ]);
      let end = -4;
      for (const { x, drawing: own } of pieces) {
        expect(x).toBeCloseTo(end + 4, 6);
        expect(own.height * scale).toBeLessThanOrEqual(height + 1e-9);
        end = x + own.width * scale;
      }
      expect(end).toBeLessThanOrEqual(room.width + 1e-9);
    }
  });
});

test('what is stitched is drawn on both pieces, as long as it is', () => {
  const solution = of('junior-bifold');
  const join = solution.operations.find(({ id }) => id === 'body/join')!;
  const { pieces } = stepDrawing(join, solution, room)!;
  expect(pieces.map(({ letter }) => letter)).toEqual(['A', 'C']);
  const shell = solution.pieces.find(({ id }) => id === 'body/shell')!;
  const [across, down] = [0, 1].map((axis) => {
    const all = shell.stitch.flatMap(({ from, to }) => [from[axis]!, to[axis]!]);
    return Math.max(...all) - Math.min(...all);
  });
  // all round: the box of all its stretches is that of the stitch line
  const [wide, high] = sidesOf(pieces[0]!.stitched.join(''));
  expect([wide, high]).toEqual([expect.closeTo(across!, 3), expect.closeTo(down!, 3)]);
});

test('where a fastener is set there is a spot, on its piece and within it', () => {
  const solution = of('junior-bifold');
  const snap = solution.operations.find(({ id }) => id === 'closure/snap')!;
  const { pieces } = stepDrawing(snap, solution, room)!;
  expect(pieces.map(({ letter, set }) => [letter, set.length])).toEqual([
    ['A', 1],
    ['F', 1],
  ]);
  for (const { set, drawing } of pieces)
    for (const { x, y } of set) expect([x > 0 && x < drawing.width, y > 0 && y < drawing.height]).toEqual([true, true]);
});

test('a row on the face is drawn along its edges; pieces cut alike are drawn once', () => {
  const solution = of('junior-bifold');
  const step = (id: string) =>
    stepDrawing(
      solution.operations.find((each) => each.id === id)!,
      solution,
      room,
    )!;
  const [shell] = step('body/topstitch').pieces;
  expect(sidesOf(shell!.stitched.join('')).every((side) => side > 50)).toBe(true);
  const organizer = of('field-organizer');
  for (const operation of organizer.operations) {
    const drawn = stepDrawing(operation, organizer, room)?.pieces ?? [];
    const keys = drawn.map(
      ({ letter, stitched, drawing }) => `${letter} ${stitched.join()} ${drawing.paths.cut.join()}`,
    );
    expect(new Set(keys).size).toBe(keys.length);
  }
});
