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
  moduleNameMapper: { '^@/(.*)$': '<rootDir>/src/$1', '^server-only$': '<rootDir>/tests/emptyModule.cjs' },
  testEnvironment: 'node',
  // Shipped as ES modules only.
  transformIgnorePatterns: ['node_modules/(?!(mariadb|ulid|openchemlib|@noble/hashes)/)'],
};
export default {
  projects: [
    {
      ...shared,
      displayName: 'unit',
      testMatch: ['<rootDir>/src/**/*.test.{ts,tsx}', '<rootDir>/tests/unit/**/*.test.ts'],
    },
    { ...shared, displayName: 'service', testMatch: ['<rootDir>/tests/service/**/*.test.ts'] },
  ],
};
