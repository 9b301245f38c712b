import { expect, test, type Locator, type Page } from '@playwright/test';
import { hold, pick, stored, tabTo, toStage } from './steps.ts';

/** Things of the workshop for four forms, and what must come of them. */
const roll = ['chart board', '3 probes', 'tweezers'];
const bag = ['2 quadrat string reel'];
const shell = ['dip refractometer', '6 sample vials'];
const accordion = ['2 booklets', '4 notes', '20 receipts'];

const inOrder = async (page: Page, things: number) => {
  const tried = page.getByLabel('Trying it');
  await expect(tried).toContainText(`${things} of ${things} things go in`);
  await expect(tried).toContainText(/All \d+ seams walk/);
  await expect(tried.getByText('Stop:')).toHaveCount(0);
};
const cutOut = async (page: Page, piece: RegExp) => {
  await toStage(page, 'Cut');
  await expect(page.getByRole('button', { name: piece }).first()).toBeVisible();
};

/** Drags with the pointer from the middle of one thing to the middle of another that may only be there while it is dragged. */
async function drag(page: Page, from: Locator, to: Locator): Promise<void> {
  const start = (await from.boundingBox())!;
  await page.mouse.move(start.x + start.width / 2, start.y + start.height / 2);
  await page.mouse.down();
  await page.mouse.move(start.x + start.width / 2 + 12, start.y + start.height / 2 + 6, { steps: 4 });
  await to.waitFor();
  // rows grow while the places are tried
  await expect(page.getByText('trying it …')).toHaveCount(0);
  const end = (await to.boundingBox())!;
  await page.mouse.move(end.x + end.width / 2, end.y + end.height / 2, { steps: 8 });
  await expect(page.locator('[data-over="true"]').first()).toBeVisible();
  await page.mouse.up();
}

const inTray = (page: Page, name: RegExp) =>
  page.getByLabel('To hold, and cloth').getByRole('button', { name }).first();
const offered = (page: Page, name: RegExp) => page.getByLabel('Where it can go').getByRole('button', { name }).first();
const side = (page: Page, name: string) =>
  page.getByRole('radiogroup', { name: 'Side' }).getByRole('radio', { name, exact: true });

test.describe('made from nothing, with the pointer', () => {
  async function begin(page: Page, form: RegExp, lines: string[]) {
    await page.goto('/');
    await page.getByRole('button', { name: 'New design' }).click();
    await page.getByRole('menuitem', { name: form }).click();
    for (const line of lines) await hold(page, line);
    await toStage(page, 'Shape');
  }
  async function add(page: Page, where: string, what: string) {
    const whole = page.getByRole('button', { name: 'whole piece' });
    if (await whole.isVisible()) await whole.click();
    await page.getByRole('button', { name: where }).click();
    await page.getByRole('menuitem', { name: what }).click();
  }

  test('a roll: a tie, and a channel pulled wider', async ({ page }) => {
    await begin(page, /^Roll/, roll);
    await inOrder(page, 5);
    await add(page, 'Add at the edge', 'Tie');
    const open = page.getByRole('button', { name: /^finished width, open, .*explain$/ }).first();
    const before = await open.getAttribute('aria-label');
    await page.getByRole('button', { name: 'Channels A', exact: true }).click({ position: { x: 20, y: 40 } });
    const handle = page.getByRole('slider', { name: /^channel of Chart board/ });
    const box = (await handle.boundingBox())!;
    await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2);
    await page.mouse.down();
    await page.mouse.move(box.x + 40, box.y + box.height / 2, { steps: 10 });
    await page.mouse.up();
    await expect(open).not.toHaveAttribute('aria-label', before!);
    await expect(page.getByLabel('What it did')).toContainText(/^Pin channel of Chart board: .* wider/);
    // one step of the history for the whole drag
    await page.getByRole('button', { name: /^Undo: Pin channel/ }).click();
    await expect(open).toHaveAttribute('aria-label', before!);
    await inOrder(page, 5);
    await cutOut(page, /Lining/);
  });

  test('a boxed drawstring bag, out of a sleeve', async ({ page }) => {
    await begin(page, /^Sleeve/, bag);
    await page.getByRole('button', { name: 'whole piece' }).click();
    await page.getByRole('radio', { name: 'boxed' }).click();
    await add(page, 'Add at the mouth', 'Drawstring');
    await expect(page.getByRole('button', { name: /^Finished depth, .*explain$/ })).toBeVisible();
    await inOrder(page, 2);
    // a dividing pouch hangs in it for what is added later
    await toStage(page, 'Hold');
    await hold(page, 'whistle');
    await toStage(page, 'Shape');
    await drag(page, inTray(page, /^Whistle/), offered(page, /on the outside of the front/));
    await side(page, 'Front').click();
    await expect(page.getByLabel('Selected object').getByRole('heading', { level: 2 })).toContainText('B');
    await inOrder(page, 3);
    await cutOut(page, /Shell/);
  });

  test('a shell case: straps in the base, loops in the lid', async ({ page }) => {
    await begin(page, /^Hard case/, shell);
    // they were shared out over base and lid
    await drag(page, inTray(page, /vial/), offered(page, / B/));
    await inTray(page, /refractometer/).click();
    await pick(page, 'Kind of holder', 'Hold-down straps');
    await inTray(page, /vial/).click();
    await pick(page, 'Kind of holder', 'Loops');
    // out of the lid, above the straps in the base, and back again
    await drag(page, page.getByRole('button', { name: /^Loops [A-Z]$/ }), offered(page, /^Above/));
    await expect(side(page, 'Inside of the base')).toBeChecked();
    await expect(page.getByRole('button', { name: /^Hold-down straps/ }).first()).toBeVisible();
    await inOrder(page, 7);
    await drag(page, page.getByRole('button', { name: /^Loops [A-Z]$/ }), offered(page, /lid/));
    await expect(side(page, 'Inside of the lid')).toBeChecked();
    await inOrder(page, 7);
    await cutOut(page, /Plate/);
  });

  test('an accordion: zipped dividers, a flap, and a thing moved to the next compartment on the drawing', async ({
    page,
  }) => {
    await begin(page, /^Accordion/, accordion);
    await inOrder(page, 26);
    const whole = page.getByRole('button', { name: 'whole piece' });
    if (await whole.isVisible()) await whole.click();
    await page.getByRole('radiogroup', { name: 'Dividers' }).getByRole('radio').nth(1).click();
    await add(page, 'Add at the mouth', 'Flap over the opening');
    await side(page, 'Compartment 1').click();
    const [first] = (await inTray(page, /booklet/i).textContent())!.split('×');
    await drag(page, inTray(page, new RegExp(first!.trim())), offered(page, /compartment [23]/));
    await inOrder(page, 26);
    await cutOut(page, /Gusset/i);
  });
});

test.describe('made from nothing, with the keyboard alone', () => {
  async function begin(page: Page, form: string, lines: string[]) {
    const { keyboard } = page;
    await page.goto('/');
    await tabTo(page, (words) => words === 'New design');
    await keyboard.press('Enter');
    await keyboard.type(form);
    await keyboard.press('Enter');
    await page.waitForURL(/\/hold$/);
    await tabTo(page, (words) => words.startsWith('What must it hold?'));
    for (const line of lines) {
      await keyboard.type(line);
      await keyboard.press('Enter');
      await expect(page.getByLabel('What must it hold?')).toHaveValue('');
    }
    await keyboard.press('Tab');
    await keyboard.press('2');
    await page.waitForURL(/\/shape$/);
    await expect(page.getByLabel('Trying it')).toBeVisible();
  }
  const press = async (page: Page, what: (words: string) => boolean, then: string[] = ['Enter']) => {
    await tabTo(page, what, 200);
    for (const key of then) await page.keyboard.press(key);
  };
  const toWhole = async (page: Page) => {
    if (await page.getByRole('button', { name: 'whole piece' }).isVisible())
      await press(page, (words) => words === 'whole piece');
  };
  /** Opens a list of what may go to a place, and takes one of it by its first letters. */
  async function add(page: Page, where: string, what: string) {
    await toWhole(page);
    await press(page, (words) => words === where);
    await page.keyboard.type(what);
    await page.keyboard.press('Enter');
  }
  /** Takes a thing in hand, and gives its holder another kind. */
  async function kindOf(page: Page, thing: RegExp, kind: string) {
    await press(page, (words) => thing.test(words) && !words.startsWith('Put'));
    await press(page, (words) => words.startsWith('Kind of holder:'));
    await page.keyboard.type(kind);
    await page.keyboard.press('Enter');
  }
  async function put(page: Page, thing: RegExp, place: RegExp) {
    await press(page, (words) => /^Put .* somewhere/.test(words) && thing.test(words));
    await expect(page.getByLabel('Where it can go').getByRole('button').nth(1)).toBeFocused();
    await press(page, (words) => place.test(words));
    await expect(page.getByLabel('Where it can go')).toHaveCount(0);
  }

  test('a roll: a tie, and a channel made wider with arrow keys', async ({ page }) => {
    await begin(page, 'Roll', roll);
    await add(page, 'Add at the edge', 'Tie');
    await press(page, (words) => words.startsWith('Channels A'));
    await press(page, (words) => words === 'channel of Chart board', ['ArrowRight', 'ArrowRight', 'Shift+ArrowRight']);
    await expect(page.getByRole('slider', { name: /^channel of Chart board/ })).toHaveAttribute('aria-valuetext', /\d/);
    await expect(page.getByRole('textbox', { name: /^Channel of Chart board, pinned/ })).toBeVisible();
    await inOrder(page, 5);
  });
  test('a boxed drawstring bag', async ({ page }) => {
    await begin(page, 'Sleeve', bag);
    await toWhole(page);
    await tabTo(page, (words) => /^flat/.test(words), 200);
    await page.keyboard.press('ArrowRight');
    await add(page, 'Add at the mouth', 'Draw');
    await expect(page.getByRole('button', { name: /^Finished depth, .*explain$/ })).toBeVisible();
    await inOrder(page, 2);
  });
  test('a shell case', async ({ page }) => {
    await begin(page, 'Hard', shell);
    await put(page, /vial/, /^Channels on a face B/);
    await kindOf(page, /refractometer/, 'Hold');
    await kindOf(page, /vial/, 'Loops');
    await press(page, (words) => words === 'Move it');
    await press(page, (words) => /^Above/.test(words));
    await expect(side(page, 'Inside of the base')).toBeChecked();
    await inOrder(page, 7);
  });
  test('an accordion', async ({ page }) => {
    await begin(page, 'Accordion', accordion);
    await add(page, 'Add at the mouth', 'Flap');
    await put(page, /booklet/i, /^Compartment [BC]/);
    await inOrder(page, 26);
    await page.keyboard.press('Control+z');
    await expect(page.getByRole('button', { name: /^Redo: Put/ })).toBeEnabled();
  });
});

test('another form is chosen from contents, side by side, and what could not come along is told', async ({ page }) => {
  await page.goto('/d/permit-bifold/choose');
  const forms = page.getByRole('main', { name: 'Forms' });
  await expect(forms.getByRole('status')).toHaveText(/hold everything$/);
  await expect(forms.getByRole('heading', { level: 3 }).first()).toContainText('Bifold');
  await forms.getByRole('button', { name: 'Folio' }).click();
  await page.waitForURL(/\/shape$/);
  await expect(page.getByText(/Note compartment C has no seat in a folio/)).toBeVisible();
  await expect(page.getByLabel('Selected object').getByRole('heading', { level: 2 })).toHaveText('Folio');
  await inOrder(page, 10);
  await page.getByRole('button', { name: 'Undo: Make it a folio' }).click();
  await expect(page.getByLabel('Selected object').getByRole('heading', { level: 2 })).toHaveText('Bifold');
  await pick(page, 'Form', 'Accordion');
  await inOrder(page, 10);
  await page.getByRole('button', { name: 'Undo: Make it an accordion' }).click();
  await stored(page);
});
