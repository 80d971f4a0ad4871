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
/**
 * Test files run inside a context of their own, in which each look at a global thing goes the long way round; reckoning in loops is several
 * times slower for it. These are handed to every module by name instead.
 */
const LOCAL_GLOBALS = [
  'Math',
  'Infinity',
  'Number',
  'Array',
  'Object',
  'Map',
  'Set',
  'WeakMap',
  'JSON',
  'BigInt',
  'Boolean',
  'String',
  'Float64Array',
  'Float32Array',
  'Uint8Array',
  'Uint8ClampedArray',
  'Uint16Array',
  'Int8Array',
  'Int16Array',
  'Uint32Array',
  'Int32Array',
];
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
      sandboxInjectedGlobals: LOCAL_GLOBALS,
      testMatch: ['<rootDir>/src/**/*.test.ts'],
      setupFiles: ['<rootDir>/tests/builders/setupNode.ts'],
    },
    {
      ...shared,
      displayName: 'components',
      testEnvironment: 'jsdom',
      // Icons are called Map and Infinity too.
      sandboxInjectedGlobals: ['Math'],
      testMatch: ['<rootDir>/src/**/*.test.tsx'],
      setupFilesAfterEnv: ['<rootDir>/tests/builders/setupDom.ts'],
    },
  ],
};
export default config;
