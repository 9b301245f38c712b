import { defineConfig } from '@playwright/test';
import { chromiumArgs, DATA, PORT } from './settings.ts';

export default defineConfig({
  testDir: '.',
  fullyParallel: false,
  workers: 1,
  // machines may be shared and slow for a while: a test waits rather than fails
  timeout: 180_000,
  expect: { timeout: 30_000 },
  reporter: [['list']],
  outputDir: '../test-results',
  use: {
    baseURL: `http://localhost:${PORT}`,
    viewport: { width: 1280, height: 800 },
    launchOptions: { executablePath: '/usr/bin/chromium', args: chromiumArgs },
    trace: 'retain-on-failure',
  },
  webServer: {
    command: `rm -rf ${DATA} && node --enable-source-maps ../apps/server/dist/main.js --demo`,
    url: `http://localhost:${PORT}/api/health`,
    env: { ZINDLE_PORT: String(PORT), ZINDLE_DATA: DATA },
    reuseExistingServer: false,
  },
});
