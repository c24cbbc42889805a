import { expect, test } from '@playwright/test'
import { goTo, openDemo, planned } from './support'

test('long strips are costed along and across, and cut the other way by keys', async ({ page }) => {
  await openDemo(page, 'Left luggage')
  await goTo(page, 'Cloth')
  const card = page.getByTestId('long-strips')
  await card.getByRole('button', { name: 'Compare along and across' }).click()
  const row = card.getByTestId('long-strip').filter({ hasText: 'Border 1' })
  await expect(row).toContainText(/Joined from strips across: buy .*yd in all, as it is/)
  const [, along] = /no joins: buy ([^\n,]*yd) in all/.exec(await row.innerText())!
  const footer = page.locator('footer.bar')
  await expect(footer).not.toContainText(along!)
  await row.getByRole('button', { name: 'Cut it so' }).focus()
  await page.keyboard.press('Enter')
  await planned(page)
  // what was costed is of the quilt as it was; the quilt buys what was said
  await expect(card.getByTestId('long-strip')).toHaveCount(0)
  await expect(footer).toContainText(along!)
})
