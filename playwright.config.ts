import { defineConfig } from '@playwright/test';

export default defineConfig({
  testDir: 'e2e',
  testMatch: '*.spec.ts',
  testIgnore: 'attack/**',
  outputDir: 'var/e2e/results',
  workers: 2,
  timeout: 60_000,
  expect: { timeout: 10_000 },
  forbidOnly: true,
  reporter: [['list']],
  use: {
    baseURL: process.env['KADDLE_URL'] ?? 'http://127.0.0.1:8017',
    viewport: { width: 1280, height: 800 },
    launchOptions: {
      // Chromium without a window: a third less work for the machine than the whole one that shows none.
      executablePath: '/usr/bin/chromium-headless-shell',
      // Chromium's own sandbox does not work for root, as which CI runs.
      args: ['--no-sandbox', '--disable-gpu', '--disable-background-networking'],
    },
  },
});
