import { nextTick } from 'vue'
import { holdLease } from './lease'

/** Two tabs of one browser: one storage, and a channel that carries every message to the others at once. */
const stored = new Map<string, string>()
const channels = new Set<{ listeners: (() => void)[] }>()
class Channel {
  listeners: (() => void)[] = []
  constructor() {
    channels.add(this)
  }

  addEventListener(_: string, listener: () => void) {
    this.listeners.push(listener)
  }

  postMessage() {
    for (const other of channels) if (other !== this) other.listeners.forEach(listener => listener())
  }

  close() {
    channels.delete(this)
  }
}
Object.assign(globalThis, {
  BroadcastChannel: Channel,
  localStorage: { getItem: (key: string) => stored.get(key) ?? null, setItem: (key: string, value: string) => stored.set(key, value), removeItem: (key: string) => stored.delete(key) },
  window: { addEventListener: () => {}, removeEventListener: () => {} },
})

beforeEach(() => {
  stored.clear()
  channels.clear()
  jest.useFakeTimers()
})
afterEach(() => jest.useRealTimers())

test('the first tab works, the second looks; when the first is gone the second works', () => {
  const first = holdLease('q', () => {}), second = holdLease('q', () => {})
  expect([first.isMine.value, second.isMine.value]).toEqual([true, false])
  jest.advanceTimersByTime(20_000)
  expect([first.isMine.value, second.isMine.value]).toEqual([true, false])
  first.release()
  jest.advanceTimersByTime(2000)
  expect(second.isMine.value).toBe(true)
})

test('taking over tells the other tab at once, and it stays told', async () => {
  const lost = jest.fn()
  const first = holdLease('q', lost), second = holdLease('q', () => {})
  second.takeOver()
  await nextTick()
  expect([first.isMine.value, second.isMine.value]).toEqual([false, true])
  expect(lost).toHaveBeenCalledTimes(1)
  jest.advanceTimersByTime(20_000)
  expect([first.isMine.value, second.isMine.value]).toEqual([false, true])
})

test('a tab that died without a word is not waited for', () => {
  stored.set('wren-lease:q', JSON.stringify({ tab: 'dead', at: Date.now() - 60_000 }))
  expect(holdLease('q', () => {}).isMine.value).toBe(true)
})

test('each quilt has its own lease', () => {
  expect([holdLease('q', () => {}), holdLease('other', () => {})].map(lease => lease.isMine.value)).toEqual([true, true])
})

test('what lies in storage and is no lease does no harm', () => {
  stored.set('wren-lease:q', '{broken')
  expect(holdLease('q', () => {}).isMine.value).toBe(true)
})
