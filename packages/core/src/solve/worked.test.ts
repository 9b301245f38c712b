import { readFileSync } from 'node:fs';
import { describe, expect, test } from '@jest/globals';
import { demoDesigns } from '../demo/index.ts';
import { solveDesign } from './solve-design.ts';

/** The last table of a page: what was worked out by hand. */
function byHand(file: string) {
  const page = readFileSync(new URL(`../../../../docs/worked/${file}.md`, import.meta.url), 'utf8');
  return page
    .slice(page.indexOf('## 5'))
    .split('\n')
    .filter((row) => /^\| [A-Z]/.test(row))
    .map((row) => row.split('|').map((cell) => cell.trim()))
    .map(([, name, width, height]) => ({ name: name!, width: Number(width), height: Number(height) }));
}

describe.each([
  { file: 'bifold', design: 'permit-bifold', thick: 10.69 },
  { file: 'caliper-sleeve', design: 'caliper-sleeve', thick: 2 * 3.42 + 16 },
  { file: 'twin-flask-bag', design: 'twin-flask-bag', thick: 2 * 3.35 + 74 },
])('$design worked by hand', ({ file, design, thick }) => {
  const solution = solveDesign(demoDesigns.find(({ id }) => id === design)!);
  const rows = byHand(file);

  test('has a row for each piece', () => {
    expect(rows.length).toBeGreaterThan(2);
    expect(rows.map(({ name }) => name).sort()).toEqual(solution.pieces.map(({ name }) => name).sort());
  });
  test.each(rows)('$name is cut $width x $height', ({ name, width, height }) => {
    const piece = solution.pieces.find((each) => each.name === name)!;
    expect([piece.cutWidth.value, piece.cutHeight.value]).toEqual([
      expect.closeTo(width, 9),
      expect.closeTo(height, 9),
    ]);
  });
  test('is as thick, closed and full', () => expect(solution.closedThickness.value).toBeCloseTo(thick, 9));
});
