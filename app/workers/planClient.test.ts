import type { QuiltFile } from '~~/core/file/schema'
import { createPlanClient } from './planClient'
import type { FromPlanWorker, ToPlanWorker } from './planMessages'

/** A worker whose answers the test gives. */
class FakeWorker {
  static all: FakeWorker[] = []
  asked: Extract<ToPlanWorker, { kind: 'plan' }>[] = []
  isStopped = false
  private listeners: Record<string, ((event: unknown) => void)[]> = {}
  constructor() {
    FakeWorker.all.push(this)
  }

  addEventListener(kind: string, listener: (event: unknown) => void) {
    ;(this.listeners[kind] ??= []).push(listener)
  }

  postMessage(message: ToPlanWorker) {
    if (message.kind === 'plan') this.asked.push(message)
  }

  terminate() {
    this.isStopped = true
  }

  answer(data: FromPlanWorker) {
    this.listeners.message?.forEach(listener => listener({ data }))
  }

  die() {
    this.listeners.error?.forEach(listener => listener({ preventDefault() {} }))
  }
}

const file = (name: string) => ({ name }) as QuiltFile
const NOWHERE = { first: null, others: [] }
const pressing = { crossings: { clash: NOWHERE }, hubs: { mixed: NOWHERE } }
const workbook = (quilt: string) => ({ plan: { quilt, cloths: [], pressing, sums: {} }, recipes: [] })
/** The name of the quilt has changed, and nothing else. */
const renamed = (quilt: string) => ({ parts: { plan: { parts: { quilt: { put: quilt } }, gone: [] } }, gone: [] })

function setUp() {
  FakeWorker.all = []
  const heard: string[] = []
  const client = createPlanClient(
    {
      onDone: book => heard.push(`done ${String(book.plan.quilt)}`),
      onProgress: part => heard.push(`${Math.round(part * 100)} %`),
      onFailed: message => heard.push(`failed: ${message}`),
      onRestart: () => heard.push('restarted'),
      onSilent: () => heard.push('silent'),
      onWays: () => {},
      onBatches: () => {},
      onScraps: () => undefined,
    },
    () => new FakeWorker() as unknown as Worker,
  )
  return { client, heard, worker: () => FakeWorker.all.at(-1)! }
}

test('a better answer to the same question, given later, takes the place of the first', () => {
  const { client, heard, worker } = setUp()
  client.ask(file('quilt'))
  const { job } = worker().asked[0]!
  worker().answer({ kind: 'done', job, change: { put: workbook('quick') } })
  worker().answer({ kind: 'done', job, change: renamed('better') })
  expect(heard).toEqual(['done quick', 'done better'])
})

test('a worker tells what has changed since its last answer, even if that came too late to be heard', () => {
  const { client, heard, worker } = setUp()
  client.ask(file('old'))
  client.ask(file('new'))
  const [first, second] = worker().asked
  worker().answer({ kind: 'done', job: first!.job, change: { put: workbook('old') } })
  worker().answer({ kind: 'done', job: second!.job, change: renamed('new') })
  expect(heard).toEqual(['done new'])
})

test('the newest question wins; the answer to an older one is not heard', () => {
  const { client, heard, worker } = setUp()
  client.ask(file('old'))
  client.ask(file('new'))
  const [first, second] = worker().asked
  worker().answer({ kind: 'done', job: first!.job, change: { put: workbook('old') } })
  worker().answer({ kind: 'done', job: second!.job, change: { put: workbook('new') } })
  expect(heard).toEqual(['done new'])
  expect(FakeWorker.all).toHaveLength(1)
})

test('a worker that dies is replaced and asked again; after it died twice over a quilt it is not asked again', () => {
  const { client, heard, worker } = setUp()
  client.ask(file('hard'))
  worker().die()
  expect(heard).toEqual(['restarted'])
  expect(worker().asked[0]!.file.name).toBe('hard')
  worker().die()
  expect(heard.at(-1)).toMatch(/^failed/)
  expect(FakeWorker.all).toHaveLength(2)
  // the next quilt gets a worker of its own
  client.ask(file('easy'))
  worker().answer({ kind: 'done', job: worker().asked[0]!.job, change: { put: workbook('easy') } })
  expect(heard.at(-1)).toBe('done easy')
})

test('a worker busy for too long is not waited for', () => {
  const { client, heard, worker } = setUp()
  const now = jest.spyOn(performance, 'now')
  now.mockReturnValue(0)
  client.ask(file('huge'))
  const busy = worker()
  now.mockReturnValue(5000)
  client.ask(file('small'))
  expect(busy.isStopped).toBe(true)
  worker().answer({ kind: 'done', job: worker().asked[0]!.job, change: { put: workbook('small') } })
  expect(heard).toEqual(['done small'])
  now.mockRestore()
})

test('what could not be planned is said; stopped, it says nothing more', () => {
  const { client, heard, worker } = setUp()
  client.ask(file('bad'))
  worker().answer({ kind: 'failed', job: worker().asked[0]!.job, message: 'why' })
  client.ask(file('last'))
  client.stop()
  worker().die()
  expect(heard).toEqual(['failed: why'])
})

describe('silence', () => {
  beforeEach(() => jest.useFakeTimers())
  afterEach(() => jest.useRealTimers())
  test('a worker that never answers is told of within two seconds', () => {
    const { client, heard } = setUp()
    client.ask(file('one'))
    jest.advanceTimersByTime(2000)
    expect(heard).toEqual(['silent'])
  })
  test('a worker that cannot be made is told of at once', () => {
    const heard: string[] = []
    const client = createPlanClient(
      {
        onProgress: () => {},
        onDone: () => {},
        onFailed: () => {},
        onRestart: () => {},
        onWays: () => {},
        onBatches: () => {},
        onScraps: () => undefined,
        onSilent: () => heard.push('silent'),
      },
      () => {
        throw new Error('no workers here')
      },
    )
    client.ask(file('one'))
    expect(heard).toEqual(['silent'])
  })
  test('a worker that is at work is left to it, however long it takes', () => {
    const { client, heard, worker } = setUp()
    client.ask(file('long'))
    worker().answer({ kind: 'hello', job: worker().asked[0]!.job })
    jest.advanceTimersByTime(20_000)
    worker().answer({ kind: 'done', job: worker().asked[0]!.job, change: { put: workbook('long') } })
    expect(heard).toEqual(['done long'])
  })
})

test('how far a plan is comes of the newest question alone; one that is given up is heard no more', () => {
  const { client, heard, worker } = setUp()
  client.ask(file('a'))
  const slow = worker()
  const { job } = slow.asked[0]!
  slow.answer({ kind: 'hello', job })
  slow.answer({ kind: 'progress', job, part: 0.45 })
  slow.answer({ kind: 'progress', job: job - 1, part: 0.9 })
  client.giveUp()
  expect(slow.isStopped).toBe(true)
  slow.answer({ kind: 'progress', job, part: 0.6 })
  client.ask(file('b'))
  expect(worker()).not.toBe(slow)
  expect(worker().asked).toHaveLength(1)
  expect(heard).toEqual(['45 %'])
  client.stop()
})
