/** So many frames a page is given until it is as long as it was: pictures come a little later. */
const FRAMES = 20

/**
 * Where one was on each page: a page that is gone to opens at its top, one that is gone back to where it was left. The
 * router does this for windows that scroll; here the part below the head does.
 */
export function useReadingPlace(scroller: Readonly<Ref<HTMLElement | null>>) {
  const router = useRouter()
  const nuxt = useNuxtApp()
  /** By the place of the page in the browser's history. */
  const tops = new Map<number, number>()
  const placeInHistory = () => Number(router.options.history.state.position)
  let here = placeInHistory()
  let isByHistory = false
  useEventListener(window, 'popstate', () => (isByHistory = true))
  const stops = [
    router.beforeEach(() => void tops.set(here, scroller.value?.scrollTop ?? 0)),
    router.afterEach((to, from) => {
      here = placeInHistory()
      // where one goes on from here nothing was read yet
      if (!isByHistory) [...tops.keys()].filter(place => place >= here).forEach(place => tops.delete(place))
      isByHistory = false
      if (to.path === from.path) return
      nuxt.hooks.hookOnce('page:finish', () => show(here, tops.get(here) ?? 0))
    }),
  ]
  onBeforeUnmount(() => stops.forEach(stop => stop()))

  function show(place: number, top: number, frames = FRAMES) {
    requestAnimationFrame(() => {
      if (place !== here) return
      scroller.value?.scrollTo({ top, behavior: 'instant' })
      if (top > 0 && frames > 1) show(place, top, frames - 1)
    })
  }
}
