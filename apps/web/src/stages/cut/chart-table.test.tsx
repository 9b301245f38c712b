/** @jest-environment jsdom */
import { beforeEach, expect, jest, test } from '@jest/globals';
import { setAllowance, setRuler, solveDesign, type DesignDocument } from '@zindle/core';
import { demoDesigns } from '@zindle/core/demo';
import { act, screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useDesign } from '../../store/design-context.ts';
import { showIn } from '../../testing/page.tsx';
import { ChartTable } from './chart-table.tsx';

const sleeve = demoDesigns.find(({ id }) => id === 'caliper-sleeve')!;
const choose = jest.fn<(id: string) => void>();

function Chart() {
  const document = useDesign((state) => state.document);
  return <ChartTable document={document} solution={solveDesign(document)} chosen={undefined} onChoose={choose} />;
}
const show = (document: DesignDocument) => showIn(document, <Chart />);
const sizes = () =>
  screen.getAllByRole('button', { name: /: explain$/ }).map((button) => Number.parseFloat(button.textContent ?? ''));

beforeEach(() => {
  localStorage.clear();
  choose.mockClear();
});

test('each piece stands beneath its cloth, with how many and how large', () => {
  show(sleeve);
  const rows = screen.getAllByRole('row').map(({ textContent }) => textContent);
  // docs/worked/caliper-sleeve.md
  expect(rows.some((row) => /Shell.*×1.*119/.test(row ?? ''))).toBe(true);
  expect(screen.getByText(/0 of \d+ cut/)).toBeVisible();
});

test('what is cut is ticked, and stays so', async () => {
  show(sleeve);
  const [first] = screen.getAllByRole('checkbox');
  await userEvent.click(first!);
  expect(first).toBeChecked();
  expect(screen.getByText(/1 of \d+ cut/)).toBeVisible();
});

test('a press on its name takes a piece in hand, one on its size opens the sum', async () => {
  const store = show(sleeve);
  await userEvent.click(screen.getAllByRole('button', { name: 'Shell' })[0]!);
  expect(choose.mock.calls).toEqual([['body/shell']]);
  await userEvent.click(screen.getAllByRole('button', { name: /^Shell, .*: explain$/ })[0]!);
  expect(store.getState().explained?.path).toBe('pieces/body/shell/cutWidth');
});

test('by a ruler all of them lie on it, and the page says what that adds', () => {
  show(setRuler('5mm').apply(sleeve));
  // all but the lining, which is drawn in towards its mouth: 119 x 584, from the pattern
  expect(sizes().filter((size) => size % 5 !== 0)).toEqual([119, 584]);
  expect(sizes().length).toBeGreaterThan(4);
  expect(screen.getByText(/what is straight on a ruler read to 5 mm: what that adds is ease/)).toBeVisible();
});

test('the hand is told to mind the blade', () => {
  show(sleeve);
  expect(within(screen.getByRole('region', { name: 'Cutting chart' })).getByText(/close the blade/)).toBeVisible();
});

test('a piece that was cut in another size is to be measured', async () => {
  const store = show(sleeve);
  for (const box of screen.getAllByRole('checkbox')) await userEvent.click(box);
  expect(screen.queryByText('Cut before it changed: measure it.')).toBeNull();
  const shell = solveDesign(sleeve).pieces.find(({ id }) => id === 'body/shell')!;
  const edges = shell.stitch.map(({ id }) => ({ piece: shell.id, edge: id }));
  act(() => store.getState().edit(setAllowance(edges, 'all edges', 17)));
  // the shell alone is wider
  expect(screen.getAllByText('Cut before it changed: measure it.')).toHaveLength(1);
  const changed = screen.getAllByRole('checkbox').filter((box) => !(box as HTMLInputElement).checked);
  expect(changed.map((box) => box.getAttribute('aria-label'))).toEqual([expect.stringMatching(/^[A-Z] Shell is cut$/)]);
});
