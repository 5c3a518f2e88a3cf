import { defineConfig } from '@playwright/test';
import { chromiumPath } from './scripts/chromium.mjs';

const PORT = 4399;

export default defineConfig({
  testDir: 'e2e',
  outputDir: 'test-results',
  fullyParallel: true,
  // One more than the cores: a page that waits for the server or the disk leaves its core to another.
  workers: 3,
  // Only a hang reaches these: a machine that is busy with other things must not fail a test.
  timeout: 180_000,
  expect: { timeout: 30_000 },
  retries: 0,
  forbidOnly: true,
  reporter: [['list'], ['json', { outputFile: 'test-results/report.json' }]],
  use: {
    baseURL: `http://127.0.0.1:${PORT}`,
    viewport: { width: 1280, height: 800 },
    timezoneId: 'UTC',
    // Every test has the app as it was built just now; what is kept for a day without the server has tests of its own.
    serviceWorkers: 'block',
    contextOptions: { reducedMotion: 'reduce' },
    launchOptions: {
      executablePath: chromiumPath() ?? '/usr/bin/chromium',
      args: ['--no-sandbox', '--disable-gpu', '--disable-background-networking'],
    },
  },
  webServer: {
    command: 'node --import tsx server/main.ts',
    url: `http://127.0.0.1:${PORT}/api/health`,
    env: { PORT: String(PORT) },
    reuseExistingServer: false,
  },
});
