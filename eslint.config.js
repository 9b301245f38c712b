import js from '@eslint/js';
import prettier from 'eslint-config-prettier';
import reactHooks from 'eslint-plugin-react-hooks';
import tseslint from 'typescript-eslint';

const browser = {
  document: 'readonly',
  Event: 'readonly',
  HTMLInputElement: 'readonly',
  KeyboardEvent: 'readonly',
  requestAnimationFrame: 'readonly',
};
const node = {
  fetch: 'readonly',
  setTimeout: 'readonly',
  structuredClone: 'readonly',
  ...browser,
  console: 'readonly',
  process: 'readonly',
  URL: 'readonly',
  performance: 'readonly',
  Buffer: 'readonly',
};

export default tseslint.config(
  { ignores: ['**/dist/**', '**/node_modules/**', 'coverage/**', 'data/**', 'test-results/**'] },
  js.configs.recommended,
  ...tseslint.configs.recommended,
  {
    rules: {
      '@typescript-eslint/consistent-type-imports': ['error', { fixStyle: 'inline-type-imports' }],
      '@typescript-eslint/no-unused-vars': ['error', { argsIgnorePattern: '^_' }],
      '@typescript-eslint/no-non-null-assertion': 'off',
      eqeqeq: 'error',
      'no-console': 'error',
      'max-lines': ['error', { max: 350, skipBlankLines: true, skipComments: true }],
      complexity: ['error', 14],
      'max-depth': ['error', 3],
    },
  },
  {
    // Nest reads decorator metadata: injected classes are value imports
    files: ['apps/server/src/**/*.ts', 'packages/core/src/document/reading/**/*.ts'],
    rules: { '@typescript-eslint/consistent-type-imports': 'off' },
  },
  {
    files: ['apps/web/src/**/*.{ts,tsx}'],
    plugins: { 'react-hooks': reactHooks },
    rules: { ...reactHooks.configs.recommended.rules },
  },
  {
    files: ['bench/**', 'scripts/**', '**/*.cjs', 'apps/server/src/main.ts', 'apps/server/src/cli/**'],
    languageOptions: { globals: { ...node, module: 'writable', require: 'readonly' } },
    rules: { 'no-console': 'off' },
  },
  prettier,
);
