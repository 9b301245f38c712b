import { expect, test, type Locator, type Page } from '@playwright/test';
import { enter, newBifold, noAxeViolation } from './steps.ts';

const inHand = (page: Page): Locator => page.getByLabel('The thing in hand');
const thing = (page: Page, name: string) => page.getByRole('button', { name: new RegExp(`^${name}, \\d`) });

const from = async (page: Page, way: RegExp) => {
  await page.getByRole('button', { name: 'From elsewhere' }).click();
  await page.getByRole('menuitem', { name: way }).click();
  return page.getByRole('dialog');
};
const file = (name: string, text: string) => ({
  name,
  mimeType: 'application/octet-stream',
  buffer: Buffer.from(text),
});

test('things come from a table: bad rows keep all of it out', async ({ page }) => {
  await newBifold(page);
  const dialog = await from(page, /^A table of things/);
  await dialog
    .getByLabel('The table')
    .setInputFiles(file('things.csv', 'Name,Count,Length,Width,Thickness\nPermit,2,,,\nMystery,1,,,\n'));
  await expect(dialog).toContainText('Nothing is added: 1 to put right first');
  await expect(dialog).toContainText('Row 3: How big is “Mystery”?');
  await expect(dialog.getByRole('button', { name: 'Add them' })).toBeDisabled();
  await dialog
    .getByLabel('The table')
    .setInputFiles(
      file('things.csv', 'Name;Count;Length (in);Width (in);Thickness (mm)\nPermit;2;;;\nMap;1;5 1/2;3;1,5\n'),
    );
  await expect(dialog).toContainText('2 kinds of things');
  await dialog.getByRole('button', { name: 'Add 2' }).click();
  await expect(page.getByText('3 things · squares of 10 mm')).toBeVisible();
  await expect(inHand(page).getByLabel('Length', { exact: true })).toHaveValue('139.7');
  await page.getByRole('button', { name: /^Undo: Add 2 things/ }).click();
  await expect(page.getByText('nothing on the table yet')).toBeVisible();
});

test('an outline comes from a drawing; what is more than lines is refused, units are asked for', async ({ page }) => {
  await newBifold(page);
  const dialog = await from(page, /^An outline/);
  const svg = (inside: string, size: string) => `<svg xmlns="http://www.w3.org/2000/svg" ${size}>${inside}</svg>`;
  const give = (name: string, text: string) => dialog.getByLabel('The drawing').setInputFiles(file(name, text));
  const mm = 'width="100mm" height="60mm" viewBox="0 0 100 60"';
  await give('a.svg', svg('<script>alert(1)</script><rect width="9" height="9"/>', mm));
  await expect(dialog.getByRole('alert')).toContainText('carries a script');
  await give('b.svg', svg('<path d="M0 0L40 40L40 0L0 40Z"/>', mm));
  await expect(dialog.getByRole('alert')).toContainText('crosses itself');
  await give('c.svg', svg('<rect width="80" height="40"/>', 'viewBox="0 0 100 60"'));
  await expect(dialog.getByRole('alert')).toContainText('does not say how large its units are');
  await dialog.getByRole('button', { name: 'Read it so' }).click();
  await expect(dialog).toContainText('80.0 × 40.0 mm');
  const card = [
    0,
    'SECTION',
    2,
    'HEADER',
    9,
    '$INSUNITS',
    70,
    1,
    0,
    'ENDSEC',
    0,
    'SECTION',
    2,
    'ENTITIES',
    0,
    'LWPOLYLINE',
    8,
    0,
    90,
    4,
    70,
    1,
  ]
    .concat([10, 0, 20, 0, 10, 3.37, 20, 0, 10, 3.37, 20, 2.125, 10, 0, 20, 2.125, 0, 'ENDSEC', 0, 'EOF'])
    .join('\n');
  await give('d.dxf', card);
  await expect(dialog).toContainText('The drawing is in inches: one is 25.4 mm.');
  await expect(dialog).toContainText('85.6 × 54.0 mm');
  await dialog.getByLabel('Its name').fill('Cut card');
  await noAxeViolation(page, ['region']);
  await dialog.getByRole('button', { name: 'Add it' }).click();
  await expect(thing(page, 'Cut card')).toBeVisible();
});

test('a thing is traced on a photo by keyboard, and a cover tells what it holds', async ({ page }) => {
  await newBifold(page);
  let dialog = await from(page, /^Trace a photo/);
  // a picture of 400 x 200, made here
  const photo = await page.evaluate(() => {
    const canvas = Object.assign(document.createElement('canvas'), { width: 400, height: 200 });
    return canvas.toDataURL('image/png').split(',')[1]!;
  });
  await dialog.getByLabel('The photo').setInputFiles(file('notes.txt', 'no picture'));
  await expect(dialog.getByRole('alert')).toContainText('no picture that can be shown');
  await dialog
    .getByLabel('The photo')
    .setInputFiles({ name: 'p.png', mimeType: 'image/png', buffer: Buffer.from(photo, 'base64') });
  const picture = dialog.getByRole('application');
  await expect(picture).toBeVisible();
  await enter(dialog.getByLabel('Known length'), '100');
  await picture.click({ position: { x: 20, y: 20 } });
  await picture.click({ position: { x: 220, y: 20 } });
  // from there by keyboard: a box of 100 x 50 px, 50 x 25 mm
  await picture.focus();
  const walk = async (key: string, times: number) => {
    for (let step = 0; step < times; step++) await page.keyboard.press(`Shift+${key}`);
    await page.keyboard.press('Enter');
  };
  await walk('ArrowDown', 5);
  await walk('ArrowRight', 10);
  await walk('ArrowDown', 5);
  await walk('ArrowLeft', 10);
  await expect(dialog).toContainText('50.0 × 25.0 mm');
  await dialog.getByRole('button', { name: 'Last click back' }).click();
  await expect(dialog.getByRole('status')).toContainText('Go on round it');
  await picture.focus();
  await walk('ArrowLeft', 0);
  await dialog.getByRole('button', { name: 'Add it' }).click();
  await expect(thing(page, 'Traced thing')).toBeVisible();

  dialog = await from(page, /^Measure a cover/);
  await enter(dialog.getByLabel('Flat width, seam to seam'), '100');
  await enter(dialog.getByLabel('Both walls together'), '2');
  await enter(dialog.getByLabel('Thickness of the thing'), '12');
  // 100 - 12 - pi/4 x 2 - 3
  await expect(dialog.getByRole('status')).toContainText('150.0 × 83.4 × 12.0 mm');
  await enter(dialog.getByLabel('Flat width, seam to seam'), '14');
  await expect(dialog.getByRole('status')).toContainText('Nothing so thick goes into');
  await enter(dialog.getByLabel('Flat width, seam to seam'), '100');
  await dialog.getByRole('button', { name: 'Add it' }).click();
  await expect(thing(page, 'What fits the cover')).toBeVisible();
});
