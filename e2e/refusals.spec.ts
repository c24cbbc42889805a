import { readFileSync } from 'node:fs'
import { expect, test, type Page } from '@playwright/test'
import { beginQuilt, choose, goTo, kept, openCommands, openDemo, planned } from './support'

/** What a browser may refuse to be used for: its quick storage, its database, or both. */
const REFUSALS = {
  'quick storage': ['localStorage', 'sessionStorage'],
  'the database': ['indexedDB'],
  'both': ['localStorage', 'sessionStorage', 'indexedDB'],
}

function refuse(names: string[]) {
  const get = () => {
    throw new DOMException('denied', 'SecurityError')
  }
  for (const name of names) Object.defineProperty(window, name, { get })
}

async function beginNamed(page: Page, name: string) {
  await page
    .getByRole('button', { name: /Begin a quilt|New quilt/ })
    .first()
    .click()
  await page.getByLabel('Name', { exact: true }).fill(name)
  await page.getByRole('button', { name: 'Make this quilt' }).click()
  await planned(page)
}

for (const [what, names] of Object.entries(REFUSALS)) {
  test(`a browser that refuses ${what}: a quilt is begun, changed, saved as a file and opened again`, async ({
    page,
  }) => {
    const errors: string[] = []
    page.on('pageerror', error => errors.push(error.message))
    await page.addInitScript(refuse, names)
    await page.goto('/')
    await beginNamed(page, 'In memory')
    await page.getByRole('button', { name: 'One block more across' }).click()
    await planned(page)
    await expect(page.getByTestId('count-across')).toHaveText('6')
    // one of the two storages is enough to keep a quilt
    if (what === 'both') await expect(page.getByRole('alert').filter({ hasText: 'will not keep' })).toBeVisible()
    await openCommands(page)
    await page.getByRole('searchbox', { name: 'Find a command' }).fill('save a copy')
    const [download] = await Promise.all([page.waitForEvent('download'), page.keyboard.press('Enter')])
    const saved = readFileSync(await download.path())
    expect(JSON.parse(saved.toString())).toMatchObject({ name: 'In memory', setting: { across: 6 } })
    await page.getByRole('link', { name: 'Wren: to the shelf' }).click()
    await expect(page.getByTestId('quilt-tile')).toHaveCount(1)
    if (what === 'both') await expect(page.getByRole('alert')).toContainText('as long as this page is open')
    await page
      .getByTestId('file-picker')
      .setInputFiles({ name: 'again.json', mimeType: 'application/json', buffer: saved })
    await planned(page)
    await expect(page.getByTestId('count-across')).toHaveText('6')
    expect(errors).toEqual([])
  })
}

test('shelf actions that storage refuses say so and lose nothing', async ({ page }) => {
  await openDemo(page, 'Sleepers')
  await page.getByRole('link', { name: 'Wren: to the shelf' }).click()
  await page.evaluate(() => {
    IDBObjectStore.prototype.put = () => {
      throw new DOMException('full', 'QuotaExceededError')
    }
  })
  await page.getByRole('button', { name: 'Duplicate Sleepers' }).click()
  await expect(page.getByRole('alert')).toContainText('will not keep quilts')
  await expect(page.getByTestId('quilt-tile')).toHaveCount(10)
  await page.getByRole('button', { name: 'Remove Berth four' }).click()
  await expect(page.getByTestId('quilt-tile')).toHaveCount(9)
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(page.getByTestId('quilt-tile')).toHaveCount(10)
  await page.getByRole('link').filter({ hasText: 'Berth four' }).click()
  await planned(page)
})

test('a quilt removed in another tab: this tab is told, puts nothing back by itself, and can put it back', async ({
  page,
  context,
}) => {
  await openDemo(page, 'Sleepers')
  await kept(page)
  const other = await context.newPage()
  await other.goto('/')
  await other.getByRole('button', { name: 'Remove Sleepers' }).click()
  await expect(other.getByTestId('quilt-tile')).toHaveCount(8)
  await expect(page.getByTestId('removed')).toBeVisible()
  await page.getByRole('button', { name: 'One block more across' }).click()
  await page.waitForTimeout(900)
  await other.reload()
  await expect(other.getByTestId('quilt-tile')).toHaveCount(8)
  await page.getByRole('button', { name: 'Put it back and go on' }).click()
  await expect(page.getByTestId('removed')).toBeHidden({ timeout: 5000 })
  await kept(page)
  await other.reload()
  await expect(other.getByTestId('quilt-tile')).toHaveCount(9)
})

test('a worker that cannot be made is told of, and the work goes on', async ({ page }) => {
  await page.addInitScript(() => {
    Object.assign(window, {
      Worker: function () {
        throw new Error('no workers')
      },
    })
  })
  await page.goto('/')
  await page.getByRole('button', { name: 'Lay out some to look at' }).click()
  await page.getByRole('link').filter({ hasText: 'Berth four' }).click()
  await expect(page.getByRole('alert').filter({ hasText: 'planner does not answer' })).toBeVisible({ timeout: 4000 })
  await expect(page.getByTestId('count-across')).toHaveText('5')
})

test('a drawing and a half-written note outlive a change of station and a reload; Ctrl Z undoes the drawing', async ({
  page,
}) => {
  const quilt = await openDemo(page, 'Berth four', 'Diary')
  await page.getByLabel('What happened').fill('needle 80, the blue clips are row')
  await page.goto(`${quilt}/draft`)
  await page.getByTestId('draft-board').focus()
  const facts = page.getByTestId('draft-facts')
  await expect(facts).toContainText('17 patches')
  // a line through the middle square
  for (const key of [
    'ArrowRight',
    'ArrowRight',
    'ArrowDown',
    'ArrowDown',
    'Enter',
    'ArrowRight',
    'ArrowRight',
    'ArrowRight',
    'ArrowRight',
    'ArrowDown',
    'ArrowDown',
    'ArrowDown',
    'ArrowDown',
    'Enter',
  ])
    await page.keyboard.press(key)
  await expect(facts).toContainText('18 patches')
  await page.goto(`${quilt}/diary`)
  await expect(page.getByLabel('What happened')).toHaveValue('needle 80, the blue clips are row')
  await page.goto(`${quilt}/draft`)
  await expect(facts).toContainText('18 patches')
  await page.reload()
  await expect(facts).toContainText('18 patches')
  await page.getByTestId('draft-board').focus()
  for (const key of ['Enter', 'ArrowDown', 'ArrowDown', 'Enter']) await page.keyboard.press(key)
  await page.keyboard.press('Control+z')
  await expect(page.getByRole('button', { name: /^Undo$/ }).first()).toBeDisabled()
})

test('a way of making that the borders forbid falls back at once, and says why', async ({ page }) => {
  await openDemo(page, 'Berth four', 'finish')
  const making = page.getByTestId('making')
  await choose(making, 'block by block through all layers, as you go')
  await expect(making).toHaveText('a whole top, then layered and quilted')
  await expect(page.getByRole('region', { name: /Notifications/ })).toContainText(
    /as you go, blocks stand side by side/,
  )
})

test('what cannot be never stays looking as if taken: it is said beside the field how much is allowed', async ({
  page,
}) => {
  await page.goto('/')
  await page.getByRole('button', { name: 'New quilt' }).first().click()
  const dialog = page.getByRole('dialog', { name: 'A new quilt' })
  const make = dialog.getByRole('button', { name: 'Make this quilt' })
  const across = dialog.getByLabel('Blocks across')
  await across.fill('900')
  await make.click()
  await expect(dialog.getByRole('alert')).toHaveText('900 is too much: 1 to 200.')
  await expect(across).toHaveValue('5')
  await across.fill('200')
  await dialog.getByLabel('Blocks down').fill('200')
  await make.click()
  await expect(dialog.getByRole('alert')).toHaveText(
    'The quilt would have 680,000 patches; at most 100,000 can be planned.',
  )
  await dialog.getByLabel('Blocks down').fill('2')
  await across.fill('2')
  await dialog.getByRole('textbox', { name: 'Block, finished' }).fill('0')
  await make.click()
  await expect(dialog.getByRole('alert')).toContainText('at least 1')
  await dialog.getByRole('textbox', { name: 'Block, finished' }).fill('9')
  await make.click()
  await planned(page)
  await expect(page.locator('footer [data-path="quilt.width"]')).toHaveText('18″')

  // in a quilt: what holds is shown again
  await goTo(page, 'Cloth')
  const margin = page.getByLabel('Margin, %')
  for (const [typed, told] of [
    ['150', '150 is too much: 0 to 100.'],
    ['lots', 'Write a number from 0 to 100.'],
    ['-1', '-1 is too little: 0 to 100.'],
  ] as const) {
    await margin.fill(typed)
    await margin.press('Enter')
    await expect(page.getByRole('alert')).toHaveText(told)
    await expect(margin).toHaveValue('10')
  }
  await margin.fill('12,5')
  await margin.press('Enter')
  await expect(page.getByRole('alert')).toHaveCount(0)
  await expect(margin).toHaveValue('12.5')
  await page.goto(page.url().replace(/cloth$/, 'quilting'))
  await planned(page)
  await page.getByRole('button', { name: 'Parallel lines' }).click()
  const angle = page.getByLabel('Degrees from the level')
  await angle.fill('22.5')
  await angle.press('Enter')
  await planned(page)
  await expect(angle).toHaveValue('22.5')
})

test('cloth of the back whose print has an up can run one way, and that is offered once', async ({ page }) => {
  const quilt = await beginQuilt(page, 3, 3)
  await page.goto(`${quilt}/finish`)
  await planned(page)
  const runs = page.getByLabel('The cloth runs')
  await runs.click()
  await expect(page.getByRole('option')).toHaveText([
    'whichever way needs less',
    'down the quilt',
    'across the quilt',
    'in one piece, of wide cloth',
    'in pieces, from what is left over',
  ])
  await page.keyboard.press('Escape')
  await goTo(page, 'Cloth')
  await page.getByRole('button', { name: 'Change Second cloth' }).click()
  await page.getByRole('checkbox', { name: 'The print has an up' }).click()
  await goTo(page, 'Finish')
  await runs.click()
  await expect(page.getByRole('option')).toHaveText([
    'down the quilt',
    'in one piece, of wide cloth',
    'in pieces, from what is left over',
  ])
})
