import { describe, expect, test } from '@jest/globals';
import { demoDesigns } from '../demo/index.ts';
import type { DesignDocument } from '../document/design-document.ts';
import { solveDesign } from '../solve/solve-design.ts';
import { thing, trial } from '../testing/trial.ts';

const demo = (id: string): DesignDocument => demoDesigns.find((design) => design.id === id)!;
const told = (design: DesignDocument) =>
  solveDesign(design).findings.filter(({ code }) => code === 'hardware.notClear' || code === 'hardware.covered');

describe('fasteners keep clear of what is sewn and what opens', () => {
  test('a magnet of 10 all round, 1.75 above the window of a zip pocket, is a stop; set higher it is none', () => {
    const folio = demo('survey-folio');
    const [found] = told({ ...folio, closure: { kind: 'magnets', params: {} } });
    // docs/worked/survey-folio.md: the middle of 189.5, and a window that ends at 93
    expect(found).toMatchObject({
      code: 'hardware.notClear',
      severity: 'stop',
      about: ['pieces/body/lining'],
      limit: 10,
    });
    expect(found!.numbers.far).toBeCloseTo(189.5 / 2 - 93, 6);
    expect(told(folio)).toEqual([]);
  });
  test('a snap half a millimetre beside the seam of a pocket is a stop; nearer to the edge it is clear', () => {
    const pocket = demo('logger-pocket');
    const strap = (overlap: number) => ({
      ...pocket,
      parts: pocket.parts!.map((part) => (part.id === 'strap' ? { ...part, params: { overlap } } : part)),
    });
    expect(told(strap(35))).toHaveLength(1);
    expect(told(strap(35))[0]!.numbers.far).toBeCloseTo(0.5, 6);
    expect(told(strap(26))).toEqual([]);
  });
  test('a strap over a front with a pocket on it has its mate beneath the pocket', () => {
    const sleeve = (overlap: number): DesignDocument => ({
      ...trial({
        body: 'sleeve',
        face: 'front',
        kind: 'slip-pocket',
        item: thing(90, 60, 8),
        closure: 'strap-over',
        closing: { overlap },
      }),
      pins: { 'body/height': 160 },
    });
    const [found] = told(sleeve(120));
    expect(found).toMatchObject({ code: 'hardware.covered', severity: 'stop' });
    expect(found!.about).toContain('holders/A');
    expect(told(sleeve(30))).toEqual([]);
  });
});
