import { expect, test, type Page } from '@playwright/test'
import { add, beginQuilt, goTo, mouseHand, openCommands, openDemo, planned, pressByKey, visit } from './support'

const openCard = (page: Page, name: string) => page.getByRole('group', { name, exact: true })

test('the focus goes into a card that is opened, and back when it closes', async ({ page }) => {
  await beginQuilt(page, 2, 2)
  const drawing = page.getByTestId('drawing')
  const setting = page.getByRole('button', { name: 'Setting', exact: true })
  await pressByKey(page, setting)
  await expect(openCard(page, 'Setting')).toBeFocused()
  await page.keyboard.press('Escape')
  await expect(setting).toBeFocused()

  // what was added has taken the place of its own choice: nothing there to go back to
  for (const [what, part] of [
    ['Sashing', 'sash'],
    ['Border', 'border'],
  ] as const) {
    await add(mouseHand(page), page, what)
    await expect(openCard(page, part)).toBeFocused()
    await page.keyboard.press('Escape')
    await expect(openCard(page, part)).toHaveCount(0)
    await expect(page.locator('body')).not.toBeFocused()
  }
  await openCommands(page)
  await page.keyboard.type('change border 1')
  await page.keyboard.press('Enter')
  await expect(openCard(page, 'border')).toBeFocused()
  await page.getByRole('button', { name: 'Take this border off' }).click()
  await expect(openCard(page, 'border')).toHaveCount(0)
  await expect(drawing).toBeFocused()

  // by arrows one walks over the blocks, and goes in with Enter
  await page.keyboard.press('ArrowRight')
  await expect(drawing).toBeFocused()
  await expect(openCard(page, 'block')).toBeVisible()
  await page.keyboard.press('Enter')
  await expect(openCard(page, 'block').locator(':focus')).toHaveCount(1)
  // one thing is open at a time
  await setting.click()
  await expect(openCard(page, 'block')).toHaveCount(0)
})

test('step by step the keys, and a pedal, go on after a button that has gone', async ({ page }) => {
  const quilt = await openDemo(page, 'Berth four')
  await visit(page, `${quilt}/batches?steps`)
  const mode = page.getByTestId('step-mode')
  const place = async () => Number(/(\d+) of/.exec((await mode.locator('header').textContent())!)![1])
  while (!(await page.getByTestId('step-all').isVisible())) await page.keyboard.press('ArrowRight')
  let at = await place()
  for (let i = 0; i < 12; i++) {
    const all = page.getByTestId('step-all')
    await ((await all.isVisible()) ? all : page.getByTestId('step-done')).click()
    await expect.poll(place).toBe(at + 1)
    at += 1
  }
  await page.keyboard.press('ArrowLeft')
  await expect.poll(place).toBe(at - 1)
})

test('a page opens at its top; going back leads to where one was', async ({ page }) => {
  await openDemo(page, 'Berth four', 'Finish')
  const work = page.locator('#work')
  const top = () => work.evaluate(element => element.scrollTop)
  const link = page.getByRole('link', { name: /quilting/i }).first()
  await link.scrollIntoViewIfNeeded()
  const before = await top()
  expect(before).toBeGreaterThan(300)
  await link.click()
  await expect(page).toHaveURL(/quilting$/)
  await planned(page)
  await expect.poll(top).toBe(0)
  // the way back on the page, then the browser's own ways
  await work.getByRole('link', { name: 'Finish', exact: true }).click()
  await expect.poll(top).toBe(before)
  await page.goForward()
  await expect(page).toHaveURL(/quilting$/)
  await expect.poll(top).toBe(0)
  await work.evaluate(element => element.scrollTo(0, 120))
  await page.goBack()
  await expect.poll(top).toBe(before)
  await page.goForward()
  await expect.poll(top).toBe(120)
  await goTo(page, 'Cut')
  await expect.poll(top).toBe(0)
})

test('the bar of Design stands in one line on a desk, whatever is still missing', async ({ page }) => {
  await page.setViewportSize({ width: 1280, height: 800 })
  await beginQuilt(page, 12, 12)
  const tops = await page
    .getByRole('group', { name: 'The whole quilt' })
    .locator('> *')
    .evaluateAll(parts => parts.map(part => Math.round(part.getBoundingClientRect().top)))
  expect(new Set(tops).size).toBe(1)
})
