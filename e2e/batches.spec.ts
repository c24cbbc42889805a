import AxeBuilder from '@axe-core/playwright'
import { expect, test, type Page } from '@playwright/test'
import { beginQuilt, goTo, kept, openDemo, planned, pressByKey, visit } from './support'

test('half of a quilt in batches by keyboard: stopped at a pair, closed, opened, and gone on at that pair', async ({
  page,
}) => {
  test.setTimeout(120_000)
  const quilt = await openDemo(page, 'Marl Junction')
  await goTo(page, 'Piece')
  await pressByKey(page, page.getByRole('link', { name: 'In batches' }))
  await expect(page.getByRole('heading', { name: 'In batches', exact: true })).toBeVisible()
  // they come when the planner has made them
  await expect(page.getByTestId('visit').nth(15)).toBeVisible({ timeout: 30_000 })
  const { violations } = await new AxeBuilder({ page }).analyze()
  expect(violations.filter(({ impact }) => impact === 'serious' || impact === 'critical')).toEqual([])
  await pressByKey(page, page.getByRole('link', { name: /Batches, step by step/ }))
  const mode = page.getByTestId('step-mode')
  const done = page.getByTestId('step-done')
  const at = async () => Number(/(\d+) of/.exec((await mode.locator('header').textContent())!)![1])
  const all = Number(/of (\d+),/.exec((await mode.locator('header').textContent())!)![1])
  // to the half, and on to one that is done several times
  while ((await at()) < all / 2 || !/: [4-9]\d* to go/.test((await done.textContent())!)) {
    const before = await at()
    await page.keyboard.press((await page.getByTestId('step-all').isVisible()) ? 'a' : ' ')
    await expect.poll(at).toBe(before + 1)
  }
  const stoppedAt = await at()
  const left = Number(/: (\d+) to go/.exec((await done.textContent())!)![1])
  await page.keyboard.press(' ')
  await expect(done).toContainText(`${left - 1} to go`)
  const text = await page.getByTestId('step-text').textContent()
  await page.keyboard.press('Escape')
  await kept(page)

  await page.goto('/')
  await page.getByRole('link').filter({ hasText: 'Marl Junction' }).click()
  await planned(page)
  await page.goto(`${quilt}/batches?steps`)
  await planned(page)
  await expect.poll(at).toBe(stoppedAt)
  await expect(done).toContainText(`${left - 1} to go`)
  await expect(page.getByTestId('step-text')).toHaveText(text!)
})

test('what is ticked as a whole is done in the batches too, and the other way round', async ({ page }) => {
  await openDemo(page, 'Signal box', 'Piece')
  const made = page.getByTestId('blocks-made')
  const count = Number(/of (\d+)/.exec((await made.textContent())!)![1])
  await page.getByRole('button', { name: 'All sewn' }).click()
  await expect(made).toContainText(`${count} of ${count}`)
  await page.getByRole('link', { name: 'In batches' }).click()
  const first = page.getByTestId('visit').first()
  await expect(first.getByLabel('All done')).toBeVisible()
})

const pagesOf = async (page: Page) =>
  (await page.pdf({ format: 'A4' })).toString('latin1').match(/\/Type\s*\/Page\b/g)!.length

test('the batches of twelve blocks print on at most four pages', async ({ page }) => {
  const quilt = await beginQuilt(page, 3, 4)
  await visit(page, `${quilt}/batches`)
  await expect(page.getByTestId('visit').first()).toBeVisible()
  expect(await pagesOf(page)).toBeLessThanOrEqual(4)
})

test('those of a demo quilt of seven kinds of block print on at most eight', async ({ page }) => {
  await visit(page, `${await openDemo(page, 'Lost property')}/batches`)
  await expect(page.getByTestId('visit').first()).toBeVisible()
  expect(await pagesOf(page)).toBeLessThanOrEqual(8)
})
