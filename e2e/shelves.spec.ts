import { expect, test, type Page } from '@playwright/test';
import { enter, hold, newBifold, newOf, noAxeViolation, pick, stored, tabTo } from './steps.ts';

const entry = (page: Page) => page.getByLabel('The entry in hand');
const rows = (page: Page) => page.getByRole('row');
const row = (page: Page, name: string) => page.getByRole('row').filter({ hasText: name });
const file = (name: string, content: string | Buffer) => ({
  name,
  mimeType: 'text/csv',
  buffer: Buffer.isBuffer(content) ? content : Buffer.from(content),
});

test('a standard material is copied; the copy changes a design, which is shown before', async ({ page }) => {
  await page.goto('/shelves/materials');
  await row(page, 'Cotton lawn, oat').click();
  await expect(entry(page)).toContainText('Standard: it stays as it is.');
  await expect(entry(page).getByRole('textbox')).toHaveCount(0);
  await entry(page).getByRole('button', { name: 'Make my own copy' }).click();
  await expect(entry(page).getByLabel('Name', { exact: true })).toHaveValue('Cotton lawn, oat, mine');

  // a bifold lined with it
  const id = await newBifold(page);
  await hold(page, '2 cards');
  await page.getByRole('link', { name: 'Shape' }).click();
  await pick(page, 'Lining cloth', 'Cotton lawn, oat, mine');
  await stored(page);

  await page.goto('/shelves/materials?entry=my-cotton-lawn-oat-mine');
  await expect(entry(page)).toContainText('Used in New bifold');
  await entry(page).getByText('Measure its thickness').click();
  await enter(entry(page).getByLabel('Thickness of them all'), '9.6');
  await expect(entry(page).getByLabel('Thickness', { exact: true })).toHaveValue('0.96');
  const before = page.getByLabel('Before it is changed');
  await expect(before).toContainText('One design comes out otherwise');
  await expect(before).toContainText('thickness, closed');
  await noAxeViolation(page);
  await before.getByRole('button', { name: 'Leave it as it was' }).click();
  await expect(entry(page).getByLabel('Thickness', { exact: true })).toHaveValue('0.16');
  await enter(entry(page).getByLabel('Thickness', { exact: true }), '0.96');
  await before.getByRole('button', { name: 'Take it over' }).click();
  await expect(before).toHaveCount(0);
  const thick = async () => {
    const { closedThickness } = await (await page.request.get(`/api/designs/${id}/solution`)).json();
    return closedThickness.value as number;
  };
  const thicker = await thick();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(entry(page).getByLabel('Thickness', { exact: true })).toHaveValue('0.16');
  expect(await thick()).toBeLessThan(thicker);

  // in the bin it is not offered, and the design keeps it
  await entry(page).getByRole('button', { name: 'Into the bin' }).click();
  await expect(row(page, 'Cotton lawn, oat, mine')).toHaveCount(0);
  await pick(page, 'Whose', 'in the bin');
  await row(page, 'Cotton lawn, oat, mine').click();
  await page.getByRole('button', { name: 'Empty the bin' }).click();
  await expect(page.getByText('Still used, so kept')).toBeVisible();
  await entry(page).getByRole('button', { name: 'Take it out of the bin' }).click();
  await pick(page, 'Whose', 'your own');
  await expect(row(page, 'Cotton lawn, oat, mine')).toHaveCount(1);
});

test('leather by the ounce, answers and tags; found by tag, sorted by any column', async ({ page }) => {
  await page.goto('/shelves/materials');
  await page.getByRole('button', { name: 'New material' }).click();
  await expect(entry(page).getByLabel('Name', { exact: true })).toHaveValue('New material');
  await entry(page).getByLabel('Name', { exact: true }).fill('Bridle leather');
  await entry(page).getByText('Measure its thickness').click();
  await enter(entry(page).getByLabel('Leather by the ounce'), '8');
  await expect(entry(page).getByLabel('Thickness', { exact: true })).toHaveValue('3.2');
  await entry(page).getByLabel('Tags').fill('saddlery, heavy');
  await entry(page).getByRole('button', { name: '+ On hand' }).click();
  await enter(entry(page).getByLabel('On hand', { exact: true }), '120 cm');
  await entry(page)
    .getByRole('radiogroup', { name: 'Do its cut edges fray?' })
    .getByRole('radio', { name: 'no' })
    .click();
  await page.getByRole('button', { name: 'Take it over' }).click();
  await expect(row(page, 'Bridle leather')).toContainText('1.20 m');
  await pick(page, 'Tag', 'saddlery');
  await expect(rows(page)).toHaveCount(2);
  await pick(page, 'Tag', 'any tag');
  await page.getByRole('button', { name: /^Thickness/ }).click();
  await page.getByRole('button', { name: /^Thickness/ }).click();
  await expect(page.getByRole('columnheader', { name: /^Thickness/ })).toHaveAttribute('aria-sort', 'descending');
  await expect(rows(page).nth(1)).toContainText('Bridle leather');
  await page.getByLabel('Search materials').fill('felt');
  await expect(rows(page)).toHaveCount(3);
});

test('a table is looked at first; what is wrong is told by row, and nothing is half taken over', async ({ page }) => {
  await page.goto('/shelves/hardware');
  await page.getByRole('button', { name: 'Read in' }).click();
  const dialog = page.getByRole('dialog');
  const give = (name: string, text: string | Buffer) => dialog.getByLabel('The table').setInputFiles(file(name, text));
  await give('a.csv', 'What,Size\nSnap,10\n');
  await expect(dialog).toContainText('There is no column “Name”');
  await give('b.csv', 'Name,Kind,Diameter (mm)\nBig snap,snap,15\n=HYPERLINK("x"),snap,12\nOdd,button,3\n');
  await expect(dialog).toContainText('Row 3, Name: “=HYPERLINK("x")” begins like a formula');
  await expect(dialog).toContainText('Row 4, Kind: “button” is not one of');
  await expect(dialog.getByRole('button', { name: /^Take over/ })).toBeDisabled();
  await give('c.csv', Buffer.from('Name,Kind,Diameter (mm)\nÖse,ring,15\n', 'latin1'));
  await expect(dialog).toContainText('read as Windows-1252');
  await expect(dialog).toContainText('1 row, 1 new');
  await noAxeViolation(page, ['region']);
  await dialog.getByRole('button', { name: 'Take over 1' }).click();
  await page.getByLabel('Search hardware').fill('öse');
  await expect(rows(page)).toHaveCount(2);
  await page.getByLabel('Search hardware').fill('big snap');
  await expect(rows(page)).toHaveCount(1);
});

test('ten thousand things are read in with progress, and the shelf stays quick', async ({ page }) => {
  await page.goto('/shelves/items');
  await page.getByRole('button', { name: 'Read in' }).click();
  const dialog = page.getByRole('dialog');
  const lines = Array.from({ length: 10_000 }, (_, i) => `Pebble ${i},${20 + (i % 90)},18,${5 + (i % 9)}`);
  const seen = new Set<string>();
  await page.exposeFunction('sawProgress', (text: string) => seen.add(text));
  await page.evaluate(() => {
    new MutationObserver(() => {
      const text = /(Reading|Taking it over) … \d+ of/.exec(document.body.textContent ?? '')?.[1];
      if (text) void (window as unknown as { sawProgress(text: string): void }).sawProgress(text);
    }).observe(document.body, { subtree: true, childList: true, characterData: true });
  });
  await dialog
    .getByLabel('The table')
    .setInputFiles(file('pebbles.csv', `Name,Length (mm),Width (mm),Thickness (mm)\n${lines.join('\n')}\n`));
  await expect(dialog).toContainText('10000 rows, 10000 new');
  await dialog.getByRole('button', { name: 'Take over 10000' }).click();
  await expect(page.getByText('10000 new, 0 changed.')).toBeVisible();
  expect([...seen].sort()).toEqual(['Reading', 'Taking it over']);
  // only what is in sight is drawn
  expect(await rows(page).count()).toBeLessThan(60);
  await page.getByLabel('Search things').fill('pebble 9999');
  await expect(rows(page)).toHaveCount(2);
  await page.getByLabel('Search things').fill('');
  // ten thousand are looked through again: End is the end of those that are shown
  await expect.poll(() => rows(page).count()).toBeGreaterThan(2);
  await page.getByLabel('Entries; arrow keys choose one').focus();
  await page.keyboard.press('End');
  await expect(entry(page).getByRole('heading')).toContainText('Whistle');
  await page.keyboard.press('ArrowUp');
  await expect(entry(page).getByRole('heading')).not.toContainText('Whistle');
  // a design still takes its things from it
  await newBifold(page);
  await hold(page, 'pebble 42');
  await expect(page.getByRole('button', { name: /^Pebble 42, 1/ })).toBeVisible();
});

test('written out, wiped and read in again, a shelf is as it was', async ({ page }) => {
  await page.goto('/shelves/machines');
  await page.getByRole('button', { name: 'New machine' }).click();
  await expect(entry(page).getByLabel('Name', { exact: true })).toHaveValue('New machine');
  await entry(page).getByLabel('Name', { exact: true }).fill('Attic machine');
  await enter(entry(page).getByLabel('Sews up to'), '6.75');
  await entry(page).getByLabel('Tags').fill('lent out');
  await page.getByRole('button', { name: 'Take it over' }).click();
  await expect(row(page, 'Attic machine')).toContainText('6.75');
  const before = await own(page);
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('link', { name: 'CSV' }).click(),
  ]);
  const path = await download.path();
  for (const { id } of before) await page.request.delete(`/api/shelves/machines/${id}`);
  await page.request.delete('/api/shelves/machines/bin');
  await page.reload();
  await expect(row(page, 'Attic machine')).toHaveCount(0);
  await page.getByRole('button', { name: 'Read in' }).click();
  await page.getByRole('dialog').getByLabel('The table').setInputFiles(path);
  await page.getByRole('button', { name: /^Take over/ }).click();
  await expect(row(page, 'Attic machine')).toHaveCount(1);
  expect(await own(page)).toEqual(before);
});

const own = async (page: Page): Promise<{ id: string }[]> => {
  const { own: entries } = await (await page.request.get('/api/shelves/machines')).json();
  return entries.map(({ entry: one }: { entry: { id: string } }) => one);
};

test('a house rule shows which designs change before it is taken over, and is undone', async ({ page }) => {
  await page.goto('/shelves/rules');
  const width = async () => {
    const { finished } = await (await page.request.get('/api/designs/junior-bifold/solution')).json();
    return JSON.stringify(finished);
  };
  const before = await width();
  await enter(page.getByLabel('Ease, card in a slot, across'), '9');
  await expect(page.getByRole('alert')).toContainText('This may be 1.5 mm to 5.0 mm.');
  await enter(page.getByLabel('Ease, card in a slot, across'), '4.5');
  const panel = page.getByLabel('Before it is changed');
  await expect(panel).toContainText('designs come out otherwise');
  await expect(panel).toContainText('Junior bifold');
  await noAxeViolation(page);
  expect(await width()).toBe(before);
  await panel.getByRole('button', { name: 'Take it over' }).click();
  await expect(page.getByText('The house rules are changed.')).toBeVisible();
  expect(await width()).not.toBe(before);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByLabel('Ease, card in a slot, across')).toHaveValue('3.0');
  expect(await width()).toBe(before);

  // the machine that seams are measured against
  await pick(page, 'Sewn on', 'The loft machine');
  await expect(panel).toContainText('No stored design changes');
  await panel.getByRole('button', { name: 'Take it over' }).click();
  await expect(panel).toHaveCount(0);
  await page.goto('/d/caliper-sleeve/hold/cloth');
  await expect(page.getByLabel('The stack in hand')).toContainText('Measured against The loft machine');
});

test('new designs begin with the unit and the rounding of the house', async ({ page }) => {
  await page.goto('/shelves/rules');
  await page.getByLabel('New designs').getByRole('radio', { name: 'in', exact: true }).click();
  await pick(page, 'Sizes rounded to', '1/8 in');
  await page.getByRole('button', { name: 'Take it over' }).click();
  await expect(page.getByText('The house rules are changed.')).toBeVisible();
  const id = await newBifold(page);
  const { document } = await (await page.request.get(`/api/designs/${id}`)).json();
  expect([document.unit, document.grid]).toEqual(['in', '1/8in']);
  await page.goto('/shelves/rules');
  await page.getByLabel('New designs').getByRole('radio', { name: 'mm', exact: true }).click();
  await pick(page, 'Sizes rounded to', '0.5 mm');
  await page.getByRole('button', { name: 'Take it over' }).click();
  await expect(page.getByLabel('Before it is changed')).toHaveCount(0);
});

test('a choice of one design is what new ones begin with, until it is taken away', async ({ page }) => {
  await page.goto('/d/logger-pouch/shape');
  await page.getByRole('button', { name: 'Made with: begin new ones with this choice' }).click();
  await expect(page.getByText('your usual choice')).toBeVisible();
  const paramsOf = async (id: string) => (await (await page.request.get(`/api/designs/${id}`)).json()).document.body;
  const made = await newOf(page, 'Sleeve');
  expect(await paramsOf(made)).toEqual({ kind: 'sleeve', params: { bottom: 'side' } });
  await page.goto('/shelves/rules');
  await expect(page.getByRole('list', { name: 'Your usual choices' })).toContainText(
    'Sleeve: Made with, a fold at one side',
  );
  await page.getByRole('button', { name: 'Sleeve: Made with, begin with the standard again' }).click();
  await page.getByRole('button', { name: 'Take it over' }).click();
  await expect(page.getByText(/None yet/)).toBeVisible();
  expect(await paramsOf(await newOf(page, 'Sleeve'))).toEqual({ kind: 'sleeve', params: {} });
});

test('by keyboard alone: a copy is made and changed, a thing measured, marked and doubled, cloth laid', async ({
  page,
}) => {
  const { keyboard } = page;
  await page.goto('/shelves/materials');
  await tabTo(page, (words) => words.startsWith('Entries; arrow keys'));
  await keyboard.press('Home');
  await keyboard.press('ArrowDown');
  const name = await entry(page).getByRole('heading').textContent();
  await tabTo(page, (words) => words === 'Make my own copy');
  await keyboard.press('Enter');
  await expect(entry(page).getByLabel('Name', { exact: true })).toHaveValue(`${name}, mine`);
  await tabTo(page, (words) => words === 'Thickness');
  await keyboard.type('0.4');
  await tabTo(page, (words) => words === 'Take it over');
  await keyboard.press('Enter');
  await expect(page.getByText(`“${name}, mine” is changed.`)).toBeVisible();

  await newBifold(page);
  await tabTo(page, (words) => words === 'What must it hold?');
  await keyboard.type('box 80x50x12');
  await keyboard.press('Enter');
  await tabTo(page, (words) => words.startsWith('Length 80.0: change it here'));
  await keyboard.press('Enter');
  await keyboard.type('84');
  await keyboard.press('Enter');
  await expect(page.getByLabel('The thing in hand').getByLabel('Length', { exact: true })).toHaveValue('84.0');
  await tabTo(page, (words) => words.startsWith('True size'));
  await keyboard.press('Control+d');
  await expect(page.getByText('2 things · squares of 10 mm')).toBeVisible();
  await keyboard.press('Control+a');
  await expect(page.getByLabel('The thing in hand')).toContainText('2 things marked');
  await tabTo(page, (words) => words === 'Let them share a place');
  await keyboard.press('Enter');
  await expect(page.getByText('∞ shares')).toHaveCount(2);
  await tabTo(page, (words) => words === 'Cloth');
  await keyboard.press('Enter');
  await tabTo(page, (words) => words.startsWith('Lay Denim'));
  await keyboard.press('Enter');
  await expect(page.getByRole('list', { name: /^Layers of shell/ }).getByRole('listitem')).toHaveCount(3);
  await tabTo(page, (words) => words.startsWith('Lining'));
  await keyboard.press('Enter');
  await expect(page.getByLabel('The stack in hand').getByRole('heading').first()).toHaveText('Lining');
});

test('a zipper of her own is used in place of a standard one, and the piece follows', async ({ page }) => {
  await page.goto('/d/lens-pouch/shape');
  const hardware = page.getByLabel('Hardware');
  await expect(hardware).toContainText('zipper');
  const standard = await hardware.getByRole('button', { name: /^Used as Coil zipper/ }).getAttribute('aria-label');
  await hardware.getByRole('button', { name: /^Used as Coil zipper/ }).click();
  await page.getByRole('option', { name: /^Brass zipper no. 5/ }).click();
  await expect(hardware.getByRole('button', { name: /Brass zipper no. 5$/ })).toBeVisible();
  await stored(page);
  const { text } = { text: await (await page.request.get('/api/designs/lens-pouch/files/chart.csv')).text() };
  expect(text).toContain('Brass zipper no. 5');
  await page.goto('/shelves/hardware?entry=my-brass-zipper');
  await expect(entry(page)).toContainText('Used in Lens pouch');
  await page.goto('/d/lens-pouch/shape');
  await hardware.getByRole('button', { name: /Brass zipper no. 5$/ }).click();
  await page.getByRole('option', { name: /^Coil zipper/ }).click();
  await expect(hardware.getByRole('button', { name: standard! })).toBeVisible();
});
