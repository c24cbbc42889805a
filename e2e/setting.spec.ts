import { expect, test } from '@playwright/test'
import { goTo, openDemo, planned, pressByKey, tabTo } from './support'

test('from one block to a sashed quilt on point that fits a queen bed, by keyboard alone', async ({ page }) => {
  await openDemo(page, 'Marl Junction')
  // without float there can be sashing on point
  await pressByKey(page, page.getByRole('button', { name: 'Sashing', exact: true }))
  await planned(page)
  await expect(page.getByRole('region', { name: 'Sashing' })).toContainText('all 80 strips')
  await page.keyboard.press('Escape')
  await pressByKey(page, page.getByRole('button', { name: 'Size to fit' }))
  const sheet = page.getByRole('dialog', { name: 'A size to fit' })
  await expect(sheet).toBeVisible()
  await pressByKey(page, sheet.getByRole('radio', { name: 'A bed' }))
  await expect(page.getByTestId('wanted')).toContainText('84 × 102″')
  await expect(page.getByTestId('fit').first()).toBeVisible()
  await pressByKey(page, page.getByTestId('fit').first().getByRole('button', { name: 'Take it' }))
  await planned(page)
  await expect(page.locator('footer [data-path="quilt.width"]')).toHaveText(/^8[34]|^84/)
  await tabTo(page, page.getByRole('button', { name: /^Undo: size to fit/ }))
})

test('the way of setting is chosen beside the quilt: on point with float, shifted rows, half blocks', async ({
  page,
}) => {
  await openDemo(page, 'Signal box')
  await page.getByRole('button', { name: 'Setting', exact: true }).click()
  const card = page.getByRole('region', { name: 'Setting' })
  await card.getByText('on point', { exact: true }).click()
  await planned(page)
  // 6 across of 6″ on point, between borders of 3, 3 and 2: 6·6·√2 + 16
  await expect(page.locator('footer [data-path="quilt.width"]')).toHaveText('66 15/16″')
  await card.getByLabel('Blocks float: cloth beyond their corners', { exact: true }).fill('1')
  await page.keyboard.press('Enter')
  await planned(page)
  await expect(page.locator('footer [data-path="quilt.width"]')).toHaveText('68 15/16″')
  await card.getByText('shifted rows', { exact: true }).click()
  await planned(page)
  await card.getByLabel('half blocks').check()
  await planned(page)
  await expect(page.locator('footer [data-path="quilt.width"]')).toHaveText('52″')
  // the repeat of the pieced border did not divide the set on point; now it does again
  await goTo(page, 'Piece')
  await expect(page.getByTestId('row').nth(1)).toContainText('Row 2')
})

test('try-outs: at least twelve, pinned side by side with figures; one press takes one, undo gives it back', async ({
  page,
}) => {
  await openDemo(page, 'Sleepers')
  const before = await page.locator('footer [data-path="quilt.width"]').textContent()
  await page.getByRole('button', { name: 'Try-outs' }).click()
  await expect(page.getByTestId('try-out').nth(11)).toBeVisible()
  await page.getByRole('button', { name: 'Pin On point' }).click()
  await page.getByRole('button', { name: 'Pin Barn raising' }).click()
  await expect(page.getByTestId('pinned')).toHaveCount(2)
  await expect(page.getByTestId('pinned').first()).toContainText(/to buy/, { timeout: 30_000 })
  await page.getByTestId('pinned').filter({ hasText: 'On point' }).getByRole('button', { name: 'Take it' }).click()
  await planned(page)
  await expect(page.locator('footer [data-path="quilt.width"]')).not.toHaveText(before!)
  await page.getByRole('button', { name: 'Undo: on point' }).click()
  await planned(page)
  await expect(page.locator('footer [data-path="quilt.width"]')).toHaveText(before!)
})

test('row cards: one for each diagonal, with blocks in order and the way its seams are pressed, on paper too', async ({
  page,
}) => {
  await openDemo(page, 'Marl Junction', 'Piece')
  await page.getByRole('link', { name: 'Row cards' }).click()
  // 4 across and 5 down: 8 diagonals and 4 corners
  await expect(page.getByTestId('row-card')).toHaveCount(12)
  const second = page.getByTestId('row-card').nth(1)
  await expect(second).toContainText('Diagonal 2')
  await expect(second).toContainText('1. side triangle')
  await expect(second).toContainText('Press all seams to the left')
  await page.emulateMedia({ media: 'print' })
  const pdf = await page.pdf({ format: 'Letter' })
  expect(pdf.length).toBeGreaterThan(5000)
  await expect(page.getByRole('button', { name: 'Print the cards' })).toBeHidden()
})
