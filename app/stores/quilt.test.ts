import fc from 'fast-check'
import { ref } from 'vue'
import { setBlocksSize } from '~~/core/edits/blocks'
import type { Edit } from '~~/core/edits/edit'
import { setCounts } from '~~/core/edits/setting'
import { quiltOf, SAMPLE } from '~~/core/testing/quiltOf'
import type { KeptQuilt, KeptSteps } from '~/keeping/keptQuilt'
import { runs } from '~~/core/testing/runs'

const storage = new Map<string, KeptQuilt>()
const ways = new Map<string, KeptSteps>()
const state = {
  isFull: false,
  slow: [] as (() => void)[],
  isSlow: false,
  isMine: ref(true),
  isGone: ref(false),
  asked: [] as unknown[],
}
class MockOvertaken extends Error {}
jest.mock('~/keeping/quiltKeeper', () => ({
  loadKept: async (id: string) => storage.get(id) ?? null,
  Overtaken: MockOvertaken,
  keep: async (quilt: KeptQuilt, steps: Omit<KeptSteps, 'revision'>) => {
    if (state.isSlow) await new Promise<void>(resolve => state.slow.push(resolve))
    if (state.isFull) throw new Error('full')
    if ((storage.get(quilt.id)?.revision ?? 0) !== quilt.revision) throw new MockOvertaken()
    const next = { ...quilt, revision: quilt.revision + 1 }
    storage.set(quilt.id, structuredClone(next))
    ways.set(quilt.id, structuredClone({ ...steps, revision: next.revision }))
    return next
  },
  keepVersion: async (id: string, version: KeptQuilt['versions'][number]) => {
    const stored = storage.get(id)!
    storage.set(id, structuredClone({ ...stored, versions: [version, ...stored.versions] }))
  },
}))
jest.mock('~/keeping/keptSteps', () => ({
  loadSteps: async (id: string, revision: number) =>
    ways.get(id)?.revision === revision ? structuredClone(ways.get(id)) : { past: [], future: [] },
}))
jest.mock('~/keeping/keptForms', () => ({ loadForms: async () => {} }))
jest.mock('~/keeping/lease', () => ({
  holdLease: () => ({
    isMine: state.isMine,
    isAsking: ref(false),
    isGone: state.isGone,
    ready: Promise.resolve(),
    takeOver: async () => (state.isMine.value = true),
    release: () => {},
  }),
}))
jest.mock('~/workers/planClient', () => ({
  createPlanClient: () => ({ ask: (file: unknown) => state.asked.push(file), stop: () => {} }),
}))
const left = new Map<string, string>()
Object.assign(globalThis, {
  localStorage: {
    getItem: (key: string) => left.get(key) ?? null,
    setItem: (key: string, value: string) => left.set(key, value),
    removeItem: (key: string) => left.delete(key),
  },
})

const fresh = (): KeptQuilt => ({
  kept: 1,
  id: 'q',
  revision: 0,
  file: structuredClone(SAMPLE),
  savedAt: '2026-03-01T10:00:00.000Z',
  versions: [],
})
async function opened() {
  const { useQuilt } = await import('./quilt')
  const store = useQuilt()
  expect(await store.open('q')).toBe('open')
  return store
}

/** What the other tab kept is read from storage. */
const readAnew = () => new Promise(resolve => setTimeout(resolve))

beforeEach(() => {
  storage.clear()
  ways.clear()
  left.clear()
  storage.set('q', fresh())
  Object.assign(state, { isFull: false, isSlow: false, slow: [], isMine: ref(true), isGone: ref(false), asked: [] })
})

const edits: [string, Edit][] = [
  ['size', setBlocksSize(8)],
  ['larger', setBlocksSize(12)],
  ['wider', setCounts(7, 7)],
  ['narrow', setCounts(3, 2)],
]

test('after any edits, undos, redos and writes all is as a plain list of states says, the next day too', async () => {
  await fc.assert(
    fc.asyncProperty(
      fc.array(fc.oneof(fc.constantFrom('undo' as const, 'redo' as const, 'save' as const), fc.nat(edits.length - 1)), {
        maxLength: 25,
      }),
      async steps => {
        storage.set('q', fresh())
        const store = await opened()
        const states = [store.file!]
        let at = 0
        for (const step of steps) {
          if (step === 'undo') {
            store.undo()
            at = Math.max(0, at - 1)
          } else if (step === 'redo') {
            store.redo()
            at = Math.min(states.length - 1, at + 1)
          } else if (step === 'save') await store.saveNow()
          else {
            const [name, edit] = edits[step]!
            expect(store.apply(name, edit)).toEqual([])
            states.splice(at + 1, Infinity, edit(states[at]!))
            at += 1
          }
          expect(store.file).toEqual(states[at])
        }
        await store.saveNow()
        expect(storage.get('q')!.file).toEqual(states[at])
        expect(store.isKept).toBe(true)
        const tomorrow = await opened()
        for (let back = at; back-- > 0;) tomorrow.undo()
        expect(tomorrow.file).toEqual(states[0])
        for (const state of states.slice(1)) {
          tomorrow.redo()
          expect(tomorrow.file).toEqual(state)
        }
      },
    ),
    { numRuns: runs(60) },
  )
})

test('what was done and undone between two writes can be done again another day', async () => {
  const store = await opened()
  store.apply('size', setBlocksSize(8))
  await store.saveNow()
  store.apply('larger', setBlocksSize(12))
  store.undo()
  expect(store.isKept).toBe(false)
  await store.saveNow()
  expect(store.isKept).toBe(true)
  await store.open('q')
  store.redo()
  expect(store.quilt!.blocks[0]!.width).toBe(12)
})

test('an edit that cannot be read changes nothing and says why', async () => {
  const store = await opened()
  const before = store.file
  const problems = store.apply('none across', setCounts(0, 2))
  expect(problems.length).toBeGreaterThan(0)
  expect(store.file).toBe(before)
  expect(store.past).toHaveLength(0)
})

test('a preview is drawn and no more: no undo, nothing kept', async () => {
  const store = await opened()
  store.preview(setBlocksSize(15))
  expect(store.quilt!.blocks[0]!.width).toBe(15)
  store.preview(null)
  expect(store.quilt!.blocks[0]!.width).toBe(9)
  expect(store.past).toHaveLength(0)
  expect(store.isKept).toBe(true)
})

test('while another tab works on the quilt nothing can be changed; taking over reads what it kept', async () => {
  const store = await opened()
  state.isMine.value = false
  storage.set('q', {
    ...fresh(),
    revision: 1,
    file: setBlocksSize(10)(structuredClone(SAMPLE)),
    savedAt: '2026-03-01T11:00:00.000Z',
  })
  expect(store.apply('size', setBlocksSize(6))).toEqual([])
  expect(store.quilt!.blocks[0]!.width).toBe(9)
  await store.takeOver()
  await readAnew()
  expect(store.quilt!.blocks[0]!.width).toBe(10)
  store.apply('size', setBlocksSize(6))
  expect(store.quilt!.blocks[0]!.width).toBe(6)
})

test("work that storage never took is one step back when another tab's is taken up", async () => {
  const store = await opened()
  state.isFull = true
  store.apply('size', setBlocksSize(8))
  await store.saveNow()
  state.isMine.value = false
  state.isFull = false
  storage.set('q', {
    ...fresh(),
    revision: 1,
    file: setBlocksSize(10)(structuredClone(SAMPLE)),
    savedAt: '2026-03-01T11:00:00.000Z',
  })
  await store.takeOver()
  await readAnew()
  expect(store.quilt!.blocks[0]!.width).toBe(10)
  store.undo()
  expect(store.quilt!.blocks[0]!.width).toBe(8)
  store.undo()
  expect(store.quilt!.blocks[0]!.width).toBe(9)
})

test('a quilt removed elsewhere is not put back by an edit, only by asking for it', async () => {
  const store = await opened()
  storage.delete('q')
  state.isGone.value = true
  state.isMine.value = false
  store.apply('size', setBlocksSize(8))
  await store.saveNow()
  expect(storage.has('q')).toBe(false)
  state.isGone.value = false
  await store.takeOver()
  await store.saveNow()
  expect(storage.get('q')!.file.blocks[0]!.size).toBe(9)
})

describe('edits that follow each other without a pause', () => {
  const now = (globalThis as { useDebounceFn?: unknown }).useDebounceFn
  // as Nuxt gives it: waits for a pause, but no longer than it is told
  beforeEach(() => {
    jest.useFakeTimers()
    Object.assign(globalThis, {
      useDebounceFn: (run: () => unknown, wait: number, { maxWait = Infinity } = {}) => {
        let [pause, longest]: (ReturnType<typeof setTimeout> | undefined)[] = []
        const go = () => {
          clearTimeout(pause)
          clearTimeout(longest)
          longest = undefined
          run()
        }
        return () => {
          clearTimeout(pause)
          pause = setTimeout(go, wait)
          if (Number.isFinite(maxWait)) longest ??= setTimeout(go, maxWait)
        }
      },
    })
  })
  afterEach(() => {
    jest.useRealTimers()
    Object.assign(globalThis, { useDebounceFn: now })
  })
  test('are in storage within a second each', async () => {
    const store = await opened()
    for (let n = 0; n < 100; n++) {
      store.apply('size', setBlocksSize(5 + (n % 8)))
      await jest.advanceTimersByTimeAsync(40)
      if (n > 25) expect(Date.now() - Date.parse(storage.get('q')!.savedAt)).toBeLessThan(1000)
    }
  })
})

test('storage that is full says so and loses nothing; once there is room again it is kept', async () => {
  const store = await opened()
  state.isFull = true
  store.apply('size', setBlocksSize(8))
  await store.saveNow()
  expect([store.keeping, store.isKept, store.quilt!.blocks[0]!.width]).toEqual(['not-kept', false, 8])
  state.isFull = false
  await store.saveNow()
  expect([store.keeping, store.isKept]).toEqual([null, true])
})

test('writes that overtake each other would leave the older state; they wait their turn', async () => {
  const store = await opened()
  state.isSlow = true
  store.apply('size', setBlocksSize(8))
  await Promise.resolve()
  store.apply('size', setBlocksSize(12))
  const saved = store.saveNow()
  while (!store.isKept) {
    state.slow.shift()?.()
    await new Promise(resolve => setTimeout(resolve))
  }
  await saved
  expect(storage.get('q')!.file.blocks[0]!.size).toBe(12)
})

test('what was changed in the instant of leaving is there at the next opening', async () => {
  const store = await opened()
  state.isSlow = true
  store.apply('size', setBlocksSize(8))
  store.leave()
  // the page is gone before storage has answered
  state.isSlow = false
  const next = await opened()
  expect(next.quilt!.blocks[0]!.width).toBe(8)
  await next.saveNow()
  expect(storage.get('q')!.file.blocks[0]!.size).toBe(8)
  expect(left.size).toBe(0)
})

test('what was left behind does not undo what was kept since', async () => {
  const store = await opened()
  state.isFull = true
  store.apply('size', setBlocksSize(8))
  store.leave()
  storage.set('q', {
    ...fresh(),
    file: setBlocksSize(10)(structuredClone(SAMPLE)),
    savedAt: '2026-03-02T10:00:00.000Z',
  })
  expect((await opened()).quilt!.blocks[0]!.width).toBe(10)
})

test('going back to an earlier version keeps the state before it as a version', async () => {
  storage.set('q', {
    ...fresh(),
    file: setBlocksSize(12)(structuredClone(SAMPLE)),
    versions: [{ at: '2026-02-01T10:00:00.000Z', file: structuredClone(SAMPLE) }],
  })
  const store = await opened()
  await store.restore('2026-02-01T10:00:00.000Z')
  expect(store.quilt!.blocks[0]!.width).toBe(9)
  expect(storage.get('q')!.versions.some(version => version.file.blocks[0]!.size === 12)).toBe(true)
})

test('a quilt that is not there, or cannot be read, is not opened', async () => {
  const { useQuilt } = await import('./quilt')
  expect(await useQuilt().open('nobody')).toBe('missing')
  storage.set('q', { ...fresh(), file: { ...SAMPLE, setting: { across: 0, down: 0 } } as KeptQuilt['file'] })
  expect(await useQuilt().open('q')).toBe('unreadable')
})

test('a tab that looked on reads what was kept since, before it may change anything', async () => {
  state.isMine.value = false
  const store = await opened()
  await Promise.resolve()
  expect(store.canWrite).toBe(false)
  storage.set('q', { ...fresh(), file: setCounts(7, 7)(fresh().file), savedAt: '2026-03-01T11:00:00.000Z' })
  state.isMine.value = true
  expect(store.canWrite).toBe(false)
  await new Promise(resolve => setTimeout(resolve, 0))
  expect(store.canWrite).toBe(true)
  expect(store.quilt!.setting.cells).toHaveLength(7)
  expect(store.apply('narrow', setCounts(3, 7))).toEqual([])
  await store.saveNow()
  expect(storage.get('q')!.file.setting).toMatchObject({ across: 3, down: 7 })
})

test('a tab that slept while another went on writes nothing over it: its work is a version', async () => {
  const store = await opened()
  state.isSlow = true
  store.apply('size', setBlocksSize(8))
  const writing = store.saveNow()
  // meanwhile another tab takes over and keeps its own edit
  const theirs = setBlocksSize(10)(structuredClone(SAMPLE))
  storage.set('q', { ...fresh(), revision: 1, file: theirs, savedAt: '2026-03-01T11:00:00.000Z' })
  state.isSlow = false
  for (const go of state.slow) go()
  await writing
  expect(storage.get('q')).toMatchObject({ revision: 1, file: theirs })
  const [version] = storage.get('q')!.versions
  expect(version!.isFromOtherTab).toBe(true)
  expect(quiltOf(version!.file).blocks[0]!.width).toBe(8)
  expect([store.keeping, store.quilt!.blocks[0]!.width]).toEqual(['overtaken', 10])
  // and it is one step back in this tab too
  store.undo()
  expect(store.quilt!.blocks[0]!.width).toBe(8)
})

test('a write that does not come back in two seconds is said, and no more once it has', async () => {
  jest.useFakeTimers()
  const store = await opened()
  state.isSlow = true
  store.apply('size', setBlocksSize(8))
  await jest.advanceTimersByTimeAsync(1900)
  expect(store.keeping).toBeNull()
  await jest.advanceTimersByTimeAsync(200)
  expect(store.keeping).toBe('slow')
  state.isSlow = false
  for (const go of state.slow) go()
  await jest.advanceTimersByTimeAsync(10)
  expect([store.keeping, store.isKept]).toEqual([null, true])
  jest.useRealTimers()
})

test('what a closed page left behind is taken up; where others went on since it is a version', async () => {
  const own = setBlocksSize(8)(structuredClone(SAMPLE))
  left.set('wren-left:q', JSON.stringify({ after: '2026-03-01T09:00:00.000Z', file: own }))
  const store = await opened()
  expect(store.quilt!.blocks[0]!.width).toBe(9)
  await new Promise(resolve => setTimeout(resolve))
  expect(quiltOf(storage.get('q')!.versions[0]!.file).blocks[0]!.width).toBe(8)
  expect(left.size).toBe(0)
})

test('another quilt that is opened begins without the undo of the one before', async () => {
  const store = await opened()
  store.apply('size', setBlocksSize(8))
  store.undo()
  store.apply('size', setBlocksSize(12))
  storage.set('other', { ...fresh(), id: 'other' })
  expect(await store.open('other')).toBe('open')
  expect([store.past, store.future]).toEqual([[], []])
  store.undo()
  expect(store.quilt!.blocks[0]!.width).toBe(9)
})

test('a quilt that is opened another day has its way back and forth; work that was left adds a step', async () => {
  const store = await opened()
  store.apply('size', setBlocksSize(8))
  store.apply('size', setBlocksSize(12))
  store.undo()
  await store.saveNow()
  await store.close()
  expect(await store.open('q')).toBe('open')
  expect(store.past.map(({ name }) => name)).toEqual(['size'])
  store.redo()
  expect(store.quilt!.blocks[0]!.width).toBe(12)
  store.undo()
  store.undo()
  expect(store.quilt!.blocks[0]!.width).toBe(9)
  await store.saveNow()
  await store.close()
  const own = setBlocksSize(7)(structuredClone(SAMPLE))
  left.set('wren-left:q', JSON.stringify({ after: storage.get('q')!.savedAt, file: own }))
  expect(await store.open('q')).toBe('open')
  expect(store.quilt!.blocks[0]!.width).toBe(7)
  store.undo()
  expect(store.quilt!.blocks[0]!.width).toBe(9)
})
