export default {
  roots: ['<rootDir>/core', '<rootDir>/words', '<rootDir>/cli'],
  testMatch: ['**/*.test.ts'],
  transform: { '\\.ts$': ['@swc/jest', { jsc: { target: 'es2022', parser: { syntax: 'typescript' } } }] },
  testEnvironment: 'node',
}
