import { defineConfig } from '@playwright/test';
import main from '../../playwright.config';

/** The measurements: never part of the tests, for these depend on what else the machine does. */
export default defineConfig({ ...main, testDir: '.', testMatch: '*.bench.ts', timeout: 400_000, outputDir: '../../var/e2e/bench-results', use: { ...main.use, trace: 'off' } });
