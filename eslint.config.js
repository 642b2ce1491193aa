import js from '@eslint/js';
import hooks from 'eslint-plugin-react-hooks';
import { defineConfig } from 'eslint/config';
import tseslint from 'typescript-eslint';

/** Dependencies run one way: pages → features → charts, ui → lib; on the bench controls, advice, drawings → session. */
const above = {
  'features/bench/session': ['@/ui/*', '@/charts/*', '@/pages/*', '../controls/*', '../advice/*', '../drawings/*'],
  lib: ['@/pages/*', '@/features/*', '@/charts/*', '@/ui/*'],
  ui: ['@/pages/*', '@/features/*', '@/charts/*'],
  charts: ['@/pages/*', '@/features/*'],
  features: ['@/pages/*'],
};

export default defineConfig(
  { ignores: ['resources/js/types/generated.ts'] },
  js.configs.recommended,
  tseslint.configs.strictTypeChecked,
  {
    languageOptions: { parserOptions: { projectService: { allowDefaultProject: ['eslint.config.js'] } } },
    plugins: { 'react-hooks': hooks },
    rules: {
      ...hooks.configs.recommended.rules,
      '@typescript-eslint/restrict-template-expressions': ['error', { allowNumber: true }],
    },
  },
  ...Object.entries(above).map(([folder, patterns]) => ({
    files: [`resources/js/${folder}/**`],
    rules: { 'no-restricted-imports': ['error', { patterns }] },
  })),
);
