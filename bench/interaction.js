import { spawn } from 'node:child_process';
import { existsSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';

const PORT = 4628;
const CHROMIUM = '/usr/bin/chromium';
const server = fileURLToPath(new URL('../apps/server/dist/main.js', import.meta.url));
const page = fileURLToPath(new URL('../apps/web/dist/index.html', import.meta.url));

/** From typing in a field to the next painted frame that shows the new size on the board: the median, ms.
 * @returns nothing without Chromium or a built application */
export async function fieldToBoard() {
  if (![CHROMIUM, server, page].every(existsSync)) return undefined;
  const data = mkdtempSync(join(tmpdir(), 'zindle-bench-'));
  const running = spawn(process.execPath, [server, '--demo'], {
    env: { ...process.env, ZINDLE_PORT: String(PORT), ZINDLE_DATA: data },
  });
  const { chromium } = await import('@playwright/test');
  const browser = await chromium.launch({ executablePath: CHROMIUM, args: ['--no-sandbox', '--disable-gpu'] });
  try {
    await answering();
    const tab = await browser.newPage({ viewport: { width: 1280, height: 800 } });
    await tab.goto(`http://localhost:${PORT}/d/permit-bifold/shape`);
    await tab.getByRole('button', { name: 'Card tiers A', exact: true }).click({ position: { x: 20, y: 60 } });
    return await tab.getByRole('textbox', { name: 'Ease, card in a slot, across' }).evaluate(typeAndWatch);
  } finally {
    await browser.close();
    running.kill();
    rmSync(data, { recursive: true, force: true });
  }
}

async function answering() {
  for (let tries = 0; tries < 100; tries++) {
    const health = await fetch(`http://localhost:${PORT}/api/health`).catch(() => undefined);
    if (health?.ok) return;
    await new Promise((resolve) => setTimeout(resolve, 100));
  }
  throw new Error('the server of the bench did not start');
}

/** Runs in the page. */
async function typeAndWatch(field) {
  const set = Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value').set;
  const board = () => document.querySelector('[aria-label^="finished width, open"]').getAttribute('aria-label');
  const times = [];
  for (let run = 0; run < 40; run++) {
    const before = board();
    const start = performance.now();
    set.call(field, run % 2 ? '2.5' : '4.5');
    field.dispatchEvent(new Event('input', { bubbles: true }));
    do await new Promise(requestAnimationFrame);
    while (board() === before);
    times.push(performance.now() - start);
    await new Promise((resolve) => setTimeout(resolve, 60));
  }
  return times.sort((a, b) => a - b)[20];
}
