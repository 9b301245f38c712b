/** @jest-environment jsdom */
import { afterEach, expect, jest, test } from '@jest/globals';
import { render, screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { MemoryRouter } from 'react-router';
import { api } from '../api/client.ts';
import '../testing/page.tsx';
import { BinPage } from './bin-page.tsx';

afterEach(() => void jest.restoreAllMocks());

/** A server with so many designs in its bin. */
function serverWith(names: string[]) {
  let left = names.map((name) => ({ id: name.toLowerCase(), name, deletedAt: '2026-11-24T10:00:00Z' }));
  const gone = (id: string) => {
    left = left.filter((each) => each.id !== id);
    return Promise.resolve();
  };
  jest
    .spyOn(api, 'bin')
    .mockImplementation((page) => Promise.resolve({ designs: left, total: left.length, page, pageSize: 24 }));
  return {
    restore: jest.spyOn(api, 'restore').mockImplementation(gone),
    destroy: jest.spyOn(api, 'destroy').mockImplementation(gone),
  };
}
const show = () =>
  render(
    <MemoryRouter>
      <BinPage />
    </MemoryRouter>,
  );

test('what was thrown away is put back with one press', async () => {
  const { restore } = serverWith(['Reels', 'Flasks']);
  show();
  await userEvent.click(await screen.findByRole('button', { name: 'Put Reels back' }));
  expect(restore).toHaveBeenCalledWith('reels');
  expect(await screen.findByText('Flasks')).toBeVisible();
  expect(screen.queryByText('Reels')).toBeNull();
});

test('for good it goes only after a question', async () => {
  const { destroy } = serverWith(['Reels']);
  show();
  await userEvent.click(await screen.findByRole('button', { name: 'Delete Reels for good' }));
  const question = within(await screen.findByRole('dialog'));
  await userEvent.click(question.getByRole('button', { name: 'Cancel' }));
  expect(destroy).not.toHaveBeenCalled();
  await userEvent.click(screen.getByRole('button', { name: 'Delete Reels for good' }));
  await userEvent.click(within(await screen.findByRole('dialog')).getByRole('button', { name: 'Delete for good' }));
  expect(destroy).toHaveBeenCalledWith('reels');
  expect(await screen.findByText(/The bin is empty/)).toBeVisible();
});

test('a server that does not answer is told, and asked again', async () => {
  jest.spyOn(api, 'bin').mockRejectedValueOnce(new Error('The server does not answer.'));
  jest.spyOn(api, 'bin').mockResolvedValueOnce({ designs: [], total: 0, page: 1, pageSize: 24 });
  show();
  expect(await screen.findByRole('alert')).toHaveTextContent('does not answer');
  await userEvent.click(screen.getByRole('button', { name: 'Try again' }));
  expect(await screen.findByText(/The bin is empty/)).toBeVisible();
});
