const parsed = (tsx) => ({
  jsc: {
    parser: { syntax: 'typescript', tsx, decorators: true },
    transform: {
      legacyDecorator: true,
      decoratorMetadata: true,
      useDefineForClassFields: false,
      react: { runtime: 'automatic' },
    },
    target: 'es2022',
  },
  module: { type: 'es6' },
});

/** Core, server and page read the sources; swc does not check types, `npm run types` does. Tests of components say at their
 * head that they need a page: `@jest-environment jsdom`. */
export default {
  testMatch: [
    '<rootDir>/packages/**/*.test.ts',
    '<rootDir>/apps/**/*.test.ts',
    '<rootDir>/apps/**/*.test.tsx',
    '<rootDir>/scripts/**/*.test.ts',
  ],
  // machines may be shared and slow for a while: a test waits rather than fails
  testTimeout: 120_000,
  // the property suites take most of the time: no core stays idle
  maxWorkers: '100%',
  extensionsToTreatAsEsm: ['.ts', '.tsx'],
  testEnvironmentOptions: { customExportConditions: ['@zindle/source', 'node', 'node-addons'] },
  transform: {
    '^.+\\.ts$': ['@swc/jest', parsed(false)],
    '^.+\\.tsx$': ['@swc/jest', parsed(true)],
  },
  setupFiles: ['<rootDir>/apps/web/jest-setup.js'],
  modulePathIgnorePatterns: ['/dist/'],
};
