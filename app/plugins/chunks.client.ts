/** Whether the server has this page now. */
const isThere = (path: string) =>
  fetch(path, { method: 'HEAD' }).then(
    ({ ok }) => ok,
    () => false,
  )

/** Where the code of a station cannot be fetched the page stays as it is, and says why nothing opens. */
export default defineNuxtPlugin(nuxt => {
  const { say } = useToasts()
  nuxt.hook('app:chunkError', () => {
    say('This page needs the network once', 'Its code is not here yet. Go on here, and try again when you are online.')
  })
  const router = useRouter()
  const failed = new Set<string>()
  // what was to be opened stays closed, and the page before it open
  router.onError(async (_, { path, fullPath }) => {
    const isAgain = failed.has(path)
    failed.add(path)
    // some browsers remember what could not be fetched until the page is loaded anew
    if (!isAgain || !(await isThere(fullPath))) return
    await useQuilt().saveNow()
    location.assign(fullPath)
  })
})
