// The service worker that keeps the whole application in the browser, so that it opens without a network.
import { generateSW } from 'workbox-build'

/**
 * Writes `sw.js` into a folder of files that a server sends. The page itself is rendered by the server, so that no
 * file tells when it is another: the name of the build stands for it.
 */
export async function writeServiceWorker(folder, buildId) {
  const { warnings } = await generateSW({
    mode: 'production',
    swDest: `${folder}/sw.js`,
    globDirectory: folder,
    globPatterns: ['**/*.{js,css,woff,woff2,svg,json,webmanifest}'],
    additionalManifestEntries: [{ url: '/', revision: buildId }],
    navigateFallback: '/',
    navigateFallbackDenylist: [/^\/api\//, /^\/licences\.txt$/],
    maximumFileSizeToCacheInBytes: 4e6,
    inlineWorkboxRuntime: true,
    sourcemap: false,
    cleanupOutdatedCaches: true,
    // the first visit is served by it at once; a newer one waits until it is taken
    clientsClaim: true,
    skipWaiting: false,
  })
  if (warnings.length > 0) throw new Error(`the service worker is not whole: ${warnings.join(' ')}`)
}
