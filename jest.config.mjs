export default {
  roots: ['core', 'words', 'cli', 'papers', 'app', 'server'].map(folder => `<rootDir>/${folder}`),
  testMatch: ['**/*.test.ts'],
  // these are written as modules
  transformIgnorePatterns: ['/node_modules/(?!(culori|flatbush|flatqueue|@vueuse)/)'],
  transform: { '\\.(ts|js)$': ['@swc/jest', { jsc: { target: 'es2022', parser: { syntax: 'typescript' } } }] },
  testEnvironment: 'node',
  // a machine that others use too may take its time
  testTimeout: 60_000,
  setupFiles: ['<rootDir>/app/testing/autoImports.ts', '<rootDir>/core/testing/propertyLimits.ts'],
  moduleNameMapper: { '^~~/(.*)$': '<rootDir>/$1', '^~/(.*)$': '<rootDir>/app/$1' },
}
