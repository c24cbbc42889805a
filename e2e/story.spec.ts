import { expect, test, type Page } from '@playwright/test'
import { add, goTo, keyHand, kept, mouseHand, planned, pressByKey, tabTo, typeByKey, type Hand } from './support'

test('from an empty shelf to a cutting sheet in at most twelve presses', async ({ page }) => {
  let presses = 0
  const press = async (target: ReturnType<Page['locator']>) => {
    presses += 1
    await target.click()
  }
  await page.goto('/')
  await press(page.getByRole('button', { name: 'Begin a quilt' }))
  await press(page.getByRole('button', { name: /another …/ }))
  await page.keyboard.type('churn')
  await press(page.getByRole('button', { name: /Churn dash/ }).last())
  await press(page.getByLabel('Block, finished', { exact: true }))
  await page.keyboard.press('Control+A')
  await page.keyboard.type('12 1/2')
  await press(page.getByLabel('Name of first cloth'))
  await page.keyboard.type('Night mail')
  await press(page.getByLabel('Name of second cloth'))
  await page.keyboard.type('Steam')
  await press(page.getByRole('button', { name: 'Make this quilt' }))
  await press(page.getByRole('link', { name: 'Cut', exact: true }))
  await expect(page.getByRole('heading', { name: 'A, Night mail' })).toBeVisible()
  await expect(page.getByTestId('strip').first()).toBeVisible()
  await expect(page.getByRole('heading', { name: 'Then: one Churn dash first' })).toBeVisible()
  expect(presses).toBeLessThanOrEqual(12)
  // 5 by 6 blocks of 12½
  await expect(page.locator('footer [data-path="quilt.width"]')).toHaveText('62 1/2″')
})

/** The whole story by whatever moves `press`, `type` and `tick` make. */
async function wholeStory(page: Page, { press, type, go }: Hand) {
  await page.goto('/')
  await press(page.getByRole('button', { name: 'Begin a quilt' }))
  await type(page.getByLabel('Name', { exact: true }), 'Waiting room')
  await type(page.getByLabel('Blocks across'), '2')
  await type(page.getByLabel('Blocks down'), '2')
  await press(page.getByRole('button', { name: 'Make this quilt' }))
  await planned(page)
  await add({ press }, page, 'Border')
  await expect(page.getByRole('heading', { name: 'Border', exact: true })).toBeVisible()
  await planned(page)
  // 2 blocks of 9 and two borders of 3
  await expect(page.locator('footer [data-path="quilt.width"]')).toHaveText('24″')

  await go('Cut')
  await type(page.getByLabel('They measure'), '5 7/16')
  await page.keyboard.press('Enter')
  // two 3″ strips should give 5½: 1⁄16 short, over two allowances
  await expect(page.getByTestId('seam-verdict')).toContainText('1/32″ too much')
  await type(page.getByLabel('It measures'), '9 7/16')
  await page.keyboard.press('Enter')
  await planned(page)
  // the block finishes at 8 15⁄16 now
  await expect(page.locator('footer [data-path="quilt.width"]')).toHaveText('23 7/8″')
  for (const cloth of ['First cloth', 'Second cloth']) {
    await press(page.getByRole('tab', { name: new RegExp(cloth) }))
    const strips = page.getByTestId('strip').locator('visible=true').getByRole('checkbox')
    for (let i = 0, n = await strips.count(); i < n; i++) await press(strips.nth(i))
  }
  await planned(page)
  await expect(page.locator('footer')).toContainText(/(\d+) of \1\s*pieces cut/)

  await go('Piece')
  await press(page.locator('[data-unit="goose"]').getByRole('button', { name: 'All made' }))
  await expect(page.getByTestId('made-goose')).toHaveText('16 of 16')
  await press(page.getByRole('button', { name: 'All sewn' }))
  await expect(page.getByTestId('blocks-made')).toHaveText('4 of 4 blocks sewn')
  for (const row of [0, 1]) await press(page.getByTestId('row').nth(row).getByRole('checkbox'))

  await go('Finish')
  await press(page.getByRole('checkbox', { name: 'The rows are joined' }))
  const centre = page.locator('[data-stage="setting"]')
  for (const [i, value] of ['18 1/4', '18 1/4', '18 3/8'].entries()) {
    await type(centre.getByRole('textbox').nth(i), value)
    await page.keyboard.press('Enter')
  }
  await planned(page)
  await expect(page.getByTestId('mean-setting-width')).toContainText('18 5/16″')
  await expect(page.getByTestId('changed')).toBeVisible()
  // top and bottom: the measured centre and two sides of 3
  await expect(page.locator('[data-path="borders.2.length"]')).toHaveText('24 5/16″')
  for (const step of [
    'The borders are on',
    'The layers are held together',
    'It is quilted',
    'The quilt is trimmed square',
    'It is bound',
    'It has its label',
  ]) {
    await press(page.getByRole('checkbox', { name: step }))
  }
  await go('Diary')
  await expect(page.getByTestId('next')).toHaveText('It is finished.')

  // tomorrow: the same station, the same ticks and measures
  await kept(page)
  const quilt = page.url().replace(/\/diary$/, '')
  await page.goto(quilt)
  await expect(page).toHaveURL(/\/diary$/)
  await expect(page.getByTestId('next')).toHaveText('It is finished.')
  await go('Finish')
  await expect(centre.getByRole('textbox').first()).toHaveValue(/18.1\/4/)
}

test('the whole story, from a block to a bound quilt', async ({ page }) => {
  await wholeStory(page, mouseHand(page))
})

test('the whole story by keyboard alone', async ({ page }) => {
  test.setTimeout(180_000)
  await wholeStory(page, keyHand(page))
})

test('from an empty shelf to a cutting sheet by keyboard alone', async ({ page }) => {
  await page.goto('/')
  await pressByKey(page, page.getByRole('button', { name: 'Begin a quilt' }))
  await pressByKey(page, page.getByRole('button', { name: /another …/ }))
  await expect(page.getByLabel('Find a block')).toBeVisible()
  await typeByKey(page, page.getByLabel('Find a block'), 'pinwheel')
  await page.keyboard.press('Enter')
  await typeByKey(page, page.getByLabel('Block, finished', { exact: true }), '8')
  await pressByKey(page, page.getByRole('button', { name: 'Make this quilt' }))
  await planned(page)
  await page.locator('#work').press('g')
  await page.keyboard.press('3')
  await expect(page).toHaveURL(/\/cut$/)
  await expect(page.getByTestId('strip').first()).toBeVisible()
})

test('step by step at the mat: space ticks and goes on, and tomorrow opens at the same step', async ({ page }) => {
  await page.goto('/')
  await page.getByRole('button', { name: 'Begin a quilt' }).click()
  await page.getByRole('button', { name: 'Make this quilt' }).click()
  await planned(page)
  await goTo(page, 'Cut')
  await page.getByRole('link', { name: 'At the mat, step by step' }).click()
  const mode = page.getByTestId('step-mode')
  await expect(mode).toContainText('1 of')
  // like strips are one step: it goes on when the last of them is cut
  for (const left of [2, 1]) {
    await page.keyboard.press('Space')
    await expect(mode).toContainText(`${left} to go`)
  }
  await page.keyboard.press('Space')
  await expect(mode).toContainText('2 of')
  await page.keyboard.press('PageDown')
  await expect(mode).toContainText('3 of')
  const size = await page
    .getByTestId('step-figure')
    .evaluate(element => Number.parseFloat(getComputedStyle(element).fontSize))
  expect(size).toBeGreaterThanOrEqual(28)
  const box = await page.getByTestId('step-done').boundingBox()
  expect(box!.height).toBeGreaterThanOrEqual(64)
  await kept(page)
  await page.reload()
  await expect(mode).toContainText('3 of')
  await page.keyboard.press('ArrowLeft')
  await page.keyboard.press('ArrowLeft')
  await expect(page.getByTestId('step-done')).toHaveText('Done already, go on')
  await page.keyboard.press('Escape')
  await expect(mode).toBeHidden()
  await expect(page.getByRole('checkbox', { name: 'Strip 3 of 3 in line 1 is cut' })).toBeChecked()
})

test('the tape: a segment is picked, typed and nudged, and the total asks which part takes it up', async ({ page }) => {
  await page.goto('/')
  await page.getByRole('button', { name: 'Begin a quilt' }).click()
  await page.getByRole('button', { name: 'Make this quilt' }).click()
  await planned(page)
  await tabTo(page, page.getByTestId('tape-width'))
  await page.keyboard.press('ArrowRight')
  await expect(page.getByRole('heading', { name: 'Sawtooth star', exact: true })).toBeVisible()
  await page.keyboard.press(']')
  await planned(page)
  await expect(page.locator('footer [data-path="quilt.width"]')).toHaveText('45 5/8″')
  await page.keyboard.press('Control+z')
  await planned(page)
  await expect(page.locator('footer [data-path="quilt.width"]')).toHaveText('45″')
  await page.locator('.bench [data-path="quilt.width"]').click()
  await page.getByLabel('Make it this wide', { exact: true }).fill('50')
  await page.keyboard.press('Enter')
  await page.getByRole('button', { name: /5 blocks/ }).click()
  await planned(page)
  await expect(page.locator('footer [data-path="quilt.width"]')).toHaveText('50″')
})
