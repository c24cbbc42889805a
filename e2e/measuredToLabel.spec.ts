import { expect, test, type Page } from '@playwright/test'
import { keyHand, kept, mouseHand, openDemo, planned, type Hand } from './support'

/** A quilt from the measured top to its label, through every page of finishing. */
async function fromTopToLabel(page: Page, { press, type, choose, go }: Hand) {
  const quilt = await openDemo(page, 'Berth four', 'Finish')
  const back = () => press(page.getByRole('link', { name: 'Finish', exact: true }).first())
  const stepMode = page.getByTestId('step-mode')

  // the top as it was measured: an eighth larger across than 54½, a quarter less down than 75½
  await press(page.getByRole('checkbox', { name: 'The rows are joined' }))
  const centre = page.locator('[data-stage="setting"]')
  for (const [i, value] of ['54 5/8', '54 5/8', '54 5/8', '75 1/4', '75 1/4', '75 1/4'].entries()) {
    await type(centre.getByRole('textbox').nth(i), value)
    await page.keyboard.press('Enter')
  }
  await planned(page)
  await expect(page.locator('[data-path="borders.0.length"]')).toHaveText('75 1/4″')
  await expect(page.locator('[data-path="borders.2.length"]')).toHaveText('60 5/8″')
  await press(page.getByRole('checkbox', { name: 'The borders are on' }))
  await expect(page.locator('[data-path="trim.measures.width.expected"]').first()).toHaveText('60 5/8″')
  await expect(page.locator('[data-path="trim.measures.height.expected"]').first()).toHaveText('81 1/4″')

  // the back: 60⅝ and two overhangs of 4; panels across, no seam in the middle
  const backing = page.getByTestId('backing')
  await choose(backing.getByLabel('The cloth runs'), 'across the quilt')
  await planned(page)
  await expect(page.locator('[data-path="backing.panelLength"]')).toHaveText('68 5/8″')
  await press(backing.getByLabel('No seam down the center'))
  await planned(page)

  // batting from a packet that is too small by 7¼, then from one that is not
  const batting = page.getByTestId('batting')
  await press(batting.getByText('What its packet says'))
  await type(batting.getByRole('textbox', { name: 'Wide, as sold' }), '80')
  await page.keyboard.press('Enter')
  await type(batting.getByRole('textbox', { name: 'Long, in a packet' }), '80')
  await page.keyboard.press('Enter')
  await planned(page)
  await expect(batting.getByTestId('packets')).toContainText('2 packets are joined')
  await type(batting.getByRole('textbox', { name: 'Long, in a packet' }), '90')
  await page.keyboard.press('Enter')
  await planned(page)
  await expect(batting.getByTestId('packets')).toContainText('One packet is large enough')
  await press(page.getByRole('checkbox', { name: 'The layers are held together' }))

  // quilted in the ditch, three lines of it sewn
  await press(page.getByTestId('to-quilting'))
  await press(page.getByTestId('add-ditch'))
  await planned(page)
  await expect(page.getByTestId('gap-text')).toContainText('9″')
  await press(page.getByTestId('see-gap'))
  await press(page.getByTestId('see-whole'))
  await press(page.getByRole('link', { name: 'At the machine, step by step' }))
  await expect(stepMode).toBeVisible()
  for (let i = 0; i < 3; i++) await page.keyboard.press('Space')
  await expect(stepMode).toContainText('3 done')
  await page.keyboard.press('Escape')
  await expect(stepMode).toHaveCount(0)
  await back()
  await press(page.getByRole('checkbox', { name: 'It is quilted' }))

  // trimmed: its diagonals differ by ¾, of a height of 81¼ and a width of 60⅝
  await press(page.getByText('My diagonals differ'))
  await type(page.getByRole('textbox', { name: 'One diagonal' }), '101 3/4')
  await page.keyboard.press('Enter')
  await type(page.getByRole('textbox', { name: 'The other' }), '101')
  await page.keyboard.press('Enter')
  await expect(page.getByTestId('lean')).toContainText('5/8″')
  await press(page.getByRole('checkbox', { name: 'The quilt is trimmed square' }))
  // quilting drew it in: the binding goes round what it measures now, 2 · (60 + 80) + 12
  const trimmed = page.locator('[data-stage="trimmed"]')
  for (const [place, value] of [
    [0, '60'],
    [5, '80'],
  ] as const) {
    await type(trimmed.getByRole('textbox').nth(place), value)
    await page.keyboard.press('Enter')
  }
  await planned(page)
  await expect(page.locator('[data-path="binding.length"]').first()).toHaveText('292″')
  await expect(page.locator('[data-path="trim.diagonal"]')).toHaveText('100″')

  // bound, step by step to the last
  await type(page.getByRole('textbox', { name: 'Closing: my tails overlap by' }), '5')
  await page.keyboard.press('Enter')
  await expect(page.getByTestId('closing')).toContainText('Cut 2 3/4″ off the upper tail')
  await press(page.getByTestId('to-binding'))
  await expect(stepMode).toContainText('Step 1 of')
  const steps = Number(/Step 1 of (\d+)/.exec(await stepMode.innerText())![1])
  for (let i = 0; i < steps; i++) await page.keyboard.press('Space')
  await expect(stepMode).toContainText(`${steps} done`)
  await page.keyboard.press('Escape')
  await expect(page).toHaveURL(/\/finish$/)
  await press(page.getByRole('checkbox', { name: 'It is bound' }))

  // what it hangs by, and its label
  await press(page.getByTestId('to-last'))
  await press(page.getByRole('button', { name: 'A sleeve or corners to hang it by' }))
  await planned(page)
  await choose(page.getByLabel('It hangs by'), 'folded corners and a stick')
  await planned(page)
  await expect(page.getByTestId('hanging')).toContainText('this one is heavy for it')
  await press(page.getByRole('button', { name: 'A label for the back' }))
  await type(page.getByLabel('What it says'), 'For the night shift')
  await page.keyboard.press('Tab')
  await expect(page.getByTestId('label-picture')).toHaveText('For the night shift')
  await back()
  await press(page.getByRole('checkbox', { name: 'It has its label' }))
  await kept(page)

  // the record has all of it, tomorrow too
  await page.goto(`${quilt}/finish`)
  await planned(page)
  await expect(page.getByRole('checkbox', { checked: true })).toHaveCount(8)
  await go('Diary')
  await expect(page.getByRole('row', { name: /Bound/ })).toContainText('yes')
  await expect(page.locator('footer [data-path="quilt.width"]')).toHaveText('60 1/8″')
}

test('from the measured top to the label', async ({ page }) => {
  await fromTopToLabel(page, mouseHand(page))
})

test('from the measured top to the label by keyboard alone', async ({ page }) => {
  test.setTimeout(240_000)
  await fromTopToLabel(page, keyHand(page))
})
