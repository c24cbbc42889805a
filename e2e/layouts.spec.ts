import { expect, test } from '@playwright/test'
import { goTo, kept, openDemo, planned, pressByKey, readFigure } from './support'

test('a shorter layout is looked for by keys, kept over a reload, printed, and put back', async ({ page }) => {
  await openDemo(page, 'Marl Junction', 'Cut')
  await pressByKey(page, page.getByRole('tab', { name: /^Signal red/ }))
  const sheet = page.getByRole('region', { name: 'Cutting Signal red' })
  const taken = sheet.locator('header [data-path$=".need"]')
  const before = readFigure((await taken.textContent())!)
  const card = sheet.getByTestId('less-cloth')
  await expect(card).toContainText(/Within \d+\s?% of the least possible/)
  await pressByKey(page, card.getByRole('button', { name: 'Look for a shorter layout' }))
  await expect(card.getByTestId('layout-told')).toHaveText(/^Found: .+ in place of .+\.$/, { timeout: 90_000 })
  await planned(page)
  const found = readFigure((await taken.textContent())!)
  expect(found).toBeLessThan(before)
  await expect(page.getByRole('button', { name: 'Undo: shorter layout' })).toBeVisible()
  await kept(page)
  await page.reload()
  await planned(page)
  await page.getByRole('tab', { name: /^Signal red/ }).click()
  expect(readFigure((await taken.textContent())!)).toBe(found)
  // on paper the map is that of the shorter layout
  await page.emulateMedia({ media: 'print' })
  await expect(card).toBeHidden()
  await expect(taken).toBeVisible()
  await page.emulateMedia({ media: 'screen' })
  await card.getByRole('button', { name: 'As at first' }).click()
  await planned(page)
  await expect.poll(async () => readFigure((await taken.textContent())!)).toBe(before)
  await expect(card.getByTestId('layout-told')).toHaveCount(0)
  // a strip that is cut stays where it is
  await sheet.getByTestId('strip').first().getByRole('checkbox').first().click()
  await planned(page)
  await expect(card).toContainText('Strips of it are cut')
  await expect(card.getByRole('button', { name: /layout|first/ })).toHaveCount(0)
})

test('a search is stopped with what is there; a worker that dies loses nothing', async ({ page }) => {
  await openDemo(page, 'Marl Junction', 'Cut')
  await page.getByRole('tab', { name: /^Signal red/ }).click()
  const sheet = page.getByRole('region', { name: 'Cutting Signal red' })
  const taken = sheet.locator('header [data-path$=".need"]')
  const before = await taken.textContent()
  const card = sheet.getByTestId('less-cloth')
  await page.evaluate(() => {
    window.Worker = class extends window.Worker {
      constructor(url: string | URL, options?: WorkerOptions) {
        super(url, options)
        if (String(url).includes('layoutWorker')) setTimeout(() => this.dispatchEvent(new Event('error')))
      }
    }
  })
  await card.getByRole('button', { name: 'Look for a shorter layout' }).click()
  await expect(card.getByTestId('layout-told')).toHaveText('The search stopped by itself. The layout is as it was.')
  await expect(taken).toHaveText(before!)
  await goTo(page, 'Piece')
  await page.reload()
  await planned(page)
  await goTo(page, 'Cut')
  await page.getByRole('tab', { name: /^Signal red/ }).click()
  await card.getByRole('button', { name: 'Look for a shorter layout' }).click()
  const stop = card.getByRole('button', { name: 'Stop and keep' })
  await stop.click()
  await expect(stop).toHaveCount(0)
  await expect(card.getByTestId('layout-told')).toHaveText(/^(Found: .+|No shorter one was found\.)$/)
  await planned(page)
  expect(readFigure((await taken.textContent())!)).toBeLessThanOrEqual(readFigure(before!))
})
