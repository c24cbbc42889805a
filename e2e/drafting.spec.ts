import { readFileSync } from 'node:fs'
import { expect, test } from '@playwright/test'
import { choose, chooseByKey, openDemo, planned, pressByKey, tabTo, typeByKey, visit } from './support'

test('a block is drafted by keyboard alone, and stands in the quilt', async ({ page }) => {
  await openDemo(page, 'Berth four')
  const patches = page.locator('footer [data-path="quilt.patches"]')
  await expect(patches).toHaveText('323')
  await tabTo(page, page.getByTestId('drawing'))
  await page.keyboard.press('ArrowRight')
  await pressByKey(page, page.getByRole('link', { name: 'Redraw it' }))
  await expect(page.getByTestId('draft-facts')).toContainText('17 patches')
  await chooseByKey(page, page.getByLabel('Symmetry'), 'quarter turns')
  const board = page.getByTestId('draft-board')
  await tabTo(page, board)
  // from the top left corner two points across and two down, and the same in the other three corners
  for (const key of ['Enter', 'ArrowRight', 'ArrowRight', 'ArrowDown', 'ArrowDown', 'Enter'])
    await page.keyboard.press(key)
  await expect(page.getByTestId('draft-facts')).toContainText('21 patches')
  await expect(page.getByTestId('draft-facts')).toContainText('Straight seams sew it.')
  await page.keyboard.press('Shift+Tab')
  await pressByKey(page, page.getByRole('button', { name: 'Undo in the drawing' }))
  await expect(page.getByTestId('draft-facts')).toContainText('17 patches')
  await pressByKey(page, page.getByRole('button', { name: 'Redo in the drawing' }))
  await pressByKey(page, page.getByRole('button', { name: 'Another cloth', exact: true }))
  await tabTo(page, board)
  await page.keyboard.press('Enter')
  await typeByKey(page, page.getByLabel('Name of the block'), 'Lamp room')
  await pressByKey(page, page.getByRole('button', { name: 'Use it in the quilt' }))
  await expect(page).toHaveURL(/\/design$/)
  await planned(page)
  // 18 stars with four patches more each
  await expect(patches).toHaveText(String(323 + 18 * 4))
  await tabTo(page, page.getByTestId('drawing'))
  await page.keyboard.press('ArrowRight')
  await expect(page.getByRole('heading', { name: 'Lamp room' })).toBeVisible()
})

test('a drawing is taken over, or told what is wrong and where; a drag draws; a unit is repeated', async ({ page }) => {
  const quilt = await openDemo(page, 'Berth four')
  await visit(page, `${quilt}/draft?blank`)
  const facts = page.getByTestId('draft-facts')
  await expect(facts).toContainText('1 patch')
  const open = async (name: string, text: string) =>
    page.locator('input[type=file]').setInputFiles({ name, mimeType: 'image/svg+xml', buffer: Buffer.from(text) })
  await page.getByText('Files', { exact: true }).click()
  await open('curve.svg', '<svg xmlns="http://www.w3.org/2000/svg"><rect width="1" height="1"/><circle r="1"/></svg>')
  // a message is there twice, once for those who hear it
  await expect(page.getByText('Figure 2 (circle) is curved').last()).toBeVisible()
  await open(
    'gap.svg',
    '<svg xmlns="http://www.w3.org/2000/svg"><rect width="1" height="1"/><rect x="2" width="1" height="1"/></svg>',
  )
  await expect(page.getByText(/There is a gap/).last()).toBeVisible()
  await expect(facts).toContainText('1 patch')
  await open(
    'good.svg',
    '<svg xmlns="http://www.w3.org/2000/svg"><rect width="1" height="1" class="sky"/><path class="sea" d="M1 '
      + '0h1v1h-1z"/></svg>',
  )
  await expect(facts).toContainText('2 patches')
  await expect(page.getByRole('button', { name: 'sea' })).toBeVisible()
  await page.getByRole('button', { name: 'Start empty' }).click()
  await expect(facts).toContainText('1 patch')
  // a drag from corner to corner
  const box = (await page.getByTestId('draft-board').boundingBox())!
  await page.mouse.move(box.x + 17, box.y + 17)
  await page.mouse.down()
  await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2, { steps: 4 })
  await page.mouse.move(box.x + box.width - 17, box.y + box.height - 17, { steps: 4 })
  await page.mouse.up()
  await expect(facts).toContainText('2 patches')
  await page.getByRole('button', { name: 'Remove a line' }).click()
  await page.getByTestId('draft-board').click({ position: { x: box.width * 0.3, y: box.height * 0.7 } })
  await page.getByTestId('draft-board').click({ position: { x: box.width * 0.7, y: box.height * 0.3 } })
  await expect(facts).toContainText('1 patch')
})

test('the library answers to wishes, and to numbers', async ({ page }) => {
  await openDemo(page, 'Berth four')
  await page.getByTestId('drawing').press('ArrowRight')
  await page.getByRole('button', { name: 'Another block …' }).click()
  const count = page.getByRole('dialog').getByRole('status')
  await expect(count).toHaveText(/^9\d blocks$/)
  await page.getByRole('button', { name: 'no triangles' }).click()
  await page.getByRole('button', { name: 'from strips' }).click()
  await expect(page.getByRole('button', { name: /Rail fence/ })).toBeVisible()
  await expect(page.getByRole('button', { name: /Pinwheel/ })).toHaveCount(0)
  await page.getByRole('button', { name: 'By my own numbers' }).click()
  await page.getByRole('spinbutton', { name: 'Rounds' }).fill('2')
  await page.keyboard.press('Tab')
  await page.getByRole('button', { name: 'Take it' }).click()
  await planned(page)
  // two rounds of four logs and a centre, in 18 places, and the 17 plain squares
  await expect(page.locator('footer [data-path="quilt.patches"]')).toHaveText(String(18 * 9 + 17))
})

test('ways to make a unit are compared, and another can be taken', async ({ page }) => {
  await openDemo(page, 'Berth four', 'piece')
  const ways = page.locator('[data-unit="goose"]').getByTestId('ways')
  await ways.locator('summary').click()
  await expect(ways.locator('[data-way="goose-4"]')).toContainText('as planned')
  await ways.locator('[data-way="goose-flip"]').getByRole('button', { name: 'Make it so' }).click()
  await planned(page)
  await expect(page.locator('[data-unit="goose"]')).toContainText('Made one at a time, flipped corners')
  await expect(page.locator('[data-unit="goose"]')).toContainText('The cut-off corners would make')
})

test('foundation papers and outlines: saved, true, and as many as the blocks', async ({ page }) => {
  await openDemo(page, 'Berth four', 'piece')
  const work = page.getByRole('region', { name: 'Templates and papers' })
  await work.getByText('For a cutting machine').click()
  const [svg] = await Promise.all([
    page.waitForEvent('download'),
    work.getByRole('button', { name: 'Save outlines (SVG)' }).click(),
  ])
  expect(readFileSync(await svg.path(), 'utf8')).toContain('in" viewBox')
  for (const kind of ['SVG', 'DXF']) {
    await work.getByRole('button', { name: `Try the ${kind}` }).click()
    await expect(page.getByTestId('machine')).toContainText(`4 shapes from this ${kind}`)
  }
  await choose(work.getByLabel('Make the whole block'), 'on foundation papers')
  await planned(page)
  await expect(page.getByRole('region', { name: 'Joining the block' })).toContainText('Paper A, patch 2')
})
