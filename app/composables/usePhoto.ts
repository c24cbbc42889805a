import { heardWorker } from '~/workers/heardWorker'
import type { FromPictureWorker, PictureWish, ToPictureWorker } from '~/workers/pictureWorker'

type Opened = Extract<FromPictureWorker, { kind: 'opened' }>
type Reduced = Extract<FromPictureWorker, { kind: 'reduced' }>
type Refused = Extract<FromPictureWorker, { kind: 'refused' }>

/** Reading a picture takes no longer, or never ends. */
const MAX_MS = 20_000

const startWorker = () => new Worker(new URL('../workers/pictureWorker.ts', import.meta.url), { type: 'module' })

/** A photograph read in a worker of its own: it leaves the machine in no way, and is gone when this is. */
export function usePhoto() {
  const opened = shallowRef<Opened | null>(null)
  const refused = shallowRef<Refused['why'] | { code: 'no-worker' } | null>(null)
  const reduced = shallowRef<(Reduced & { wish: PictureWish }) | null>(null)
  const isBusy = ref(false)
  let worker: Worker | null = null
  let asked: { id: number; wish: PictureWish } | null = null
  let next: PictureWish | null = null
  let timer: ReturnType<typeof setTimeout> | undefined

  function send(message: ToPictureWorker) {
    isBusy.value = true
    clearTimeout(timer)
    timer = setTimeout(() => fail({ code: 'unreadable' }), MAX_MS)
    worker!.postMessage(message)
  }
  function hear(data: FromPictureWorker) {
    clearTimeout(timer)
    isBusy.value = false
    if (data.kind === 'refused') return fail(data.why)
    if (data.kind === 'opened') opened.value = data
    else if (asked) reduced.value = { ...data, wish: asked.wish }
    // what was asked for meanwhile; all between is of no interest
    if (next) ask(next)
  }
  function fail(why: NonNullable<typeof refused.value>) {
    end()
    refused.value = why
  }
  function end() {
    clearTimeout(timer)
    worker?.terminate()
    worker = asked = next = null
    isBusy.value = false
    opened.value = reduced.value = refused.value = null
  }
  function open(chosen: Blob) {
    end()
    worker = heardWorker(startWorker, hear, () => fail({ code: 'unreadable' }))
    if (!worker) return fail({ code: 'no-worker' })
    send({ kind: 'open', file: chosen })
  }
  /** In few cloths, so; the newest wish counts. */
  function ask(wish: PictureWish) {
    if (!worker || !opened.value || isBusy.value) {
      next = wish
      return
    }
    next = null
    asked = { id: (asked?.id ?? 0) + 1, wish }
    send({ kind: 'reduce', ...asked, ...wish })
  }
  onBeforeUnmount(end)
  return { opened, refused, reduced, isBusy, open, ask, end }
}
