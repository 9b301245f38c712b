/** @jest-environment jsdom */
import { expect, test } from '@jest/globals';
import { boardsOf, solveDesign, type DesignDocument } from '@zindle/core';
import { demoDesigns } from '@zindle/core/demo';
import { screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useDesign } from '../../../store/design-context.ts';
import { showIn } from '../../../testing/page.tsx';
import { SideTabs } from './side-tabs.tsx';

const field = demoDesigns.find(({ id }) => id === 'field-organizer')!;
const both: DesignDocument = { ...field, body: { kind: 'organizer', params: { outer: 'both' } } };

function Tabs() {
  const document = useDesign((state) => state.document);
  const boards = boardsOf(document, solveDesign(document));
  const side = useDesign((state) => state.side);
  return <SideTabs boards={boards} shown={side ?? boards[0]!.id} />;
}

test('every side of the piece is offered, those of a rear pocket too, then the form and the pieces', () => {
  showIn(both, <Tabs />);
  const names = screen.getAllByRole('radio').map(({ textContent }) => textContent);
  expect(names).toEqual(expect.arrayContaining(['Back of the rear pocket', 'Inside of the rear flap']));
  expect(names.slice(-2)).toEqual(['Finished', 'Pieces']);
  // two sides of one name could not be told apart
  expect(new Set(names).size).toBe(names.length);
});

test('a holder that is in hand is let go of on a side where it does not lie, and kept on its own', async () => {
  const store = showIn(both, <Tabs />);
  store.getState().select('holders/E');
  await userEvent.click(screen.getByRole('radio', { name: 'Inside of its flap' }));
  expect(store.getState().selection).toBe('holders/E');
  await userEvent.click(screen.getByRole('radio', { name: 'Back of the rear pocket' }));
  expect(store.getState().selection).toBe('body');
  await userEvent.click(screen.getByRole('radio', { name: 'Pieces' }));
  expect(screen.getByRole('radio', { name: 'Pieces' })).toBeChecked();
});
