import { describe, expect, test } from '@jest/globals';
import { distance } from '../../geometry/outline.ts';
import { solveDesign } from '../../solve/solve-design.ts';
import type { Solution } from '../../solve/solution.ts';
import { closest, openBounds } from '../../testing/room-witness.ts';
import { thing, trial } from '../../testing/trial.ts';
import type { Params } from '../../document/design-document.ts';

// a tin 120 across and 90 high, in no demo
const bag = (params: Params, closure = 'none', closing: Params = {}): Solution =>
  solveDesign(
    trial({
      body: 'round',
      params,
      face: 'inside',
      kind: 'round-room',
      item: thing(120, 120, 90, { shape: 'cylinder', length: 90, width: 120, thickness: 120 }),
      closure,
      closing,
    }),
  );
const pieceOf = ({ pieces }: Solution, id: string) => pieces.find((piece) => piece.id === id)!;
const cutHigh = (solution: Solution, id: string): number => pieceOf(solution, id).cutHeight.value;
const deepOf = (solution: Solution) => solution.holders[0]!.clearances.find(({ direction }) => direction === 'deep')!;

describe('a band that is rim and facing at once', () => {
  test('takes of both walls what it is high, and is cut twice as high', () => {
    const plain = bag({});
    const banded = bag({ mouth: 'band', band: 30 });
    const seams = 12;
    expect(cutHigh(banded, 'body/band')).toBe(60 + seams);
    for (const layer of ['shell', 'lining'])
      expect(cutHigh(banded, `body/${layer}-wall`)).toBe(cutHigh(plain, `body/${layer}-wall`) - 30);
    // what stands in it may reach into the band
    expect(deepOf(banded).available.value).toBeCloseTo(deepOf(plain).available.value, 9);
    expect(pieceOf(banded, 'body/band').cutWidth.value).toBeCloseTo(
      pieceOf(banded, 'body/shell-wall').cutWidth.value,
      9,
    );
  });

  test('lies in the way from floor to rim; without it the room does not go on', () => {
    const banded = bag({ mouth: 'band', band: 30 });
    const room = banded.rooms[0]!;
    expect(openBounds(banded, room)).toEqual([]);
    const [wall] = room.rings[0]!.walls;
    const shell = closest(banded, wall!.piece, wall!.base!, wall!.mouth!);
    const { piece, from, to } = wall!.goesOn!;
    expect(shell + closest(banded, piece, from, to)).toBeCloseTo(deepOf(banded).available.value, 9);
    const open = { ...banded, seams: banded.seams.filter(({ id }) => id !== 'body/facing') };
    expect(openBounds(open, room)).toEqual([`${room.id}: body/lining-wall does not go on with body/band`]);
  });

  test('is clear of what draws the mouth shut: the cord lies below it', () => {
    const drawn = (params: Params) => bag(params, 'drawstring', { casing: 'applied', header: 15 });
    const [plain, banded] = [drawn({}), drawn({ mouth: 'band', band: 30 })];
    // as much cloth between the thing and the cord, and the band above
    expect(deepOf(banded).available.value).toBeCloseTo(deepOf(plain).available.value, 9);
    expect(banded.finished.height!.value).toBe(plain.finished.height!.value + 30);
    const wall = pieceOf(banded, 'body/shell-wall');
    const top = Math.max(...wall.stitch.flatMap(({ from }) => [from[1]]));
    const upper = wall.lines.filter(({ id }) => id.includes('upper line')).map(({ from }) => top - from[1]);
    expect(upper).toEqual([15, 15]);
  });

  test('has no hem: a cord in the hem is sewn on below it, and that is told', () => {
    const solution = bag({ mouth: 'band' }, 'drawstring', { casing: 'hem' });
    expect(solution.findings.map(({ code }) => code)).toContain('closure.casingSewnOn');
    expect(solution.pieces.some(({ id }) => id === 'closure/casing-front')).toBe(true);
  });

  test('needs a lining', () => {
    const solution = bag({ mouth: 'band', layers: 'single' });
    expect(solution.pieces.map(({ id }) => id)).not.toContain('body/band');
  });
});

describe('short casings', () => {
  const drawn = (patch: number) => bag({}, 'drawstring', { casing: 'applied', reach: 'patch', patch });

  test('lie in the middle of their halves, bare wall beside them', () => {
    const solution = drawn(80);
    const casing = pieceOf(solution, 'closure/casing-front');
    expect(casing.cutWidth.value).toBe(80 + 12);
    const wall = pieceOf(solution, 'body/shell-wall');
    const around = distance(wall.stitch[0]!.from, wall.stitch[0]!.to);
    const lines = wall.lines.filter(({ id }) => id.includes('upper line'));
    expect(lines.map(({ from, to }) => [from[0], to[0]].map((x) => Math.round(1e6 * x) / 1e6))).toEqual(
      [0.25, 0.75].map((share) => [-40, 40].map((by) => Math.round(1e6 * (share * around + by)) / 1e6)),
    );
    expect(solution.findings.map(({ code }) => code)).not.toContain('setting.limited');
  });

  test('are no longer than their side, and say so', () => {
    const solution = drawn(500);
    const wall = pieceOf(solution, 'body/shell-wall');
    const half = distance(wall.stitch[0]!.from, wall.stitch[0]!.to) / 2;
    expect(pieceOf(solution, 'closure/casing-front').cutWidth.value).toBeCloseTo(half - 16 + 12, 9);
    expect(solution.findings.map(({ code }) => code)).toContain('setting.limited');
  });
});
