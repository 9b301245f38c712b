import { describe, expect, test } from '@jest/globals';
import { chartCsv } from '../files/chart-csv.ts';
import { demoDesigns } from '../demo/index.ts';
import { houseRulesOf } from '../kinds/house-rules.ts';
import { builtInKinds } from '../kinds/kinds.ts';
import { standardShelves } from '../shelves/shelves.ts';
import { standardOf } from '../shelves/rules/house-rule.ts';
import { thing, trial } from '../testing/trial.ts';
import { solveDesign } from './solve-design.ts';

const rules = Object.values(houseRulesOf(builtInKinds)).flatMap((rule) => (rule.kind === 'length' ? [rule] : []));

describe('house rules in inches', () => {
  test('each is a fraction that is on a ruler, within its range', () => {
    for (const rule of rules) {
      const mm = standardOf(rule, true);
      const parts = (mm / 25.4) * 64;
      const own = mm === rule.standard;
      expect([rule.id, own || Math.abs(parts - Math.round(parts)) < 1e-6]).toEqual([rule.id, true]);
      expect([rule.id, mm >= rule.least && mm <= rule.most]).toEqual([rule.id, true]);
    }
    expect(rules.filter((rule) => rule.standard > 0 && standardOf(rule, true) === rule.standard).length).toBeLessThan(
      4,
    );
  });
  test('a seam allowance of 6 mm is a quarter of an inch, on a grid in inches alone', () => {
    const wide = (grid: '0.5mm' | '1/16in') => {
      const { pieces, body } = solveDesign({
        ...trial({ body: 'sleeve', face: 'inside', kind: 'cavity', item: thing(120, 80, 10) }),
        grid,
      });
      return pieces.find(({ id }) => id === 'body/shell')!.cutWidth.value - body.sizes.flatWidth!.value;
    };
    expect(wide('0.5mm')).toBeCloseTo(12, 9);
    expect(wide('1/16in')).toBeCloseTo(12.7, 9);
  });
});

describe('what a coarse grid would swallow', () => {
  const flapped = (grid: '1/8in' | '0.5mm') =>
    solveDesign({
      ...trial({ body: 'sleeve', face: 'inside', kind: 'cavity', item: thing(120, 80, 10), closure: 'flap' }),
      rules: { 'flap.inset': 2 },
      grid,
    });
  test('a flap that is 2 narrower than its mouth on each side is so on a grid of 1/8 in', () => {
    const { body, closure } = flapped('1/8in');
    const narrower = (body.sizes.flatWidth!.value - closure.sizes.flapWidth!.value) / 2;
    // 1/16 in is a fifth less than 2, and 3/32 a fifth more: it stays as it is set
    expect(narrower).toBeCloseTo(2, 9);
  });
  test('one of 3 is 1/8 in there', () => {
    const three = solveDesign({
      ...trial({ body: 'sleeve', face: 'inside', kind: 'cavity', item: thing(120, 80, 10), closure: 'flap' }),
      rules: { 'flap.inset': 3 },
      grid: '1/8in',
    });
    expect((three.body.sizes.flatWidth!.value - three.closure.sizes.flapWidth!.value) / 2).toBeCloseTo(3.175, 9);
  });
  test('of a card that shall show 3 at least two thirds of that are left to show', () => {
    // 57 less 3 and 2 below it are 56, on a finer ruler 56.77; up to the next eighth of an inch it would be 57.15
    const pocketed = solveDesign({
      ...trial({ body: 'foldover', face: 'left', kind: 'card-tiers', item: thing(85.6, 57, 0.8, { shape: 'card' }) }),
      contents: [{ id: 'c1', item: 'thing', count: 1, perHolder: 1, orientation: 'lying', visible: 3 }],
      rules: { 'ease.card.deep': 0 },
      grid: '1/8in',
    });
    const { y, bottom } = pocketed.holders[0]!.mouths[0]!;
    // it stands on the topstitching, 2 above the bottom
    expect(57 - (y - bottom - 2)).toBeGreaterThanOrEqual(2);
  });
});

test('no chart of a design in inches says that a size is only about so large', () => {
  for (const demo of demoDesigns) {
    const document = { ...demo, unit: 'in' as const, grid: '1/16in' as const };
    const text = chartCsv({ document, solution: solveDesign(document), shelves: standardShelves });
    expect([demo.id, text.includes('~')]).toEqual([demo.id, false]);
    expect(text).toContain('cut width (in)');
  }
});
