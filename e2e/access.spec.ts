import { expect, test } from '@playwright/test';
import { hold, newBifold, noAxeViolation, toStage } from './steps.ts';

const views = [
  ['shelf', '/'],
  ['hold', '/d/permit-bifold-lens/hold'],
  ['shape', '/d/junior-bifold/shape'],
  ['a sleeve', '/d/twin-flask-bag/shape'],
  ['a roll', '/d/probe-roll/shape'],
  ['a hard case', '/d/refractometer-case/shape'],
  ['an accordion', '/d/receipts-accordion/shape'],
  ['a framed organizer', '/d/field-organizer/shape'],
  ['forms to choose from', '/d/survey-folio/choose'],
  ['cut', '/d/permit-bifold/cut'],
  ['sew', '/d/reel-bag/sew'],
  ['the bin', '/bin'],
  ['the cloth bench', '/d/refractometer-case/hold/cloth'],
  ['things', '/shelves/items'],
  ['materials', '/shelves/materials?entry=my-sailcloth'],
  ['hardware', '/shelves/hardware'],
  ['machines', '/shelves/machines?entry=my-loft-machine'],
  ['house rules', '/shelves/rules'],
  ['not found', '/nowhere'],
] as const;

for (const [name, path] of views) {
  test(`${name}: axe finds nothing, and nothing is cut off at the side`, async ({ page }) => {
    await page.goto(path);
    await expect(page.getByRole('heading').first()).toBeVisible();
    await page.waitForLoadState('networkidle');
    await noAxeViolation(page);
    for (const width of [1280, 1024]) {
      await page.setViewportSize({ width, height: 768 });
      expect(await page.evaluate(() => document.documentElement.scrollWidth - innerWidth)).toBeLessThanOrEqual(0);
    }
  });
}

test('shape: axe finds nothing with a sum open and a list open', async ({ page }) => {
  await page.goto('/d/permit-bifold/shape');
  await page.getByRole('button', { name: /^finished height, .*explain$/ }).click();
  await noAxeViolation(page);
  await page.getByRole('button', { name: /^Lining cloth:/ }).click();
  await noAxeViolation(page, ['region']);
});

test('finished: a bag with its handles, and a roll from its end with all that is in it', async ({ page }) => {
  await page.goto('/d/boat-tote/shape');
  await page.getByText('Finished', { exact: true }).click();
  await expect(page.getByRole('img', { name: /^The finished form/ })).toBeVisible();
  await noAxeViolation(page);
  await page.goto('/d/probe-roll/shape');
  await page.getByText('Finished', { exact: true }).click();
  const rolled = page.getByRole('img', { name: 'Rolled up, seen from its end' });
  await expect(rolled.locator('title')).toHaveText([
    'Chart board',
    ...Array.from({ length: 3 }, () => 'Steel probe'),
    'Tweezers',
    ...Array.from({ length: 2 }, () => 'Feather brush'),
  ]);
  await noAxeViolation(page);
});

test('the keyboard reaches stages, drawing, sums and undo', async ({ page }) => {
  await newBifold(page);
  await hold(page, '4 cards');
  await page.getByLabel('What must it hold?').blur();
  await page.keyboard.press('2');
  await expect(page).toHaveURL(/\/shape$/);
  const leaf = page.getByRole('button', { name: /^leaf width, .*explain$/ }).first();
  await leaf.focus();
  await page.keyboard.press('Enter');
  await expect(page.getByLabel('The sum behind it')).toContainText('leaf width');
  const tiers = page.getByRole('button', { name: 'Card tiers B', exact: true });
  await tiers.focus();
  await page.keyboard.press('Space');
  await expect(tiers).toHaveAttribute('aria-pressed', 'true');
  await page.getByRole('radio', { name: 'one pleated strip' }).click();
  await page.getByRole('radio', { name: 'one pleated strip' }).press('Control+z');
  await expect(page.getByRole('radio', { name: 'stacked pieces' })).toBeChecked();
  await page.keyboard.press('3');
  await expect(page).toHaveURL(/\/cut$/);
  await toStage(page, 'Hold');
  await expect(page).toHaveURL(/\/hold$/);
});

test('without a network beyond this machine, the pages ask for nothing else', async ({ page }) => {
  const hosts = new Set<string>();
  page.on('request', (request) => hosts.add(new URL(request.url()).host));
  const problems: string[] = [];
  page.on('console', (message) => message.type() === 'error' && problems.push(message.text()));
  page.on('pageerror', (error) => problems.push(error.message));
  for (const [, path] of views) await page.goto(path, { waitUntil: 'networkidle' });
  expect([...hosts]).toHaveLength(1);
  expect(problems).toEqual([]);
});
