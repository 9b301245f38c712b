/** @jest-environment jsdom */
import { expect, jest, test } from '@jest/globals';
import { demoDesigns } from '@zindle/core/demo';
import { render, screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { MemoryRouter } from 'react-router';
import type { ShelfRow } from '../api/client.ts';
import '../testing/page.tsx';
import { DesignCard } from './design-card.tsx';

const row = (document: object, name: string): ShelfRow =>
  ({ id: name.toLowerCase(), name, revision: 1, updatedAt: '2026-11-24T10:00:00Z', document }) as ShelfRow;

function show(rows: readonly ShelfRow[], onRemove = jest.fn<(row: ShelfRow) => void>()) {
  render(
    <MemoryRouter>
      <ul>
        {rows.map((each) => (
          <DesignCard key={each.id} row={each} onRemove={() => onRemove(each)} />
        ))}
      </ul>
    </MemoryRouter>,
  );
  return onRemove;
}

test('a design that cannot be drawn leaves the others standing; it is named, with its JSON and the bin', async () => {
  // React tells of every error it catches
  const told = jest.spyOn(console, 'error').mockImplementation(() => undefined);
  const broken = row({ ...demoDesigns[1], story: { long: true } }, 'Broken');
  const onRemove = show([row(demoDesigns[0]!, 'Permits'), broken, row(demoDesigns[2]!, 'Reels')]);
  expect(screen.getAllByRole('heading').map(({ textContent }) => textContent)).toEqual(['Permits', 'Reels']);
  const mishap = screen.getByRole('alert');
  expect(mishap).toHaveTextContent('The drawing of “Broken” cannot be shown.');
  expect(within(mishap).getByText('Save it as JSON')).toHaveAttribute('href', '/api/designs/broken/files/design.json');
  await userEvent.click(within(mishap).getByText('Into the bin'));
  expect(onRemove).toHaveBeenCalledWith(broken);
  told.mockRestore();
});

test('one that the server could not read says why, and can be taken along', () => {
  const problem = { code: 'document.damaged', message: 'The design is damaged: holders.' };
  show([{ id: 'old', name: 'Old', revision: 1, updatedAt: '2026-11-24T10:00:00Z', problem }]);
  expect(screen.getByText('Damaged')).toBeVisible();
  expect(screen.getByText('Save it as JSON')).toHaveAttribute('download', 'old.json');
});

test('what stands in the way is told: no home, what does not go in, something else', () => {
  const demo = (id: string) => demoDesigns.find((design) => design.id === id)!;
  const caliper = demo('caliper-sleeve');
  const out = { ...caliper, holders: caliper.holders.map((each) => ({ ...each, params: { visible: 60 } })) };
  show([
    row(demo('permit-bifold'), 'Permits'),
    row(demo('permit-bifold-lens'), 'Lens'),
    row(out, 'Caliper'),
    row({ ...demo('permit-bifold'), limits: { 'thickness/full': 5 } }, 'Limited'),
  ]);
  const told = screen
    .getAllByRole('listitem')
    .map(({ textContent }) => /(In order|Stop): [a-z ]+/.exec(textContent)?.[0]);
  expect(told).toEqual([
    'In order: everything goes in',
    'Stop: not everything has a home',
    'Stop: not everything goes in',
    'Stop: something stands in the way of making it',
  ]);
});
