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

/** Each view: its page, what is done there before the picture, and whether the pointer stays or the window has another size. */
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
  box: ['/d/logger-bag/shape', async () => {}],
  round: ['/d/sieve-bag/shape', (page) => page.getByRole('button', { name: /^finished diameter, .*explain$/ }).click()],
  'hard-case': [
    '/d/refractometer-case/shape',
    (page) => page.getByRole('button', { name: 'Hold-down straps A', exact: true }).press('Enter'),
  ],
  accordion: ['/d/receipts-accordion/shape', (page) => page.getByRole('radio', { name: 'Inside of the back' }).click()],
  organizer: ['/d/field-organizer/shape', (page) => page.getByRole('radio', { name: 'Finished' }).click()],
  placing: [
    '/d/survey-folio/shape',
    async (page) => {
      const row = await page
        .getByLabel('To hold, and cloth')
        .getByRole('button', { name: /^Tide-table booklet/ })
        .boundingBox();
      await page.mouse.move(row.x + 60, row.y + 20);
      await page.mouse.down();
      await page.mouse.move(420, 330, { steps: 8 });
    },
    { hold: true },
  ],
  choose: ['/d/permit-bifold/choose', (page) => page.getByText(/^\d+ of \d+ hold everything$/).waitFor()],
  tablet: [
    '/d/landing-organizer/shape',
    (page) => page.getByRole('button', { name: 'Slip pocket A', exact: true }).click({ position: { x: 30, y: 90 } }),
    { width: 1024, height: 768 },
  ],
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
      await page.keyboard.press('Enter');
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
      await page.keyboard.press('Enter');
      await page.getByText(/designs come out otherwise/).waitFor();
    },
  ],
  cut: [
    '/d/junior-bifold/cut',
    async (page) => {
      await page
        .getByRole('button', { name: /Pleated card strip/ })
        .first()
        .click();
      await page.getByRole('button', { name: /^bottom edge, allowance/ }).dispatchEvent('click');
    },
  ],
  sew: [
    '/d/reel-bag/sew',
    async (page) => {
      await page.getByRole('button', { name: 'Done', exact: true }).click();
      await page.waitForTimeout(200);
    },
  ],
};

const data = mkdtempSync(join(tmpdir(), 'zindle-pictures-'));
const running = spawn(process.execPath, [server, '--demo'], {
  env: { ...process.env, ZINDLE_PORT: String(PORT), ZINDLE_DATA: data },
});
const browser = await chromium.launch({ executablePath: '/usr/bin/chromium', args: ['--no-sandbox', '--disable-gpu'] });
try {
  for (let tries = 0; tries < 100 && !(await fetch(at('/api/health')).catch(() => undefined))?.ok; tries++)
    await new Promise((resolve) => setTimeout(resolve, 100));
  for (const [name, [path, prepare, { hold = false, width = 1280, height = 800 } = {}]] of Object.entries(views)) {
    const page = await browser.newPage({ viewport: { width, height } });
    await page.goto(at(path), { waitUntil: 'networkidle' });
    await prepare(page);
    if (!hold) await page.mouse.move(width - 1, height - 1);
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
