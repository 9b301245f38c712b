/** @jest-environment jsdom */
import '@testing-library/jest-dom/jest-globals';
import { afterEach, expect, test } from '@jest/globals';
import { builtInKinds, houseRulesOf, type LengthRule } from '@zindle/core';
import { cleanup, render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { UnitContext } from '../ui/use-length.ts';
import { AboutRule } from './about-rule.tsx';

afterEach(cleanup);
const rules = houseRulesOf(builtInKinds);
const seam = rules['seam.allowance'] as LengthRule;

test('a length tells its range, its standard and where it lies, in the unit of the shop', () => {
  render(
    <UnitContext value="in">
      <AboutRule rule={{ ...seam, least: 3.175, most: 25.4, standard: 6.35 }} value={12.7} onValue={() => {}} />
    </UnitContext>,
  );
  expect(screen.getByRole('img')).toHaveAccessibleName(/^1\/2.* between 1\/8.* and 1.*; standard 1\/4/);
  expect(screen.getByText(seam.why)).toBeVisible();
});

test('the way back is offered only where a maker has her own', async () => {
  const told: unknown[] = [];
  const { rerender } = render(<AboutRule rule={seam} value={undefined} onValue={(value) => told.push(value)} />);
  expect(screen.queryByRole('button')).toBeNull();
  rerender(<AboutRule rule={seam} value={9} onValue={(value) => told.push(value)} />);
  await userEvent.click(screen.getByRole('button', { name: 'Back to the standard' }));
  expect(told).toEqual([undefined]);
});

test('a choice tells its standard and what else it may be', () => {
  render(<AboutRule rule={rules['lining.school']!} value={undefined} onValue={() => {}} />);
  expect(screen.getByText(/Standard: computed\. May be computed, shorter, deeper, tapered, same/)).toBeVisible();
});

test('a number is told in its own unit, whatever the shop measures in', () => {
  render(
    <UnitContext value="in">
      <AboutRule rule={rules['stitch.seam']!} value={3} onValue={() => {}} />
    </UnitContext>,
  );
  expect(screen.getByRole('img')).toHaveAccessibleName('3 mm, between 1 mm and 8 mm; standard 2.5 mm');
  cleanup();
  render(<AboutRule rule={rules['time.fuse']!} value={undefined} onValue={() => {}} />);
  expect(screen.getByRole('img')).toHaveAccessibleName(
    '20 min/m², between 1 min/m² and 120 min/m²; standard 20 min/m²',
  );
});
