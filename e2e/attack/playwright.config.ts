import { defineConfig } from '@playwright/test';

/** Attacks from outside, without a browser; bin/test gives them a server and places of their own. */
export default defineConfig({
  testDir: '.',
  outputDir: '../../var/attack/results',
  // What measures time goes alone; the rest waits for servers more than for the machine.
  workers: 2,
  projects: [
    { name: 'alone', testMatch: ['crowd.spec.ts', 'hostile.spec.ts'], fullyParallel: false, workers: 1 },
    { name: 'together', testMatch: ['keep.spec.ts', 'kills.spec.ts', 'races.spec.ts'], dependencies: ['alone'] },
  ],
  timeout: 180_000,
  forbidOnly: true,
  reporter: [['list']],
});
