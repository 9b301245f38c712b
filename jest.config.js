/** Core and server read the sources; swc does not check types, `npm run types` does. */
export default {
  testMatch: ['<rootDir>/packages/**/*.test.ts', '<rootDir>/apps/**/*.test.ts', '<rootDir>/scripts/**/*.test.ts'],
  // machines may be shared and slow for a while: a test waits rather than fails
  testTimeout: 120_000,
  // the property suites take most of the time: no core stays idle
  maxWorkers: '100%',
  extensionsToTreatAsEsm: ['.ts', '.tsx'],
  testEnvironmentOptions: { customExportConditions: ['source', 'node', 'node-addons'] },
  transform: {
    '^.+\\.tsx?$': [
      '@swc/jest',
      {
        jsc: {
          parser: { syntax: 'typescript', tsx: false, decorators: true },
          transform: { legacyDecorator: true, decoratorMetadata: true, useDefineForClassFields: false },
          target: 'es2022',
        },
        module: { type: 'es6' },
      },
    ],
  },
  modulePathIgnorePatterns: ['/dist/'],
};
