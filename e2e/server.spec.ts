import { request as plainRequest } from 'node:http'
import { readFileSync } from 'node:fs'
import { expect, test } from '@playwright/test'

const sample = JSON.parse(readFileSync(new URL('../core/file/sample.wren.json', import.meta.url), 'utf8')) as Record<
  string,
  unknown
>

test('every answer says what a browser may do with it, and not what made it', async ({ page, request }) => {
  for (const path of ['/', '/wren.svg', '/api/nothing', '/q/none/design']) {
    const headers = (await request.get(path)).headers()
    // an error answers with a rule that is stricter still
    expect(headers['content-security-policy'], path).toMatch(/default-src 'self'|script-src 'none'/)
    expect(headers['content-security-policy'], path).not.toContain("script-src 'self' 'unsafe-inline'")
    expect(headers['x-content-type-options'], path).toBe('nosniff')
    expect(headers['referrer-policy'], path).toBe('no-referrer')
    expect(headers['permissions-policy'], path).toBeTruthy()
    expect(headers['x-powered-by'], path).toBeUndefined()
  }
  const refused: string[] = []
  page.on('console', message => /Content Security Policy/i.test(message.text()) && refused.push(message.text()))
  await page.goto('/')
  await expect(page.getByRole('heading', { name: 'The shelf is empty' })).toBeVisible()
  expect(refused).toEqual([])
})

test('addresses that are not there and ways that are not taken', async ({ request }) => {
  expect((await request.get('/api/nothing')).status()).toBe(404)
  const get = await request.get('/api/papers')
  expect([get.status(), get.headers().allow]).toEqual([405, 'POST'])
  expect((await request.delete('/api/papers')).status()).toBe(405)
})

test('wrong, too much and too large is answered in plain words', async ({ request }) => {
  const ask = (data: unknown) => request.post('/api/papers', { data: data as Record<string, unknown> })
  expect((await ask({ file: {}, block: 'star', what: 'papers', page: 'a4' })).status()).toBe(422)
  expect((await ask({ file: sample, block: 'nobody', what: 'papers', page: 'a4' })).status()).toBe(404)
  const blocks = (sample.blocks as { id: string; size?: unknown }[]).map(block =>
    block.id === 'star' ? { ...block, size: 40 } : block,
  )
  const many = await ask({
    file: { ...sample, blocks: blocks.map(block => ({ ...block, size: 40 })) },
    block: 'star',
    what: 'papers',
    page: 'a4',
    copies: 200,
  })
  expect(many.status()).toBe(422)
  expect(await many.text()).toContain('at most 200')
})

test('a body that is too large is cut off while it comes; others are answered while pages are made', async ({
  baseURL,
  request,
}) => {
  const { hostname, port } = new URL(baseURL!)
  const status = await new Promise<number>(resolve => {
    const call = plainRequest(
      { hostname, port, path: '/api/papers', method: 'POST', headers: { 'content-type': 'application/json' } },
      answer => resolve(answer.statusCode!),
    )
    call.on('error', () => resolve(0))
    const chunk = Buffer.alloc(1_000_000, 'a')
    const write = (n: number) => {
      if (n > 0 && !call.destroyed) call.write(chunk, () => write(n - 1))
    }
    write(30)
  })
  expect([413, 0]).toContain(status)
  const pages = request.post('/api/papers', {
    data: { file: sample, block: 'star', what: 'papers', page: 'letter', copies: 20 },
  })
  const started = Date.now()
  expect((await request.get('/wren.svg')).status()).toBe(200)
  expect(Date.now() - started).toBeLessThan(1000)
  expect((await pages).status()).toBe(200)
})

test('two hundred ask for pages at once: each is answered or told when to try again; who leaves frees a place', async ({
  baseURL,
  request,
}) => {
  const { hostname, port } = new URL(baseURL!)
  const body = JSON.stringify({ file: sample, block: 'star', what: 'papers', page: 'letter', copies: 20 })
  const headers = { 'content-type': 'application/json', 'content-length': Buffer.byteLength(body) }
  const ask = (leaveAfterMs = 0) =>
    new Promise<{ status: number; tryAgain?: string | undefined }>(resolve => {
      const call = plainRequest(
        { hostname, port, path: '/api/papers', method: 'POST', headers, agent: false },
        answer => {
          answer.resume()
          answer.on('end', () => resolve({ status: answer.statusCode!, tryAgain: answer.headers['retry-after'] }))
        },
      )
      call.on('error', () => resolve({ status: 0 }))
      call.end(body)
      if (leaveAfterMs > 0) setTimeout(() => call.destroy(), leaveAfterMs)
    })
  const answers = await Promise.all(Array.from({ length: 200 }, () => ask()))
  expect([...new Set(answers.map(({ status }) => status))].sort()).toEqual([200, 503])
  for (const { status, tryAgain } of answers) expect(tryAgain === undefined).toBe(status === 200)
  // as many as wait at most have left: their places are free again
  await Promise.all(Array.from({ length: 24 }, () => ask(200)))
  const pages = await request.post('/api/papers', {
    data: { file: sample, block: 'star', what: 'papers', page: 'letter', copies: 1 },
  })
  expect(pages.status()).toBe(200)
})

test('addresses that no page has, ways to ask that no page takes, and how long an answer may be kept', async ({
  request,
}) => {
  for (const path of ['/nothing', '/q/any/nothing', '/picture.png', '/_nuxt/nothing.js'])
    expect([path, (await request.get(path)).status()]).toEqual([path, 404])
  const post = await request.post('/')
  expect([post.status(), post.headers().allow]).toEqual([405, 'GET, HEAD'])
  for (const path of ['/', '/q/any/cut', '/wren.svg', '/nothing', '/api/nothing'])
    expect([path, (await request.get(path)).headers()['cache-control']]).toEqual([path, 'no-cache'])
  const page = await (await request.get('/')).text()
  const script = /\/_nuxt\/[\w-]+\.js/.exec(page)![0]
  const answer = await request.get(script, { headers: { 'accept-encoding': 'br' } })
  expect(answer.headers()).toMatchObject({ 'content-encoding': 'br' })
  expect(answer.headers()['cache-control']).toContain('immutable')
})

test('a body that is announced as too large is answered, not cut off', async ({ baseURL }) => {
  const { hostname, port } = new URL(baseURL!)
  const length = 12_000_000
  const status = await new Promise<number>(resolve => {
    const headers = { 'content-type': 'application/json', 'content-length': length }
    const call = plainRequest({ hostname, port, path: '/api/papers', method: 'POST', headers }, answer =>
      resolve(answer.statusCode!),
    )
    call.on('error', () => resolve(0))
    call.end(Buffer.alloc(length, 'a'))
  })
  expect(status).toBe(413)
})
