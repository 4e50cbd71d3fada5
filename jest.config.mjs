export default {
  testEnvironment: 'node',
  // Every core is used, and no test fails because it had to wait for one.
  maxWorkers: '100%',
  testTimeout: 120_000,
  roots: ['<rootDir>/src', '<rootDir>/corpus'],
  testMatch: ['**/*.test.ts', '**/*.test.tsx'],
  moduleNameMapper: { '^@/(.*)$': '<rootDir>/src/$1' },
  transform: {
    '^.+\\.(t|j|mj)sx?$': [
      '@swc/jest',
      { jsc: { parser: { syntax: 'typescript', tsx: true }, target: 'es2022', transform: { react: { runtime: 'automatic' } } } },
    ],
  },
  transformIgnorePatterns: [
    'node_modules/(?!(culori|franc-min|trigram-utils|n-gram|collapse-white-space|syllable|flesch|nspell|xkcd-colors|htmlparser2|domhandler|domutils|dom-serializer|domelementtype|entities|@exodus)/)',
  ],
};
