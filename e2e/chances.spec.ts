import AxeBuilder from '@axe-core/playwright'
import { expect, test } from '@playwright/test'
import { openDemo, pressByKey } from './support'

test('the quilt sewn ten thousand times: stopped, gone on, said in sentences, by keyboard', async ({ page }) => {
  await openDemo(page, 'Berth four', 'Piece')
  await pressByKey(page, page.getByRole('link', { name: 'What chance does' }))
  const status = page.getByTestId('sewn-times')
  await pressByKey(page, page.getByRole('button', { name: /^Sew it/ }))
  // the button has turned into the one that stops, with the focus on it
  await page.keyboard.press('Enter')
  await expect(page.getByRole('button', { name: 'Once more' })).toBeVisible()
  await pressByKey(page, page.getByRole('button', { name: 'Once more' }))
  await expect(status).toContainText('10,000 sewn', { timeout: 20_000 })
  await expect(page.getByRole('button', { name: 'Once more' })).toBeVisible({ timeout: 20_000 })
  await expect(page.getByTestId('says-width')).toContainText(
    /Nine of ten times .* between .* and .*; the plan says 54″/,
  )
  await expect(page.getByTestId('says-points')).toContainText(/Fewest are lost on papers/)
  await expect(page.getByTestId('says-worst')).toContainText('Sawtooth star')
  await expect(page.getByTestId('chart').locator('svg')).toHaveCount(2)
  const { violations } = await new AxeBuilder({ page }).analyze()
  expect(violations.filter(({ impact }) => impact === 'serious' || impact === 'critical')).toEqual([])
})
