import { describe, expect, test } from '@jest/globals';
import type { DesignDocument } from '../document/design-document.ts';
import { setAllowance } from '../document/edits/pieces.ts';
import { seamMates } from '../pieces/seam-mates.ts';
import { thing, trial } from '../testing/trial.ts';
import { solveDesign } from './solve-design.ts';

const IN = 25.4;

// common practice: cut sizes that makers work with, in inches
describe('a tote with a folded bottom, cut 24 x 40 in and sewn at 5/8 in', () => {
  const sewn = { width: (24 - 2 * (5 / 8)) * IN, panel: ((40 - 2 * (5 / 8)) * IN) / 2 };
  const tote: DesignDocument = {
    ...trial({ body: 'sleeve', face: 'inside', kind: 'cavity', item: thing(300, 150, 100) }),
    body: { kind: 'sleeve', params: { form: 'boxed', bottom: 'fold' } },
    rules: { 'seam.allowance': (5 / 8) * IN },
    pins: { 'body/flatWidth': sewn.width, 'body/base': 8 * IN },
  };
  const shell = (design: DesignDocument) => solveDesign(design).pieces.find(({ id }) => id === 'body/shell')!;
  const edge = (design: DesignDocument, id: string) => {
    const { from, to } = shell(design).cut.find((each) => each.id === id)!;
    return Math.hypot(to[0] - from[0], to[1] - from[1]) / IN;
  };

  test('asks for a notch of 4 x 3 3/8 in on each side of the fold for a base of 8 in', () => {
    // from the cut side inwards, and from the fold up
    expect(edge(tote, 'notch-left-out')).toBeCloseTo(4, 6);
    expect(edge(tote, 'notch-left') / 2).toBeCloseTo(3 + 3 / 8, 6);
  });
  test('with corner seams of 7/8 in, wider than those at the sides, the notch is a quarter less each way', () => {
    const { pieces, seams } = solveDesign(tote);
    const corner = seamMates(pieces, seams, { piece: 'body/shell', edge: 'notch-left' });
    const wider = setAllowance(corner, 'the corner', (7 / 8) * IN).apply(tote);
    expect(edge(wider, 'notch-left') / 2).toBeCloseTo(3 + 1 / 8, 6);
    expect(solveDesign(wider).body.sizes.base!.value).toBeCloseTo(8 * IN, 6);
  });
});

describe('a palm-size pouch, its ends sewn at 1/4 in', () => {
  // ISO/IEC 7810, ID-1 (from memory)
  const card = thing(85.6, 53.98, 0.76, { shape: 'card', rigid: true });
  const plain = (material: string) => [{ material, coverage: 'full' as const }];
  /** The pouch as it is cut, and what a card has to spare lengthwise, mm. */
  function pouch(length: number, boxing: number) {
    const design = trial({ body: 'zip-tube', face: 'inside', kind: 'packed-room', closure: 'zip-top', item: card });
    const { pieces, holders, findings } = solveDesign({
      ...design,
      contents: design.contents.map((line) => ({ ...line, orientation: 'lying' })),
      stacks: {
        exterior: plain('quilting-cotton'),
        lining: plain('cotton-lawn'),
        pocket: plain('quilting-cotton'),
      },
      rules: { 'seam.allowance': IN / 4, 'zip.seam': IN / 4, 'lining.school': 'same' },
      pins: { 'body/length': length, 'body/height': boxing * IN },
    });
    const along = holders[0]!.clearances.find(({ direction }) => direction === 'across')!;
    return {
      panel: pieces.find(({ id }) => id === 'body/shell')!.cutWidth.value / IN,
      left: along.clearance.value,
      goesIn: !findings.some(({ code }) => code === 'clearance.tooTight'),
    };
  }

  test('cut 5 in and boxed 1 in it just takes a bank card; half an inch narrower, or boxed a quarter more, it does not', () => {
    const cut = [pouch(88.9, 1), pouch(76.2, 1), pouch(82.55, 1.25)];
    expect(cut.map(({ panel }) => panel)).toEqual([5, 4.5, 5].map((inches) => expect.closeTo(inches, 6)));
    expect(cut.map(({ goesIn }) => goesIn)).toEqual([true, false, false]);
    // 88.9 less the card, its cloth at both ends apart
    expect(cut[0]!.left).toBeGreaterThan(0);
    expect(cut[0]!.left).toBeLessThan(88.9 - 85.6 + 1e-9);
  });
});
