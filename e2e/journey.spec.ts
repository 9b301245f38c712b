import { expect, test } from '@playwright/test';
import { chooseHolder, enter, hold, newBifold, pick, size, stored, toStage } from './steps.ts';

test('from what it must hold to a wallet on paper', async ({ page, request }) => {
  const id = await newBifold(page);
  await expect(page.getByText('nothing on the table yet')).toBeVisible();

  await test.step('hold: things are typed as they are said', async () => {
    await page.getByLabel('What must it hold?').fill('3 cards');
    await expect(page.getByText('→ 3 × 85.6 × 54.0 × 0.76 mm')).toBeVisible();
    await hold(page, '3 cards');
    await hold(page, 'bus card x2');
    await hold(page, 'notes 140 x 77');
    await expect(page.getByText('Everything has a place:')).toBeVisible();
  });

  await test.step('shape: the wallet is drawn with its cards in it', async () => {
    await page.getByRole('link', { name: 'See it drawn' }).click();
    await expect(page.getByRole('button', { name: 'Card tiers A', exact: true })).toBeVisible();
    await expect(page.getByRole('button', { name: 'Card tiers B', exact: true })).toBeVisible();
    await expect(page.getByRole('button', { name: 'Note compartment C', exact: true })).toBeVisible();
    await expect(page.getByText('6 of 6 things go in, with their ease.')).toBeVisible();
  });

  await test.step('shape: cloth for shell, lining and pockets', async () => {
    await pick(page, 'Shell cloth', 'Waxed canvas, tarred brown');
    await pick(page, 'Lining cloth', 'Ripstop nylon, slate');
    await pick(page, 'Pockets cloth', 'Cotton lawn, oat');
    await expect(page.getByRole('button', { name: 'Shell cloth: Waxed canvas, tarred brown' })).toBeVisible();
  });

  await test.step('shape: a size explains itself', async () => {
    await chooseHolder(page, 'Card tiers A');
    await size(page, 'Slot, clear width').click();
    const sum = page.getByLabel('The sum behind it');
    await expect(sum).toContainText('slot, clear width');
    await expect(sum).toContainText('ISO/IEC 7810');
    await expect(sum).toContainText('ease, card in a slot, across');
    await sum.getByRole('button', { name: 'cards and pockets in the way' }).click();
    await expect(sum).toContainText('Cards, thickness');
  });

  await test.step('shape: a changed ease is followed by everything, and undone', async () => {
    const slot = size(page, 'Slot, clear width');
    const open = page.getByRole('button', { name: /^finished width, open, .*explain$/ });
    const [slotBefore, openBefore] = [await slot.getAttribute('aria-label'), await open.getAttribute('aria-label')];
    const field = page.getByRole('textbox', { name: 'Ease, card in a slot, across' });
    await enter(field, '4.5');
    const widened = (label: string, by: number) =>
      label.replace(/[\d.]+(?=: explain)/, (mm) => (Number(mm) + by).toFixed(1));
    await expect(slot).toHaveAttribute('aria-label', widened(slotBefore!, 1.5));
    await expect(open).toHaveAttribute('aria-label', widened(openBefore!, 3));
    await expect(slot.locator('s')).toHaveText(/\d/);
    await field.press('Enter');
    await page.getByRole('button', { name: 'Undo: Change ease, card in a slot, across' }).click();
    await expect(slot).toHaveAttribute('aria-label', slotBefore!);
    await page.getByRole('button', { name: /^Redo:/ }).click();
    await expect(slot).toHaveAttribute('aria-label', widened(slotBefore!, 1.5));
  });

  await test.step('cut: the chart stands beside the pieces, and the pattern is printed', async () => {
    await stored(page);
    await toStage(page, 'Cut');
    await expect(page.getByRole('button', { name: /^A, Shell, / })).toBeVisible();
    const rows = page.getByRole('checkbox');
    const pieces = await rows.count();
    await rows.first().check();
    await expect(page.getByText(`1 of ${pieces} cut`)).toBeVisible();
    const link = page.getByRole('link', { name: 'Pattern as PDF' });
    const pdf = await request.get((await link.getAttribute('href'))!);
    expect(pdf.headers()['content-type']).toBe('application/pdf');
    expect((await pdf.body()).subarray(0, 5).toString()).toBe('%PDF-');
    const chart = await (await request.get(`/api/designs/${id}/files/chart.csv`)).text();
    expect(chart).toContain('"Waxed canvas, tarred brown",A,Shell,1,');
  });

  await test.step('it is all there after a reload', async () => {
    await page.reload();
    await expect(page.getByRole('checkbox').first()).toBeChecked();
    await toStage(page, 'Shape');
    await chooseHolder(page, 'Card tiers A');
    await expect(page.getByRole('textbox', { name: 'Ease, card in a slot, across' })).toHaveValue('4.5');
  });
});

test('making, reveal, closure, inches and rounding', async ({ page }) => {
  await newBifold(page);
  await hold(page, '4 cards');
  await toStage(page, 'Shape');
  await chooseHolder(page, 'Card tiers A');
  await page.getByRole('radio', { name: 'one pleated strip' }).click();
  await expect(size(page, 'Strip length')).toBeVisible();
  await enter(page.getByRole('textbox', { name: 'Reveal', exact: true }), '15');
  await expect(size(page, 'Reveal, mouth to mouth')).toHaveAccessibleName('Reveal, mouth to mouth, 15.0: explain');
  await page.getByRole('button', { name: 'whole piece' }).click();
  await pick(page, 'Closes with', 'Tab with a snap');
  await expect(page.getByRole('button', { name: 'Tab with a snap', exact: true })).toBeVisible();
  await pick(page, 'Sizes rounded to', '1/8 in');
  await page.getByRole('radio', { name: 'in', exact: true }).click();
  await expect(size(page, 'Leaf width')).toHaveAccessibleName(/^Leaf width, \d( \d\/8)?: explain$/);
});

test('the SVG has the sizes of the chart, measured by a browser', async ({ page, request }) => {
  const svg = await (await request.get('/api/designs/permit-bifold/files/pattern.svg')).text();
  await page.setContent(svg.replace(/<\?xml[^>]*>/, ''));
  const perimeter = await page.evaluate(() =>
    (document.getElementById('body/shell/cut-1') as unknown as SVGPathElement).getTotalLength(),
  );
  // the shell worked by hand in docs/worked/bifold.md: 222 x 106
  expect(perimeter).toBeCloseTo(2 * (222 + 106), 2);
});

test('a sleeve and a roll, from things to pieces', async ({ page }) => {
  await page.goto('/');
  await page.getByRole('button', { name: 'New design' }).click();
  await page.getByRole('menuitem', { name: /^Sleeve/ }).click();
  await hold(page, '2 flasks');
  await page.getByRole('link', { name: 'See it drawn' }).click();
  await page.getByRole('button', { name: 'whole piece' }).click();
  await page.getByRole('radio', { name: 'boxed' }).click();
  await expect(size(page, 'Finished depth')).toBeVisible();
  await page.getByRole('button', { name: 'Inside A', exact: true }).click();
  await page.getByRole('radio', { name: 'stitched apart' }).click();
  await expect(size(page, 'Room, between its stitches')).toHaveCount(2);
  await page.getByRole('button', { name: 'whole piece' }).click();
  await pick(page, 'Closes with', 'Snaps along the mouth');
  await expect(page.getByRole('button', { name: 'Snaps along the mouth', exact: true })).toBeVisible();

  await page.goto('/');
  await page.getByRole('button', { name: 'New design' }).click();
  await page.getByRole('menuitem', { name: /^Roll/ }).click();
  await hold(page, 'chart board');
  await hold(page, '3 probes');
  await toStage(page, 'Shape');
  await page.getByRole('button', { name: 'whole piece' }).click();
  await pick(page, 'Closes with', 'Tie');
  await expect(page.getByText('Rolled up and full it is thick by')).toBeVisible();
  await expect(page.getByText('4 of 4 things go in, with their ease.')).toBeVisible();
  await toStage(page, 'Cut');
  await expect(page.getByRole('button', { name: /^C, Lining, / })).toBeVisible();
});

test('a hard case is drawn as it will be, and follows its sizes; its pieces are one press away', async ({ page }) => {
  await page.goto('/d/refractometer-case/shape');
  await page.getByRole('radio', { name: 'Finished' }).click();
  const form = page.getByRole('img', { name: /^The finished form/ });
  await expect(form.locator('polygon')).not.toHaveCount(0);
  const round = await form.locator('polygon').count();
  const outline = () => form.locator('polygon').first().getAttribute('points');
  const before = await outline();
  await enter(page.getByLabel('Radius of the corners'), '60');
  await expect(page.getByRole('button', { name: /^finished length 2[23]\d/ })).toBeVisible();
  await expect.poll(outline).not.toBe(before);
  expect(round).toBeGreaterThan(60);
  await page.getByRole('button', { name: /^finished depth .*explain$/ }).click();
  await expect(page.getByText('depth budget').first()).toBeVisible();
  await page.getByRole('radio', { name: 'Pieces' }).click();
  await expect(page.getByRole('button', { name: /^[A-Z]+, Plate, / })).toBeVisible();
  await page.getByRole('radio', { name: 'Finished' }).click();
  await expect(form).toBeVisible();
});
