/** @jest-environment jsdom */
import { expect, jest, test } from '@jest/globals';
import { solveDesign, type DesignDocument } from '@zindle/core';
import { demoDesigns } from '@zindle/core/demo';
import { fireEvent, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { showIn } from '../../testing/page.tsx';
import { EdgesLayer } from './edges-layer.tsx';

/** The demo design without what is decided for single pieces. */
function asRuled({ pieces, ...design }: DesignDocument): DesignDocument {
  void pieces;
  return design;
}
const bifold = asRuled(demoDesigns.find(({ id }) => id === 'junior-bifold')!);
const shell = solveDesign(bifold).pieces.find(({ id }) => id === 'body/shell')!;
const SCALE = 2;

function show(edge?: string) {
  const [onEdge, onAllowance] = [jest.fn<(edge: string) => void>(), jest.fn<(mm: number, gesture?: string) => void>()];
  showIn(
    bifold,
    <svg>
      <EdgesLayer piece={shell} scale={SCALE} edge={edge} onEdge={onEdge} onAllowance={onAllowance} />
    </svg>,
  );
  return { onEdge, onAllowance };
}
const grip = () => screen.getByRole('slider');
// jsdom knows no capture of the pointer, and its pointer events no places
Object.assign(Element.prototype, { setPointerCapture() {}, releasePointerCapture() {} });
const pull = (type: string, x: number, y: number) =>
  fireEvent(grip(), new MouseEvent(type, { bubbles: true, clientX: x, clientY: y }));

test('every edge can be pressed, and says its allowance', async () => {
  const { onEdge } = show();
  expect(screen.getAllByRole('button').map((edge) => edge.getAttribute('aria-label'))).toEqual([
    'bottom edge, allowance 6.0 mm',
    'right edge, allowance 6.0 mm',
    'top edge, allowance 6.0 mm',
    'left edge, allowance 6.0 mm',
  ]);
  await userEvent.click(screen.getByRole('button', { name: /^top edge/ }));
  expect(onEdge.mock.calls).toEqual([['top']]);
  expect(screen.queryByRole('slider')).toBeNull();
});

test.each([
  ['left', -8, 0, 6 + 4],
  ['right', 8, 0, 6 + 4],
  ['top', 0, -8, 6 + 4],
  ['bottom', 0, -8, 6 - 4],
  ['left', 8, 40, 6 - 4],
])('the %s edge pulled by %d, %d px outwards or inwards', (edge, x, y, mm) => {
  const { onAllowance } = show(edge);
  pull('pointerdown', 100, 100);
  pull('pointermove', 100 + x, 100 + y);
  expect(onAllowance).not.toHaveBeenCalled();
  expect(grip()).toHaveAttribute('aria-valuetext', `${mm.toFixed(1)} mm`);
  pull('pointerup', 100 + x, 100 + y);
  expect(onAllowance.mock.calls).toEqual([[mm]]);
});

test('never further than an allowance may be, and let go where it was nothing changes', () => {
  const { onAllowance } = show('left');
  pull('pointerdown', 0, 0);
  pull('pointermove', -4000, 0);
  expect(grip()).toHaveAttribute('aria-valuenow', '60');
  pull('pointermove', 4000, 0);
  expect(grip()).toHaveAttribute('aria-valuenow', '0');
  pull('pointerup', 4000, 0);
  expect(onAllowance.mock.calls).toEqual([[0]]);
  pull('pointerdown', 0, 0);
  pull('pointerup', 0, 0);
  expect(onAllowance).toHaveBeenCalledTimes(1);
});

test('arrow keys do the same by steps of the grid, held keys in one step of the history', async () => {
  const { onAllowance } = show('left');
  grip().focus();
  await userEvent.keyboard('{ArrowUp}{ArrowLeft}{Shift>}{ArrowRight}{/Shift}x');
  expect(onAllowance.mock.calls.map(([mm]) => mm)).toEqual([6.5, 5.5, 11]);
  expect(new Set(onAllowance.mock.calls.map(([, gesture]) => gesture)).size).toBe(1);
});
