import { describe, expect, test } from '@jest/globals';
import { given } from '../derived/derived.ts';
import type { DesignDocument } from '../document/design-document.ts';
import type { Piece } from '../pieces/piece.ts';
import { solveDesign } from '../solve/solve-design.ts';
import { fittingOf } from '../testing/fit-compared.ts';
import { thing, trial } from '../testing/trial.ts';
import { checkMeetings } from './check-meetings.ts';
import { CutParts } from './cut-parts.ts';
import type { Fitting } from './fitting.ts';
import { fitMeetings, leans } from './meetings.ts';

const mm = (value: number) => given('x', value, { kind: 'input', path: 'x' });

/** A thing of a thickness on the first leaf of a folio that closes with a magnet, and of another on the third. */
function folio(leaves: '3' | '4', thick: number, onThird: number, stiff = false): DesignDocument {
  const made = trial({
    body: 'folio',
    params: { leaves },
    face: 'leaf-1',
    kind: 'slip-pocket',
    item: thing(100, 60, thick),
    closure: 'magnets',
  });
  const third: DesignDocument = {
    ...made,
    ownItems: [...made.ownItems, { ...thing(90, 50, onThird), id: 'third', name: 'Third' }],
    contents: [...made.contents, { id: 'c2', item: 'third', count: 1, perHolder: 1, orientation: 'upright' }],
    holders: [...made.holders, { id: 'B', kind: 'slip-pocket', params: {}, contents: [{ line: 'c2', count: 1 }] }],
    faces: { ...made.faces, 'leaf-3': { kind: 'holder', id: 'B' } },
  };
  if (!stiff) return third;
  const exterior = [...third.stacks.exterior, { material: 'stiffener', coverage: 'full' as const }];
  return { ...third, stacks: { ...third.stacks, exterior } };
}
const cut = (design: DesignDocument) => fittingOf(design, solveDesign(design), (item) => item);
const met = (fitting: Fitting) => fitMeetings(fitting.meetings, new CutParts(fitting))[0]!;
const told = (fitting: Fitting) =>
  checkMeetings(fitting, new CutParts(fitting)).map(({ code, severity }) => `${severity} ${code}`);
/** The mate set elsewhere. mm */
const moved = (fitting: Fitting, x: number, y = 0): Fitting => ({
  ...fitting,
  pieces: fitting.pieces.map((piece): Piece => ({
    ...piece,
    marks: piece.marks.map((mark) =>
      mark.id === fitting.meetings[0]!.mate.mark ? { ...mark, at: [mark.at[0] + x, mark.at[1] + y] } : mark,
    ),
  })),
});

describe('a spine wider than what lies between its leaves', () => {
  const shift = (spine: number, between: number, around: number) => leans(mm(spine), mm(between), around).value;
  test('of stuff that can be creased bulges, and the leaf lies where it lay', () => expect(shift(30, 4, 0)).toBe(0));
  test('that stays flat leans over: 3, 4, 5', () => expect(shift(5, 3, Infinity)).toBeCloseTo(4, 9));
  // an arc of a quarter turn round 20 is 31.416 long, its chord 28.284
  test('that can be bowed leans over by what is left', () =>
    expect(shift(10 * Math.PI, 20, 20)).toBeCloseTo(Math.sqrt(28.284271 ** 2 - 400), 5));
  test('its ends are two radii apart on half a circle, and meet on a whole one', () => {
    expect(shift(20 * Math.PI, 24, 20)).toBeCloseTo(32, 9);
    expect(shift(126, 1, 20)).toBe(0);
  });
  test('no wider than what lies between does not lean', () => expect(shift(20, 20, Infinity)).toBe(0));
});

describe.each(['3', '4'] as const)('the magnet of a folio of %s leaves', (leaves) => {
  test('meets its mate, full and empty, where shell and lining can be creased', () => {
    const { full, empty, beneath, aside } = met(cut(folio(leaves, 20, 6)));
    expect([beneath, aside]).toEqual([true, 0]);
    for (const { cap, mate } of [full, empty]) expect(cap.value).toBeCloseTo(mate.value, 6);
  });
  test('is told where it does not: across, along, or on another leaf', () => {
    const fitting = cut(folio(leaves, 20, 6));
    expect(told(fitting)).toEqual([]);
    // it forgives 3
    expect(told(moved(fitting, 2.9))).toEqual([]);
    expect(told(moved(fitting, 3.1))).toEqual(['stop closure.doesNotReach']);
    expect(told(moved(fitting, 0, -3.1))).toEqual(['stop closure.doesNotReach']);
    expect(told(moved(fitting, 17))).toEqual(['stop hardware.covered']);
  });
});

describe('with a stiffener in its shell, that is rolled round 15 at most', () => {
  const LAWN = 0.16;
  /** By hand, from what lies between and how wide its spine is drawn. */
  const byHand = (design: DesignDocument, load: 'full' | 'empty') => {
    const [meeting] = solveDesign(design).meetings;
    const high = meeting!.between.over[load].value + LAWN;
    const ends = 2 * 15 * Math.sin(solveDesign(design).body.sizes.spine1!.value / 30);
    return ends > high ? Math.sqrt(ends ** 2 - high ** 2) : 0;
  };
  const slides = (design: DesignDocument, load: 'full' | 'empty') => {
    const { upright, ...at } = met(cut(design));
    return at[load].cap.value - upright.cap.value;
  };
  test('a spine that goes round something thick stands upright, and slides past the fold when that is taken out', () => {
    const thick = folio('3', 40, 2, true);
    expect([slides(thick, 'full'), byHand(thick, 'full')]).toEqual([0, 0]);
    expect(slides(thick, 'empty')).toBeCloseTo(byHand(thick, 'empty'), 6);
    expect(slides(thick, 'empty')).toBeGreaterThan(15);
    expect(told(cut(thick))).toEqual(['stop closure.drift']);
  });
  test('one that is too narrow to be bent leans full and empty: its mate is not where it is drawn', () => {
    const thin = folio('3', 0.5, 0.5, true);
    for (const load of ['full', 'empty'] as const) {
      expect(slides(thin, load)).toBeCloseTo(byHand(thin, load), 6);
      expect(slides(thin, load)).toBeGreaterThan(3);
    }
    expect(told(cut(thin))).toEqual(['watch closure.drift']);
  });
});
