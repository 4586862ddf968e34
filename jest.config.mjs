/** Unit tests stand beside the code; the service suite under tests/service needs DATABASE_URL (bin/test sets it). */
const shared = {
  transform: {
    '^.+\\.[jt]sx?$': [
      '@swc/jest',
      {
        jsc: {
          target: 'es2022',
          parser: { syntax: 'typescript', tsx: true },
          transform: { react: { runtime: 'automatic' } },
        },
      },
    ],
  },
  moduleNameMapper: {
    '^@/(.*)$': '<rootDir>/src/$1',
    '^server-only$': '<rootDir>/tests/emptyModule.cjs',
  },
  testEnvironment: 'node',
  // Tests run in a context whose globals are slow to look up; these are used in every formula.
  sandboxInjectedGlobals: ['Math', 'Number', 'Object', 'Array', 'JSON', 'String', 'Map', 'Set', 'WeakMap'],
  setupFiles: ['<rootDir>/tests/support/fixedSeed.ts'],
  setupFilesAfterEnv: ['<rootDir>/tests/support/slowMachine.ts'],
  // Shipped as ES modules only.
  transformIgnorePatterns: ['node_modules/(?!(mariadb|ulid|openchemlib|@noble/hashes)/)'],
};
export default {
  // A slow machine must not fail a test; what may take how long is judged by the benchmarks.
  testTimeout: 300_000,
  // Jest alone leaves one core to its watcher: of two cores that is half.
  maxWorkers: '100%',
  projects: [
    {
      ...shared,
      displayName: 'unit',
      testMatch: ['<rootDir>/src/**/*.test.{ts,tsx}', '<rootDir>/tests/unit/**/*.test.ts'],
    },
    {
      ...shared,
      displayName: 'service',
      testMatch: ['<rootDir>/tests/service/**/*.test.ts'],
      setupFiles: [...shared.setupFiles, '<rootDir>/tests/support/dataFolder.ts'],
    },
  ],
};
