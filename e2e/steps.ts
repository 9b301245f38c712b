import { AxeBuilder } from '@axe-core/playwright';
import { expect, type Locator, type Page } from '@playwright/test';

/** A new bifold on its Hold stage. */
export const newBifold = (page: Page): Promise<string> => newOf(page, 'Bifold');

/** Makes a design of a form that is called in one word.
 * @returns its id */
export async function newOf(page: Page, form: string): Promise<string> {
  await page.goto('/');
  await page.getByRole('button', { name: 'New design' }).click();
  await page.getByRole('menuitem', { name: new RegExp(`^${form}`) }).click();
  await page.waitForURL(new RegExp(`/d/new-${form.toLowerCase()}-[\\w-]+/hold$`));
  return new URL(page.url()).pathname.split('/')[2]!;
}

/** Types into a field and presses Enter: a value is taken over when it is left, or with Enter. */
export async function enter(field: Locator, text: string): Promise<void> {
  await field.fill(text);
  await field.press('Enter');
}

export async function hold(page: Page, text: string): Promise<void> {
  const field = page.getByLabel('What must it hold?');
  await field.fill(text);
  await field.press('Enter');
  await expect(field).toHaveValue('');
}

/** Goes to a stage and waits until it is there: stages have buttons of the same name. */
export async function toStage(page: Page, name: 'Hold' | 'Shape' | 'Cut' | 'Sew'): Promise<void> {
  const link = page.getByRole('navigation', { name: 'Stages' }).getByRole('link', { name });
  await link.click();
  await expect(link).toHaveAttribute('aria-current', 'page');
}

export const stored = (page: Page) => expect(page.getByRole('status').first()).toHaveText('stored');

export async function pick(page: Page, label: string, option: string): Promise<void> {
  await page.getByRole('button', { name: new RegExp(`^${label}:`) }).click();
  await page.getByRole('option', { name: option }).click();
}

/** Selects a holder on the board. */
export const chooseHolder = (page: Page, name: string) =>
  page.getByRole('button', { name, exact: true }).click({ position: { x: 20, y: 60 } });

/** The size in a row of the inspector. */
export const size = (page: Page, label: string): Locator =>
  page.getByLabel('Selected object').getByRole('button', { name: new RegExp(`^${label}, .*: explain$`) });

/** @param but rules that do not apply: an open list is laid over the page, outside its landmarks */
export async function noAxeViolation(page: Page, but: string[] = []): Promise<void> {
  const { violations } = await new AxeBuilder({ page }).disableRules(but).analyze();
  expect(violations.map(({ id, nodes }) => [id, ...nodes.map(({ html }) => html.slice(0, 160))])).toEqual([]);
}

/** Presses Tab until what has the focus is what is looked for. */
export async function tabTo(page: Page, found: (words: string) => boolean, most = 120): Promise<void> {
  const focused = () =>
    page.evaluate(() => {
      const at = document.activeElement;
      if (!(at instanceof HTMLElement || at instanceof SVGElement)) return '';
      const label = at instanceof HTMLInputElement ? (at.labels?.[0]?.textContent ?? '') : '';
      return `${at.getAttribute('aria-label') ?? ''} ${label} ${at.textContent ?? ''}`.trim();
    });
  for (let press = 0; press < most; press++) {
    if (found(await focused())) return;
    await page.keyboard.press('Tab');
  }
  throw new Error(`nothing like it within ${most} stops; last “${await focused()}”`);
}
