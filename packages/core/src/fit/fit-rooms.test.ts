import { describe, expect, test } from '@jest/globals';
import type { DesignDocument } from '../document/design-document.ts';
import type { Piece } from '../pieces/piece.ts';
import { thing, trial, type Trial } from '../testing/trial.ts';
import { solveDesign } from '../solve/solve-design.ts';
import type { Solution } from '../solve/solution.ts';
import { refitted } from '../testing/fit-compared.ts';

const designOf = (more: Partial<Trial>): DesignDocument =>
  trial({ body: 'sleeve', face: 'inside', kind: 'cavity', item: thing(200, 100, 60), ...more });
/** What is left in a direction, mm. */
const left = (design: DesignDocument, solution: Solution, direction: string, item = design.ownItems[0]!): number =>
  Math.min(
    ...refitted({ ...design, ownItems: [item] }, solution)
      .filter((each) => each.direction === direction)
      .map(({ clearance }) => clearance.value),
  );
/** All pieces with what lies right of a line moved to the right, as if they had been cut wider. */
const wider = (solution: Solution, by: number, only: (piece: Piece) => boolean): Solution => ({
  ...solution,
  pieces: solution.pieces.map((piece) => {
    if (!only(piece)) return piece;
    const xs = piece.stitch.flatMap(({ from, to }) => [from[0], to[0]]);
    const middle = (Math.min(...xs) + Math.max(...xs)) / 2;
    const moved = ([x, y]: [number, number]): [number, number] => [x > middle ? x + by : x, y];
    const stretched = <T extends { from: [number, number]; to: [number, number] }>(line: T): T => ({
      ...line,
      from: moved(line.from),
      to: moved(line.to),
    });
    return {
      ...piece,
      stitch: piece.stitch.map(stretched),
      folds: piece.folds.map(stretched),
      lines: piece.lines.map(stretched),
    };
  }),
});

describe('a flat sleeve, by hand', () => {
  // waxed canvas or whatever the new design has: told by what is left, the cloth cancels out
  const design = designOf({});
  const solution = solveDesign(design);

  test('a box that is 1 wider has 1 less, one that is 1 thicker has 1 less across and half of 1 less in depth', () => {
    const [across, deep] = [left(design, solution, 'across'), left(design, solution, 'deep')];
    expect(left(design, solution, 'across', thing(200, 101, 60))).toBeCloseTo(across - 1, 6);
    expect(left(design, solution, 'across', thing(200, 100, 61))).toBeCloseTo(across - 1, 6);
    expect(left(design, solution, 'deep', thing(200, 100, 61))).toBeCloseTo(deep - 0.5, 6);
    expect(left(design, solution, 'deep', thing(201, 100, 60))).toBeCloseTo(deep - 1, 6);
  });
  test('panels cut 1 narrower have 1 less', () => {
    const narrower = wider(solution, -1, ({ id }) => id.startsWith('body/'));
    expect(left(design, narrower, 'across')).toBeCloseTo(left(design, solution, 'across') - 1, 6);
  });
  test('round edges save (4 - π) times their radius of half the girth', () => {
    const saved = left(design, solution, 'across', thing(200, 100, 60, { edgeRadius: 5 }));
    expect(saved - left(design, solution, 'across')).toBeCloseTo((4 - Math.PI) * 5, 6);
  });
  test('a tape beyond both sides is not believed, one within them is', () => {
    const taped = (girth: number) => left(design, solution, 'across', thing(200, 100, 60, { girth }));
    expect(taped(320.5)).toBeCloseTo(left(design, solution, 'across'), 6);
    expect(taped(300)).toBeCloseTo(left(design, solution, 'across') + 10, 6);
  });
  test('a section that was drawn is as large as the sides say', () => {
    const section: [number, number][] = [
      [0, 0],
      [10, 0],
      [10, 6],
      [0, 6],
    ];
    const drawn = left(design, solution, 'across', thing(200, 100, 60, { section }));
    expect(drawn).toBeCloseTo(left(design, solution, 'across'), 6);
  });
});

describe('on a boxed base', () => {
  const design = designOf({ params: { form: 'boxed' } });
  const solution = solveDesign(design);

  test('front to back each millimetre counts, and side to side', () => {
    const [across, thick] = [left(design, solution, 'across'), left(design, solution, 'thick')];
    expect(left(design, solution, 'thick', thing(200, 100, 62))).toBeCloseTo(thick - 2, 6);
    expect(left(design, solution, 'across', thing(200, 103, 60))).toBeCloseTo(across - 3, 6);
  });
  test('what is wider than the base between its corners does not stand on it, though its girth would pass', () => {
    // half its girth is the same
    const flat = thing(200, 150, 10);
    expect(left(design, solution, 'across', flat)).toBeLessThan(-40);
    expect(left(design, solution, 'thick', flat)).toBeGreaterThan(50);
  });
});

describe('what is told', () => {
  const codes = (solution: Solution) => solution.findings.map(({ code }) => code);

  test('what goes in with all its ease is not told', () => {
    const found = codes(solveDesign(designOf({})));
    expect(found).not.toContain('clearance.tooTight');
    expect(found).not.toContain('clearance.lessThanEase');
  });
  test('a thing that is meant to stand out of a mouth that is closed above it is a stop', () => {
    const out = solveDesign(designOf({ closure: 'snap-row', holderParams: { visible: 60 } }));
    expect(out.findings.find(({ code }) => code === 'clearance.tooTight')).toMatchObject({
      severity: 'stop',
      about: ['holders/A', 'contents/c1'],
    });
  });
  test('a zipper along the mouth lets the thing through', () => {
    // a phone: half its girth is 80.5
    const design = designOf({ item: thing(150, 72, 8.5), closure: 'zip-top' });
    const solution = solveDesign(design);
    expect(left(design, solution, 'through')).toBeGreaterThanOrEqual(0);
    expect(left(design, solution, 'through', thing(150, 200, 8.5))).toBeLessThan(0);
  });
  test('a note pouch stands between the corners of its bottom', () => {
    const design = designOf({
      face: 'divider',
      kind: 'divider-pouch',
      params: { form: 'boxed' },
      item: thing(105, 148, 14),
    });
    const solution = solveDesign(design);
    expect(left(design, solution, 'across')).toBeGreaterThanOrEqual(3 - 1e-6);
    expect(left(design, solution, 'thick')).toBeGreaterThanOrEqual(3 - 1e-6);
  });
});
