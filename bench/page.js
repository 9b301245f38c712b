import { spawn } from 'node:child_process';
import { existsSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';

const PORT = 4628;
const CHROMIUM = '/usr/bin/chromium';
const server = fileURLToPath(new URL('../apps/server/dist/main.js', import.meta.url));
const page = fileURLToPath(new URL('../apps/web/dist/index.html', import.meta.url));

/** Opens a page of the demo on a server of its own, does something there and tells what came of it.
 * @returns nothing without Chromium or a built application */
export async function withPage(path, work) {
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
    await tab.goto(`http://localhost:${PORT}${path}`);
    return await work(tab);
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
