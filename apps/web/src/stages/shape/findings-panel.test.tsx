/** @jest-environment jsdom */
import { expect, test } from '@jest/globals';
import { solveDesign, type DesignDocument } from '@zindle/core';
import { demoDesigns } from '@zindle/core/demo';
import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useDesign } from '../../store/design-context.ts';
import { showIn } from '../../testing/page.tsx';
import { FindingsPanel } from './findings-panel.tsx';

const demo = (id: string): DesignDocument => demoDesigns.find((design) => design.id === id)!;

function Told() {
  const document = useDesign((state) => state.document);
  return <FindingsPanel document={document} solution={solveDesign(document)} />;
}

test('what is in order is said in words, with how many things and seams', () => {
  showIn(demo('permit-bifold'), <Told />);
  expect(screen.getByText(/10 of 10 things go in, with their ease/)).toBeVisible();
  expect(screen.getByText(/seams walk/)).toBeVisible();
  expect(screen.queryByText(/Stop/)).toBeNull();
});

test('an advice is a button that does it, with one undo, and goes when it is done', async () => {
  const sleeve = demo('caliper-sleeve');
  const store = showIn({ ...sleeve, pins: { 'body/flatWidth': 90 } }, <Told />);
  expect(screen.getByText(/does not go in/)).toBeVisible();
  const button = await screen.findByRole('button', { name: 'Let go the pin: flat width' });
  await userEvent.click(button);
  expect(store.getState().document.pins).toEqual({});
  expect(store.getState().history.past).toHaveLength(1);
  await waitFor(() => expect(screen.queryByText(/does not go in/)).toBeNull());
  expect(screen.queryByRole('button', { name: /Let go/ })).toBeNull();
});

test('the worst is told first, and a press on it takes its holder in hand', async () => {
  const bifold = demo('permit-bifold');
  const store = showIn({ ...bifold, pins: { 'holders/A/slotWidth': 80, 'body/moon': 3 } }, <Told />);
  const rows = screen.getAllByRole('listitem').map(({ textContent }) => textContent ?? '');
  const first = (word: string) => rows.findIndex((row) => row.startsWith(word));
  expect(first('Stop')).toBe(0);
  expect(first('Watch')).toBeGreaterThan(first('Stop'));
  await userEvent.click(screen.getAllByRole('button', { name: /does not go into A/ })[0]!);
  expect(store.getState().selection).toBe('holders/A');
});

test('a leaf that holds nothing is told, and one press moves something onto it', async () => {
  const store = showIn(demo('logger-pocket'), <Told />);
  expect(screen.getByText(/right leaf, .* holds nothing/)).toBeVisible();
  await userEvent.click(await screen.findByRole('button', { name: /^Move slip pocket B there/ }));
  expect(store.getState().document.faces.right).toEqual({ kind: 'holder', id: 'B' });
  await waitFor(() => expect(screen.queryByText(/holds nothing/)).toBeNull());
});

test('a bag that hardly draws shut says how far, and one press makes it high enough', async () => {
  const store = showIn({ ...demo('sieve-bag'), pins: {} }, <Told />);
  expect(screen.getByText(/leaves a hole of about/)).toBeVisible();
  await userEvent.click(await screen.findByRole('button', { name: 'Make it high enough to draw shut' }));
  expect(store.getState().document.pins?.['body/height']).toBeGreaterThan(200);
  await waitFor(() => expect(screen.queryByText(/leaves a hole/)).toBeNull());
});
