import { readFileSync } from 'node:fs'
import { expect, test, type Page } from '@playwright/test'
import { unzipSync, zipSync } from 'fflate'
import { goTo, kept, layOutDemo } from './support'

/** Makes a backup on the page for it; gives its bytes. */
async function makeBackup(page: Page): Promise<Buffer> {
  const [file] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Save everything as one file' }).click(),
  ])
  await expect(page.getByTestId('backup-made')).toBeVisible()
  return readFileSync(await file.path())
}

const choose = (page: Page, buffer: Buffer) =>
  page.getByTestId('backup-picker').setInputFiles({ name: 'wren-backup.zip', mimeType: 'application/zip', buffer })

/** The files of a backup as text, but for the list, which says when it was made. */
const filesOf = (zip: Buffer) =>
  Object.fromEntries(
    Object.entries(unzipSync(new Uint8Array(zip)))
      .filter(([path]) => path !== 'shelf.json')
      .map(([path, bytes]) => [path, Buffer.from(bytes).toString('utf8')]),
  )

/** Writes a note into the first quilt of this name. */
async function note(page: Page, quilt: string, text: string) {
  await page.goto('/')
  await page.getByTestId('quilt-tile').getByRole('link', { name: quilt }).first().click()
  await goTo(page, 'Diary')
  await page.getByLabel(/^What happened/).fill(text)
  await page.getByRole('button', { name: 'Write it down' }).click()
  await kept(page)
}

test('a backup is taken back in another browser, and everything is as it was, byte for byte', async ({
  page,
  browser,
}) => {
  await layOutDemo(page)
  await page.goto('/stash')
  await page.getByRole('button', { name: 'Another cloth' }).click()
  await page.goto('/backup')
  const zip = await makeBackup(page)
  await expect(page.getByTestId('backup-made')).toContainText('9 quilts, 0 photographs')
  await expect(page.getByTestId('last-backup')).toHaveText(/made today; nothing has changed since/)

  const elsewhere = await (await browser.newContext()).newPage()
  await elsewhere.goto('/backup')
  await choose(elsewhere, zip)
  await expect(elsewhere.getByTestId('backup-row')).toHaveCount(9)
  await elsewhere.getByRole('button', { name: 'Put 9 quilts on the shelf' }).click()
  await expect(elsewhere.getByText('9 quilts put on the shelf').first()).toBeVisible()
  expect(filesOf(await makeBackup(elsewhere))).toEqual(filesOf(zip))
  // read once more there is nothing to take
  await choose(elsewhere, zip)
  await expect(elsewhere.getByTestId('backup-alike')).toContainText('9 quilts are the same here')
  await elsewhere.getByRole('button', { name: 'I see' }).click()
  await elsewhere.getByRole('link', { name: 'Shelf' }).click()
  await expect(elsewhere.getByTestId('quilt-tile')).toHaveCount(9)
  await elsewhere.context().close()
})

test('what was changed since is told, and nothing is laid over it but by choice', async ({ page }) => {
  await layOutDemo(page)
  await page.goto('/backup')
  const before = await makeBackup(page)
  await note(page, 'Left luggage', 'Cut the blue')
  await page.goto('/backup')
  await expect(page.getByTestId('last-backup')).toHaveText(/1 quilt changed since/)
  await choose(page, before)
  const row = page.getByTestId('backup-row')
  await expect(row).toHaveCount(1)
  await expect(row).toContainText('only the one on this shelf was changed')
  await expect(row.getByRole('row', { name: /notes/ })).toContainText('1')
  await expect(row.getByRole('radio', { name: 'keep the one here' })).toBeChecked()
  // the older one after all: the newer one stays among the versions
  await row.getByRole('radio', { name: 'take the one in the backup' }).check()
  await page.getByRole('button', { name: 'Put 1 quilt on the shelf' }).click()
  await expect(page.getByText('1 quilt put on the shelf').first()).toBeVisible()
  await page.goto('/')
  await page.getByTestId('quilt-tile').getByRole('link', { name: 'Left luggage' }).click()
  await goTo(page, 'Diary')
  await expect(page.getByTestId('note')).toHaveCount(0)
  await page.keyboard.press('Control+k')
  await page.getByRole('searchbox', { name: 'Find a command' }).fill('earlier')
  await page.keyboard.press('Enter')
  await expect(page.getByRole('dialog')).toContainText('Earlier versions')
})

test('a backup that is spoilt, cut, a bomb or something else is refused in words, and takes nothing', async ({
  page,
}) => {
  await layOutDemo(page)
  await page.goto('/backup')
  const zip = await makeBackup(page)
  const refused = page.getByTestId('backup-refused')
  const [first] = Object.keys(unzipSync(new Uint8Array(zip)))
  const spoilt = unzipSync(new Uint8Array(zip))
  spoilt[first!]![40]! ^= 1
  for (const [bytes, words] of [
    [zip.subarray(0, zip.length / 2), 'It ends before its end'],
    [Buffer.from(zipSync(spoilt)), `It is damaged: ${first}`],
    [Buffer.from('no ZIP at all'), 'This is no backup that Wren made'],
    [Buffer.from(zipSync({ '../../x.wren.json': new Uint8Array(10) })), 'a file that no backup of Wren has'],
    [Buffer.from(zipSync({ 'a.wren.json': new Uint8Array(60_000_000) })), 'more than any shelf does'],
  ] as const) {
    await choose(page, Buffer.from(bytes))
    await expect(refused).toContainText(words)
  }
  await page.goto('/')
  await expect(page.getByTestId('quilt-tile')).toHaveCount(9)
})
