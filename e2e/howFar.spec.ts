import { expect, test, type Page } from '@playwright/test'
import { goTo, kept, openDemo, planned, pressByKey } from './support'

async function typeAtHand(page: Page, text: string) {
  const field = page.getByRole('textbox', { name: 'At hand, empty if not counted' })
  await field.fill(text)
  await field.press('Enter')
}

/** From a quilt to the Cloth page of another, without loading the page anew. */
async function openAnother(page: Page, name: string) {
  await page.getByRole('link', { name: 'Wren: to the shelf' }).click()
  await page.getByRole('link').filter({ hasText: name }).click()
  await planned(page)
  await goTo(page, 'Cloth')
}

test('less cloth than thought: what is short, what would make it fit, done by keys, kept, taken back', async ({
  page,
}) => {
  await openDemo(page, 'Berth four', 'Cloth')
  const card = page.getByTestId('how-far')
  await expect(card).toContainText('say how much of it is at hand')
  const soot = page.locator('[data-cloth="soot"]')
  await pressByKey(page, soot.getByRole('button', { name: 'Change Soot' }))
  await typeAtHand(page, '3/4 yd')
  await planned(page)
  // shrunk by nothing, an inch squared up
  await expect(card.locator('[data-path$=".atHand.length"]')).toHaveText('26″')
  await expect(card).toContainText(/short by .+ of strips\. Buy/)
  await expect(soot).toContainText(/yd\s+more/)
  await pressByKey(page, card.getByRole('button', { name: 'See how far it goes' }))
  await expect(card.getByTestId('reach').last()).toHaveText(/^Border 1: up to .+ wide; 3″ planned\.$/, {
    timeout: 60_000,
  })
  const fits = card.getByTestId('way-to-fit').filter({ hasText: 'Then it is enough.' })
  expect(await fits.count()).toBeGreaterThanOrEqual(3)
  await pressByKey(page, fits.filter({ hasText: /^Border 1 .+ wide/ }).getByRole('button', { name: /^Do it/ }))
  await planned(page)
  await expect(card).toContainText(/26″ to cut from:\s+enough/)
  await expect(soot).toContainText('enough at hand')
  // the answers were for the quilt before
  await expect(card.getByTestId('way-to-fit')).toHaveCount(0)
  const list = page.getByRole('region', { name: 'Shopping list' })
  await expect(list.getByRole('row').filter({ hasText: 'Soot' })).toContainText('nothing')
  await kept(page)
  await page.reload()
  await planned(page)
  await expect(card).toContainText(/enough/)
  await page.getByRole('button', { name: 'Undo: made to fit' }).click()
  await planned(page)
  await expect(card).toContainText(/short by/)
})

test('less is bought for the same quilt: looked for and done by keys, and taken back', async ({ page }) => {
  await openDemo(page, 'Left luggage', 'Cloth')
  const card = page.getByTestId('buy-less')
  const inAll = page.locator('footer [data-path="quilt.buy"]')
  const before = (await inAll.textContent())!
  await pressByKey(page, card.getByRole('button', { name: 'Look for a way to buy less' }))
  await expect(card.getByRole('button', { name: 'Stop' })).toHaveCount(0, { timeout: 60_000 })
  const told = card.getByTestId('bought-less')
  await expect(told).toHaveText(/^Buy .+\syd in place of .+\syd\.$/)
  await expect(card.getByTestId('saving')).toContainText([/laid out on .+ in place of/])
  const [, now, was] = (await told.textContent())!.match(/^Buy (.+) in place of (.+)\.$/)!
  expect(was).toBe(before)
  await pressByKey(page, card.getByRole('button', { name: 'Do it' }))
  await planned(page)
  await expect(inAll).toHaveText(now!)
  // the answer was for the quilt before
  await expect(told).toHaveCount(0)
  await page.getByRole('button', { name: 'Undo: less cloth bought' }).click()
  await planned(page)
  await expect(inAll).toHaveText(before)
})

test('what is typed of a length or a price and cannot be is said, and nothing is taken', async ({ page }) => {
  await openDemo(page, 'Berth four', 'Cloth')
  await page.getByRole('button', { name: 'Change Soot' }).click()
  const row = page.locator('[data-cloth="soot"]')
  await typeAtHand(page, 'a lot')
  await expect(row.getByRole('alert')).toContainText('Write a length such as')
  await expect(row.locator('[data-given]')).not.toContainText(['at hand'])
  await typeAtHand(page, '1 1/2 yd')
  await planned(page)
  await expect(row).toContainText('54″ at hand')
  await typeAtHand(page, '')
  await planned(page)
  await expect(row).not.toContainText('54″ at hand')
  const price = row.getByLabel('Price of a yard')
  await price.fill('dear')
  await price.press('Enter')
  await expect(row.getByRole('alert')).toBeVisible()
  await price.fill('8.50')
  await price.press('Enter')
  await planned(page)
  const list = page.getByRole('region', { name: 'Shopping list' })
  // 1 yd of it, and the total
  await expect(list.locator('[data-path="cloths.0.cost"]')).toHaveText(/^\d+\.\d\d$/)
  await expect(list.locator('[data-path="quilt.cost"]')).toHaveText(/^\d+\.\d\d$/)
})

test('a worker that dies is told; what it found stays, and nothing is changed', async ({ page }) => {
  await openDemo(page, 'Berth four', 'Cloth')
  await page.getByRole('button', { name: 'Change Soot' }).click()
  await typeAtHand(page, '20')
  await planned(page)
  await page.evaluate(() => {
    window.Worker = class extends window.Worker {
      constructor(url: string | URL, options?: WorkerOptions) {
        super(url, options)
        if (/supplyWorker|buyLessWorker/.test(String(url))) setTimeout(() => this.dispatchEvent(new Event('error')))
      }
    }
  })
  const card = page.getByTestId('how-far')
  await card.getByRole('button', { name: 'See how far it goes' }).click()
  await expect(card.getByRole('alert')).toContainText('The search stopped by itself')
  await expect(card).toContainText('short by')
  await expect(page.getByRole('button', { name: 'Undo: cloth' })).toBeVisible()
  await openAnother(page, 'Left luggage')
  const less = page.getByTestId('buy-less')
  await less.getByRole('button', { name: 'Look for a way to buy less' }).click()
  await expect(less.getByRole('alert')).toContainText('The search stopped by itself')
  await expect(less).not.toContainText('Nothing was found')
})
