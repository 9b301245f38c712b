import { describe, expect, test } from '@jest/globals';
import { demoDesigns } from '../demo/index.ts';
import { standardShelves, type Shelves } from '../shelves/shelves.ts';
import { thing, trial } from '../testing/trial.ts';
import { solveDesign } from './solve-design.ts';

const rolled = (rollWidth: number): Shelves => ({
  ...standardShelves,
  materials: standardShelves.materials.map((material) => ({ ...material, rollWidth })),
});
const told = (across: number, roll: number) => {
  const design = trial({ body: 'sleeve', face: 'inside', kind: 'cavity', item: thing(300, across, 5) });
  const orientation = across > 300 ? 'lying' : 'upright';
  const put = { ...design, contents: design.contents.map((line) => ({ ...line, orientation }) as typeof line) };
  const { findings, pieces } = solveDesign(put, rolled(roll));
  return { pieces, found: findings.filter(({ code }) => code === 'cloth.tooNarrow') };
};

describe('a piece that does not lie on the roll of its cloth', () => {
  test('wider than the roll and longer too, it is a stop: nothing cuts it whole', () => {
    const { found, pieces } = told(260, 200);
    const widest = Math.max(...pieces.map(({ cutWidth }) => cutWidth.value));
    expect(found.length).toBeGreaterThan(0);
    expect(found[0]).toMatchObject({ severity: 'stop', limit: 200, numbers: { roll: 200 } });
    expect(Math.max(...found.map(({ numbers }) => numbers.across!))).toBe(widest);
  });
  test('it would lie across the threads: a watch', () => {
    // some 280 across and some 640 up: on a roll of 300 it lies; 920 across and 640 up it lies on one of 700 only turned
    expect(told(260, 300).found).toEqual([]);
    const { found: wide } = told(900, 700);
    expect(wide.map(({ severity }) => severity)).toContain('watch');
  });
  test('each cloth is told once, for its widest piece', () => {
    const { found } = told(260, 100);
    expect(new Set(found.map(({ text }) => JSON.stringify(text))).size).toBe(found.length);
    expect(found.length).toBeLessThanOrEqual(3);
  });
  test('a cloth of unknown width is not doubted, and the demo lies on its rolls', () => {
    for (const design of demoDesigns)
      expect(solveDesign(design, rolled(1400)).findings.map(({ code }) => code)).not.toContain('cloth.tooNarrow');
    expect(solveDesign(demoDesigns[0]!).findings.map(({ code }) => code)).not.toContain('cloth.tooNarrow');
  });
});
