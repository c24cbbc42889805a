import { expect, test, type Locator, type Page } from '@playwright/test'
import { beginQuilt, planned, visit } from './support'

// a tablet beside the machine, and fingers only
test.use({ viewport: { width: 820, height: 1180 }, hasTouch: true })

const size = async (page: Page, width: string, height: string) => {
  await planned(page)
  await expect(page.locator('footer [data-path="quilt.width"]')).toHaveText(width)
  await expect(page.locator('footer [data-path="quilt.height"]')).toHaveText(height)
}
/** Taps what stands in this part of the width and height of the drawing. */
async function tapDrawing(page: Page, across: number, down: number) {
  const drawing = page.getByRole('application')
  const box = (await drawing.boundingBox())!
  await drawing.tap({ position: { x: box.width * across, y: box.height * down } })
}
/** The first tap after a finger was dragged through the debugger gives no click: as often as it takes. */
async function tapUntil(button: Locator, shown: Locator) {
  await expect(async () => {
    if (!(await shown.isVisible())) await button.tap()
    await expect(shown).toBeVisible({ timeout: 1000 })
  }).toPass()
}
async function tapChoice(list: Locator, words: string) {
  await list.tap()
  await list.page().getByRole('option', { name: words, exact: true }).tap()
}

test('by finger: a border is pieced, mirrored, its corners turned; then plain, with stripes along it', async ({
  page,
}) => {
  await beginQuilt(page, 4, 5)
  await page.getByRole('button', { name: 'Add', exact: true }).tap()
  await page.getByRole('menuitem', { name: 'Border', exact: true }).tap()
  const card = page.getByRole('region', { name: 'Border 1' })
  await card.getByRole('button', { name: 'Pieced …' }).tap()
  const designs = page.getByRole('dialog', { name: 'Along the border' })
  await designs.getByRole('button', { name: /^Flying geese/ }).tap()
  await size(page, '42″', '51″')
  // square units of these widths divide 36 and 45: 3″ goes 12 and 15 times, 4½″ 8 and 10 times
  const dividing = card.getByRole('group', { name: /^Its units divide the sides/ })
  await expect(dividing.getByRole('button').first()).toContainText('12 × 15')
  await dividing.getByRole('button', { name: /^8 × 10/ }).tap()
  await size(page, '45″', '54″')
  await tapChoice(card.getByLabel('They run'), 'mirrored at the middle of each side')
  await expect(page.getByRole('button', { name: 'Undo: run of the border' })).toBeVisible()
  await tapChoice(card.getByLabel('Corners'), 'pieced corners')
  await card.getByRole('button', { name: 'Turn the corner blocks' }).tap()
  await expect(page.getByRole('button', { name: 'Undo: corner block turned' })).toBeVisible()
  await card.getByRole('button', { name: 'of one cloth' }).tap()
  await expect(card.getByLabel('They run')).toHaveCount(0)
  await expect(card.getByLabel('Its stripes run')).toHaveCount(0)
  await page.keyboard.press('Escape')
  await page.getByRole('link', { name: 'Cloth', exact: true }).tap()
  await page.getByRole('button', { name: 'Change First cloth' }).tap()
  await tapChoice(page.getByLabel('Pattern'), 'stripe')
  await page.getByRole('link', { name: 'Design', exact: true }).tap()
  const stripes = card.getByLabel('Its stripes run')
  await expect(async () => {
    await planned(page)
    if (!(await stripes.isVisible())) await tapDrawing(page, 0.5, 0.03)
    await expect(stripes).toBeVisible({ timeout: 2000 })
  }).toPass()
  await tapChoice(stripes, 'along the strip')
  await size(page, '45″', '54″')
  await expect(page.getByRole('button', { name: 'Undo: stripes of the border' })).toBeVisible()
})

test('by finger: two blocks change places, a strip is ticked at the mat', async ({ page }) => {
  await beginQuilt(page, 4, 5)
  await tapDrawing(page, 0.3, 0.3)
  const card = page.getByRole('region', { name: /row 2, place 2/ })
  await card.getByRole('button', { name: 'Turn' }).tap()
  await card.getByRole('button', { name: 'Exchange' }).tap()
  await tapDrawing(page, 0.15, 0.9)
  await expect(page.getByRole('button', { name: 'Undo: exchange of two blocks' })).toBeVisible()
  await planned(page)
  await page.getByRole('link', { name: 'Cut', exact: true }).tap()
  await planned(page)
  await page.getByRole('link', { name: 'At the mat, step by step' }).tap()
  await page.getByRole('button', { name: /^Done/ }).tap()
  await expect(page.getByText(/^\d of \d+, 0 done$/)).toBeVisible()
  await page.getByRole('button', { name: 'Stop here' }).tap()
  await expect(page.getByRole('tab', { name: /^First cloth/ })).toContainText('1 of')
})

test('by finger: on the wall a block is dragged onto another, and two that were pressed change places', async ({
  page,
}) => {
  await beginQuilt(page, 4, 5)
  await page.getByRole('link', { name: 'Wall', exact: true }).tap()
  await planned(page)
  const canvas = page.getByTestId('wall').locator('canvas')
  const box = (await canvas.boundingBox())!
  /** Room for the numbers of the rows at both sides, and a little above. */
  const scale = (box.width - 68) / 36
  const at = (row: number, column: number) => ({
    x: 34 + scale * (column + 1 / 2) * 9,
    y: 10 + scale * (row + 1 / 2) * 9,
  })
  const touch = await page.context().newCDPSession(page)
  const finger = (type: 'touchStart' | 'touchMove' | 'touchEnd', row: number, column: number) => {
    const { x, y } = at(row, column)
    const touchPoints = type === 'touchEnd' ? [] : [{ x: box.x + x, y: box.y + y }]
    return touch.send('Input.dispatchTouchEvent', { type, touchPoints })
  }
  await finger('touchStart', 0, 0)
  await finger('touchMove', 2, 1)
  await finger('touchMove', 3, 2)
  await finger('touchEnd', 3, 2)
  await expect(page.getByRole('button', { name: 'Undo: blocks moved' })).toBeVisible()
  const several = page.getByRole('button', { name: 'Pick several' })
  await tapUntil(page.getByRole('button', { name: 'Let go' }), several)
  await several.tap()
  await canvas.tap({ position: at(1, 1) })
  await canvas.tap({ position: at(4, 3) })
  await page.getByRole('button', { name: 'Exchange' }).tap()
  await expect(page.getByRole('button', { name: 'Undo: exchange of two blocks' })).toBeVisible()
})

test('by finger: squares of a picture are drawn, and a row of its chart is ticked', async ({ page }) => {
  await beginQuilt(page, 2, 2)
  await page.getByRole('button', { name: 'Add', exact: true }).tap()
  await page.getByRole('menuitem', { name: 'A picture in squares …' }).tap()
  const letter = page.getByRole('button', { name: /^B\s*\d/ })
  await letter.tap()
  const box = (await page.getByTestId('board').locator('canvas').boundingBox())!
  /** Twenty-four squares across. */
  const scale = box.width / 24
  const touch = await page.context().newCDPSession(page)
  const finger = (type: 'touchStart' | 'touchMove' | 'touchEnd', x: number, y: number) =>
    touch.send('Input.dispatchTouchEvent', {
      type,
      touchPoints: type === 'touchEnd' ? [] : [{ x: box.x + scale * (x + 0.5), y: box.y + scale * (y + 0.5) }],
    })
  await finger('touchStart', 2, 3)
  await finger('touchMove', 6, 3)
  await finger('touchMove', 6, 8)
  await finger('touchEnd', 6, 8)
  // five across and five more down
  await expect(letter).toContainText('10')
  const whole = page.getByRole('button', { name: 'The quilt is this picture' })
  await tapUntil(page.getByRole('button', { name: 'Use it …' }), whole)
  await whole.tap()
  await planned(page)
  await visit(page, page.url().replace(/design$/, 'chart'))
  await expect(page.getByRole('button', { name: /^Row 4: 2\sA, 5\sB, 17\sA, 24 squares$/ })).toBeVisible()
  await page.getByRole('checkbox', { name: 'Row 4 is sewn' }).tap()
  await expect(page.getByTestId('rows-sewn')).toHaveText('1 of 30 rows sewn')
})
