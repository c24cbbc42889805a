import stylistic from '@stylistic/eslint-plugin'
import prettier from 'eslint-config-prettier'
import withNuxt from './.nuxt/eslint.config.mjs'

// the composer below expects Object.groupBy, which came with Node 21
Object.groupBy ??= (items, keyOf) => {
  const groups = Object.create(null)
  for (const item of items) (groups[keyOf(item)] ??= []).push(item)
  return groups
}

export default withNuxt(
  { ignores: ['cli/dist/**', 'docs/**', 'test-results/**', 'playwright-report/**'] },
  {
    rules: {
      'vue/multi-word-component-names': 'off',
      '@typescript-eslint/no-unused-vars': [
        'error',
        {
          argsIgnorePattern: '^_',
          varsIgnorePattern: '^_',
          destructuredArrayIgnorePattern: '^_',
          ignoreRestSiblings: true,
        },
      ],
    },
  },
  {
    // the core computes and knows nothing else: no interface, no platform, nothing outside itself but a few pure
    // libraries
    files: ['core/**/*.ts'],
    ignores: ['core/**/*.test.ts', 'core/testing/**'],
    rules: {
      'no-restricted-imports': [
        'error',
        {
          patterns: [
            {
              regex: '^(?!\\.{1,2}/|zod$|flatbush$|saxes$|culori/fn$|polygon-clipping$)',
              message: 'The core imports nothing but itself, zod, flatbush, saxes, culori and polygon-clipping.',
            },
            {
              regex: '\\.\\./(app|server|cli|words|e2e|demo)/',
              message: 'The core imports nothing of the layers above it.',
            },
          ],
        },
      ],
      'no-restricted-globals': [
        'error',
        'window',
        'document',
        'process',
        'performance',
        'localStorage',
        'navigator',
        'Date',
      ],
      'no-restricted-properties': [
        'error',
        { object: 'Math', property: 'random', message: 'Randomness comes in as an argument.' },
      ],
    },
  },
  {
    files: ['words/*.ts'],
    ignores: ['words/*.test.ts'],
    rules: {
      'no-restricted-imports': [
        'error',
        { patterns: [{ regex: '^(?!\\./|\\.\\./core/)', message: 'Words are made from the core alone.' }] },
      ],
    },
  },
  {
    files: ['words/*/*.ts'],
    rules: {
      'no-restricted-imports': [
        'error',
        {
          patterns: [
            { regex: '^(?!\\./|\\.\\./\\w+$|\\.\\./\\.\\./core/)', message: 'Words are made from the core alone.' },
          ],
        },
      ],
    },
  },
  prettier,
  {
    // Prettier lays code out; what it cannot break, a comment or a sentence, is broken by hand
    plugins: { '@stylistic': stylistic },
    files: ['**/*.{ts,mjs,vue}'],
    rules: {
      '@stylistic/max-len': ['error', { code: 120, ignoreUrls: true }],
      '@stylistic/max-statements-per-line': ['error', { max: 1 }],
      'one-var': ['error', 'never'],
    },
  },
)
