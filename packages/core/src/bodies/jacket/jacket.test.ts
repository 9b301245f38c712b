import { describe, expect, test } from '@jest/globals';
import { demoDesigns } from '../../demo/index.ts';
import type { DesignDocument } from '../../document/design-document.ts';
import { solveDesign } from '../../solve/solve-design.ts';
import { wordingText } from '../../errors/wording.ts';
import { alwaysTrue } from '../../testing/design-checks.ts';

const tide = demoDesigns.find(({ id }) => id === 'tide-jacket')!;
const jacket = (pins: Record<string, number>, flaps = 'elastic'): DesignDocument => ({
  ...tide,
  body: { ...tide.body, params: { ...tide.body.params, flaps } },
  pins,
});
const foldsOf = (design: DesignDocument, id: string) =>
  solveDesign(design)
    .pieces.find((piece) => piece.id === id)!
    .folds.map(({ from: [x] }) => x);

// docs/worked/tide-jacket.md: 409.5 wide with flaps of 95, a spine of 2.4 + 3 boards' worth as there
describe('each flap of a jacket may be pinned by itself', () => {
  test('the jacket is wider or narrower by it, the other flap as it was', () => {
    const { body, findings } = solveDesign(jacket({ 'body/flap2': 70 }));
    expect([body.sizes.flap!.value, body.sizes.flap2!.value, body.sizes.width!.value]).toEqual([95, 70, 409.5 - 25]);
    expect(body.readBack).toMatchObject({ flap: 95, flap2: 70 });
    expect(findings.filter(({ severity }) => severity === 'stop')).toEqual([]);
  });
  test('shell and lining are folded in the same places, seen from both sides', () => {
    const [lining, shell] = ['body/lining', 'body/shell'].map((id) => foldsOf(jacket({ 'body/flap2': 70 }), id));
    const width = 409.5 - 25;
    expect([lining![0], lining![3]]).toEqual([95, width - 70]);
    expect(shell).toEqual(lining!.map((x) => width - x).reverse());
    // the spine lies in the middle between the flaps
    expect(lining![1]! - 95).toBeCloseTo(width - 70 - lining![2]!, 9);
  });
  test('opened, its flaps stay folded in and its spine lies flat', () => {
    const { bends } = solveDesign(jacket({})).pieces.find(({ id }) => id === 'body/shell')!;
    expect(bends.map(({ opens = false }) => opens)).toEqual([false, true, true, false]);
  });
  test('the elastic follows the loose one: it reaches 20 under it', () => {
    const design = jacket({ 'body/flap2': 70 });
    const { operations, body } = solveDesign(design);
    expect(body.sizes.tuck!.value).toBe(20);
    const { text } = operations.find(({ id }) => id === 'body/elastic/baste')!;
    expect(wordingText(text, String)).toContain('120 from the right edge');
  });
  test('the first alone leaves the second as it was', () => {
    const { body } = solveDesign(jacket({ 'body/flap': 80 }));
    expect([body.sizes.flap2!.value, body.sizes.width!.value]).toEqual([95, 409.5 - 15]);
  });
  test('two stitched ones of two depths are folded in by two', () => {
    const { operations } = solveDesign(jacket({ 'body/flap': 60, 'body/flap2': 90 }, 'fixed'));
    const { text } = operations.find(({ id }) => id === 'body/flaps')!;
    const words = wordingText(text, String);
    expect(words).toContain('along fold 1, 60 of it');
    expect(words).toContain('along fold 4, 90 of it');
  });
  test.each(Object.entries(alwaysTrue))('%s', (_, check) => {
    for (const flaps of ['elastic', 'fixed'])
      for (const [flap, flap2] of [
        [95, 70],
        [40, 99],
        [95, 300],
      ] as const) {
        const design = jacket({ 'body/flap': flap, 'body/flap2': flap2 }, flaps);
        check(design, solveDesign(design));
      }
  });
});
