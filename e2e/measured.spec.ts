import AxeBuilder from '@axe-core/playwright'
import { expect, test } from '@playwright/test'
import { openDemo, planned, pressByKey, tabTo } from './support'

test('measured blocks lead to each of the four decisions, by keyboard alone', async ({ page }) => {
  await openDemo(page, 'Marl Junction', 'Piece')
  const card = page.getByTestId('block-measures')
  const field = card.getByLabel('Or type it')
  const width = page.locator('footer [data-path="quilt.width"]')
  const before = (await width.textContent())!
  const expected = (await card.locator('strong [data-path]').textContent())!
  const inches = Number(/^(\d+)/.exec(expected)![1]) + (expected.includes('1/2') ? 0.5 : 0)
  for (const measure of [inches, inches - 0.0625, inches - 0.25, inches]) {
    await tabTo(page, field)
    await page.keyboard.type(String(measure))
    await page.keyboard.press('Enter')
    await planned(page)
  }
  await expect(card.getByRole('list', { name: 'Measured so far' }).getByRole('listitem')).toHaveCount(4)
  const sizes = new Set<string>()
  for (const name of ['Ease them together', 'Make some again', 'Move the needle, go on', 'Trim all to the smallest']) {
    const choice = card.getByRole('button', { name })
    await pressByKey(page, choice)
    await planned(page)
    await expect(choice).toHaveAttribute('aria-pressed', 'true')
    const said = await choice.locator('..').locator('[data-path$=".width"]').textContent()
    await expect(width).toHaveText(said!)
    sizes.add(said!)
    if (name.startsWith('Move')) expect(said).toBe(before)
  }
  expect(sizes.size).toBe(4)

  // what cannot be is asked about, and nothing is written
  await tabTo(page, field)
  await page.keyboard.type(`${(inches * 2.54).toFixed(1)} in`)
  await page.keyboard.press('Enter')
  await expect(card.getByRole('alert')).toContainText('Did you mean')
  await tabTo(page, field)
  await page.keyboard.type('90')
  await page.keyboard.press('Enter')
  await expect(card.getByRole('alert')).toContainText('measure again')
  await expect(card.getByRole('listitem')).toHaveCount(4)
  const { violations } = await new AxeBuilder({ page }).analyze()
  expect(violations.filter(({ impact }) => impact === 'serious' || impact === 'critical')).toEqual([])
})
