import { expect, test } from '@playwright/test'
import { goTo, openDemo, planned } from './support'

test('a part is dealt from a heap, another way, from fewer cloths, and is of one cloth again', async ({ page }) => {
  await openDemo(page, 'Left luggage')
  await page.getByTestId('drawing').click({ position: { x: 120, y: 120 } })
  const card = page.getByRole('region', { name: /^Block in row/ })
  await card.getByRole('button', { name: 'Dealt from 8 cloths …' }).click()
  const heap = page.getByRole('dialog', { name: 'From a heap of scraps' })
  await expect(heap.getByTestId('dealt')).toHaveText('No two alike lie side by side.')
  await heap.getByRole('button', { name: 'Another way' }).click()
  // thirty places from seven cloths: five of two of them, four of the others
  await heap.getByRole('button', { name: 'Soot' }).click()
  await expect(heap).not.toContainText('Soot 4')
  await expect(heap).toContainText(/Signal red 5|Brass 5|Verge green 5|Night mail 5/)
  await heap.getByRole('button', { name: 'Deal them so' }).click()
  await expect(page.getByRole('button', { name: 'Undo: cloths dealt out' })).toBeVisible()
  await planned(page)
  await expect(card.getByRole('button', { name: 'Dealt from 7 cloths …' })).toBeVisible()
  // one cloth alone cannot part them, and that is said
  await card.getByRole('button', { name: 'Dealt from 7 cloths …' }).click()
  for (const cloth of ['Signal red', 'Brass', 'Verge green', 'Night mail', 'Coach maroon', 'Kettle copper'])
    await heap.getByRole('button', { name: cloth }).click()
  await expect(heap.getByTestId('dealt')).toContainText('All these cloths look alike.')
  await page.keyboard.press('Escape')
  await card.getByRole('group', { name: 'Star' }).getByLabel('Brass').check({ force: true })
  await expect(card.getByRole('button', { name: 'From a heap of scraps …' }).first()).toBeVisible()
  await planned(page)
  await page.keyboard.press('Escape')
  await goTo(page, 'Cloth')
  await expect(page.locator('[data-cloth="verge"]')).toContainText('not in this quilt yet')
})
