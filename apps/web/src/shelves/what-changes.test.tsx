/** @jest-environment jsdom */
import { expect, test } from '@jest/globals';
import { render, screen, within } from '@testing-library/react';
import { MemoryRouter } from 'react-router';
import '../testing/page.tsx';
import type { WhatChanges } from '../api/client.ts';
import { UnitContext } from '../ui/use-length.ts';
import { WhatWouldChange } from './what-changes.tsx';

const show = (changes: WhatChanges, unit: 'mm' | 'in' = 'mm') =>
  render(
    <MemoryRouter>
      <UnitContext value={unit}>
        <WhatWouldChange changes={changes} />
      </UnitContext>
    </MemoryRouter>,
  );
const size = (label: string, before: number | undefined, after: number | undefined) => ({
  path: `finished/${label}`,
  label,
  before,
  after,
});

test('where nothing changes it says how many designs were looked at', () => {
  const { container, unmount } = show({ designs: [], looked: 1 });
  expect(container).toHaveTextContent('No stored design changes (the one there is was looked at).');
  unmount();
  expect(show({ designs: [], looked: 7 }).container).toHaveTextContent('(all 7 were looked at)');
});

test('each design that comes out otherwise is a way to it, with three sizes and how many more there are', () => {
  const sizes = ['width', 'height', 'depth', 'girth', 'base'].map((name, index) => size(name, 100, 101 + index));
  show({ designs: [{ id: 'reel-bag', name: 'Reel bag', changes: sizes, more: 4 }], looked: 9 } as WhatChanges);
  expect(screen.getByText(/One design comes out otherwise/)).toHaveTextContent('of 9');
  expect(screen.getByRole('link', { name: 'Reel bag' })).toHaveAttribute('href', '/d/reel-bag/shape');
  const rows = within(screen.getAllByRole('list')[1]!).getAllByRole('listitem');
  expect(rows.map(({ textContent }) => textContent)).toContainEqual(expect.stringMatching(/^width100\.0.*101\.0$/));
  expect(screen.queryByText('girth')).toBeNull();
  expect(screen.getByText('and 6 more sizes')).toBeVisible();
});

test('a change that is less than what is shown is told with a digit more, one that comes or goes as none', () => {
  const changes = [size('width', 100, 100.04), size('flap', undefined, 62)];
  const { container } = show({ designs: [{ id: 'a', name: 'A', changes, more: 0 }], looked: 2 } as WhatChanges);
  expect(container).toHaveTextContent('100.00 → 100.04');
  expect(container).toHaveTextContent('none → 62.0');
  expect(screen.queryByText(/more sizes/)).toBeNull();
});

test('and in her unit', () => {
  const changes = [size('width', 25.4, 50.8)];
  const { container } = show({ designs: [{ id: 'a', name: 'A', changes, more: 0 }], looked: 2 } as WhatChanges, 'in');
  expect(container).toHaveTextContent(/1 → 2|1″ → 2″|1 in → 2 in/);
});
