import { expect, type BrowserContext, type Locator, type Page } from '@playwright/test'

/** A shelf as a test of this process has laid it out: what the browser keeps of it, and the page of each quilt. */
interface LaidOut {
  state: Awaited<ReturnType<BrowserContext['storageState']>>
  pages: Map<string, string>
}

let laidOut: LaidOut | null = null

/** An empty shelf with the demo quilts laid out on it. */
export async function layOutDemo(page: Page) {
  await page.goto('/')
  await page.getByRole('button', { name: 'Lay out some to look at' }).click()
  const tiles = page.getByTestId('quilt-tile')
  await expect(tiles).toHaveCount(9)
  if (laidOut) return
  const links = await tiles
    .getByRole('link')
    .evaluateAll(all => all.map(link => [link.querySelector('h2')!.textContent, link.getAttribute('href')!] as const))
  laidOut = { state: await page.context().storageState({ indexedDB: true }), pages: new Map(links) }
}

/** Opens a demo quilt at a station, its plan made. Gives the address of the quilt. */
export async function openDemo(page: Page, name: string, station = 'design'): Promise<string> {
  if (!laidOut) await layOutDemo(page)
  const quilt = laidOut!.pages.get(name)!
  await page.context().setStorageState(laidOut!.state)
  await page.goto(`${quilt}/${station.toLowerCase()}`)
  await planned(page)
  return new URL(quilt, page.url()).href
}

/** From the shelf, a quilt as Wren begins it, so many blocks across and down. Gives its address. */
export async function beginQuilt(page: Page, across: number, down: number): Promise<string> {
  await page.goto('/')
  await page
    .getByRole('button', { name: /^(Begin a quilt|New quilt)$/ })
    .first()
    .click()
  await page.getByLabel('Blocks across').fill(String(across))
  await page.getByLabel('Blocks down').fill(String(down))
  await page.getByRole('button', { name: 'Make this quilt' }).click()
  await planned(page)
  return page.url().replace(/\/design$/, '')
}

/** The plan on show is that of the quilt as it is now. A machine that others use too may take its time. */
export async function planned(page: Page) {
  await expect(page.locator('footer.bar[aria-busy="false"]')).toBeVisible({ timeout: 30_000 })
}

/** The last change is in storage. */
export async function kept(page: Page) {
  await expect(page.locator('.kept')).toHaveText('kept on this computer')
}

export async function goTo(page: Page, station: string) {
  await page
    .getByRole('navigation', { name: 'Stations of the work' })
    .getByRole('link', { name: new RegExp(`^${station}$`, 'i') })
    .click()
  await expect(page).toHaveURL(new RegExp(`/${station.toLowerCase()}$`))
  await planned(page)
}

/** Goes to a page of the application as its links do, without loading all anew; its plan is made. */
export async function visit(page: Page, address: string) {
  const { pathname, search } = new URL(address, page.url())
  await page.evaluate(async to => {
    const { $router, hooks } = (window as unknown as { useNuxtApp: () => Application }).useNuxtApp()
    const isOther = to.replace(/\?.*/, '') !== location.pathname
    const shown = new Promise<void>(resolve => (isOther ? hooks.hookOnce('page:finish', resolve) : resolve()))
    await $router.push(to)
    await shown
  }, pathname + search)
  await planned(page)
}

/** What of the running application a test asks for. */
interface Application {
  $router: { push: (to: string) => Promise<unknown> }
  hooks: { hookOnce: (name: 'page:finish', then: () => void) => void }
}

/** Opens the list of commands, where the next keys are typed. */
export async function openCommands(page: Page) {
  await page.keyboard.press('Control+k')
  await expect(page.getByRole('searchbox', { name: 'Find a command' })).toBeFocused()
}

/** Tab until the thing has focus: nothing here may need a mouse. */
export async function tabTo(page: Page, target: Locator, most = 150) {
  await expect(target).toBeVisible()
  for (let pressed = 0; pressed < most;) {
    const ahead = await target.evaluate(stopsAhead)
    if (ahead === 0) return
    // half of what lies between is passed without a look
    const many = Math.ceil(ahead / 2)
    for (let i = 0; i < many; i++) await page.keyboard.press('Tab')
    pressed += many
  }
  throw new Error(`${target} cannot be reached by Tab`)
}

/** How many times Tab moves on from where the focus is to this element, about; 0: it has the focus. In the page. */
function stopsAhead(target: Element): number {
  const from = document.activeElement ?? document.body
  if (target === from) return 0
  const within = target.closest('[role="dialog"]') ?? document
  const isStop = (element: HTMLElement) =>
    element.tabIndex >= 0
    && element.matches(':enabled, a, summary, [tabindex]')
    && element.checkVisibility({ visibilityProperty: true })
    && !element.closest('[inert]')
  const isAfter = (one: Element, other: Element) =>
    (one.compareDocumentPosition(other) & Node.DOCUMENT_POSITION_FOLLOWING) !== 0
  const isBehind = isAfter(target, from)
  const groups = new Set<string>()
  const between = [
    ...within.querySelectorAll<HTMLElement>('a[href], button, input, select, textarea, summary, [tabindex]'),
  ].filter(element => {
    // from behind it is found once round
    if (!isStop(element) || !isAfter(from, element) || (!isBehind && isAfter(target, element))) return false
    if (!(element instanceof HTMLInputElement) || element.type !== 'radio' || element === target) return true
    // of a group of radio buttons one is a stop
    const isFirst = !groups.has(element.name)
    groups.add(element.name)
    return isFirst
  })
  return Math.max(1, between.length)
}

/** Reaches a button or link by Tab, a tab by the arrows from the chosen one, and presses Enter. */
export async function pressByKey(page: Page, target: Locator, key = 'Enter') {
  if ((await target.getAttribute('role')) === 'tab') {
    const list = target.locator('xpath=ancestor::*[@role="tablist"]')
    await tabTo(page, list.getByRole('tab', { selected: true }))
    for (let i = 0; i < 40 && !(await target.evaluate(tab => tab === document.activeElement)); i++)
      await page.keyboard.press('ArrowRight')
    await expect(target).toBeFocused()
  } else await tabTo(page, target)
  await page.keyboard.press(key)
}

/** Opens a list of choices reached by Tab and takes the one of these words. */
export async function chooseByKey(page: Page, list: Locator, words: string) {
  await pressByKey(page, list)
  await expect(page.getByRole('option', { name: words, exact: true })).toBeVisible()
  await page.keyboard.type(words)
  await page.keyboard.press('Enter')
  await expect(page.getByRole('listbox')).toHaveCount(0)
}

/** Writes into a field reached by Tab. */
export async function typeByKey(page: Page, target: Locator, text: string) {
  await tabTo(page, target)
  await page.keyboard.press('Control+A')
  await page.keyboard.type(text)
}

/** A figure as shown on screen, as a number: `2 7/8″`, `12 1/8 yd`, `35`. */
export function readFigure(text: string): number {
  const match = /(\d+(?:\.\d+)?(?![\d/]))?\s*(?:(\d+)\/(\d+))?/.exec(text.replaceAll('\u00a0', ' ').trim())!
  return Number(match[1] ?? 0) + (match[2] ? Number(match[2]) / Number(match[3]) : 0)
}

/** Opens a list of choices and takes the one of these words. */
export async function choose(list: Locator, words: string | RegExp) {
  await list.click()
  await list.page().getByRole('option', { name: words }).click()
}

/** Moves that a test makes: with the mouse, or with keys alone. */
export interface Hand {
  press: (target: Locator) => Promise<void>
  type: (target: Locator, text: string) => Promise<void>
  /** Takes what a list offers, by its words. */
  choose: (target: Locator, words: string) => Promise<void>
  go: (station: string) => Promise<void>
}

export function mouseHand(page: Page): Hand {
  return {
    press: target => target.click(),
    type: (target, text) => target.fill(text),
    choose,
    go: station => goTo(page, station),
  }
}

export function keyHand(page: Page): Hand {
  return {
    async press(target) {
      await pressByKey(page, target, (await target.getAttribute('role')) === 'checkbox' ? 'Space' : 'Enter')
    },
    type: (target, text) => typeByKey(page, target, text),
    choose: (target, words) => chooseByKey(page, target, words),
    async go(station) {
      await pressByKey(page, page.getByRole('link', { name: station, exact: true }))
      await planned(page)
    },
  }
}

/** Puts sashing, a border or a binding round the blocks. */
export async function add({ press }: Pick<Hand, 'press'>, page: Page, what: string) {
  await press(page.getByRole('button', { name: 'Add', exact: true }))
  await page.getByRole('menuitem', { name: what, exact: true }).waitFor()
  // in a menu the first letter finds it
  await page.keyboard.type(what.slice(0, 3))
  await page.keyboard.press('Enter')
}
