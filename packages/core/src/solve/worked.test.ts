import { readFileSync } from 'node:fs';
import { describe, expect, test } from '@jest/globals';
import { demoDesigns } from '../demo/index.ts';
import { flatAccordion } from '../testing/flat-accordion.ts';
import { solveDesign } from './solve-design.ts';

/** The last table of a page: what was worked out by hand. */
function byHand(file: string) {
  const page = readFileSync(new URL(`../../../../docs/worked/${file}.md`, import.meta.url), 'utf8');
  return page
    .slice(page.indexOf('Cut sizes'))
    .split('\n')
    .filter((row) => /^\| [A-Z]/.test(row))
    .map((row) => row.split('|').map((cell) => cell.trim()))
    .map(([, name, width, height]) => ({ name: name!, width: Number(width), height: Number(height) }));
}

describe.each([
  { file: 'bifold', design: 'permit-bifold', thick: 10.69 },
  { file: 'junior-bifold', design: 'junior-bifold', thick: 8.26 },
  { file: 'ferry-pocket', design: 'ferry-pocket', thick: 6.68 },
  { file: 'logger-pocket', design: 'logger-pocket', thick: 19.68 },
  { file: 'logger-pouch', design: 'logger-pouch', thick: 2 * 3.42 + 11 + 0.76 + 0.54 },
  { file: 'tally-trifold', design: 'tally-trifold', thick: 17.8 + 3 * 0.22 },
  { file: 'survey-folio', design: 'survey-folio', thick: 15.19 },
  { file: 'crossing-folio', design: 'crossing-folio', thick: 3 * 1.09 + 8.04 + 3.34 },
  { file: 'tide-jacket', design: 'tide-jacket', thick: 5.44 },
  { file: 'caliper-sleeve', design: 'caliper-sleeve', thick: 2 * 3.42 + 16 },
  { file: 'twin-flask-bag', design: 'twin-flask-bag', thick: 2 * 3.35 + 74 },
  { file: 'net-sack', design: 'net-sack', thick: 70.24 },
  { file: 'boat-tote', design: 'boat-tote', thick: 115.48 + 4.9 },
  { file: 'reel-bag', design: 'reel-bag', thick: 88 + 1.78 },
  { file: 'slate-carrier', design: 'slate-carrier', thick: 25.24 },
  { file: 'lens-pouch', design: 'lens-pouch', thick: 30 + 3.02 },
  { file: 'logger-bag', design: 'logger-bag', thick: 43 + 3.02 },
  { file: 'refractometer-case', design: 'refractometer-case', thick: 67.5 + 0.62 },
  { file: 'receipts-accordion', design: 'receipts-accordion', thick: 12.78 },
  { file: 'receipts-file', design: 'receipts-file', thick: 11.08 },
  { file: 'double-tube', design: 'double-tube', thick: 21.04 + 1.78 + 0.76 + 0.54 },
  { file: 'landing-organizer', design: 'landing-organizer', thick: 21.44 + 1.96 + 5 },
  { file: 'field-organizer', design: 'field-organizer', thick: 97 + 3.02 + 3.02 + 29 + 1.51 },
  { file: 'sieve-bag', design: 'sieve-bag', thick: 205 + 8 + 2.04 },
])('$design worked by hand', ({ file, design, thick }) => {
  const solution = solveDesign([...demoDesigns, flatAccordion].find(({ id }) => id === design)!);
  const rows = byHand(file);

  test('has a row for each piece', () => {
    expect(rows.length).toBeGreaterThan(1);
    expect(rows.map(({ name }) => name).sort()).toEqual(solution.pieces.map(({ name }) => name).sort());
  });
  test.each(rows)('$name is cut $width x $height', ({ name, width, height }) => {
    const piece = solution.pieces.find((each) => each.name === name)!;
    // by hand to a hundredth
    expect(Math.abs(piece.cutWidth.value - width)).toBeLessThan(0.006);
    expect(Math.abs(piece.cutHeight.value - height)).toBeLessThan(0.006);
  });
  test('is as thick, closed and full', () => expect(solution.closedThickness.value).toBeCloseTo(thick, 9));
});
