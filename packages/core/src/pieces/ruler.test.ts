import { describe, expect, test } from '@jest/globals';
import { flatAccordion } from '../testing/flat-accordion.ts';
import { demoDesigns } from '../demo/index.ts';
import { setRuler } from '../document/edits/settings.ts';
import { readDocument } from '../document/reading/read-document.ts';
import { chartCsv } from '../files/chart-csv.ts';
import { waysOut } from '../proposals/ways-out.ts';
import { standardShelves } from '../shelves/shelves.ts';
import { sizeAt } from '../solve/size-at.ts';
import type { Solution } from '../solve/solution.ts';
import { solveDesign } from '../solve/solve-design.ts';
import { rulerIds, type RulerId } from '../units/grid.ts';
import { cuttingChart } from './chart.ts';
import type { EdgeRun } from './seam.ts';

// By their definition, in mm: an inch is 25.4 (international yard and pound agreement, 1959).
const STEPS: Record<RulerId, number> = { '1mm': 1, '5mm': 5, '1/16in': 25.4 / 16, '1/8in': 25.4 / 8 };
const offBy = (mm: number, step: number) => Math.abs(mm / step - Math.round(mm / step)) * step;
const demo = (id: string) => demoDesigns.find((design) => design.id === id)!;
const chartOf = ({ pieces }: Solution, ruler?: RulerId) => cuttingChart(pieces, (id) => id, ruler);

describe.each(rulerIds)('cut by a ruler read to %s', (ruler) => {
  const step = STEPS[ruler];
  test('what is straight lies on it: larger by less than a step, an inner layer smaller', () => {
    let [ruled, inner, drawn] = [0, 0, 0];
    for (const design of demoDesigns) {
      const solution = solveDesign(design);
      const before = chartOf(solution);
      chartOf(solution, ruler).forEach((row, index) => {
        const piece = solution.pieces.find(({ id }) => id === row.piece)!;
        const by = (['cutWidth', 'cutHeight'] as const).map((key) => row[key].value - before[index]![key].value);
        if (!row.ruled) {
          expect([row.piece, by]).toEqual([row.piece, [0, 0]]);
          drawn++;
          return;
        }
        ruled++;
        const sides = piece.byRuler ? [row.cutWidth] : [row.cutWidth, row.cutHeight];
        for (const { value } of sides) expect([row.piece, offBy(value, step) < 1e-6]).toEqual([row.piece, true]);
        const sign = piece.layerOf === undefined ? 1 : -1;
        if (piece.layerOf !== undefined) inner++;
        for (const each of by) {
          expect(sign * each).toBeGreaterThanOrEqual(-1e-9);
          expect(sign * each).toBeLessThan(step);
        }
      });
    }
    expect([ruled > 100, inner > 0, drawn > 10]).toEqual([true, true, true]);
  });

  test('an edge that cannot be eased onto what it is sewn to is told, and only then', () => {
    const told = { yes: 0, no: 0 };
    for (const design of demoDesigns) {
      const solution = solveDesign({ ...design, ruler });
      const bad = solution.seams.some(
        (seam) => missesBy(seam.a, solution, ruler) !== undefined && tooFar(seam, solution, ruler),
      );
      const found = solution.findings.some(({ code }) => code === 'ruler.ease');
      expect([design.id, found]).toEqual([design.id, bad]);
      told[found ? 'yes' : 'no']++;
    }
    expect(told.no).toBeGreaterThan(0);
    if (ruler === '5mm') expect(told.yes).toBeGreaterThan(0);
  });
});

/** How much longer a run is when its piece is as large as the chart says, less its allowances; nothing if only part of an edge. */
function missesBy({ piece: id, parts }: EdgeRun, solution: Solution, ruler: RulerId): number | undefined {
  const piece = solution.pieces.find((each) => each.id === id)!;
  const row = chartOf(solution, ruler).find(({ piece: first }) => {
    const letter = solution.pieces.find((each) => each.id === first)!.letter;
    return letter === piece.letter;
  })!;
  return parts.reduce((total, part) => {
    if ('line' in part || part.from !== undefined || part.to !== undefined) return total;
    const edge = piece.stitch.find((each) => each.id === part.edge)!;
    const across = Math.abs(edge.from[0] - edge.to[0]) > Math.abs(edge.from[1] - edge.to[1]);
    return total + (across ? row.cutWidth.value - piece.cutWidth.value : row.cutHeight.value - piece.cutHeight.value);
  }, 0);
}

function tooFar({ a, b, lengthA, lengthB }: Solution['seams'][number], solution: Solution, ruler: RulerId): boolean {
  const by = Math.abs((missesBy(a, solution, ruler) ?? 0) - (missesBy(b, solution, ruler) ?? 0));
  return by > Math.max(1, 0.02 * Math.min(lengthA, lengthB)) + 1e-9;
}

test('the caliper sleeve, by hand: its shell of docs/worked/caliper-sleeve.md on a ruler of 5 mm', () => {
  const design = setRuler('5mm').apply(demo('caliper-sleeve'));
  const solution = solveDesign(design);
  const shell = solution.pieces.find(({ role }) => role === 'exterior')!;
  const free = solveDesign(demo('caliper-sleeve')).pieces.find(({ id }) => id === shell.id)!;
  const up = (mm: number) => 5 * Math.ceil(mm / 5);
  const size = (key: string) => sizeAt(solution, `pieces/${shell.id}/${key}`)!.value;
  expect([size('cutWidth'), size('cutHeight')]).toEqual([up(free.cutWidth.value), up(free.cutHeight.value)]);
  // the printed piece is as it was
  expect(shell.cutWidth.value).toBe(free.cutWidth.value);
  expect(chartCsv({ document: design, solution, shelves: standardShelves })).toContain(`${size('cutWidth')}.00`);
});

test('one press takes a ruler that does, or none', () => {
  const design = setRuler('5mm').apply(flatAccordion);
  const solution = solveDesign(design);
  const found = solution.findings.find(({ code }) => code === 'ruler.ease')!;
  const { edit } = waysOut(design, solution, standardShelves).get(found)!;
  expect(solveDesign(edit.apply(design)).findings.map(({ code }) => code)).not.toContain('ruler.ease');
});

test('it is kept with the design, taken away again, and only what is a ruler is let in', () => {
  const ruled = setRuler('1/8in').apply(demo('caliper-sleeve'));
  expect(readDocument(JSON.parse(JSON.stringify(ruled)))).toMatchObject({ document: { ruler: '1/8in' } });
  expect(setRuler(undefined).apply(ruled)).toEqual(demo('caliper-sleeve'));
  for (const ruler of ['3mm', null]) expect(readDocument({ ...ruled, ruler })).toMatchObject({ ok: false });
});
