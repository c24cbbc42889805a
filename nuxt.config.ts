import { fileURLToPath } from 'node:url'
import { build } from 'esbuild'
import { writeServiceWorker } from './scripts/serviceWorker.mjs'

const fonts = fileURLToPath(new URL('node_modules/@fontsource/commissioner/files', import.meta.url))

export default defineNuxtConfig({
  modules: ['@nuxt/ui', '@pinia/nuxt', '@vueuse/nuxt', '@nuxt/eslint'],
  // a quilt lives in the browser's own storage; there is nothing for a server to render
  ssr: false,
  components: [{ path: '~/components', pathPrefix: false }],
  devtools: { enabled: false },
  app: {
    head: {
      title: 'Wren',
      htmlAttrs: { lang: 'en' },
      meta: [
        { name: 'viewport', content: 'width=device-width, initial-scale=1' },
        { name: 'description', content: 'Plans a patchwork quilt from first sketch to last stitch.' },
      ],
      link: [
        { rel: 'icon', type: 'image/svg+xml', href: '/wren.svg' },
        { rel: 'manifest', href: '/manifest.webmanifest' },
      ],
    },
  },
  css: ['~/assets/wren.css'],
  ui: { fonts: false },
  spaLoadingTemplate: 'spa-loading-template.html',
  // NUXT_PUBLIC_DEMO=1 puts the demo quilts on an empty shelf at the first visit
  runtimeConfig: { public: { demo: '' } },
  compatibilityDate: '2026-06-01',
  typescript: { strict: true, tsConfig: { compilerOptions: { noUncheckedIndexedAccess: true, types: ['jest'] } } },
  telemetry: false,
  vite: {
    $client: {
      // what pages share would be a file for each few lines of it: two hundred to fetch before a page shows
      build: { rollupOptions: { output: { experimentalMinChunkSize: 8_000 } } },
    },
  },
  // a station whose code cannot be fetched must not take the page away: plugins/chunks.client.ts says what to do
  experimental: {
    emitRouteChunkError: 'manual',
    // the service worker fetches every station's code, once
    defaults: { nuxtLink: { prefetch: false } },
  },
  hooks: {
    // all files that a browser fetches are there, and none is counted yet by the server that will send them
    'nitro:build:public-assets'({ options }) {
      return writeServiceWorker(options.output.publicDir, options.runtimeConfig.app.buildId)
    },
    'nitro:init'(nitro) {
      // pages are made in threads: what runs in them is a file beside the server's entry
      nitro.hooks.hook('compiled', async () => {
        await build({
          entryPoints: [fileURLToPath(new URL('server/workers/papersWorker.ts', import.meta.url))],
          outfile: `${nitro.options.output.serverDir}/papersWorker.mjs`,
          bundle: true,
          platform: 'node',
          format: 'esm',
          target: 'node20',
          external: ['piscina'],
          alias: { '~~': fileURLToPath(new URL('.', import.meta.url)) },
          logLevel: 'error',
          // the writer of PDFs is of the older kind and calls for its parts while it runs
          banner: {
            js: [
              "import { createRequire as __createRequire } from 'node:module';",
              'const require = __createRequire(import.meta.url);',
            ].join(' '),
          },
        })
      })
    },
    'nitro:config'(nitro) {
      // the fonts that go into PDFs travel with the server; a hook, since the types of Nuxt know nothing of server
      // assets
      Object.assign(nitro, {
        compressPublicAssets: { gzip: true, brotli: true },
        serverAssets: [{ baseName: 'fonts', dir: fonts, pattern: 'commissioner-latin-{400,700}-normal.woff' }],
      })
    },
  },
  eslint: { config: { stylistic: false } },
  icon: {
    provider: 'none',
    clientBundle: { scan: { globInclude: ['app/**/*.{vue,ts}'], globExclude: ['node_modules'] } },
  },
})
