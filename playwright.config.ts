import { defineConfig } from '@playwright/test';

const port = 4390;

export default defineConfig({
  testDir: 'e2e',
  timeout: 300_000,
  // The first shop of a page waits for its worker to unpack the open data, which a busy machine takes long over.
  expect: { timeout: 60_000 },
  workers: 2,
  fullyParallel: true,
  reporter: [['list'], ['./e2e/shown.ts'], ['json', { outputFile: 'test-results/e2e.json' }]],
  use: {
    baseURL: `http://localhost:${port}`,
    viewport: { width: 1280, height: 800 },
    // A press that finds nothing to press is said with what was waited for, long before its test runs out of time.
    actionTimeout: 90_000,
    launchOptions: {
      executablePath: '/usr/bin/chromium',
      args: [
        '--no-sandbox',
        '--disable-gpu',
        '--disable-background-networking',
        '--disable-component-update',
        '--disable-sync',
        '--no-first-run',
      ],
    },
  },
  webServer: {
    command: `npx next start --port ${port}`,
    url: `http://localhost:${port}/`,
    env: { ARCATUM_DATA: 'test-results/host', NEXT_TELEMETRY_DISABLED: '1' },
    reuseExistingServer: false,
  },
});
