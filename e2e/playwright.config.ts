import { defineConfig } from '@playwright/test';
import { chromiumArgs, lane, laneAt, LANES } from './settings.ts';

const server = (port: number, data: string, more = '') => ({
  command: `rm -rf ${data} && node --enable-source-maps ../apps/server/dist/main.js${more}`,
  url: `http://localhost:${port}/api/health`,
  env: { ZINDLE_PORT: String(port), ZINDLE_DATA: data },
  reuseExistingServer: false,
});

export default defineConfig({
  testDir: '.',
  fullyParallel: false,
  workers: LANES,
  // machines may be shared and slow for a while: a test waits rather than fails
  timeout: 180_000,
  expect: { timeout: 30_000 },
  reporter: [['list']],
  outputDir: '../test-results',
  use: {
    baseURL: `http://localhost:${lane.port}`,
    viewport: { width: 1280, height: 800 },
    actionTimeout: 40_000,
    launchOptions: { executablePath: '/usr/bin/chromium', args: chromiumArgs },
    trace: 'retain-on-failure',
  },
  webServer: Array.from({ length: LANES }, (_, index) => laneAt(index)).flatMap(
    ({ port, data, emptyPort, emptyData }) => [server(port, data, ' --demo'), server(emptyPort, emptyData)],
  ),
});
