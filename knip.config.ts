import type { KnipConfig } from 'knip'

/** What nobody uses is found here: files, exports, dependencies. */
export default {
  entry: ['cli/main.ts', 'scripts/*.mjs'],
  paths: { '~~/*': ['./*'], '~/*': ['./app/*'] },
  // an export that its own file uses too says what the file is about
  ignoreExportsUsedInFile: true,
  // icons are named in style sheets and templates; vueuse comes by way of its module for Nuxt, which also
  // finds the command of vue-tsc
  ignoreDependencies: ['@iconify-json/lucide', '@vueuse/core', 'vue-tsc'],
  exclude: ['types'],
} satisfies KnipConfig
