import { readFileSync } from 'node:fs';
import { describe, expect, test } from '@jest/globals';
import { demoDesigns } from '../demo/index.ts';
import { solveDesign } from './solve-design.ts';

const page = readFileSync(new URL('../../../../docs/worked/bifold.md', import.meta.url), 'utf8');
const byHand = page
  .slice(page.indexOf('## 5'))
  .split('\n')
  .filter((row) => /^\| [A-Z]/.test(row))
  .map((row) => row.split('|').map((cell) => cell.trim()))
  .map(([, name, width, height]) => ({ name: name!, width: Number(width), height: Number(height) }));

describe('the permit bifold worked by hand', () => {
  const solution = solveDesign(demoDesigns[0]!);

  test('has a row for each piece', () => {
    expect(byHand.map(({ name }) => name).sort()).toEqual(solution.pieces.map(({ name }) => name).sort());
  });
  test.each(byHand)('$name is cut $width x $height', ({ name, width, height }) => {
    const piece = solution.pieces.find((each) => each.name === name)!;
    expect([piece.cutWidth.value, piece.cutHeight.value]).toEqual([
      expect.closeTo(width, 9),
      expect.closeTo(height, 9),
    ]);
  });
  test('is 10.69 thick, closed and full', () => expect(solution.closedThickness.value).toBeCloseTo(10.69, 9));
});
