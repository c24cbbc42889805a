import { expect, test, type Page } from '@playwright/test'
import { goTo, openDemo, planned, readFigure, visit } from './support'

const STATIONS = ['Design', 'Cloth', 'Cut', 'Piece', 'Finish'] as const

test('every kind of number on every station shows the sum behind it, and the sum is the number', async ({ page }) => {
  test.setTimeout(180_000)
  await openDemo(page, 'Berth four')
  const pressed = new Set<string>()
  for (const station of STATIONS) {
    if (station !== 'Design') await goTo(page, station)
    const paths = await page
      .locator('button[data-path]:visible')
      .evaluateAll(all => all.map(element => element.getAttribute('data-path')!))
    for (const path of paths) {
      const kind = `${station} ${path.replaceAll(/\d+/g, 'n')}`
      if (pressed.has(kind)) continue
      pressed.add(kind)
      const number = page.locator(`button[data-path="${path}"]:visible`).first()
      await number.click()
      const slip = page.locator(`[data-testid="slip"][data-for="${path}"]`)
      await expect(slip).toBeVisible()
      const total = Number(await slip.getByTestId('slip-total').getAttribute('data-total'))
      expect(total, path).toBe(Number(await number.getAttribute('data-value')))
      const shown = (await number.textContent())!
      const inShown = /yd/.test(shown) ? total / 36 : /%/.test(shown) ? total * 100 : total
      expect(Math.abs(readFigure(shown) - inShown), `${path}: ${shown} for ${total}`).toBeLessThanOrEqual(
        /yd/.test(shown) ? 1 / 16 : /%/.test(shown) ? 0.5 : 1 / 32 + 1e-9,
      )
      await page.keyboard.press('Escape')
      await expect(slip).toBeHidden()
    }
  }
  expect(pressed.size).toBeGreaterThan(25)
})

/** Lengths on the page that neither belong to a number of the plan nor were given by the quilter. */
const unexplained = (page: Page) =>
  page.evaluate(() => {
    const walker = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT)
    const found: string[] = []
    while (walker.nextNode()) {
      const text = walker.currentNode.textContent!
      const element = walker.currentNode.parentElement!
      if (
        /\d\s*(″|cm\b|yd\b)/.test(text)
        && element.checkVisibility()
        && !element.closest('[data-path], [data-given], select, label, script')
      )
        found.push(text)
    }
    return found
  })

test("every length on every station, and in the step modes, is a number of the plan or the quilter's own", async ({
  page,
}) => {
  test.setTimeout(120_000)
  const quilt = await openDemo(page, 'Berth four')
  for (const place of ['design', 'cloth', 'cut', 'piece', 'finish', 'diary', 'cut?steps', 'piece?steps']) {
    await visit(page, `${quilt}/${place}`)
    expect(await unexplained(page), place).toEqual([])
    if (!place.includes('?')) continue
    for (let i = 0; i < 12; i++) {
      await page.keyboard.press('ArrowRight')
      expect(await unexplained(page), `${place} ${i}`).toEqual([])
    }
  }
})

test('every path on a station is a number of the plan', async ({ page }) => {
  await openDemo(page, 'Lost property')
  for (const station of STATIONS) {
    if (station !== 'Design') await goTo(page, station)
    await planned(page)
    await expect(page.locator('span[data-path]:visible')).toHaveCount(0)
  }
})

test('lengths change with the units and stay the same lengths', async ({ page }) => {
  await openDemo(page, 'Berth four')
  await page.getByRole('button', { name: 'Units, words, hand and light' }).click()
  await page.getByRole('button', { name: 'cm', exact: true }).click()
  await expect(page.locator('footer [data-path="quilt.width"]')).toHaveText(/152.4.cm/)
  await page.getByRole('button', { name: 'UK: wadding' }).click()
  await page.keyboard.press('Escape')
  await goTo(page, 'Finish')
  await expect(page.getByTestId('batting').getByRole('heading')).toHaveText('Wadding')
})
