/** @jest-environment jsdom */
import { describe, expect, jest, test } from '@jest/globals';
import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import '../testing/page.tsx';
import { NameField } from './name-field.tsx';
import { TextField } from './text-field.tsx';

describe('a name', () => {
  const onName = jest.fn<(name: string) => void>();
  const field = () => screen.getByLabelText<HTMLInputElement>('Name');
  const show = () => {
    onName.mockClear();
    render(<NameField label="Name" value="Reel bag" onName={onName} />);
    return userEvent.setup();
  };
  test('is taken once, without the blanks around it, when the field is left', async () => {
    const user = show();
    await user.clear(field());
    await user.type(field(), '  Étui für Sägen  ');
    expect(onName).not.toHaveBeenCalled();
    await user.tab();
    expect(onName.mock.calls).toEqual([['Étui für Sägen']]);
  });
  test('that is empty or far too long stays in its field with the reason', async () => {
    const user = show();
    await user.clear(field());
    await user.tab();
    expect(field()).toHaveAccessibleDescription('It needs a name.');
    await user.click(field());
    await user.paste('x'.repeat(500));
    await user.tab();
    expect(field()).toHaveAccessibleDescription(/^At most \d+ letters\.$/);
    expect(onName).not.toHaveBeenCalled();
    await user.type(field(), '{Escape}');
    expect(field()).toHaveValue('Reel bag');
    expect(field()).toBeValid();
  });
  test('that was only looked at changes nothing', async () => {
    const user = show();
    await user.click(field());
    await user.keyboard('{Enter}');
    expect(onName).not.toHaveBeenCalled();
  });
});

describe('words', () => {
  const refused = 'No such place.';
  const onText = jest.fn<(text: string) => string | undefined>();
  const field = () => screen.getByLabelText<HTMLInputElement>('Filed under');
  const show = () => {
    onText.mockReset();
    onText.mockImplementation((text) => (text === 'moon' ? refused : undefined));
    render(<TextField label="Filed under" value="boat" onText={onText} hint="So that it is found again" />);
    return userEvent.setup();
  };
  test('are taken with Enter', async () => {
    const user = show();
    await user.clear(field());
    await user.type(field(), 'harbour{Enter}');
    expect(onText.mock.calls).toEqual([['harbour']]);
  });
  test('that cannot be used stay, with what is wrong with them, until they are typed over or left with Escape', async () => {
    const user = show();
    await user.clear(field());
    await user.type(field(), 'moon{Enter}');
    expect(field()).toHaveValue('moon');
    expect(field()).toHaveAccessibleDescription(expect.stringContaining(refused) as unknown as string);
    expect(field()).toBeInvalid();
    await user.type(field(), 's');
    expect(field()).toBeValid();
    await user.keyboard('{Escape}');
    expect(field()).toHaveValue('boat');
  });
});
