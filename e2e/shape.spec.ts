import { expect, test } from '@playwright/test';
import { chooseHolder, enter, hold, newBifold, noAxeViolation, pick, size, toStage } from './steps.ts';

test('a size is pinned, a limit is set, and what cannot be is told with what is missing', async ({ page }) => {
  await newBifold(page);
  await hold(page, '3 cards');
  await toStage(page, 'Shape');
  await page.getByRole('button', { name: 'whole piece' }).click();
  const pins = page.getByLabel('Pins and limits');
  await pick(page, 'Pin a size', 'Leaf width');
  const field = pins.getByRole('textbox', { name: 'Leaf width, pinned' });
  await enter(field, '120');
  await expect(size(page, 'Leaf width')).toHaveAttribute('aria-label', /120\.0/);
  await enter(field, '60');
  await expect(pins).toContainText('to hold everything');
  // it is made so, and the cards do not go in
  await expect(size(page, 'Leaf width')).toHaveAttribute('aria-label', /60\.0/);
  await expect(page.getByText(/does not go into A/).first()).toBeVisible();
  await enter(field, '2');
  await expect(page.getByText(/is pinned at 2\.0 mm, but its pieces can be drawn only from/)).toBeVisible();
  await expect(pins).toContainText('can be drawn only from');
  await enter(field, '60');
  await page.getByRole('button', { name: 'Let go the pin: leaf width' }).first().click();
  await expect(page.getByText(/does not go into A/)).toHaveCount(0);

  await pick(page, 'Set a limit', 'Closed and full');
  await enter(pins.getByRole('textbox', { name: /at most$/ }), '2');
  await expect(pins).toContainText('too much');
  await expect(page.getByText(/more than your limit of 2\.0 mm/)).toBeVisible();
  await noAxeViolation(page);
  await page.getByRole('button', { name: /^Undo: Limit/ }).click();
  await page.getByRole('button', { name: /^Undo: Limit/ }).click();
  await expect(page.getByText(/your limit/)).toHaveCount(0);

  // a holder has pins of its own
  await chooseHolder(page, 'Card tiers A');
  await pick(page, 'Pin a size', 'Slot, clear width');
  await enter(page.getByRole('textbox', { name: 'Slot, clear width, pinned' }), '100');
  await expect(size(page, 'Slot, clear width')).toHaveAttribute('aria-label', /100\.0/);
});

test('what was done is listed by name, and any state is gone back to', async ({ page }) => {
  await newBifold(page);
  for (const line of ['2 cards', 'bus card', 'passport']) await hold(page, line);
  const history = page.getByRole('button', { name: 'What was done' });
  await history.click();
  await expect(page.getByRole('menuitem')).toHaveText([
    /^Add Passport.*now$/,
    /^Add Bus card/,
    /^Add Card/,
    'As it was opened',
  ]);
  await noAxeViolation(page, ['region']);
  await page.getByRole('menuitem', { name: /^Add Card/ }).click();
  await expect(page.getByText('2 things · squares of 10 mm')).toBeVisible();
  await history.click();
  await expect(page.getByRole('menuitem').first()).toHaveText(/^Add Passport.*undone$/);
  await page.getByRole('menuitem', { name: /^Add Passport/ }).click();
  await expect(page.getByText('4 things · squares of 10 mm')).toBeVisible();
  // by keyboard, to the beginning
  await history.press('Enter');
  await page.keyboard.press('End');
  await page.keyboard.press('Enter');
  await expect(page.getByText('nothing on the table yet')).toBeVisible();
});
