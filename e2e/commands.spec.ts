import { expect, test } from '@playwright/test'
import { goTo, openCommands, openDemo, planned, visit } from './support'

const STATIONS = ['design', 'cloth', 'cut', 'piece', 'finish', 'diary']
const PAGES = [...STATIONS, 'batches', 'quilting', 'cards']

/** The list is long: each part of it is a test of its own. */
const PARTS = 4

for (let part = 0; part < PARTS; part++) {
  test(`every command does what it says, from whatever page it is called, ${part + 1} of ${PARTS}`, async ({
    page,
  }) => {
    test.setTimeout(300_000)
    const faults: string[] = []
    page.on('pageerror', ({ message }) => faults.push(message))
    const quilt = await openDemo(page, 'Berth four')
    await page.evaluate(() => (window.print = () => document.body.setAttribute('data-printed', '')))
    await openCommands(page)
    const names = await page.getByRole('option').allTextContents()
    expect(names.length).toBeGreaterThan(45)
    for (let i = part; i < names.length; i += PARTS) {
      const to = PAGES[i % PAGES.length]!
      await page.keyboard.press('Escape')
      // a list or a mode of the command before may lie over the page still, or it led out of the quilt
      const isClear = page.url().startsWith(quilt) && (await page.getByRole('dialog').count()) === 0
      if (!isClear) await page.goto(`${quilt}/${to}`)
      else if (STATIONS.includes(to)) await goTo(page, to)
      else await visit(page, `${quilt}/${to}`)
      await planned(page)
      await openCommands(page)
      const option = page.getByRole('option').nth(i)
      const words = (await option.textContent())!
      await option.click()
      await expect(page.getByRole('searchbox', { name: 'Find a command' })).toHaveCount(0)
      expect(faults, `${names[i]}, now ${words}`).toEqual([])
    }
  })
}

test('the list follows its active row by keys, says it, and finds jobs by other words', async ({ page }) => {
  await openDemo(page, 'Signal box', 'Piece')
  await openCommands(page)
  const search = page.getByRole('searchbox', { name: 'Find a command' })
  for (let i = 0; i < 25; i++) await page.keyboard.press('ArrowDown')
  const active = page.locator('[role="option"][data-highlighted]')
  await expect(active).toBeInViewport({ ratio: 1 })
  await expect(search).toHaveAttribute('aria-activedescendant', (await active.getAttribute('id'))!)
  await search.fill('queen')
  await page.keyboard.press('Enter')
  await expect(page).toHaveURL(/\/design$/)
  await expect(page.getByRole('dialog', { name: /size to fit/ })).toBeVisible()
  await page.keyboard.press('Escape')
  await openCommands(page)
  await page.keyboard.type('barn')
  await page.keyboard.press('Enter')
  await planned(page)
  await openCommands(page)
  await page.keyboard.type('undo')
  await expect(page.getByRole('option').first()).toHaveText(/Undo: blocks turned/)
})
