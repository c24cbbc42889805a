import { canBeKept, keepApplication } from '~/offline/serviceWorker'

/** The application is kept in the browser when nothing else is to be done: so long after the start at the latest. */
const KEPT_AFTER_MS = 4000

/** Opens without a network from the second visit on; where a browser keeps nothing, stations are fetched ahead. */
export default defineNuxtPlugin(nuxt => {
  // the development server changes its files under the feet of a worker
  if (import.meta.dev) return
  nuxt.hook('app:mounted', () => {
    const run = () => void (canBeKept() ? keepApplication().catch(fetchStations) : fetchStations())
    if ('requestIdleCallback' in window) requestIdleCallback(run, { timeout: KEPT_AFTER_MS })
    else setTimeout(run, KEPT_AFTER_MS)
  })
  const router = useRouter()
  /** The code of every station, one after the other. */
  async function fetchStations() {
    for (const { path } of router.getRoutes())
      await preloadRouteComponents(path.replaceAll(/:\w+\(\)/g, 'any')).catch(() => {})
  }
})
