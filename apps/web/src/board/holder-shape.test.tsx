/** @jest-environment jsdom */
import { describe, expect, test } from '@jest/globals';
import { render } from '@testing-library/react';
import { boardsOf, solveDesign, standardShelves, type DesignDocument, type Params } from '@zindle/core';
import { demoDesigns } from '@zindle/core/demo';
import { tintsOf } from '../derivations/tints.ts';
import { allShown } from './drawing-kit.ts';
import type { Frame } from './frame.ts';
import { SideDrawing } from './side-drawing.tsx';

const receipts = demoDesigns.find(({ id }) => id === 'receipts-accordion')!;
const frame: Frame = { scale: 1, x: (mm) => mm, y: (mm) => -mm };

/** The inside of the back, with a pocket of a kind in it. */
function backOf(kind: string, params: Params = {}) {
  const design: DesignDocument = {
    ...receipts,
    holders: receipts.holders.map((holder) =>
      holder.id === 'D' ? { ...holder, kind, params: { ...holder.params, ...params } } : holder,
    ),
  };
  const board = boardsOf(design, solveDesign(design, standardShelves)).find(({ id }) => id === 'back-wall')!;
  const { container, queryByLabelText } = render(
    <svg>
      <SideDrawing board={board} frame={frame} tints={tintsOf(design)} show={allShown} />
    </svg>,
  );
  return { board, container, queryByLabelText };
}

const size = (of: Element, name: string): number => Number(of.getAttribute(name));

test.each([
  ['zip-pocket', 'window with a zipper', 1],
  ['set-in-pocket', 'window', 0],
])('%s hangs behind the face: its window is seen, and the pocket only as a line', (kind, label, zippers) => {
  const { board, queryByLabelText } = backOf(kind);
  const drawn = queryByLabelText(label)!;
  const [pocket, window] = [...drawn.querySelectorAll<Element>('rect')] as [Element, Element];
  // the window of 10 lies on the pocket, as wide as the opening
  expect(size(window, 'height')).toBeCloseTo(10, 6);
  expect(size(window, 'y') + 10).toBeCloseTo(size(pocket, 'y'), 6);
  expect(size(window, 'width')).toBeCloseTo(149, 6);
  expect(size(window, 'x') + size(window, 'width') / 2).toBeCloseTo(board.width / 2, 6);
  // the cloth of the face goes on over the pocket
  expect(pocket.getAttribute('fill')).toBe(tintsOf(receipts).cloth('lining'));
  expect(pocket.getAttribute('stroke-dasharray')).toBeTruthy();
  expect(drawn.querySelectorAll('path')).toHaveLength(zippers);
});

test('a pocket sewn on has a front of its own cloth, and no window', () => {
  const { queryByLabelText, container } = backOf('slip-pocket');
  expect(queryByLabelText(/window/)).toBeNull();
  const fills = [...container.querySelectorAll('rect')].map((each) => each.getAttribute('fill'));
  expect(fills).toContain(tintsOf(receipts).cloth('pocket'));
});

test('what lies behind a window is named on the face', () => {
  const { container } = backOf('zip-pocket');
  const name = [...container.querySelectorAll('text')].find(({ textContent }) =>
    textContent?.includes('Landing permit'),
  )!;
  const pocket = container.querySelector('[aria-label="window with a zipper"] rect')!;
  expect(size(name, 'y')).toBeGreaterThan(size(pocket, 'y'));
});

describe('a zipper along the top of a patch', () => {
  const style = { style: 'applied', front: 'mesh' };
  const drawn = (mouth: string) => {
    const { container, queryByLabelText } = backOf('zip-pocket', { ...style, mouth });
    const zipper = queryByLabelText('zipper')!;
    const front = zipper.parentElement!.querySelector('rect')!;
    return { container, front, strip: zipper.querySelector('rect')!, teeth: zipper.querySelector('path')! };
  };
  test('lies with its strip on the front, which is seen through', () => {
    const { front, strip, teeth } = drawn('up');
    expect(Number(front.getAttribute('fill-opacity'))).toBeLessThan(1);
    expect(front.getAttribute('fill')).toBe(tintsOf(receipts).cloth('mesh'));
    // a zipper of 10 and a strip of 12
    expect(size(strip, 'height')).toBeCloseTo(22, 6);
    expect(size(strip, 'y') + 22).toBeCloseTo(size(front, 'y'), 6);
    expect(size(strip, 'width')).toBeCloseTo(size(front, 'width'), 6);
    expect(teeth.getAttribute('d')).toMatch(/^M[-\d.]+ [-\d.]+h/);
  });
  test.each(['left', 'right'])('lies beside the front with its mouth to the %s', (way) => {
    const { front, strip, teeth } = drawn(way);
    const [x, right] = [size(front, 'x'), size(front, 'x') + size(front, 'width')];
    expect(size(strip, 'width')).toBeCloseTo(22, 6);
    expect(size(strip, 'height')).toBeCloseTo(size(front, 'height'), 6);
    expect(way === 'left' ? size(strip, 'x') + 22 : size(strip, 'x')).toBeCloseTo(way === 'left' ? x : right, 6);
    // the teeth are 5 from the front, half of what is seen of the zipper
    const [, at] = /^M([-\d.]+) [-\d.]+v/.exec(teeth.getAttribute('d')!)!;
    expect(Number(at)).toBeCloseTo(way === 'left' ? x - 5 : right + 5, 6);
  });
});
