/** @jest-environment jsdom */
import { describe, expect, jest, test } from '@jest/globals';
import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import '../testing/page.tsx';
import { LengthField } from './length-field.tsx';
import { NumberField } from './number-field.tsx';
import { UnitContext } from './use-length.ts';

const onLength = jest.fn<(mm: number) => void>();
const field = () => screen.getByLabelText<HTMLInputElement>('Width');
function show(value = 88, unit: 'mm' | 'in' = 'mm') {
  onLength.mockClear();
  render(
    <UnitContext value={unit}>
      <LengthField label="Width" value={value} least={1} most={200} onLength={onLength} />
      <button type="button">Elsewhere</button>
    </UnitContext>,
  );
  return userEvent.setup();
}

describe('a length', () => {
  test('is taken when the field is left, once, however fast it is typed', async () => {
    const user = show();
    await user.type(field(), '130', { initialSelectionStart: 0, initialSelectionEnd: 9 });
    expect(onLength).not.toHaveBeenCalled();
    await user.click(screen.getByText('Elsewhere'));
    expect(onLength.mock.calls).toEqual([[130]]);
  });
  test('is taken with Enter, as she writes it', async () => {
    const user = show(88, 'in');
    await user.clear(field());
    await user.type(field(), '3 3/4{Enter}');
    expect(onLength.mock.calls).toEqual([[95.25]]);
  });
  test('that is refused stays in its field, with the reason; nothing is taken', async () => {
    const user = show();
    await user.clear(field());
    await user.type(field(), '900{Enter}');
    expect(field()).toHaveValue('900');
    expect(field()).toHaveAccessibleDescription(/200/);
    await user.click(screen.getByText('Elsewhere'));
    expect(field()).toHaveValue('900');
    expect(field()).toBeInvalid();
    expect(onLength).not.toHaveBeenCalled();
    await user.type(field(), '{Escape}');
    expect(field()).toHaveValue('88.0');
    expect(field()).toBeValid();
  });
  test('that was only looked at is not written anew from its rounded display', async () => {
    const user = show(88.1734);
    await user.click(field());
    await user.click(screen.getByText('Elsewhere'));
    await user.type(field(), '{Enter}');
    expect(onLength).not.toHaveBeenCalled();
    expect(field()).toHaveValue('88.2');
  });
});

test('a number waits too, and says its range', async () => {
  const onNumber = jest.fn<(value: number) => void>();
  render(<NumberField label="How many" value={3} least={1} most={60} whole onNumber={onNumber} />);
  const user = userEvent.setup();
  const many = screen.getByLabelText('How many');
  await user.clear(many);
  await user.type(many, '2.5{Enter}');
  expect(many).toHaveAccessibleDescription('Use a whole number from 1 to 60.');
  expect(onNumber).not.toHaveBeenCalled();
  await user.clear(many);
  await user.type(many, '12');
  await user.tab();
  expect(onNumber.mock.calls).toEqual([[12]]);
});
