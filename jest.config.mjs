const swc = {
  '^.+\\.tsx?$': [
    '@swc/jest',
    {
      jsc: {
        target: 'es2022',
        parser: { syntax: 'typescript', tsx: true },
        transform: { react: { runtime: 'automatic', importSource: '@/ui/spelling' } },
      },
    },
  ],
};
const shared = {
  rootDir: '.',
  transform: swc,
  moduleNameMapper: {
    '^@/(.*)$': '<rootDir>/src/$1',
    '\\.css$': '<rootDir>/tests/builders/emptyStyle.ts',
  },
  // culori ships ES modules only; the tests use it as an independent check.
  transformIgnorePatterns: ['/node_modules/(?!(culori)/)'],
};
shared.transform['node_modules/culori/.+\\.js$'] = [
  '@swc/jest',
  { jsc: { target: 'es2022' }, module: { type: 'commonjs' } },
];

const config = {
  // All cores: nothing else runs beside the tests.
  maxWorkers: '100%',
  // A busy machine may be five times slower than a calm one; a test that hangs still ends.
  testTimeout: 60000,
  projects: [
    {
      ...shared,
      displayName: 'core',
      testEnvironment: 'node',
      testMatch: ['<rootDir>/src/**/*.test.ts'],
      setupFiles: ['<rootDir>/tests/builders/setupNode.ts'],
    },
    {
      ...shared,
      displayName: 'components',
      testEnvironment: 'jsdom',
      testMatch: ['<rootDir>/src/**/*.test.tsx'],
      setupFilesAfterEnv: ['<rootDir>/tests/builders/setupDom.ts'],
    },
  ],
};
export default config;
