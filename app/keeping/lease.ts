/**
 * One tab at a time works on a quilt. A tab that opens it asks the others; the owner answers, and then the newcomer
 * only looks. A tab that takes over asks the owner to hand over: it first keeps what it has, and stops. Tabs talk by
 * BroadcastChannel, which needs no storage; a beat in quick storage, where there is one, tells of an owner that is
 * too busy to answer.
 */
export interface Lease {
  isMine: Readonly<Ref<boolean>>
  /** Not known yet. */
  isAsking: Readonly<Ref<boolean>>
  /** Set when the quilt was removed from the shelf in another tab. */
  isGone: Readonly<Ref<boolean>>
  /** Settled once it is known whether another tab has it. */
  ready: Promise<void>
  /** Takes the quilt over when its owner has kept its work, or does not answer. */
  takeOver: () => Promise<void>
  release: () => void
}

/** What tabs tell each other of one quilt. */
type Message =
  | { kind: 'who'; from: string }
  | { kind: 'mine'; from: string; since: number }
  | { kind: 'hand-over'; from: string }
  | { kind: 'handed'; from: string }
  | { kind: 'free'; from: string }
  | { kind: 'gone'; from: string }

const BEAT_MS = 2000
const STALE_MS = 3 * BEAT_MS
/** A tab that owns a quilt answers well within this. */
const ANSWER_MS = 150
/** So long an owner may take to keep its work before it hands over. */
const HAND_OVER_MS = 2000

interface Beat {
  tab: string
  at: number
}

const nameOf = (quiltId: string) => `wren-lease:${quiltId}`

/** `onLosing`: keeps what is not kept yet; the quilt is handed over when it is done. */
export function holdLease(quiltId: string, onLosing: () => Promise<void>): Lease {
  const key = nameOf(quiltId)
  const tab = `${Date.now()}-${Math.random()}`
  const channel = openChannel(key)
  const isMine = ref(false)
  const isGone = ref(false)
  const isAsking = ref(true)
  let onHanded: (() => void) | null = null
  /** When this tab took the quilt, and when it last heard of an owner. */
  let since = 0
  let heardAt = 0

  const say = (kind: Exclude<Message['kind'], 'mine'>) => channel?.postMessage({ kind, from: tab } satisfies Message)
  const sayMine = () => channel?.postMessage({ kind: 'mine', from: tab, since } satisfies Message)

  function read(): Beat | null {
    try {
      return JSON.parse(localStorage.getItem(key) ?? 'null') as Beat | null
    } catch {
      return null
    }
  }
  function beat() {
    try {
      localStorage.setItem(key, JSON.stringify({ tab, at: Date.now() } satisfies Beat))
    } catch {
      // quick storage full or refused: the channel alone tells other tabs
    }
  }
  function isTakenElsewhere(): boolean {
    const other = read()
    return other !== null && other.tab !== tab && Date.now() - other.at < STALE_MS
  }
  function take() {
    isAsking.value = false
    since = Date.now()
    isMine.value = true
    beat()
    sayMine()
  }
  async function handOver() {
    isMine.value = false
    await onLosing().catch(() => {})
    say('handed')
  }

  function hear({ data }: MessageEvent<Message>) {
    switch (data.kind) {
      // of two that ask at once the one with the smaller name stays
      case 'who':
        if (isMine.value || (isAsking.value && tab < data.from)) sayMine()
        break
      case 'mine':
        isAsking.value = false
        heardAt = Date.now()
        // of two owners the later stays: the other slept, or took it in the same instant
        if (isMine.value && (data.since > since || (data.since === since && data.from > tab))) isMine.value = false
        else if (isMine.value) sayMine()
        break
      case 'hand-over':
        if (isMine.value) void handOver()
        break
      case 'handed':
        onHanded?.()
        break
      case 'free':
        if (!isMine.value && !isGone.value) take()
        break
      case 'gone':
        isGone.value = true
        isMine.value = false
    }
  }
  channel?.addEventListener('message', hear)
  say('who')
  const ready = new Promise<void>(resolve => {
    setTimeout(
      () => {
        if (isAsking.value && !isTakenElsewhere()) take()
        isAsking.value = false
        resolve()
      },
      channel ? ANSWER_MS : 0,
    )
  })
  const timer = setInterval(() => {
    if (isMine.value) return beat()
    if (isAsking.value || isGone.value) return
    // an owner that died without a word answers no more, and its beat grows old
    if (!isTakenElsewhere() && Date.now() - heardAt > STALE_MS) take()
    else say('who')
  }, BEAT_MS)

  async function takeOver() {
    if (isMine.value) return
    await new Promise<void>(resolve => {
      onHanded = resolve
      say('hand-over')
      setTimeout(resolve, channel ? HAND_OVER_MS : 0)
    })
    onHanded = null
    isGone.value = false
    take()
  }

  function release() {
    clearInterval(timer)
    window.removeEventListener('pagehide', release)
    if (isMine.value) {
      say('free')
      try {
        if (read()?.tab === tab) localStorage.removeItem(key)
      } catch {
        // refused: there is nothing to take away
      }
    }
    channel?.close()
    isMine.value = false
  }
  window.addEventListener('pagehide', release, { once: true })
  return { isMine: readonly(isMine), isAsking: readonly(isAsking), isGone: readonly(isGone), ready, takeOver, release }
}

/** Tells a tab that has the quilt open that it was removed from the shelf. */
export function sayGone(quiltId: string) {
  const channel = openChannel(nameOf(quiltId))
  channel?.postMessage({ kind: 'gone', from: 'shelf' } satisfies Message)
  channel?.close()
}

function openChannel(name: string): BroadcastChannel | null {
  return typeof BroadcastChannel === 'undefined' ? null : new BroadcastChannel(name)
}
