import { holdLease, sayGone, type Lease } from './lease'

/** Tabs of one browser: one quick storage, and a channel that carries every message to the others at once. */
const stored = new Map<string, string>()
const storage = { isFull: false }
const channels = new Set<Channel>()
class Channel {
  listeners: ((event: { data: unknown }) => void)[] = []
  constructor(readonly name: string) {
    channels.add(this)
  }

  addEventListener(_: string, listener: (event: { data: unknown }) => void) {
    this.listeners.push(listener)
  }

  postMessage(data: unknown) {
    for (const other of [...channels])
      if (other !== this && other.name === this.name) other.listeners.forEach(listener => listener({ data }))
  }

  close() {
    channels.delete(this)
  }
}
Object.assign(globalThis, {
  BroadcastChannel: Channel,
  localStorage: {
    getItem: (key: string) => {
      if (storage.isFull) throw new Error('refused')
      return stored.get(key) ?? null
    },
    setItem: (key: string, value: string) => {
      if (storage.isFull) throw new Error('full')
      stored.set(key, value)
    },
    removeItem: (key: string) => stored.delete(key),
  },
  window: { addEventListener: () => {}, removeEventListener: () => {} },
})

const nothing = async () => {}
const owners = (...leases: Lease[]) => leases.map(lease => lease.isMine.value)
/** Tabs opened one after the other, each told who has it. */
async function open(count: number, onLosing = nothing): Promise<Lease[]> {
  const leases: Lease[] = []
  for (let i = 0; i < count; i++) {
    leases.push(holdLease('q', onLosing))
    await jest.advanceTimersByTimeAsync(300)
  }
  return leases
}

beforeEach(() => {
  stored.clear()
  channels.clear()
  storage.isFull = false
  jest.useFakeTimers()
})
afterEach(() => jest.useRealTimers())

describe.each([
  ['with quick storage', false],
  ['with quick storage that refuses', true],
])('%s', (_, isFull) => {
  beforeEach(() => {
    storage.isFull = isFull
  })

  test('the first tab has the quilt, those after it look on, and when it goes one of them has it', async () => {
    const leases = await open(3)
    expect(owners(...leases)).toEqual([true, false, false])
    await jest.advanceTimersByTimeAsync(60_000)
    expect(owners(...leases)).toEqual([true, false, false])
    leases[0]!.release()
    await jest.advanceTimersByTimeAsync(1000)
    expect(owners(...leases.slice(1)).filter(Boolean)).toHaveLength(1)
  })

  test('two that open in the same instant: one of them', async () => {
    const both = [holdLease('q', nothing), holdLease('q', nothing)]
    await jest.advanceTimersByTimeAsync(1000)
    expect(owners(...both).filter(Boolean)).toHaveLength(1)
  })

  test('taking over waits until the owner has kept its work; then there is one owner, and both know', async () => {
    const kept: string[] = []
    const [first, second] = (await open(2, async () => {
      await new Promise(resolve => setTimeout(resolve, 400))
      kept.push('work')
    })) as [Lease, Lease]
    const taking = second.takeOver()
    await jest.advanceTimersByTimeAsync(100)
    expect(owners(first, second)).toEqual([false, false])
    await jest.advanceTimersByTimeAsync(400)
    await taking
    expect(kept).toEqual(['work'])
    expect(owners(first, second)).toEqual([false, true])
    await Promise.all([first.takeOver(), jest.advanceTimersByTimeAsync(3000)])
    expect(owners(first, second)).toEqual([true, false])
  })

  test('an owner that does not answer is not waited for for ever', async () => {
    const [first, second] = (await open(2, () => new Promise(() => {}))) as [Lease, Lease]
    await Promise.all([second.takeOver(), jest.advanceTimersByTimeAsync(3000)])
    expect(owners(first, second)).toEqual([false, true])
  })

  test('a quilt that is removed from the shelf belongs to nobody, and every tab is told', async () => {
    const leases = await open(2)
    sayGone('q')
    expect(owners(...leases)).toEqual([false, false])
    expect(leases.map(lease => lease.isGone.value)).toEqual([true, true])
    await Promise.all([leases[0]!.takeOver(), jest.advanceTimersByTimeAsync(3000)])
    expect(owners(...leases)).toEqual([true, false])
  })
})

test('an owner that died without a word is missed after a while, and one that looks on has the quilt', async () => {
  stored.set('wren-lease:q', JSON.stringify({ tab: 'dead', at: Date.now() - 1000 }))
  const leases = await open(2)
  expect(owners(...leases)).toEqual([false, false])
  await jest.advanceTimersByTimeAsync(12_000)
  expect(owners(...leases).filter(Boolean)).toHaveLength(1)
})

test('an owner that slept while another took the quilt gives way when it wakes', async () => {
  const [first] = (await open(1)) as [Lease]
  const sleeper = [...channels][0]!
  channels.delete(sleeper)
  stored.clear()
  jest.setSystemTime(Date.now() + 60_000)
  const second = holdLease('q', nothing)
  await jest.advanceTimersByTimeAsync(200)
  expect(owners(first, second)).toEqual([true, true])
  channels.add(sleeper)
  await jest.advanceTimersByTimeAsync(1)
  const third = holdLease('q', nothing)
  await jest.advanceTimersByTimeAsync(3000)
  expect(owners(first, second, third)).toEqual([false, true, false])
})

test('another quilt is another matter', async () => {
  const [one, other] = [holdLease('q', nothing), holdLease('other', nothing)]
  await jest.advanceTimersByTimeAsync(300)
  expect(owners(one, other)).toEqual([true, true])
})

test('a beat left by a dead tab grows old, and broken text in its place does no harm', async () => {
  stored.set('wren-lease:q', JSON.stringify({ tab: 'dead', at: Date.now() - 60_000 }))
  expect(owners(...(await open(1)))).toEqual([true])
  stored.set('wren-lease:r', '{broken')
  const lease = holdLease('r', nothing)
  await jest.advanceTimersByTimeAsync(300)
  expect(lease.isMine.value).toBe(true)
})
