import { readFileSync } from 'node:fs';
import { expect, test, type Page } from '@playwright/test';
import { chooseHolder, enter, hold, newBifold, noAxeViolation, size, stored, toStage } from './steps.ts';

const scale = async (page: Page) => Number(await page.locator('svg[data-scale]').getAttribute('data-scale'));
const bifold = async (page: Page) => {
  const id = await newBifold(page);
  await hold(page, '3 cards');
  await toStage(page, 'Shape');
  await expect(page.getByLabel('Trying it')).toContainText('3 of 3');
  return id;
};

test('the board is looked at from near and far, and what is shown is chosen', async ({ page }) => {
  await page.goto('/d/permit-bifold/shape');
  const fit = await scale(page);
  await page.getByRole('button', { name: 'Larger' }).click();
  expect(await scale(page)).toBeCloseTo(fit * 1.25, 2);
  const board = (await page.locator('svg[data-scale]').boundingBox())!;
  await page.mouse.move(board.x + 300, board.y + 300);
  await page.mouse.wheel(0, -200);
  await expect.poll(() => scale(page)).toBeGreaterThan(fit * 1.5);
  // pulled by its ground
  const inside = page.getByRole('button', { name: 'Card tiers A', exact: true });
  const before = (await inside.boundingBox())!;
  await page.mouse.move(board.x + 60, board.y + board.height - 30);
  await page.mouse.down();
  await page.mouse.move(board.x + 110, board.y + board.height - 60, { steps: 4 });
  await page.mouse.up();
  const after = (await inside.boundingBox())!;
  expect([Math.round(after.x - before.x), Math.round(after.y - before.y)]).toEqual([50, -30]);
  await page.getByRole('button', { name: 'Fit', exact: true }).click();
  expect(await scale(page)).toBeCloseTo(fit, 3);

  await page.getByRole('button', { name: 'What is shown' }).click();
  // the library keeps the focus in the panel with hidden buttons at its ends
  await noAxeViolation(page, ['region', 'aria-hidden-focus']);
  await page.getByRole('checkbox', { name: 'Sizes' }).click();
  await expect(page.getByRole('button', { name: /^finished height, .*explain$/ })).toHaveCount(0);
  await page.getByRole('checkbox', { name: 'Names' }).click();
  await expect(page.locator('svg[data-scale] text').filter({ hasText: 'Shore permit' })).toHaveCount(0);
});

test.describe('on a screen that is touched', () => {
  test.use({ hasTouch: true });
  test('two fingers zoom the board and move it, and nothing in it is picked up', async ({ page, context }) => {
    await page.goto('/d/permit-bifold/shape');
    const fit = await scale(page);
    const board = (await page.locator('svg[data-scale]').boundingBox())!;
    const fingers = await context.newCDPSession(page);
    const touch = (type: 'touchStart' | 'touchMove' | 'touchEnd', ...xs: number[]) =>
      fingers.send('Input.dispatchTouchEvent', {
        type,
        touchPoints: xs.map((x, id) => ({ id, x: board.x + x, y: board.y + board.height - 30 })),
      });
    await touch('touchStart', 100);
    await touch('touchStart', 100, 160);
    for (const apart of [10, 20, 30]) await touch('touchMove', 100 - apart, 160 + apart);
    await touch('touchEnd');
    await expect.poll(() => scale(page)).toBeCloseTo(fit * 2, 2);
    // one finger alone pulls it
    const inside = page.getByRole('button', { name: 'Card tiers A', exact: true });
    const before = (await inside.boundingBox())!;
    await touch('touchStart', 60);
    for (const x of [80, 100]) await touch('touchMove', x);
    await touch('touchEnd');
    await expect.poll(async () => Math.round((await inside.boundingBox())!.x - before.x)).toBe(40);
    await expect(page.getByRole('button', { name: 'Nothing to undo' })).toBeDisabled();
  });
});

/** A demo design, changed and stored under another name. */
async function changed(page: Page, from: string, id: string, change: object): Promise<void> {
  const { document } = await (await page.request.get(`/api/designs/${from}`)).json();
  const made = await page.request.post('/api/designs', {
    data: { document: { ...document, ...change, id, name: id } },
  });
  expect(made.status()).toBe(201);
}

test('the end of a place is pulled: the pocket above goes up, and the room is given back by undo', async ({ page }) => {
  const column = ['B', 'C'].map((holder) => ({ kind: 'holder', id: holder }));
  await changed(page, 'survey-folio', 'pulled-folio', {
    faces: {
      'leaf-1': { kind: 'holder', id: 'A' },
      'leaf-2': { kind: 'column', gap: 6, share: 'keep', children: column },
    },
    pins: { 'body/height': 400 },
  });
  await page.goto('/d/pulled-folio/shape');
  const above = page.getByRole('button', { name: 'Channels on a face C', exact: true });
  const before = (await above.boundingBox())!;
  await page.getByRole('button', { name: 'Mesh pocket B', exact: true }).click({ position: { x: 10, y: 60 } });
  const place = page.getByRole('slider', { name: 'Height of its place' });
  const least = Number(await place.getAttribute('aria-valuenow'));
  const grip = (await place.boundingBox())!;
  const at = [grip.x + grip.width / 2, grip.y + grip.height / 2] as const;
  await page.mouse.move(...at);
  await page.mouse.down();
  await page.mouse.move(at[0], at[1] - 30, { steps: 6 });
  await page.mouse.up();
  const mm = Number(await place.getAttribute('aria-valuenow')) - least;
  expect(mm).toBeGreaterThan(10);
  const raised = before.y - (await above.boundingBox())!.y;
  expect(Math.abs(raised - 30)).toBeLessThan(3);
  await expect(page.getByRole('button', { name: /^Room left over goes to: each as set/ })).toBeVisible();
  // by keyboard it goes on, a step of the grid each
  await place.press('ArrowDown');
  await expect(place).toHaveAttribute('aria-valuenow', String(least + mm - 0.5));
  await page.keyboard.press('Control+z');
  await page.keyboard.press('Control+z');
  await expect(place).toHaveAttribute('aria-valuenow', String(least));
});

test('a flap stands up behind the mouth, and lies closed on the finished form', async ({ page }) => {
  await page.goto('/d/receipts-accordion/shape');
  const flap = page.getByRole('button', { name: 'Flap over the opening', exact: true });
  const high = (await flap.boundingBox())!.height;
  await flap.click({ position: { x: 20, y: 20 } });
  await expect(page.getByLabel('Selected object').getByRole('heading', { name: 'Closure' })).toBeVisible();
  expect(high).toBeGreaterThan(100);
  // without it the drawing has the room
  const fit = await scale(page);
  await page.getByRole('button', { name: 'What is shown' }).click();
  await page.getByRole('checkbox', { name: 'Flap and handles' }).click();
  await expect(flap).toHaveCount(0);
  expect(await scale(page)).toBeGreaterThan(fit * 1.2);
  await page.keyboard.press('Escape');
  await page.getByText('Finished', { exact: true }).click();
  await expect(page.getByText('Flap and handles are drawn as they lie', { exact: false })).toBeVisible();
});

test('a sum tells what it feeds, and is changed inside; the change is told in a line', async ({ page }) => {
  await bifold(page);
  await chooseHolder(page, 'Card tiers A');
  await size(page, 'Slot, clear width').click();
  const sum = page.getByLabel('The sum behind it');
  await expect(sum).toContainText('It goes into');
  await expect(sum.getByRole('button', { name: 'leaf width' })).toBeVisible();
  const before = await size(page, 'Slot, clear width').getAttribute('aria-label');
  await enter(sum.getByRole('textbox', { name: 'Ease, card in a slot, across' }), '4.5');
  await expect(size(page, 'Slot, clear width')).not.toHaveAttribute('aria-label', before!);
  await expect(page.getByLabel('What it did')).toContainText(
    /^Change ease, card in a slot, across: .* mm wider, .* more cloth$/,
  );
  await noAxeViolation(page);
  await sum.getByRole('button', { name: 'leaf width' }).click();
  await expect(sum).toContainText('leaf width');
  // and the numbers of the chart have theirs
  await toStage(page, 'Cut');
  await page
    .getByRole('button', { name: /^Shell, .*: explain$/ })
    .first()
    .click();
  await expect(page.getByLabel('The sum behind it')).toContainText('Why');
  await noAxeViolation(page);
});

test('a note is pinned, written and dragged; the side is taken out as a picture in true size', async ({ page }) => {
  await bifold(page);
  await page.getByRole('button', { name: 'Pin a note' }).click();
  await page.getByLabel('What it says').fill('thumb notch here');
  const note = page.getByRole('button', { name: 'Note: thumb notch here' });
  const at = (await note.boundingBox())!;
  await page.mouse.move(at.x + 20, at.y + 12);
  await page.mouse.down();
  await page.mouse.move(at.x - 60, at.y - 20, { steps: 5 });
  await page.mouse.up();
  const moved = (await note.boundingBox())!;
  expect([Math.round(moved.x - at.x), Math.round(moved.y - at.y)]).toEqual([-80, -32]);
  await expect(page.getByRole('button', { name: 'Undo: Move a note' })).toBeEnabled();
  await noAxeViolation(page);
  await stored(page);
  await page.reload();
  await expect(note).toBeVisible();

  await page.getByRole('button', { name: 'Picture of this side' }).click();
  const [svg] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('menuitem', { name: 'SVG, to scale' }).click(),
  ]);
  const text = readFileSync(await svg.path(), 'utf8');
  expect(svg.suggestedFilename()).toMatch(/-inside\.svg$/);
  expect(text).toContain('in true size');
  // a card of 85.6 × 53.98 mm, at 96 px to the inch
  const cards = [...text.matchAll(/<rect x="[\d.]+" y="[\d.]+" width="([\d.]+)" height="([\d.]+)"/g)];
  const found = cards.filter(
    ([, w, h]) => Math.abs(Number(w) - 85.6 * (96 / 25.4)) < 0.01 && Math.abs(Number(h) - 53.98 * (96 / 25.4)) < 0.01,
  );
  expect(found.length).toBeGreaterThanOrEqual(3);
  await page.getByRole('button', { name: 'Picture of this side' }).click();
  const [png] = await Promise.all([page.waitForEvent('download'), page.getByRole('menuitem', { name: 'PNG' }).click()]);
  const bytes = readFileSync(await png.path());
  expect(bytes.subarray(1, 4).toString()).toBe('PNG');
  expect(bytes.readUInt32BE(16)).toBeGreaterThan(800);
});

test('versions are kept and gone back to, which can be undone; a copy goes its own way', async ({ page }) => {
  const id = await bifold(page);
  const menu = page.getByRole('button', { name: 'Versions and copies' });
  await menu.click();
  await page.getByRole('menuitem', { name: 'Versions …' }).click();
  const dialog = page.getByRole('dialog');
  await dialog.getByLabel('Keep it as it is now, under the name').fill('three cards');
  await dialog.getByRole('button', { name: 'Keep it' }).click();
  await expect(dialog.getByLabel('Kept')).toContainText('three cards');
  await noAxeViolation(page, ['region']);
  await dialog.getByRole('button', { name: 'Cancel' }).click();
  await toStage(page, 'Hold');
  await hold(page, 'passport');
  await expect(page.getByText('4 things · squares of 10 mm')).toBeVisible();
  await menu.click();
  await page.getByRole('menuitem', { name: 'Versions …' }).click();
  await dialog.getByRole('button', { name: 'Go back to three cards' }).click();
  await expect(page.getByText('3 things · squares of 10 mm')).toBeVisible();
  await page.getByRole('button', { name: 'Undo: Back to “three cards”' }).click();
  await expect(page.getByText('4 things · squares of 10 mm')).toBeVisible();

  await menu.click();
  await page.getByRole('menuitem', { name: 'Make a copy' }).click();
  await page.waitForURL((url) => url.pathname.endsWith('/shape') && !url.pathname.includes(id));
  await expect(page.getByLabel('Name of the design')).toHaveValue(/, copy$/);
  await expect(page.getByLabel('Trying it')).toContainText('4 of 4');
});

test('a scrap of cloth is dragged onto the drawing, and seen there', async ({ page }) => {
  await page.goto('/d/permit-bifold/shape');
  const scrap = page.locator('[data-swatch="denim"]');
  await scrap.scrollIntoViewIfNeeded();
  const from = (await scrap.boundingBox())!;
  const tint = await scrap.evaluate((each) => getComputedStyle(each).backgroundColor);
  const board = (await page.getByRole('button', { name: 'Card tiers B', exact: true }).boundingBox())!;
  await page.mouse.move(from.x + 10, from.y + 10);
  await page.mouse.down();
  await page.mouse.move(board.x + board.width / 2, board.y + board.height - 14, { steps: 10 });
  await expect(page.locator('[data-over="true"]').first()).toBeVisible();
  await page.mouse.up();
  await expect(page.getByRole('button', { name: /^Pockets cloth: Denim/ })).toBeVisible();
  const fills = await page
    .getByRole('button', { name: 'Card tiers B', exact: true })
    .locator('rect')
    .evaluateAll((rects) => rects.map((rect) => getComputedStyle(rect).fill));
  expect(fills).toContain(tint);
  await page.getByRole('button', { name: 'Undo: Change the pocket cloth' }).click();
  await stored(page);
});

test('a thing goes onto the front of the pouch that parts the box, which grows with it', async ({ page }) => {
  await page.goto('/d/field-organizer/shape');
  const side = (name: string) => page.getByRole('radiogroup', { name: 'Side' }).getByRole('radio', { name });
  await expect(side('Front of pouch B')).toBeVisible();
  await page.getByRole('button', { name: 'Put Lens cloth somewhere' }).click();
  await page
    .getByLabel('Where it can go')
    .getByRole('button', { name: /^New slip pocket.*on the front of pouch B 6\.5 mm deeper/ })
    .click();
  await side('Front of pouch B').click();
  await expect(page.getByLabel('Trying it')).toContainText('things go in, with their ease');
  await noAxeViolation(page);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByLabel('To hold, and cloth')).not.toContainText('no home');
  await stored(page);
});

test('an organizer that folds becomes a panel that stays flat, with its flap over both pockets', async ({ page }) => {
  await page.goto('/d/landing-organizer/shape');
  await page.getByRole('button', { name: /^Form:/ }).click();
  await page.getByRole('option', { name: /^Flat panel/ }).click();
  await expect(page.getByRole('radio', { name: 'Inner side' })).toBeChecked();
  await expect(page.getByRole('button', { name: 'Slip pocket A', exact: true })).toBeVisible();
  await expect(page.getByRole('button', { name: 'Slip pocket B', exact: true })).toBeVisible();
  await expect(page.getByLabel('Trying it')).toContainText('23 of 23 things go in, with their ease');
  await noAxeViolation(page);
  await page.getByRole('button', { name: 'Undo: Make it a flat panel' }).click();
  await expect(page.getByRole('radio', { name: 'Inside', exact: true })).toBeVisible();
  await stored(page);
});

test('what has no home is seen, placed by the rules with the reason, or put by hand', async ({ page }) => {
  await page.goto('/d/permit-bifold-lens/shape');
  const tray = page.getByLabel('To hold, and cloth');
  await expect(tray).toContainText('One has no home yet');
  await tray.getByRole('button', { name: 'Place it for me' }).click();
  await expect(page.getByText(/Hand lens found no place: .*choose another form/)).toBeVisible();
  await page.getByRole('button', { name: 'Put Hand lens somewhere' }).click();
  await noAxeViolation(page);
  await page.keyboard.press('Escape');
  await expect(page.getByLabel('Where it can go')).toHaveCount(0);
  await page.getByRole('button', { name: 'Put Hand lens somewhere' }).click();
  await page
    .getByLabel('Where it can go')
    .getByRole('button', { name: /outside of the front leaf/ })
    .first()
    .click();
  await expect(tray).not.toContainText('no home');
  await expect(page.getByLabel('Trying it')).toContainText('11 of 11');
  // and out again, dropped on the tray
  const row = tray.getByRole('button', { name: /^Hand lens/ });
  const at = (await row.boundingBox())!;
  await page.mouse.move(at.x + 60, at.y + 16);
  await page.mouse.down();
  await page.mouse.move(at.x + 70, at.y + 26, { steps: 4 });
  const out = (await tray.getByText('Drop it here to take it out').boundingBox())!;
  await page.mouse.move(out.x + out.width / 2, out.y + out.height / 2, { steps: 5 });
  await expect(page.locator('[data-over="true"]')).toHaveCount(1);
  await page.mouse.up();
  await expect(tray).toContainText('One has no home yet');
  for (const step of ['Take Hand lens out', 'Put Hand lens'])
    await page.getByRole('button', { name: new RegExp(`^Undo: ${step}`) }).click();
  await stored(page);
});

test('a limit is a bar that tells by how much it is passed', async ({ page }) => {
  await bifold(page);
  const bar = page.getByRole('region', { name: 'Limits', exact: true });
  await bar.getByRole('button', { name: 'Set a limit on size, thickness or cloth' }).click();
  await page.getByRole('button', { name: /^Set a limit:/ }).click();
  await page
    .getByRole('option', { name: 'Closed and full' })
    .or(page.getByRole('option', { name: /thick, full/i }))
    .first()
    .click();
  await enter(page.getByRole('textbox', { name: /at most$/ }), '2');
  await expect(bar).toContainText('too much');
  await noAxeViolation(page);
});
