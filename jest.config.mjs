export default {
  testEnvironment: 'node',
  // A busy machine is slow, not wrong.
  testTimeout: 300_000,
  testEnvironmentOptions: { globalsCleanup: 'off' },
  roots: ['<rootDir>/src'],
  setupFilesAfterEnv: ['<rootDir>/jest.channels.mjs', '<rootDir>/jest.day.mjs'],
  transform: {
    '^.+\\.m?[jt]sx?$': [
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
  // These are published as ES modules only.
  transformIgnorePatterns: ['/node_modules/(?!(uuid|@noble/hashes|d3-polygon|syllable|pdfjs-dist)/)'],
  moduleNameMapper: { '^@/(.*)$': '<rootDir>/src/$1' },
}
