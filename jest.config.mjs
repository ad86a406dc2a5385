const shared = {
  rootDir: import.meta.dirname,
  extensionsToTreatAsEsm: ['.ts', '.tsx'],
  transform: {
    '^.+\\.tsx?$': [
      '<rootDir>/scripts/steps/jest-transform.mjs',
      {
        jsc: {
          parser: { syntax: 'typescript', tsx: true },
          target: 'es2022',
          transform: { react: { runtime: 'automatic' } },
        },
        module: { type: 'es6' },
      },
    ],
  },
  moduleFileExtensions: ['ts', 'tsx', 'js', 'mjs', 'json'],
  testEnvironment: 'node',
  modulePathIgnorePatterns: ['/dist/', '/.haveld/'],
};

export default {
  watchman: false,
  testTimeout: 180_000,
  projects: [
    {
      ...shared,
      displayName: 'unit',
      testMatch: [
        '<rootDir>/{core,contract,engine,cli,demo,web}/src/**/*.test.ts',
        '<rootDir>/server/src/**/*.test.ts',
      ],
      testPathIgnorePatterns: ['\\.api\\.test\\.ts$', '/node_modules/'],
    },
    {
      ...shared,
      displayName: 'screens',
      testEnvironment: '<rootDir>/web/src/testing/browser-like.mjs',
      testMatch: ['<rootDir>/web/src/**/*.test.tsx'],
      moduleNameMapper: { '\\.css$': '<rootDir>/web/src/testing/no-style.ts' },
      setupFiles: ['<rootDir>/web/src/testing/set-up.ts'],
    },
    { ...shared, displayName: 'api', testMatch: ['<rootDir>/server/src/**/*.api.test.ts'] },
  ],
};
