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

const nameOf = (quiltId: string) => `wren-lease:${quiltId}`

/** `onLosing`: keeps what is not kept yet; the quilt is handed over when it is done. */
export function holdLease(quiltId: string, onLosing: () => Promise<void>): Lease {
  const lease = new TabLease(quiltId, onLosing)
  return {
    isMine: readonly(lease.isMine),
    isAsking: readonly(lease.isAsking),
    isGone: readonly(lease.isGone),
    ready: lease.ready,
    takeOver: () => lease.takeOver(),
    release: lease.release,
  }
}

/** This tab's side of the talk about one quilt. */
class TabLease {
  readonly isMine = ref(false)
  readonly isAsking = ref(true)
  readonly isGone = ref(false)
  readonly ready: Promise<void>
  private readonly tab = `${Date.now()}-${Math.random()}`
  private readonly channel: BroadcastChannel | null
  private readonly heart: Heart
  private readonly timer: ReturnType<typeof setInterval>
  private onHanded: (() => void) | null = null
  /** When this tab took the quilt, and when it last heard of an owner. */
  private since = 0
  private heardAt = 0

  constructor(
    quiltId: string,
    private readonly onLosing: () => Promise<void>,
  ) {
    this.heart = new Heart(nameOf(quiltId), this.tab)
    this.channel = openChannel(nameOf(quiltId))
    this.channel?.addEventListener('message', ({ data }: MessageEvent<Message>) => this.hear(data))
    this.say('who')
    this.ready = new Promise<void>(resolve => {
      setTimeout(
        () => {
          if (this.isAsking.value && !this.heart.beatsElsewhere()) this.take()
          this.isAsking.value = false
          resolve()
        },
        this.channel ? ANSWER_MS : 0,
      )
    })
    this.timer = setInterval(() => this.watch(), BEAT_MS)
    window.addEventListener('pagehide', this.release, { once: true })
  }

  async takeOver(): Promise<void> {
    if (this.isMine.value) return
    await new Promise<void>(resolve => {
      this.onHanded = resolve
      this.say('hand-over')
      setTimeout(resolve, this.channel ? HAND_OVER_MS : 0)
    })
    this.onHanded = null
    this.isGone.value = false
    this.take()
  }

  readonly release = (): void => {
    clearInterval(this.timer)
    window.removeEventListener('pagehide', this.release)
    if (this.isMine.value) {
      this.say('free')
      this.heart.stop()
    }
    this.channel?.close()
    this.isMine.value = false
  }

  private take(): void {
    this.isAsking.value = false
    this.since = Date.now()
    this.isMine.value = true
    this.heart.beat()
    this.sayMine()
  }

  private watch(): void {
    if (this.isMine.value) return this.heart.beat()
    if (this.isAsking.value || this.isGone.value) return
    // an owner that died without a word answers no more, and its beat grows old
    if (!this.heart.beatsElsewhere() && Date.now() - this.heardAt > STALE_MS) this.take()
    else this.say('who')
  }

  private async handOver(): Promise<void> {
    this.isMine.value = false
    await this.onLosing().catch(() => {})
    this.say('handed')
  }

  private say(kind: Exclude<Message['kind'], 'mine'>): void {
    this.channel?.postMessage({ kind, from: this.tab } satisfies Message)
  }

  private sayMine(): void {
    this.channel?.postMessage({ kind: 'mine', from: this.tab, since: this.since } satisfies Message)
  }

  private hear(message: Message): void {
    switch (message.kind) {
      // of two that ask at once the one with the smaller name stays
      case 'who':
        if (this.isMine.value || (this.isAsking.value && this.tab < message.from)) this.sayMine()
        break
      case 'mine':
        this.isAsking.value = false
        this.heardAt = Date.now()
        if (!this.isMine.value) break
        // of two owners the later stays: the other slept, or took it in the same instant
        if (message.since > this.since || (message.since === this.since && message.from > this.tab))
          this.isMine.value = false
        else this.sayMine()
        break
      case 'hand-over':
        if (this.isMine.value) void this.handOver()
        break
      case 'handed':
        this.onHanded?.()
        break
      case 'free':
        if (!this.isMine.value && !this.isGone.value) this.take()
        break
      case 'gone':
        this.isGone.value = true
        this.isMine.value = false
    }
  }
}

interface Beat {
  tab: string
  at: number
}

/** The beat of an owner in quick storage; where that is full or refused, the channel alone tells other tabs. */
class Heart {
  constructor(
    private readonly key: string,
    private readonly tab: string,
  ) {}

  beat(): void {
    try {
      localStorage.setItem(this.key, JSON.stringify({ tab: this.tab, at: Date.now() } satisfies Beat))
    } catch {
      // full or refused
    }
  }

  beatsElsewhere(): boolean {
    const other = this.last()
    return other !== null && other.tab !== this.tab && Date.now() - other.at < STALE_MS
  }

  stop(): void {
    try {
      if (this.last()?.tab === this.tab) localStorage.removeItem(this.key)
    } catch {
      // refused: there is nothing to take away
    }
  }

  private last(): Beat | null {
    try {
      return JSON.parse(localStorage.getItem(this.key) ?? 'null') as Beat | null
    } catch {
      return null
    }
  }
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
