import { describe, expect, test } from '@jest/globals';
import type { Params } from '../../document/design-document.ts';
import { solveDesign } from '../../solve/solve-design.ts';
import type { Solution } from '../../solve/solution.ts';
import { thing, trial } from '../../testing/trial.ts';

// a flat tin in a sleeve, in no demo
const sleeve = (closing: Params): Solution =>
  solveDesign(
    trial({
      body: 'sleeve',
      face: 'inside',
      kind: 'cavity',
      item: thing(180, 120, 14),
      closure: 'strap-over',
      closing,
    }),
  );
const strapOf = ({ pieces }: Solution) => pieces.find(({ id }) => id === 'closure/strap')!;
const closes = ({ findings }: Solution) => findings.filter(({ code }) => code === 'closure.doesNotReach');

describe('a strap of webbing', () => {
  const webbing = sleeve({ material: 'webbing', inset: 18 });
  const strap = strapOf(webbing);

  test('is one strip, as wide as the webbing, its end folded back over the fastener', () => {
    expect(strap.count).toBe(1);
    expect(strap.materials).toEqual(['webbing-25']);
    expect(strap.cutHeight.value).toBe(25);
    const [fold] = strap.folds;
    const [cap] = strap.marks;
    // the end reaches as far beyond the cap as the fold is before it, to the next half millimetre
    const inset = fold!.from[0] - cap!.at[0];
    const back = strap.cutWidth.value - fold!.from[0];
    expect(inset).toBeGreaterThanOrEqual(18 - 1e-9);
    expect(inset).toBeLessThan(18.5);
    expect(back).toBeGreaterThanOrEqual(2 * inset - 1e-9);
    expect(back).toBeLessThan(2 * inset + 0.5);
    expect(cap!.at[1]).toBeCloseTo(12.5, 9);
    const need = webbing.hardware.find(({ id }) => id === 'webbing-25')!;
    expect(need.length).toBeCloseTo(strap.cutWidth.value, 9);
  });

  test('goes as far as one of cloth, less what that is thicker', () => {
    const cloth = sleeve({ material: 'cloth', inset: 18 });
    const length = (solution: Solution) => solution.closure.sizes.strapLength!.value;
    // over the edge it goes round its own thickness: cotton of 0.72 twice, or webbing of 1.8; half a turn each at both edges
    expect(Math.abs(length(cloth) - length(webbing))).toBeLessThan((Math.PI / 2) * Math.abs(1.8 - 2 * 0.72) + 0.5);
    expect(closes(webbing)).toEqual([]);
    expect(closes(cloth)).toEqual([]);
  });

  test('is said to the fitting by the ends that it has', () => {
    const [lap] = webbing.laps;
    expect(lap).toMatchObject({ base: { edge: 'left' }, tip: { fold: 'tip' } });
    expect(lap!.double).toBeUndefined();
    const shell = webbing.pieces.find(({ id }) => id === lap!.mate.piece)!;
    expect(shell.marks.some(({ id }) => id === lap!.mate.mark)).toBe(true);
    const base = webbing.seams.find(({ id }) => id === 'closure/strap#base')!;
    expect(base.walks).toBe(true);
  });

  test('of 38 takes its width from the shelf, and the width for cloth is not asked', () => {
    const wide = sleeve({ material: 'webbing', webbing: 'webbing-38', width: 60 });
    expect(strapOf(wide).cutHeight.value).toBe(38);
    expect(wide.closure.sizes.strapWidth!.value).toBe(38);
  });
});
