import { expect, test } from '@playwright/test'
import { choose, chooseByKey, goTo, openDemo, planned, tabTo } from './support'

test('a block that meets itself is pressed in two ways, told in recipe, rows and cards; or open, in one', async ({
  page,
}) => {
  await openDemo(page, 'Signal box', 'Piece')
  // 6 by 8 pinwheels by turns
  await expect(page.getByRole('tab', { name: 'Pinwheel, + × 24' })).toBeVisible()
  await page.getByRole('tab', { name: 'Pinwheel, # × 24' }).click()
  const behind = page.getByRole('region', { name: 'From behind' })
  await expect(behind.getByRole('heading')).toHaveText('From behind, version #')
  await expect(behind).toContainText('some are pressed as +, others as #')
  // eight patches, and an allowance at each stretch of seam
  await expect(behind.locator('.picture polygon[stroke]')).toHaveCount(8 + 8)
  await expect(page.getByTestId('row').first()).toContainText('+#+#+#')
  await choose(behind.getByLabel('Seams of all blocks are pressed'), 'open')
  await planned(page)
  await expect(behind).toContainText('Without an arrow, each lies on its own patch')
  await expect(page.getByRole('tab', { name: /^Pinwheel × 48/ })).toBeVisible()
  await page.getByRole('button', { name: 'Undo: way of pressing' }).click()
  await planned(page)
  await expect(page.getByRole('tab', { name: 'Pinwheel, + × 24' })).toBeVisible()
  const unit = page.locator('[data-unit=half-square]').first()
  await expect(unit).toContainText('45° line of the ruler on the seam')
  await choose(behind.getByTestId('half-squares'), 'closed, then pressed')
  await planned(page)
  await expect(unit).toContainText('Leave it closed. Lay a square ruler on it')
  await expect(unit.getByTestId('unit-back').locator('.picture polygon[stroke]')).toHaveCount(2 + 1)
  await page.getByRole('link', { name: 'Row cards' }).click()
  await expect(page.getByTestId('row-card').nth(1)).toContainText('1. Pinwheel #')
  await page.goBack()
  await goTo(page, 'Design')
})

test("the quilter's own clips: typed once, told with each row, on its card, with dots when they run out", async ({
  page,
}) => {
  await openDemo(page, 'Signal box', 'Piece')
  const field = page.getByLabel('The colors of your clips, with commas between')
  await field.fill('red, sea green, red')
  await field.press('Enter')
  await planned(page)
  // the same colour twice is one
  await expect(field).toHaveValue('red, sea green')
  await expect(page.getByTestId('row').nth(1)).toContainText('two sea green clips')
  await expect(page.getByTestId('row').nth(2)).toContainText('two red clips, each with one dot')
  await page.getByRole('link', { name: 'Row cards' }).click()
  await expect(page.getByTestId('row-card').nth(7)).toContainText('two sea green clips, each with 3 dots')
  await page.goBack()
  await field.fill(Array.from({ length: 25 }, (_, i) => `shade ${i}`).join(', '))
  await field.press('Enter')
  await expect(page.getByRole('alert')).toContainText('More than 24 colors')
})

test('rows are measured before they are joined, and the borders follow', async ({ page }) => {
  await openDemo(page, 'Signal box', 'Piece')
  await page.getByText('Measure them before you join them').click()
  await page.getByLabel('Row 1, planned 36 1/2″').fill('36 5/8')
  await page.keyboard.press('Enter')
  await planned(page)
  // an eighth wider than planned, with eight inches of borders on either side
  await expect(page.locator('footer [data-path="quilt.width"]')).toHaveText('52 1/8″')
  await page.getByRole('button', { name: 'Forget these measures' }).click()
  await planned(page)
  await expect(page.locator('footer [data-path="quilt.width"]')).toHaveText('52″')
})

test('a single seam is pressed by hand and left to the plan again, by keyboard; picture and words follow', async ({
  page,
}) => {
  await openDemo(page, 'Signal box', 'Piece')
  const choice = page.getByLabel('How join 1 is pressed')
  const words = choice.locator('xpath=ancestor::li').locator('p').first()
  const before = (await words.textContent())!
  await tabTo(page, choice, 400)
  await chooseByKey(page, choice, 'press it the other way')
  await planned(page)
  await expect(choice).toHaveText('pressed by hand')
  await expect(words).not.toHaveText(before)
  await chooseByKey(page, choice, 'press it open')
  await planned(page)
  await expect(words).toContainText('Press open')
  await chooseByKey(page, choice, 'pressed by plan')
  await planned(page)
  await expect(words).toHaveText(before)
})

test('rows are joined two and two; where the feed does not help, each crossing is pinned', async ({ page }) => {
  await openDemo(page, 'Signal box', 'Piece')
  await page.getByRole('link', { name: 'Order, pins and marks' }).click()
  // eight rows: four pairs, two fours, the whole
  const joins = page.getByTestId('rows-joined')
  await expect(joins).toHaveCount(7)
  await expect(joins.nth(0)).toContainText('Row 1, with row 2.')
  await expect(joins.nth(6)).toContainText('Row 1 to row 4, with row 5 to row 8.')
  await page
    .getByRole('button', { name: /Across the rows, raw/ })
    .first()
    .click()
  await expect(page.getByTestId('slip')).toContainText('rows joined')
  // six by eight blocks from behind, five seams in each row and seven between the rows
  const behind = page.getByRole('img', { name: 'All rows from behind, as they are pressed' })
  await expect(behind.locator('use')).toHaveCount(48)
  await expect(behind.locator(':scope > polygon')).toHaveCount(5 * 8 + 7)
})
