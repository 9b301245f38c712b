/** @jest-environment jsdom */
import { expect, jest, test } from '@jest/globals';
import { rename } from '@zindle/core';
import { demoDesigns } from '@zindle/core/demo';
import { act, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useDesign } from '../store/design-context.ts';
import { showIn } from '../testing/page.tsx';
import { PartOfDesign } from './part-of-design.tsx';

function Fragile() {
  const name = useDesign(({ document }) => document.name);
  if (name === 'Fatal') throw new Error('no such edge');
  return <p>drawn: {name}</p>;
}

test('a panel that fails names the design and the reason; undo brings it back, the others never went', async () => {
  const told = jest.spyOn(console, 'error').mockImplementation(() => undefined);
  const store = showIn(
    demoDesigns[0]!,
    <>
      <PartOfDesign part="section">
        <Fragile />
      </PartOfDesign>
      <p>the other panel</p>
    </>,
  );
  expect(screen.getByText(/^drawn: /)).toBeVisible();
  act(() => store.getState().edit(rename('Fatal')));
  expect(screen.getByRole('alert')).toHaveTextContent('The section of “Fatal” cannot be shown.');
  expect(screen.getByRole('alert')).toHaveTextContent('no such edge');
  expect(screen.getByText('the other panel')).toBeVisible();
  expect(screen.getByText('Save it as JSON')).toBeVisible();
  expect(screen.getByText('Into the bin')).toBeVisible();
  await userEvent.click(screen.getByText('Undo the last step'));
  expect(screen.queryByRole('alert')).toBeNull();
  expect(screen.getByText(`drawn: ${demoDesigns[0]!.name}`)).toBeVisible();
  told.mockRestore();
});
