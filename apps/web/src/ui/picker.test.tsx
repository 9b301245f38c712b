/** @jest-environment jsdom */
import { expect, jest, test } from '@jest/globals';
import { render, screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import '../testing/page.tsx';
import { Picker } from './picker.tsx';

const options = [
  { id: 'linen', title: 'Linen', note: '0.4 mm', tint: '#d8cfb8' },
  { id: 'felt', title: 'Wool felt', note: '2 mm' },
  { id: 'canvas', title: 'Canvas' },
];
const onPick = jest.fn<(id: string) => void>();
const show = (value = 'linen') => {
  onPick.mockClear();
  render(<Picker label="Lining" value={value} options={options} onPick={onPick} />);
  return userEvent.setup();
};

test('one of many is picked by mouse, each with its note, and the chosen one is told', async () => {
  const user = show();
  await user.click(screen.getByRole('button', { name: 'Lining: Linen' }));
  const rows = screen.getAllByRole('option');
  expect(rows.map((row) => row.textContent)).toEqual(['Linen0.4 mm', 'Wool felt2 mm', 'Canvas']);
  expect(within(rows[0]!).getByLabelText('chosen')).toBeInTheDocument();
  expect(within(rows[1]!).queryByLabelText('chosen')).toBeNull();
  await user.click(rows[1]!);
  expect(onPick.mock.calls).toEqual([['felt']]);
  expect(screen.queryByRole('option')).toBeNull();
});

test('Escape leaves it as it was', async () => {
  const user = show();
  await user.click(screen.getByRole('button'));
  await user.keyboard('{ArrowDown}{Escape}');
  expect(screen.queryByRole('option')).toBeNull();
  expect(onPick).not.toHaveBeenCalled();
});

test('what is not on the shelf any more is said to be so', () => {
  show('oilcloth');
  expect(screen.getByRole('button', { name: 'Lining: oilcloth' })).toHaveTextContent('oilcloth (not on the shelf)');
});
