import AxeBuilder from '@axe-core/playwright'
import { expect, test, type Page } from '@playwright/test'
import { goTo, openDemo } from './support'

async function expectAccessible(page: Page, place: string) {
  // let what fades in be there: a half-seen text has half its contrast
  await page.waitForTimeout(350)
  const { violations } = await new AxeBuilder({ page }).analyze()
  const grave = violations.filter(violation => violation.impact === 'serious' || violation.impact === 'critical')
  expect(
    grave.map(
      violation =>
        `${place}: ${violation.id}, ${violation.nodes
          .map(node => node.target.join(' '))
          .slice(0, 4)
          .join('; ')}`,
    ),
  ).toEqual([])
}

for (const light of ['light', 'dark'] as const) {
  test(`nothing serious on any station, ${light === 'light' ? 'by day' : 'in the evening'}`, async ({ page }) => {
    test.setTimeout(180_000)
    await page.addInitScript(theme => localStorage.setItem('nuxt-color-mode', theme), light)
    await page.goto('/')
    await expect(page.getByRole('heading', { name: 'The shelf is empty' })).toBeVisible()
    await expectAccessible(page, 'empty shelf')
    await page.getByRole('button', { name: 'New quilt' }).click()
    await expectAccessible(page, 'new quilt')
    await page.getByRole('button', { name: /another …/ }).click()
    await expectAccessible(page, 'block chooser')
    await page.keyboard.press('Escape')
    await page.keyboard.press('Escape')
    await openDemo(page, 'Berth four')
    await expectAccessible(page, 'Design')
    await page.getByTestId('drawing').press('ArrowRight')
    await expectAccessible(page, 'block card')
    await page.getByTestId('tape-width').press('ArrowRight')
    await expectAccessible(page, 'sashing card')
    for (const station of ['Cloth', 'Cut', 'Piece', 'Finish', 'Diary']) {
      await goTo(page, station)
      await expectAccessible(page, station)
    }
    await page.goto(page.url().replace(/diary$/, 'draft'))
    await expect(page.getByTestId('draft-board')).toBeVisible()
    await expectAccessible(page, 'draft')
    await page.goBack()
    await page.locator('footer .look').click()
    await expectAccessible(page, 'second look')
    await page.keyboard.press('Escape')
    await page.keyboard.press('?')
    await expectAccessible(page, 'keys')
    await page.keyboard.press('Escape')
    await goTo(page, 'Cut')
    await page.getByRole('link', { name: 'At the mat, step by step' }).click()
    await expectAccessible(page, 'step by step')
    await page.keyboard.press('Escape')
    await page.keyboard.press('Control+k')
    await expectAccessible(page, 'finder')
    await page.keyboard.press('Escape')
    await page.locator('footer [data-path="quilt.width"]').click()
    await expectAccessible(page, 'slip')
    await page.goto('/q/nobody/design')
    await expectAccessible(page, 'no such quilt')
    await page.goto('/nowhere')
    await expectAccessible(page, 'no such page')
  })
}

test('on a tablet nothing is wider than the screen', async ({ page }) => {
  await page.setViewportSize({ width: 820, height: 1180 })
  const quilt = await openDemo(page, 'Berth four')
  for (const station of ['Draft', 'Cloth', 'Cut', 'Piece', 'Finish', 'Diary']) {
    if (station === 'Draft') await page.goto(`${quilt}/draft`)
    else await goTo(page, station)
    const over = await page.evaluate(() => document.documentElement.scrollWidth - document.documentElement.clientWidth)
    expect(over, station).toBeLessThanOrEqual(0)
    const work = await page.locator('#work').evaluate(element => element.scrollWidth - element.clientWidth)
    expect(work, station).toBeLessThanOrEqual(1)
  }
})
