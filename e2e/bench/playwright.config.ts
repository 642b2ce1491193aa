import { defineConfig } from '@playwright/test';
import main from '../../playwright.config';

/** The measurements: never part of the tests, for these depend on what else the machine does. */
export default defineConfig({ ...main, testDir: '.', testMatch: '*.bench.ts', workers: 1, timeout: 400_000, outputDir: '../../var/e2e/bench-results' });
