import { expect, test } from '@playwright/test';
import { newBifold, hold, stored, toStage } from './steps.ts';

test('steps are ticked at the bench, and the ticks are there after a reload; its pieces are lit', async ({ page }) => {
  await newBifold(page);
  await hold(page, '3 cards');
  await toStage(page, 'Sew');
  const inHand = page.getByRole('region', { name: 'The step in hand' });
  await expect(inHand).toContainText('step 1 of');
  for (let step = 0; step < 2; step++) await page.getByRole('button', { name: 'Done', exact: true }).click();
  await expect(inHand).toContainText('step 3 of');
  const text = await inHand.textContent();
  await page.reload();
  await expect(inHand).toHaveText(text!);
  await expect(page.getByRole('checkbox', { name: 'Step 2 is done' })).toBeChecked();
  await expect(page.getByRole('img', { name: /^A, .*, sewn in this step$/ })).toHaveCount(0);
  // the step that joins sews the shell and the lining
  const order = page.getByRole('complementary', { name: 'Order of work' });
  await order.getByRole('button', { name: /Sew shell and lining together/ }).click();
  await expect(page.getByRole('img', { name: /^A, Shell, .*, sewn in this step$/ })).toBeVisible();
  // an action that sews nothing lights no seam
  await order.getByRole('button', { name: /Topstitch all round/ }).click();
  await inHand.getByRole('button', { name: /^Topstitch shell/ }).click();
  await expect(page.getByRole('img', { name: /sewn in this step$/ })).toHaveCount(0);
  await page.keyboard.press('ArrowLeft');
  await expect(inHand).toContainText('Turn');
});

test('ticks lie beside the design: no revision, no undo; a step that says something else is to be looked at', async ({
  page,
  request,
}) => {
  const id = await newBifold(page);
  await hold(page, '3 cards');
  await toStage(page, 'Sew');
  await stored(page);
  const before = await (await request.get(`/api/designs/${id}`)).json();
  const order = page.getByRole('complementary', { name: 'Order of work' });
  await order.getByRole('button', { name: /Topstitch all round/ }).click();
  const first = page.getByRole('region', { name: 'The step in hand' }).getByRole('checkbox').first();
  await first.check({ force: true });
  await expect.poll(async () => (await (await request.get(`/api/designs/${id}/ticks`)).json()).ticks.length).toBe(1);
  const after = await (await request.get(`/api/designs/${id}`)).json();
  expect(after.revision).toBe(before.revision);
  await request.put(`/api/designs/${id}`, {
    headers: { 'If-Match': `"${after.revision}"` },
    data: { document: { ...after.document, rules: { ...after.document.rules, 'topstitch.inset': 3 } } },
  });
  await page.evaluate(() => localStorage.clear());
  await page.reload();
  await expect(page.getByText('Done before it changed: look at it again.')).toHaveCount(0);
  await order.getByRole('button', { name: /Topstitch all round/ }).click();
  await expect(page.getByText('Done before it changed: look at it again.')).toBeVisible();
});

test('a design in the bin is found there after its toast has gone, and comes back', async ({ page }) => {
  const id = await newBifold(page);
  await page.getByLabel('Name of the design').fill('Thrown away too soon');
  await page.getByLabel('Name of the design').press('Enter');
  await expect(page.getByRole('status').first()).toHaveText('stored');
  await page.goto('/');
  await page.getByRole('button', { name: 'Put Thrown away too soon into the bin' }).click();
  await page.reload();
  await expect(page.getByRole('link', { name: 'Thrown away too soon' })).toHaveCount(0);
  await page.getByRole('link', { name: 'Bin' }).click();
  await page.getByRole('button', { name: 'Put Thrown away too soon back' }).click();
  await expect(page.getByRole('button', { name: 'Put Thrown away too soon back' })).toHaveCount(0);
  await page.goto(`/d/${id}/shape`);
  await expect(page.getByLabel('Name of the design')).toHaveValue('Thrown away too soon');
});
