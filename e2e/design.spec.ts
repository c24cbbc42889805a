import { expect, test } from '@playwright/test'
import { choose, goTo, openDemo, planned } from './support'

test('a mend of the second look changes the quilt, and undo takes it back', async ({ page }) => {
  await openDemo(page, 'Berth four')
  await page.locator('footer .look').click()
  const long = page.locator('[data-check="long-strip"]')
  await long.getByRole('button', { name: 'Cut along the cloth' }).click()
  await expect(page.locator('[data-check="long-strip"]')).toHaveCount(0)
  await page.keyboard.press('Escape')
  await page.getByRole('button', { name: 'Undo: Cut along the cloth' }).click()
  await planned(page)
  await page.locator('footer .look').click()
  await expect(long).toBeVisible()
  await long.getByRole('button', { name: 'Show me' }).click()
  await expect(page.getByRole('region', { name: 'Border 1' })).toBeVisible()
})

test('a border is mitred where it is: its strips grow by what they meet, and how it is sewn is told', async ({
  page,
}) => {
  await openDemo(page, 'Berth four')
  await page.locator('footer .look').click()
  await page.locator('[data-check="long-strip"]').getByRole('button', { name: 'Show me' }).click()
  const corners = page.getByLabel('Corners')
  await choose(corners, 'mitered, seams on the slant')
  await planned(page)
  await expect(page.getByLabel('Sewn on first')).toHaveCount(0)
  await goTo(page, 'Finish')
  const border = page.getByRole('region', { name: 'Border 1', exact: true })
  // the center is 75 1/2 raw, and meets two borders of 3
  await expect(border.locator('[data-path="borders.0.length"]')).toHaveText('81 1/2″')
  await expect(border).toContainText('Miter the four corners')
  // nothing is measured between the pairs: there is one ring
  await expect(page.getByRole('heading', { name: /with the sides on/ })).toHaveCount(0)
})

test('sizes as quilters write them; a size that cannot be says why and offers the nearest', async ({ page }) => {
  await openDemo(page, 'Berth four')
  await page.getByTestId('drawing').press('ArrowRight')
  const field = page.getByLabel('All blocks, finished', { exact: true })
  for (const [written, width] of [
    ['12½', '77 1/2″'],
    ['10 1/4', '66 1/4″'],
    ['31,5 cm', '77″'],
    ['9', '60″'],
  ] as const) {
    await field.fill(written)
    await page.keyboard.press('Enter')
    await planned(page)
    await expect(page.locator('footer [data-path="quilt.width"]')).toHaveText(width)
  }
  await field.fill('1/2')
  const alert = page.getByRole('alert').filter({ hasText: 'at least 1″' })
  await expect(alert).toBeVisible()
  await alert.getByRole('button', { name: 'Use 1″' }).click()
  await planned(page)
  await expect(page.locator('footer [data-path="quilt.width"]')).toHaveText('20″')
  await field.fill('a lot')
  await expect(page.getByRole('alert').filter({ hasText: 'Write a length' })).toBeVisible()
  await page.keyboard.press('Escape')
  await expect(field).toHaveValue('1')
})

test('by keyboard: move, turn, mirror, exchange', async ({ page }) => {
  await openDemo(page, 'Berth four')
  const drawing = page.getByTestId('drawing')
  await drawing.press('ArrowRight')
  await drawing.press('r')
  await expect(page.getByRole('button', { name: 'Undo: turn' })).toBeVisible()
  await drawing.press('m')
  await expect(page.getByRole('button', { name: 'Undo: mirror' })).toBeVisible()
  await expect(page.getByRole('heading', { name: 'Sawtooth star', exact: true })).toBeVisible()
  await drawing.press('x')
  await drawing.press('ArrowRight')
  await drawing.press('Enter')
  await expect(page.getByRole('button', { name: 'Undo: exchange of two blocks' })).toBeVisible()
  await expect(page.getByRole('region', { name: 'Block in row 1, place 2' }).getByRole('heading')).toHaveText(
    'Sawtooth star',
  )
})

test('a cloth and a block for one place alone, and a press in the drawing', async ({ page }) => {
  await openDemo(page, 'Berth four')
  const before = await page.locator('footer [data-path="quilt.patches"]').textContent()
  const box = (await page.getByTestId('drawing').boundingBox())!
  await page.mouse.click(box.x + box.width / 2, box.y + box.height / 2)
  await expect(page.getByRole('region', { name: 'Block in row 4, place 3' })).toBeVisible()
  await page.getByText('Only this one').click()
  await page.getByRole('button', { name: 'Another block …' }).click()
  await page.getByLabel('Find a block').fill('pinwheel')
  await page.keyboard.press('Enter')
  await planned(page)
  // a plain square of one patch became a pinwheel of eight
  await expect(page.locator('footer [data-path="quilt.patches"]')).toHaveText(String(Number(before) + 7))
  await page.getByText('Only this one').click()
  await page.getByRole('group', { name: 'Blade' }).getByText('D, Signal red').click({ force: true })
  await expect(page.getByRole('button', { name: 'Undo: cloth of one place' })).toBeVisible()
})
