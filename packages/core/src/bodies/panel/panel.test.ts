import { describe, expect, test } from '@jest/globals';
import { boardsOf } from '../../boards/boards-of.ts';
import { demoDesigns } from '../../demo/index.ts';
import type { Arrangement, DesignDocument, Params } from '../../document/design-document.ts';
import { fitLaps } from '../../fit/laps.ts';
import { CutParts } from '../../fit/cut-parts.ts';
import { fittingOf } from '../../testing/fit-compared.ts';
import { solveDesign } from '../../solve/solve-design.ts';
import type { Solution } from '../../solve/solution.ts';
import { thing, trial } from '../../testing/trial.ts';

const landing = demoDesigns.find(({ id }) => id === 'landing-organizer')!;
const beside = (...ids: string[]): Arrangement => ({
  kind: 'row',
  gap: 0,
  share: 'keep',
  children: ids.map((id) => ({ kind: 'holder', id })),
});
/** The landing organizer whose panel stays flat. */
const flat: DesignDocument = {
  ...landing,
  body: { kind: 'panel', params: {} },
  faces: { panel: beside('A', 'B'), flap: { kind: 'holder', id: 'C' } },
};
const piece = ({ pieces }: Solution, id: string) => pieces.find((each) => each.id === id)!;
const mateOf = (solution: Solution, id: string) =>
  piece(solution, id).marks.find(({ kind }) => kind === 'snapSocket')?.at;

describe('a panel that stays flat', () => {
  const solution = solveDesign(flat);

  test('is as wide as its pockets, and thick as one wall and what lies on it (docs/worked/landing-organizer.md 6)', () => {
    const { finished, closedThickness, body } = solution;
    expect([finished.width!.value, finished.height!.value]).toEqual([244.5, 165]);
    expect(body.beneath.full.value).toBeCloseTo(15.52, 6);
    expect(closedThickness.value).toBeCloseTo(22.48, 6);
    expect(solution.closure.sizes.flapWidth!.value).toBe(240.5);
    expect(solution.closure.sizes.flapLength!.value).toBe(121.5);
    expect(solution.findings.filter(({ severity }) => severity === 'stop')).toEqual([]);
  });

  test('mates are set on the pockets that lie where the fasteners come down', () => {
    const [a, b] = [mateOf(solution, 'holders/A/front')!, mateOf(solution, 'holders/B/front')!];
    // by hand: 24 from the edge to the mouth of A, 29 to that of B; 60.125 to either side of the middle of 244.5
    expect(a[1]).toBeCloseTo(141 - (73.605 - 24), 3);
    expect(b[1]).toBeCloseTo(136 - (73.605 - 29), 3);
    expect(a[0]).toBeCloseTo(122.25 - 60.125, 6);
    expect(127 + b[0]).toBeCloseTo(122.25 + 60.125, 6);
    expect(mateOf(solution, 'body/lining')).toBeUndefined();
    expect(mateOf(solution, 'body/shell')).toBeUndefined();
  });

  test('the fitting finds the fastener on its mate, and 5 mm off where that is moved so far', () => {
    const astray = (moved: number) => {
      const pieces = solution.pieces.map((each) =>
        each.id === 'holders/A/front'
          ? { ...each, marks: each.marks.map((mark) => ({ ...mark, at: [mark.at[0], mark.at[1] - moved] as const })) }
          : each,
      );
      const fitting = fittingOf(flat, { ...solution, pieces } as Solution, (same) => same);
      const [lap] = fitLaps(fitting, new CutParts(fitting));
      return lap!.mate.value - lap!.full.value;
    };
    expect(Math.abs(astray(0))).toBeLessThan(0.5);
    expect(astray(5) - astray(0)).toBeCloseTo(5, 6);
  });

  test('the drawing shows both mates where they lie on the pockets, and the flap stands out at the top', () => {
    const [inner] = boardsOf(flat, solution);
    expect(inner!.snaps.map(({ x, y }) => [x, y].map((each) => Math.round(each * 1e3) / 1e3))).toEqual([
      [62.125, 91.395],
      [182.375, 91.395],
    ]);
    expect(inner!.tab).toMatchObject({ edge: 'top', length: 121.5, width: 240.5 });
  });

  const one = (params: Params = {}, more: Partial<DesignDocument> = {}): Solution => {
    const design = trial({ body: 'panel', face: 'panel', kind: 'slip-pocket', item: thing(120, 80, 4) });
    return solveDesign({ ...design, closure: { kind: 'flap', params }, ...more });
  };
  test('where no pocket lies the mate is on the lining, and where only part of it would lie on a pocket it is told', () => {
    // 4 of cloth and 124 and more of pocket: what lies on it by 20 ends above its mouth
    const high = one({ overlap: 30 }, { pins: { 'body/height': 220 } });
    expect(mateOf(high, 'body/lining')).toBeDefined();
    expect(high.findings.map(({ code }) => code)).not.toContain('hardware.covered');
    const told = [26, 28, 30, 32, 34, 36, 38, 40, 42, 44, 46, 48, 50].flatMap((overlap) =>
      one({ overlap })
        .findings.filter(({ code }) => code.startsWith('hardware.'))
        .map(({ code }) => code),
    );
    expect(told).toContain('hardware.covered');
  });

  test('tabs with rings and an elastic are caught in both sides, beside the upper edge', () => {
    const parts: DesignDocument['parts'] = [
      { id: 'tabs', kind: 'ring-tabs', params: { place: 'ends' } },
      { id: 'band', kind: 'elastic-band', params: {} },
    ];
    const { seams, parts: made, finished } = one({}, { parts });
    const within = (id: string) => seams.filter((seam) => seam.id.startsWith(id)).map((seam) => seam.within);
    expect(new Set(within('parts/tabs/tab'))).toEqual(new Set(['body/left', 'body/right']));
    expect(within('parts/band/band')).toEqual(['body/right', 'body/left']);
    const over = made.find(({ id }) => id === 'band')!.sizes.overTheFront!;
    expect(over.value).toBeGreaterThan(finished.width!.value);
  });

  test('the flap cannot be a zipper round leaves that there are not', () => {
    const solved = one({}, { closure: { kind: 'edge-zip', params: {} } });
    expect(solved.findings.map(({ code }) => code)).toContain('closure.notForBody');
  });
});
