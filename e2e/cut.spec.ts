import { expect, test } from '@playwright/test';
import { enter, hold, newBifold, noAxeViolation, stored, toStage } from './steps.ts';

/** Size as it is written beneath the shell on the table. */
const shell = /^A, Shell, /;

test('edges have their own allowances: pulled, by arrow keys, typed, and taken back', async ({ page }) => {
  const id = await newBifold(page);
  await hold(page, '3 cards');
  await toStage(page, 'Cut');
  const piece = page.getByRole('button', { name: shell }).first();
  const before = (await piece.getAttribute('aria-label'))!;
  const wide = Number(/([\d.]+) ×/.exec(before)![1]);
  await piece.click();
  const panel = page.getByRole('region', { name: 'The piece in hand' });
  // pressed with the keyboard: it is a narrow thing for a pointer that is sent to its middle
  await page.getByRole('button', { name: /^left edge, allowance/ }).press('Enter');
  const grip = page.getByRole('slider', { name: 'Allowance, left edge' });
  const from = (await grip.boundingBox())!;
  await page.mouse.move(from.x + from.width / 2, from.y + from.height / 2);
  await page.mouse.down();
  await page.mouse.move(from.x + from.width / 2 - 12, from.y + from.height / 2, { steps: 4 });
  await page.mouse.up();
  await expect(panel.getByLabel('Allowance', { exact: true })).not.toHaveValue('6.0');
  const pulled = Number(await panel.getByLabel('Allowance', { exact: true }).inputValue());
  expect(pulled).toBeGreaterThan(6);
  await expect(page.getByRole('button', { name: shell }).first()).toHaveAttribute(
    'aria-label',
    new RegExp(`Shell, ${(wide + pulled - 6).toFixed(1)} ×`),
  );
  await grip.press('ArrowDown');
  await expect(panel.getByLabel('Allowance', { exact: true })).toHaveValue((pulled - 0.5).toFixed(1));
  await enter(panel.getByLabel('Allowance', { exact: true }), '1/8in');
  await expect(panel.getByLabel('Allowance', { exact: true })).toHaveValue('3.2');
  // its sum says where that comes from, and it can be changed there
  await page
    .getByRole('button', { name: /^Shell, cut width .*: explain$/ })
    .first()
    .click();
  await expect(page.getByLabel('Own allowance, left edge')).toHaveValue('3.2');
  await stored(page);
  await page.reload();
  await expect(page.getByRole('button', { name: shell }).first()).toHaveAttribute(
    'aria-label',
    new RegExp(`Shell, ${(wide - 2.8).toFixed(1)} ×`),
  );
  await toStage(page, 'Sew');
  const order = page.getByRole('complementary', { name: 'Order of work' });
  await order.getByRole('button', { name: /Sew shell and lining together/ }).click();
  await expect(page.getByRole('region', { name: 'The step in hand' })).toContainText(
    /Sew shell \(A\) to lining .* at the left edge 3\.2 mm/,
  );
  await page.goto(`/d/${id}/cut`);
  await page.getByRole('button', { name: shell }).first().click();
  await page.getByRole('button', { name: 'Allowance by the rules again' }).click();
  await expect(page.getByRole('button', { name: shell }).first()).toHaveAttribute('aria-label', before);
});

test('a piece of its own cloth, cut larger and trimmed; what applies to nothing any more is told and taken away', async ({
  page,
}) => {
  await newBifold(page);
  await hold(page, '3 cards');
  await toStage(page, 'Cut');
  await page.getByRole('button', { name: shell }).first().click();
  const panel = page.getByRole('region', { name: 'The piece in hand' });
  await panel.getByRole('button', { name: /^Layer 1:/ }).click();
  await page.getByRole('option', { name: /^Waxed canvas/ }).click();
  await enter(panel.getByLabel('Cut larger by, all alike'), '10');
  const chart = page.getByRole('region', { name: 'Cutting chart' });
  await expect(chart.getByRole('rowgroup').filter({ hasText: 'Waxed canvas' })).toContainText(/Shell.*Trim later to/);
  await noAxeViolation(page);
  await toStage(page, 'Sew');
  await expect(page.getByRole('button', { name: /\d Trim shell \d+ min$/ })).toBeVisible();
});
