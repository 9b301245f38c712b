import { describe, expect, test } from '@jest/globals';
import { demoDesigns } from '../../demo/index.ts';
import { wordingText, type Wording } from '../../errors/wording.ts';
import { boundsOf } from '../../geometry/outline.ts';
import { solveDesign } from '../../solve/solve-design.ts';
import type { Solution } from '../../solve/solution.ts';
import type { Operation } from './tell-operations.ts';

const solved = new Map(demoDesigns.map((design) => [design.id, solveDesign(design)]));
const told = (sentence: Wording): string => wordingText(sentence, (mm) => `${Math.round(mm * 100) / 100} mm`);
const sentences = (solution: Solution, id: string): string[] =>
  solution.operations.find((each) => each.id === id)!.actions.map(({ sentence }) => told(sentence));

describe.each([...solved])('%s', (_, { operations, pieces }) => {
  const asData = operations.filter(({ actions }) => actions.length > 0);
  const all = asData.flatMap(({ actions }) => actions.map(({ sentence }) => told(sentence)));

  test('what is told as data has a short title, and sentences without holes', () => {
    expect(asData.length).toBeGreaterThan(0);
    for (const { title, id } of asData) expect([id, title!.split(' ').length <= 9]).toEqual([id, true]);
    for (const sentence of all) {
      expect(sentence).toMatch(/^[A-Z].*[.]$/);
      expect(sentence).not.toMatch(/undefined|NaN|object|\/|#| {2}|\.\./);
    }
  });

  test('its words are its sentences, and what is in hand are the pieces of its actions', () => {
    const letters = new Map(pieces.map(({ id, letter }) => [id, letter]));
    for (const { text, actions, uses, warnings } of asData) {
      const said = [...warnings, ...actions.map(({ sentence }) => sentence)];
      expect(told(text)).toBe(said.map(told).join(' '));
      const named = [...told(text).matchAll(/\(([A-Z]+)\)/g)].map(([, letter]) => letter);
      const inHand = uses.map((piece) => letters.get(piece));
      for (const letter of named) expect(inHand).toContain(letter);
    }
  });
});

/** The distance from a stitch line to the cut beyond it at a side of a rectangle, measured on the outlines. mm */
function measured({ pieces }: Solution, id: string, side: 'bottom' | 'top' | 'left' | 'right'): number {
  const { stitch, cut } = pieces.find((piece) => piece.id === id)!;
  const [inner, outer] = [boundsOf(stitch), boundsOf(cut)];
  if (side === 'bottom') return inner.bottom - outer.bottom;
  if (side === 'left') return inner.left - outer.left;
  if (side === 'top') return outer.bottom + outer.height - inner.bottom - inner.height;
  return outer.left + outer.width - inner.left - inner.width;
}

describe('the junior bifold, as a maker would say it', () => {
  const solution = solved.get('junior-bifold')!;

  test('the strip is pleated, lined, and sewn on with its inner edge left open', () => {
    expect(sentences(solution, 'holders/A/prepare')).toEqual([
      'Press pleated card strip A (D) along its numbered folds, in their order, into 2 pockets: 75.5 mm high between its stitch lines.',
      'Topstitch pleated card strip A (D) along folds 2 and 4, 2 mm from the edge. Stitch length 3 mm.',
    ]);
    const [join] = sentences(solution, 'holders/A/bag-out');
    expect(join).toBe(
      'Sew pleated card strip A (D) to card backing A (E) along the top and right edges, right sides together, 6 mm from the edge, at the right edge 3 mm. Stitch length 2.5 mm.',
    );
    expect(sentences(solution, 'holders/A/set')[0]).toContain('Leave the mouth of the room behind it open');
  });

  test('allowances that are told are those between stitch line and cut', () => {
    expect(measured(solution, 'holders/A/strip', 'top')).toBeCloseTo(6, 9);
    expect(measured(solution, 'holders/A/strip', 'right')).toBeCloseTo(3, 9);
    expect(measured(solution, 'body/shell', 'bottom')).toBeCloseTo(10, 9);
    expect(sentences(solution, 'body/join')[0]).toContain('6 mm from the edge, at the bottom edge 10 mm');
  });

  test('what the shell is longer by is the difference of both cuts, told once with its four notches', () => {
    const [join] = sentences(solution, 'body/join');
    const width = (id: string) => boundsOf(solution.pieces.find((piece) => piece.id === id)!.stitch).width;
    const longer = width('body/shell') - width('body/lining');
    expect(join).toContain(`Shell (A) is ${longer} mm longer: let that stand between A1 and A2 and between A3 and A4`);
  });

  test('the gap that is told is the one that is left, and the topstitching closes it', () => {
    const [{ from, to, edge }] = solution.pieces.find(({ id }) => id === 'body/shell')!.gaps as [
      { from: number; to: number; edge: string },
    ];
    expect(sentences(solution, 'body/join')[0]).toContain(`Leave ${to - from} mm of the ${edge} edge open`);
    expect(sentences(solution, 'body/turn').join(' ')).toContain(`through the gap in the ${edge} edge`);
    expect(sentences(solution, 'body/topstitch')[0]).toContain('closes the gap');
  });

  test('where each half of the snap lies is told from the edge that is named', () => {
    const [cap, socket] = sentences(solution, 'closure/snap');
    const of = (id: string) => solution.pieces.find((piece) => piece.id === id)!;
    const [tab, shell] = [of('closure/tab'), of('body/shell')];
    const fromEnd = boundsOf(tab.stitch).height - tab.marks.find(({ id }) => id === 'closure-cap')!.at[1];
    const fromSide = boundsOf(shell.stitch).width - shell.marks.find(({ id }) => id === 'closure-mate')!.at[0];
    expect(cap).toContain(`${Math.round(fromEnd * 100) / 100} mm from the rounded end`);
    expect(socket).toContain(`${Math.round(fromSide * 100) / 100} mm from the right edge`);
  });
});

test('pockets of single pieces are hemmed, sewn on their lines from the top, and the last one basted below', () => {
  const solution = solved.get('permit-bifold')!;
  const [hem, sewn, basted] = sentences(solution, 'holders/A/prepare');
  expect(hem).toContain('5 mm in, and again');
  // as many bottoms as there are pockets that end above the last one, in their order
  const lines = [...sewn!.matchAll(/“bottom of pocket (\d)”/g)].map(([, number]) => Number(number));
  expect(lines).toEqual([1, 2]);
  expect(basted).toContain('along the left, right and bottom edges');
});

test('how much is told as data', () => {
  const rows = [...solved].map(([id, { operations }]) => {
    const data = operations.filter(({ actions }: Operation) => actions.length > 0);
    return `  ${id} | ${data.length} of ${operations.length}`;
  });
  process.stdout.write(`operations told as data: design | of all\n${rows.join('\n')}\n`);
  const { operations } = solved.get('junior-bifold')!;
  expect(operations.every(({ actions }) => actions.length > 0)).toBe(true);
});
