import { mkdtempSync, readFileSync, truncateSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { expect, test } from '@playwright/test'
import { goTo, kept, layOutDemo, openCommands, openDemo, planned } from './support'

test('a quilt saved as a file and opened again gives the same plan', async ({ page }) => {
  await openDemo(page, 'Lost property', 'Cloth')
  const before = await page.locator('[data-path^="cloths."]').allTextContents()
  await openCommands(page)
  await page.keyboard.type('save a copy')
  const [download] = await Promise.all([page.waitForEvent('download'), page.keyboard.press('Enter')])
  expect(download.suggestedFilename()).toBe('lost-property.wren.json')
  const file = await download.path()
  expect(JSON.parse(readFileSync(file, 'utf8'))).toMatchObject({ format: 'wren-quilt', name: 'Lost property' })
  await page.goto('/')
  await page
    .getByTestId('file-picker')
    .setInputFiles({ name: 'again.wren.json', mimeType: 'application/json', buffer: readFileSync(file) })
  await planned(page)
  await goTo(page, 'Cloth')
  expect(await page.locator('[data-path^="cloths."]').allTextContents()).toEqual(before)
})

test('wrong files are refused with the field, and the shelf is untouched', async ({ page }) => {
  await layOutDemo(page)
  const open = (name: string, text: string) =>
    page.getByTestId('file-picker').setInputFiles({ name, mimeType: 'application/json', buffer: Buffer.from(text) })
  const good = {
    format: 'wren-quilt',
    version: 1,
    cloths: [{ id: 'a' }],
    blocks: [{ id: 'p', design: 'plain', size: 6, cloths: { cloth: 'a' } }],
    setting: { across: 2, down: 2 },
  }
  const refused = page.getByTestId('refused')
  await open('photo.json', 'not a quilt at all')
  await expect(refused).toContainText('cannot be read as JSON')
  await open('many.json', JSON.stringify({ ...good, setting: { across: 'many', down: 2 } }))
  await expect(refused).toContainText('setting.across: expected a whole number from 1 to 200, got "many"')
  await open('lost.json', JSON.stringify({ ...good, cloths: [{ id: 'b' }] }))
  await expect(refused).toContainText('blocks.0.cloths.cloth: there is no cloth "a"')
  await open('deep.json', '['.repeat(1_000_000))
  await expect(refused).toContainText('nested')
  await open('proto.json', JSON.stringify(good).replace('"version"', '"__proto__":{"polluted":1},"version"'))
  await expect(refused).toContainText('__proto__')
  const huge = join(mkdtempSync(join(tmpdir(), 'wren-')), 'huge.json')
  writeFileSync(huge, '{')
  truncateSync(huge, 200 * 1024 * 1024)
  await page.getByTestId('file-picker').setInputFiles(huge)
  await expect(refused).toContainText('too large')
  await expect(page.getByTestId('quilt-tile')).toHaveCount(9)
  expect(await page.evaluate(() => (({}) as { polluted?: number }).polluted)).toBeUndefined()
  // markup in a name is text
  await open('markup.json', JSON.stringify({ ...good, name: '<img src=x onerror="document.title=1">' }))
  await planned(page)
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('<img src=x onerror="document.title=1">')
})

test('remove with undo, duplicate', async ({ page }) => {
  await layOutDemo(page)
  await page.getByRole('button', { name: 'Duplicate Sleepers' }).click()
  await expect(page.getByTestId('quilt-tile')).toHaveCount(10)
  await page.getByRole('button', { name: 'Remove Berth four' }).click()
  await expect(page.getByTestId('quilt-tile')).toHaveCount(9)
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(page.getByTestId('quilt-tile')).toHaveCount(10)
})

test('undo and redo are there after the page was loaded anew, and after the quilt was removed and put back', async ({
  page,
}) => {
  await openDemo(page, 'Berth four')
  const across = page.getByTestId('count-across')
  const more = page.getByRole('button', { name: 'One block more across' })
  const undo = page.getByRole('button', { name: /^Undo/ })
  await more.click()
  await more.click()
  await undo.click()
  await expect(across).toHaveText('6')
  await kept(page)
  await page.reload()
  await planned(page)
  await expect(across).toHaveText('6')
  await page.getByRole('button', { name: /^Redo/ }).click()
  await expect(across).toHaveText('7')
  await undo.click()
  await undo.click()
  await expect(across).toHaveText('5')
  await page.getByRole('button', { name: /^Redo/ }).click()
  await kept(page)
  await page.goto('/')
  await page.getByRole('button', { name: 'Remove Berth four' }).click()
  await page.getByRole('button', { name: 'Undo' }).click()
  await page.getByRole('link', { name: 'Berth four', exact: false }).first().click()
  await planned(page)
  await expect(across).toHaveText('6')
  await undo.click()
  await expect(across).toHaveText('5')
})

test('a second tab is told, changes nothing, and can take over', async ({ page, context }) => {
  const quilt = await openDemo(page, 'Berth four')
  const second = await context.newPage()
  await second.goto(`${quilt}/design`)
  await expect(second.getByTestId('other-tab')).toBeVisible()
  await second.getByRole('button', { name: 'One block more across' }).click()
  await expect(second.getByText('Nothing was changed').first()).toBeVisible()
  await expect(second.getByTestId('count-across')).toHaveText('5')
  await page.getByRole('button', { name: 'One block more across' }).click()
  await kept(page)
  await second.getByRole('button', { name: 'Work here instead' }).click()
  await expect(second.getByTestId('count-across')).toHaveText('6')
  await expect(page.getByTestId('other-tab')).toBeVisible()
})

test('storage that refuses: the banner stays, a copy can still be saved', async ({ page }) => {
  await openDemo(page, 'Sleepers')
  await page.evaluate(() => {
    IDBObjectStore.prototype.put = () => {
      throw new DOMException('full', 'QuotaExceededError')
    }
  })
  await page.getByRole('button', { name: 'One block more across' }).click()
  const banner = page.getByRole('alert').filter({ hasText: 'will not keep' })
  await expect(banner).toBeVisible()
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    banner.getByRole('button', { name: 'Save a copy' }).click(),
  ])
  expect(JSON.parse(readFileSync(await download.path(), 'utf8'))).toMatchObject({ setting: { across: 7 } })
})

test('a worker that dies is replaced, and the screen says so', async ({ page }) => {
  await page.addInitScript(() => {
    const Real = window.Worker
    let first = true
    window.Worker = class extends Real {
      override postMessage(message: unknown) {
        if (!first) return super.postMessage(message)
        first = false
        setTimeout(() => this.dispatchEvent(new ErrorEvent('error', { message: 'killed', cancelable: true })), 50)
      }
    }
  })
  await openDemo(page, 'Berth four')
  await expect(page.getByText('The planner had to be started again').first()).toBeVisible()
  await expect(page.locator('footer [data-path="quilt.width"]')).toHaveText('60″')
})

test('earlier versions are kept, and there is a way back', async ({ page }) => {
  await openDemo(page, 'Sleepers')
  await page.getByRole('button', { name: 'One block more across' }).click()
  await planned(page)
  await kept(page)
  await openCommands(page)
  await page.getByRole('searchbox', { name: 'Find a command' }).fill('earlier')
  await page.keyboard.press('Enter')
  await page.getByTestId('version').first().getByRole('button', { name: 'Go back to it' }).click()
  await expect(page.getByTestId('count-across')).toHaveText('6')
})

test('ticks outlive a change of plan, and what is no longer needed is said', async ({ page }) => {
  await openDemo(page, 'Berth four', 'Cut')
  await expect(page.locator('footer')).toContainText('253 of 342')
  await goTo(page, 'Design')
  await page.getByRole('button', { name: 'One block fewer down' }).click()
  await planned(page)
  await page.getByRole('button', { name: /to look at/ }).click()
  await expect(page.locator('[data-check="cut-already"]').first()).toBeVisible()
  await page.keyboard.press('Escape')
  await page.keyboard.press('Control+z')
  await planned(page)
  await expect(page.locator('footer')).toContainText('253 of 342')
})

test('no request leaves this computer', async ({ page }) => {
  const hosts = new Set<string>()
  page.on('request', request => hosts.add(new URL(request.url()).hostname))
  await openDemo(page, 'Berth four')
  for (const station of ['Cloth', 'Cut', 'Piece', 'Finish', 'Diary']) await goTo(page, station)
  hosts.delete('')
  expect([...hosts]).toEqual(['localhost'])
})

test('a change made in the instant of leaving is there the next time', async ({ page }) => {
  const quilt = await openDemo(page, 'Berth four')
  await kept(page)
  const across = page.getByTestId('count-across')
  const before = Number(await across.textContent())
  await page.getByRole('button', { name: 'One block more across' }).click()
  await page.goto('about:blank')
  await page.goto(`${quilt}/design`)
  await planned(page)
  await expect(page.getByTestId('count-across')).toHaveText(String(before + 1))
  await kept(page)
})

test('a half-written note and a block being drawn are there in another window, days later', async ({
  page,
  context,
}) => {
  const quilt = await openDemo(page, 'Berth four', 'Diary')
  await page.getByLabel('What happened').fill('Cut half of the')
  // still in the field
  await page.getByLabel('Minutes').pressSequentially('35')
  await page.goto(`${quilt}/draft?blank=1`)
  await page.getByLabel('Name of the block').fill('Half drawn')
  // within a second they are in the database
  await page.waitForTimeout(1000)
  const other = await context.newPage()
  // no leave is taken, as in a crash; and what a tab keeps for itself is not there
  await page.close({ runBeforeUnload: false })
  await other.goto(`${quilt}/diary`)
  await planned(other)
  await expect(other.getByLabel('What happened')).toHaveValue('Cut half of the')
  await expect(other.getByLabel('Minutes')).toHaveValue('35')
  await other.goto(`${quilt}/draft?blank=1`)
  await expect(other.getByLabel('Name of the block')).toHaveValue('Half drawn')
})

test('a tab that slept while another went on does not write over it: what it did is an earlier version', async ({
  page,
  context,
}) => {
  const quilt = await openDemo(page, 'Berth four')
  await kept(page)
  const other = await context.newPage()
  await other.goto(`${quilt}/design`)
  await planned(other)
  // the first changes something, and before it can write it, its thread is busy for a while, as on a slow machine
  await page.evaluate(() => {
    document.querySelector<HTMLButtonElement>('[aria-label="One block more across"]')!.click()
    const until = Date.now() + 6000
    setTimeout(() => {
      while (Date.now() < until);
    })
  })
  await other.getByRole('button', { name: 'Work here instead' }).click()
  await expect(other.getByTestId('other-tab')).toBeHidden()
  await other.getByRole('button', { name: 'One block more down' }).click()
  await kept(other)
  await expect(page.getByTestId('overtaken')).toBeVisible({ timeout: 20_000 })
  await expect(page.getByTestId('count-down')).toHaveText('8')
  await page.getByTestId('overtaken').getByRole('button', { name: 'Earlier versions' }).click()
  await expect(page.getByTestId('version').filter({ hasText: 'Made in another tab' })).toContainText('6 by 7 blocks')
  await other.reload()
  await planned(other)
  await expect(other.getByTestId('count-down')).toHaveText('8')
  await expect(other.getByTestId('count-across')).toHaveText('5')
})
