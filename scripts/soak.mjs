// npm run soak [-- MINUTES [SEED]]: edits the demo quilts at random in the built application. Fails on any error that
// the page throws, on memory that grows, and where undoing everything does not give the first file back byte for byte.
import { chromium } from '@playwright/test'
import { buildIfStale, chromiumPath, freePort, installChromium, installPackages, ROOT, startServer } from './system.mjs'

const [minutes = 2, seed = Date.now() % 1_000_000] = process.argv.slice(2).map(Number)
/** Undo goes back 200 steps; a step of this script makes a few at most. */
const STEPS_A_ROUND = 60
/** Memory after the second round and at the end, both swept clean: what it may grow by. */
const MAY_GROW_MB = 15
const STATIONS = [
  ...[
    'design',
    'cloth',
    'cut',
    'piece',
    'finish',
    'diary',
    'draft',
    'picture',
    'chart',
    'wall',
    'batches',
    'quilting',
    'binding',
    'back',
    'last',
  ],
  ...['cards', 'joining', 'as-you-go', 'chances', 'cut?steps', 'piece?steps', 'batches?steps'],
]
const KEYS = ['ArrowRight', 'ArrowLeft', 'ArrowUp', 'ArrowDown', 'Enter', ' ', 'Escape', 'Tab', 'Delete', 'Control+z']
const NUMBERS = ['3', '0', '-4', '2.5', '999', '12', '']
const CONTROLS = 'button:enabled, input:enabled:not([type=file]), textarea:enabled, summary'
const TYPED = ['3', '2 1/2', '0', '-4', '10 1/3', '1/4', '999', '7.5 cm', 'abc', '', '12', '45', '36']

if (!installPackages() || !installChromium() || !buildIfStale()) process.exit(1)

/** Numbers from a seed, so that what was found can be found again. */
let state = seed
function chance() {
  state = (state + 0x6d2b79f5) | 0
  let t = Math.imul(state ^ (state >>> 15), 1 | state)
  t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t
  return ((t ^ (t >>> 14)) >>> 0) / 4294967296
}
const oneOf = list => list[Math.floor(chance() * list.length)]

const { server, address } = await startServer(await freePort(4199), { NUXT_PUBLIC_DEMO: '1' })
const browser = await chromium.launch({
  executablePath: chromiumPath(),
  args: ['--no-sandbox', '--disable-gpu', '--enable-precise-memory-info', '--js-flags=--expose-gc'],
})
const context = await browser.newContext({ viewport: { width: 1280, height: 800 }, acceptDownloads: false })
await context.addInitScript(() => {
  window.print = () => undefined
})
const page = await context.newPage()
const faults = []
/** What was done since the round began, for whoever looks into a fault. */
let trail = []
const noteFault = text => faults.push(`${text}\n  after: ${trail.slice(-8).join(' | ')}`)
page.on('pageerror', error => noteFault(error.stack ?? String(error)))
page.on('console', message => {
  // a refused sheet of paper answers 4xx and is told on the page: the browser writes that down too
  if (message.type() === 'error' && !message.text().startsWith('Failed to load resource')) noteFault(message.text())
})
page.on('dialog', dialog => dialog.accept().catch(() => undefined))
context.on('page', other => other !== page && other.close().catch(() => undefined))

// locators, not handles: a handle keeps the page that it is of in memory
const planned = () => page.locator('footer.bar[aria-busy="false"]').waitFor({ timeout: 60_000 })
const settled = () => page.locator('.kept', { hasText: 'kept on this computer' }).waitFor()

/** The file of a quilt, as storage has it. */
const keptFile = id =>
  page.evaluate(
    key =>
      new Promise((resolve, reject) => {
        const asked = indexedDB.open('wren')
        asked.onerror = () => reject(asked.error)
        asked.onsuccess = () => {
          const read = asked.result.transaction('quilts').objectStore('quilts').get(`quilt:${key}`)
          read.onsuccess = () => {
            asked.result.close()
            resolve(JSON.stringify(read.result.file))
          }
        }
      }),
    id,
  )

async function memory() {
  await page.evaluate(() => window.gc?.())
  return page.evaluate(() => performance.memory.usedJSHeapSize / 2 ** 20)
}

/** One thing that a hand may do: a control of the page pressed, filled or chosen, a key, a place pressed or dragged. */
async function step() {
  const kind = chance()
  if (kind < 0.12) {
    const key = oneOf(KEYS)
    trail.push(key)
    return page.keyboard.press(key)
  }
  if (kind < 0.2) {
    const [x, y] = [chance() * 1200, 120 + chance() * 600]
    trail.push(`drag from ${x.toFixed(0)}, ${y.toFixed(0)}`)
    await page.mouse.move(x, y)
    await page.mouse.down()
    if (chance() < 0.5) await page.mouse.move(x + chance() * 200 - 100, y + chance() * 200 - 100, { steps: 3 })
    return page.mouse.up()
  }
  trail.push(
    await page.evaluate(useControl, { controls: CONTROLS, at: chance(), typed: oneOf(TYPED), number: oneOf(NUMBERS) }),
  )
}

/** In the page: uses one of the controls that a hand could reach now. Says what it did. */
function useControl({ controls, at, typed, number }) {
  // a list that is open is chosen from first
  const options = [...document.querySelectorAll('[role="option"]')]
  const option = options[Math.floor(at * options.length)]
  if (option) {
    option.focus()
    option.dispatchEvent(new KeyboardEvent('keydown', { key: 'Enter', bubbles: true }))
    return `choose ${option.textContent.trim().slice(0, 40)}`
  }
  const reachable = control => {
    if (!control.checkVisibility()) return false
    control.scrollIntoView({ block: 'nearest' })
    const { x, y, width, height } = control.getBoundingClientRect()
    const top = document.elementFromPoint(x + width / 2, y + height / 2)
    return control.contains(top) || (top?.contains(control) ?? false)
  }
  const all = [...document.querySelectorAll(controls)].filter(control => control.checkVisibility())
  // what explains a number changes nothing: a few of them are enough
  const rare = all.filter((control, i) => !('path' in control.dataset) || i % 12 === 0)
  const start = Math.floor(at * rare.length)
  const control = [...rare.slice(start), ...rare.slice(0, start)].slice(0, 40).find(reachable)
  if (!control) return 'nothing to use'
  const name = (control.getAttribute('aria-label') ?? control.labels?.[0]?.textContent ?? control.textContent)
    .trim()
    .slice(0, 40)
  control.focus()
  const tell = type => control.dispatchEvent(new Event(type, { bubbles: true }))
  if (control.tagName === 'TEXTAREA' || (control.tagName === 'INPUT' && !/checkbox|radio|button/.test(control.type))) {
    if (control.type === 'range') control.stepUp()
    else if (control.role === 'spinbutton') control.value = number
    else control.value = { date: '2026-12-24', color: '#336699' }[control.type] ?? typed
    tell('input')
    control.dispatchEvent(new KeyboardEvent('keydown', { key: 'Enter', bubbles: true }))
    tell('change')
    return `type ${control.value} (${name})`
  }
  // a list of choices opens by a pointer or a key, not by a click of a script
  if (control.role === 'combobox') {
    control.dispatchEvent(new KeyboardEvent('keydown', { key: 'Enter', bubbles: true }))
    return `open ${name}`
  }
  control.click()
  return `press ${name}`
}

/** As a link goes there: the page stays, with all that it remembers. */
async function goTo(path) {
  await page.evaluate(to => document.querySelector('#__nuxt').__vue_app__.$nuxt.$router.push(to), path)
  await page.waitForTimeout(30)
}

async function round(id) {
  trail = []
  await goTo(`/q/${id}/design`)
  await planned()
  await settled()
  const first = await keptFile(id)
  for (let i = 0; i < STEPS_A_ROUND; i++) {
    if (i % 5 === 0) {
      // the drawing is where most can change; it is gone back to between the other pages
      const station = i % 10 === 0 ? 'design' : oneOf(STATIONS)
      trail.push(station)
      await goTo(`/q/${id}/${station}`)
    }
    await step()
    await page.waitForTimeout(chance() * 40)
    if (!page.url().includes(`/q/${id}/`)) break
  }
  if (!page.url().includes(`/q/${id}/`)) return null // back at the shelf
  await goTo(`/q/${id}/design`)
  for (let i = 0; i < 4; i++) await page.keyboard.press('Escape')
  const undo = page.locator('header button[aria-label^="Undo"]')
  for (let i = 0; i < 200 && (await undo.isEnabled()); i++) await undo.click()
  await planned()
  await settled()
  if ((await keptFile(id)) !== first) noteFault(`undoing everything does not give the first file of ${id} back`)
  return memory()
}

const until = Date.now() + minutes * 60_000
console.log(`seed ${seed}, ${minutes} min`)
let rounds = 0
const used = []
try {
  await page.goto(address)
  await page.locator('[data-testid=quilt-tile]').first().waitFor()
  const links = await page
    .locator('[data-testid=quilt-tile] a')
    .evaluateAll(all => all.map(a => a.getAttribute('href')))
  const ids = [...new Set(links.map(link => /\/q\/([^/]+)/.exec(link)?.[1]).filter(Boolean))]
  while (Date.now() < until) {
    const mb = await round(ids[rounds % ids.length])
    rounds++
    if (mb !== null) used.push(mb)
  }
} catch (error) {
  noteFault(error.stack)
  await page.screenshot({ path: `${ROOT}test-results/soak.png` })
} finally {
  await browser.close()
  server.kill()
}
const grown = used.length > 3 ? Math.min(...used.slice(-2)) - Math.max(...used.slice(0, 2)) : 0
if (grown > MAY_GROW_MB)
  faults.push(`memory grew by ${grown.toFixed(0)} MB: ${used.map(mb => mb.toFixed(0)).join(', ')}`)
console.log(`${rounds} rounds; memory ${used.map(mb => mb.toFixed(0)).join(', ')} MB`)
for (const fault of [...new Set(faults)]) console.log(`\n${fault}`)
console.log(faults.length === 0 ? 'nothing went wrong' : `\n${faults.length} faults`)
process.exit(faults.length === 0 ? 0 : 1)
