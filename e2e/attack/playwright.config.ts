import { defineConfig } from '@playwright/test';

/** Attacks from outside, without a browser; bin/test gives them a server and places of their own. */
export default defineConfig({
  testDir: '.',
  testMatch: '*.spec.ts',
  outputDir: '../../var/attack/results',
  workers: 1,
  timeout: 180_000,
  forbidOnly: true,
  reporter: [['list']],
});
