export default {
  roots: ['<rootDir>/core', '<rootDir>/words', '<rootDir>/cli', '<rootDir>/app'],
  testMatch: ['**/*.test.ts'],
  transform: { '\\.ts$': ['@swc/jest', { jsc: { target: 'es2022', parser: { syntax: 'typescript' } } }] },
  testEnvironment: 'node',
  moduleNameMapper: { '^~~/(.*)$': '<rootDir>/$1', '^~/(.*)$': '<rootDir>/app/$1' },
}
