import { describe, expect, test } from '@jest/globals';
import { demoDesigns } from '../../demo/index.ts';
import { solveDesign } from '../../solve/solve-design.ts';

const tube = demoDesigns.find(({ id }) => id === 'double-tube')!;
const made = (making: string) => solveDesign({ ...tube, body: { kind: 'double-tube', params: { making } } });

describe('a double-ended case of two panels', () => {
  const [panels, fold] = [made('panels'), made('fold')];
  const widths = ({ pieces }: typeof panels, id: RegExp) =>
    pieces.filter((piece) => id.test(piece.id)).map(({ cutWidth }) => cutWidth.value);

  test('is as wide and as long as one folded along a side', () => {
    expect(Object.values(panels.finished).map(({ value }) => value)).toEqual(
      Object.values(fold.finished).map(({ value }) => value),
    );
  });
  test('takes a seam more: both sides are sewn', () => {
    const sides = ({ seams }: typeof panels) => seams.filter(({ id }) => /^body\/shell\/(side|left|right)$/.test(id));
    expect(sides(panels)).toHaveLength(2);
    expect(sides(fold)).toHaveLength(1);
    // an allowance of 6 at each of its four edges instead of two
    const [one] = widths(fold, /^body\/shell$/);
    expect(widths(panels, /^body\/shell-(front|back)$/)).toEqual([one! / 2 + 6, one! / 2 + 6]);
  });
  test('its zippers go from side to side on the front and on the back', () => {
    const rims = panels.seams.filter(({ id }) => /^closure\/(zipper|tab)/.test(id) || /#(front|back)/.test(id));
    const on = new Set(rims.map(({ b }) => b.piece).filter((piece) => piece.startsWith('body/shell')));
    expect([...on].sort()).toEqual(['body/shell-back', 'body/shell-front']);
  });
  test('each thing clears as much as in the folded one', () => {
    const clear = ({ holders }: typeof panels) =>
      holders.flatMap(({ clearances }) =>
        clearances.map(({ line, direction, clearance }) => [line, direction, Number(clearance.value.toFixed(6))]),
      );
    expect(clear(panels)).toEqual(clear(fold));
  });
});
