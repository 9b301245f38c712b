// Takes the pictures of docs/screenshots from the built application with the demo designs. Run: npm run screenshots
import { spawn } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { chromium } from '@playwright/test';

const PORT = 4627;
const at = (path) => `http://localhost:${PORT}${path}`;
const server = fileURLToPath(new URL('../apps/server/dist/main.js', import.meta.url));
const folder = fileURLToPath(new URL('../docs/screenshots/', import.meta.url));

/** Each view: its page, and what is done there before the picture. */
const views = {
  shelf: ['/', async () => {}],
  hold: [
    '/d/permit-bifold-lens/hold',
    (page) => page.getByRole('button', { name: /^Bus card/ }).click({ position: { x: 40, y: 40 } }),
  ],
  shape: [
    '/d/permit-bifold/shape',
    async (page) => {
      await page.getByRole('button', { name: 'Card tiers A', exact: true }).click({ position: { x: 30, y: 120 } });
      await page
        .getByLabel('Selected object')
        .getByRole('button', { name: /^Slot, clear width/ })
        .click();
    },
  ],
  'shape-inches': [
    '/d/junior-bifold/shape',
    async (page) => {
      await page.getByRole('radio', { name: 'in', exact: true }).click();
      await page.getByRole('button', { name: 'Tab with a snap', exact: true }).click();
      await page
        .getByLabel('Selected object')
        .getByRole('button', { name: /^Tab length/ })
        .click();
    },
  ],
  sleeve: ['/d/twin-flask-bag/shape', (page) => page.getByRole('button', { name: /^flat width, .*explain$/ }).click()],
  roll: [
    '/d/probe-roll/shape',
    async (page) => {
      await page.getByRole('button', { name: 'Channels A', exact: true }).click({ position: { x: 20, y: 200 } });
      await page
        .getByLabel('Selected object')
        .getByRole('button', { name: /^Pocket depth/ })
        .click();
    },
  ],
  folio: [
    '/d/survey-folio/shape',
    async (page) => {
      await page
        .getByRole('button', { name: /^spine 1|^Spine 1/ })
        .first()
        .click();
      await page.mouse.move(1120, 400);
      await page.mouse.wheel(0, -4000);
      await page.waitForTimeout(200);
    },
  ],
  carrier: ['/d/slate-carrier/shape', (page) => page.getByRole('button', { name: /^flat width, .*explain$/ }).click()],
  box: ['/d/logger-bag/shape', async () => {}],
  'hard-case': ['/d/refractometer-case/shape', async () => {}],
  accordion: ['/d/receipts-accordion/shape', async () => {}],
  organizer: ['/d/field-organizer/shape', async () => {}],
  cloth: [
    '/d/refractometer-case/hold/cloth',
    async (page) => {
      await page.getByRole('button', { name: 'Lay Sailcloth, bleached' }).click();
      await page.getByRole('button', { name: 'Lay Stretch mesh, slate' }).click();
    },
  ],
  materials: [
    '/shelves/materials?entry=my-sailcloth',
    async (page) => {
      await page.getByLabel('The entry in hand').getByText('Measure its thickness').click();
      await page.getByLabel('Thickness of them all').fill('3.6');
      await page
        .getByLabel('Before it is changed')
        .getByText(/out otherwise/)
        .first()
        .waitFor();
    },
  ],
  rules: [
    '/shelves/rules',
    async (page) => {
      await page.getByLabel('Ease, card in a slot, across').fill('4');
      await page.getByText(/designs come out otherwise/).waitFor();
    },
  ],
  cut: ['/d/permit-bifold/cut', (page) => page.getByRole('button', { name: /^D, Note panel/ }).click()],
};

const data = mkdtempSync(join(tmpdir(), 'zindle-pictures-'));
const running = spawn(process.execPath, [server, '--demo'], {
  env: { ...process.env, ZINDLE_PORT: String(PORT), ZINDLE_DATA: data },
});
const browser = await chromium.launch({ executablePath: '/usr/bin/chromium', args: ['--no-sandbox', '--disable-gpu'] });
try {
  for (let tries = 0; tries < 100 && !(await fetch(at('/api/health')).catch(() => undefined))?.ok; tries++)
    await new Promise((resolve) => setTimeout(resolve, 100));
  for (const [name, [path, prepare]] of Object.entries(views)) {
    const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
    await page.goto(at(path), { waitUntil: 'networkidle' });
    await prepare(page);
    await page.mouse.move(1279, 799);
    await page.waitForTimeout(2300);
    await page.screenshot({ path: join(folder, `${name}.png`) });
    await page.close();
    console.log(`taken: ${name}`);
  }
} finally {
  await browser.close();
  running.kill();
  rmSync(data, { recursive: true, force: true });
}
