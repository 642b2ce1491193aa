import { fileURLToPath } from 'node:url';
import { defineConfig } from 'vitest/config';

/** Modules of the page that need no browser. */
export default defineConfig({
  resolve: { alias: { '@': fileURLToPath(new URL('resources/js', import.meta.url)) } },
  test: { include: ['resources/js/**/*.test.ts'] },
});
