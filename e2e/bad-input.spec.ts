import Database from 'better-sqlite3';
import { expect, test } from '@playwright/test';
import { chooseHolder, enter, hold, newBifold, size, stored, toStage } from './steps.ts';
import { DATABASE } from './settings.ts';

test('a length that cannot be used is named at its field, and the last good drawing stays', async ({ page }) => {
  await newBifold(page);
  await hold(page, '3 cards');
  await toStage(page, 'Shape');
  await chooseHolder(page, 'Card tiers A');
  const field = page.getByRole('textbox', { name: 'Ease, card in a slot, across' });
  const slot = size(page, 'Slot, clear width');
  const before = (await slot.getAttribute('aria-label'))!;
  for (const [text, message] of [
    ['wide', 'is not a length'],
    ['0', 'This may be 1.5 mm to 5.0 mm.'],
    ['-3', 'This may be 1.5 mm to 5.0 mm.'],
    ['1e9', 'is not a length'],
    ['1000000000', 'This may be 1.5 mm to 5.0 mm.'],
    ['', 'A length is missing here'],
    ['3 4', 'put a sign between'],
  ] as const) {
    await enter(field, text);
    await expect(page.getByRole('alert')).toContainText(message);
    await expect(field).toHaveAttribute('aria-invalid', 'true');
    await expect(slot).toHaveAttribute('aria-label', before);
  }
  await field.press('Escape');
  await expect(page.getByRole('alert')).toHaveCount(0);
  await expect(field).toHaveValue('3.0');
});

test('things that cannot be planned are refused where they are typed, and what was typed stays', async ({ page }) => {
  await newBifold(page);
  const field = page.getByLabel('What must it hold?');
  for (const [text, message] of [
    ['300 cards', 'use a whole number from 1 to 60'],
    ['gadget', 'How big is “gadget”?'],
    ['map 0 x 77 x 1', 'cannot be the side of a thing'],
    ['140 x 77', 'Give the thing a name'],
  ] as const) {
    await field.fill(text);
    await field.press('Enter');
    await expect(page.getByRole('alert')).toContainText(message);
    await expect(field).toHaveValue(text);
  }
  await hold(page, 'card');
  const count = page.getByLabel('How many');
  for (const text of ['300', '0', '-1', 'many', '1.5', '']) {
    await enter(count, text);
    await expect(page.getByRole('alert')).toHaveText('Use a whole number from 1 to 60.');
  }
  await expect(page.getByText('1 thing ·')).toBeVisible();
});

test('a design is never left without a name', async ({ page }) => {
  await page.goto('/d/permit-bifold/shape');
  const name = page.getByLabel('Name of the design');
  await name.fill('  ');
  await name.press('Enter');
  await expect(page.getByRole('alert')).toHaveText('It needs a name.');
  await name.press('Escape');
  await expect(name).toHaveValue('Permit bifold');
});

test('a stored document that is damaged or newer is named and left; the rest of the shelf works', async ({ page }) => {
  const texts = {
    'e2e-newer': '{"format":"zindle-design","version":99}',
    'e2e-damaged': '{"format":"zindle-design","version":1,"contents":7}',
  };
  const database = new Database(DATABASE);
  const insert = database.prepare(
    "insert or replace into designs values (?, ?, ?, 1, '2026-11-01T00:00:00Z', '2099-01-01T00:00:00Z', null)",
  );
  // the newest stand first, on the first page of the shelf
  for (const [id, text] of Object.entries(texts)) insert.run(id, `Planted ${id}`, text);
  await page.goto('/');
  await expect(page.getByText('Written by a newer Zindle', { exact: true })).toBeVisible();
  await expect(page.getByText('Damaged', { exact: true })).toBeVisible();
  await expect(page.getByRole('link', { name: 'Permit bifold', exact: true })).toBeVisible();
  await page.goto('/d/e2e-newer/shape');
  await expect(page.getByRole('heading', { name: 'This design needs a newer Zindle' })).toBeVisible();
  await page.goto('/d/e2e-damaged/cut');
  await expect(page.getByRole('heading', { name: 'This design is damaged' })).toBeVisible();
  const select = database.prepare('select document from designs where id = ?');
  for (const [id, text] of Object.entries(texts)) expect(select.get(id)).toEqual({ document: text });
  database.prepare("delete from designs where id like 'e2e-%'").run();
  database.close();
  await page.goto('/d/no-such-design/hold');
  await expect(page.getByRole('heading', { name: 'This design is not on the shelf' })).toBeVisible();
});

test('two windows on one design: the second is asked, and nothing is overwritten', async ({ page, context }) => {
  const id = await newBifold(page);
  await hold(page, '2 cards');
  await stored(page);
  const other = await context.newPage();
  await other.goto(`/d/${id}/hold`);
  await expect(other.getByText('2 things ·')).toBeVisible();
  await page.bringToFront();
  await hold(page, 'notes 140 x 77');
  await stored(page);
  await other.getByLabel('Name of the design').fill('Theirs');
  await other.getByLabel('Name of the design').press('Enter');
  await expect(other.getByText('This design was also changed in another window.')).toBeVisible();
  await other.getByRole('button', { name: 'Keep both' }).click();
  await expect(other.getByLabel('Name of the design')).toHaveValue('Theirs (my changes)');
  await expect(other.getByText('2 things', { exact: true })).toBeVisible();
  await page.reload();
  await expect(page.getByText('3 things ·')).toBeVisible();
});

test('while the server is away, changes are kept in the browser and stored later', async ({ page }) => {
  const id = await newBifold(page);
  await page.route('**/api/designs/**', (route) =>
    route.request().method() === 'PUT' ? route.abort() : route.continue(),
  );
  await hold(page, '5 cards');
  await expect(page.getByRole('status').first()).toHaveText('kept in this browser');
  await page.unroute('**/api/designs/**');
  await page.goto('/');
  await page.goto(`/d/${id}/hold`);
  await expect(page.getByText('5 things ·')).toBeVisible();
  await stored(page);
});

test('a design goes into the bin and comes back', async ({ page }) => {
  const id = await newBifold(page);
  await page.getByLabel('Name of the design').fill('For the bin');
  await page.getByLabel('Name of the design').press('Enter');
  await stored(page);
  await page.goto('/');
  await page.getByRole('button', { name: 'Put For the bin into the bin' }).click();
  await expect(page.getByRole('link', { name: 'For the bin' })).toHaveCount(0);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByRole('link', { name: 'For the bin' })).toBeVisible();
  expect((await page.request.delete(`/api/designs/${id}`)).status()).toBe(204);
});
