import { expect, test, type Locator, type Page } from '@playwright/test'
import { add, goTo, openDemo, planned, pressByKey, tabTo } from './support'

/** The same story by mouse and by keyboard: `press` a button, `choose` one of several. */
async function toTheQueenBed(
  page: Page,
  { press, choose }: { press: (target: Locator) => Promise<void>; choose: (target: Locator) => Promise<void> },
) {
  await page.goto('/')
  await press(page.getByRole('button', { name: 'Begin a quilt' }))
  await press(page.getByRole('button', { name: 'Make this quilt' }))
  await planned(page)
  await press(page.getByRole('button', { name: 'Setting', exact: true }))
  await choose(page.getByRole('radio', { name: 'on point' }))
  await planned(page)
  // 5 across of 9″ on point: 45·√2
  await expect(page.locator('footer [data-path="quilt.width"]')).toHaveText('63 5/8″')
  await add({ press }, page, 'Sashing')
  await planned(page)
  // 30 blocks and the 20 between them, with two sashes each and two more at every end of a diagonal
  const card = page.getByRole('region', { name: 'Sashing' })
  await expect(card).toContainText('all 120 strips')
  await press(card.getByRole('button', { name: /^1\/4/ }))
  await planned(page)
  // 5·(9 + 2¼)·√2
  await expect(page.locator('footer [data-path="quilt.width"]')).toHaveText('79 9/16″')
  await page.keyboard.press('Escape')
  await press(page.getByRole('button', { name: 'Size to fit' }))
  const sheet = page.getByRole('dialog', { name: 'A size to fit' })
  await choose(sheet.getByRole('radio', { name: 'A bed' }))
  // 60 × 80 with 12″ on three sides, and 10″ for the pillows
  await expect(page.getByTestId('wanted')).toContainText('84 × 102″')
  await press(page.getByTestId('fit').first().getByRole('button', { name: 'Take it' }))
  await planned(page)
  await expect(page.locator('footer [data-path="quilt.width"]')).toHaveText(/^8[34]/)
  await expect(page.getByRole('button', { name: /^Undo: size to fit/ })).toBeVisible()
}

test('from one block to a sashed quilt on point that fits a queen bed, by mouse', async ({ page }) => {
  await toTheQueenBed(page, {
    press: target => target.click(),
    // the round mark itself is not drawn: what is pressed is its label
    choose: target => target.locator('xpath=ancestor::label').click(),
  })
})

test('from one block to a sashed quilt on point that fits a queen bed, by keyboard alone', async ({ page }) => {
  await toTheQueenBed(page, {
    press: target => pressByKey(page, target),
    async choose(target) {
      const group = target.locator('xpath=ancestor::fieldset')
      await tabTo(page, group.getByRole('radio', { checked: true }))
      // a finger stays on a key for a moment
      for (let i = 0; i < 8 && !(await target.isChecked()); i++) await page.keyboard.press('ArrowDown', { delay: 60 })
      await expect(target).toBeChecked()
    },
  })
})

test('cloths for the sashing side by side, and colours that climb in the order given', async ({ page }) => {
  await openDemo(page, 'Berth four')
  await page.getByTestId('tape-width').focus()
  await page.keyboard.press('ArrowRight')
  const card = page.getByRole('region', { name: 'Sashing' })
  await expect(card.getByTestId('width-offer').filter({ hasText: '1/3' })).toContainText('69 × 93″')
  await card.getByRole('button', { name: 'Cloths side by side' }).click()
  await expect(page.getByTestId('audition')).toHaveCount(6)
  await page.getByRole('button', { name: 'Platform grey' }).click()
  await expect(page.getByTestId('audition')).toHaveCount(6)
  await page.getByTestId('audition').filter({ hasText: 'Platform grey' }).getByRole('button').click()
  await planned(page)
  await expect(card.getByRole('group', { name: 'Cloth', exact: true }).getByLabel('Platform grey')).toBeChecked()

  await page.goto('/')
  await page.getByRole('link').filter({ hasText: 'Sleepers' }).click()
  await planned(page)
  await page.getByRole('button', { name: 'Lay out' }).click()
  await page.getByRole('button', { name: /Colors that climb/ }).click()
  const sheet = page.getByRole('dialog', { name: 'Colors that climb' })
  await expect(sheet.getByTestId('climb-cloth')).toHaveCount(4)
  await sheet.getByRole('button', { name: 'Night mail, step 1: later' }).click()
  await expect(sheet.getByTestId('climb-cloth').first()).toContainText('Timetable cream')
  await sheet.getByRole('button', { name: 'Dress the blocks so' }).click()
  await planned(page)
  // the light of the first block at the lower left wears the first cloth
  await page.getByTestId('drawing').focus()
  for (let i = 0; i < 8; i++) await page.keyboard.press('ArrowDown')
  await page.getByText('Only this one').click()
  await expect(page.getByRole('group', { name: 'Light' }).getByLabel('Timetable cream')).toBeChecked()
  await expect(page.getByRole('group', { name: 'Dark' }).getByLabel('Night mail')).toBeChecked()
  await expect(page.getByRole('button', { name: 'Undo: cloths that climb' })).toBeVisible()
})

test('the way of setting is chosen beside the quilt: on point with float, shifted rows, half blocks', async ({
  page,
}) => {
  await openDemo(page, 'Signal box')
  await page.getByRole('button', { name: 'Setting', exact: true }).click()
  const card = page.getByRole('region', { name: 'Setting' })
  await card.getByText('on point', { exact: true }).click()
  await planned(page)
  // 6 across of 6″ on point, between borders of 3, 3 and 2: 6·6·√2 + 16
  await expect(page.locator('footer [data-path="quilt.width"]')).toHaveText('66 15/16″')
  await card.getByLabel('Blocks float: cloth beyond their corners', { exact: true }).fill('1')
  await page.keyboard.press('Enter')
  await planned(page)
  await expect(page.locator('footer [data-path="quilt.width"]')).toHaveText('68 15/16″')
  await card.getByText('shifted rows', { exact: true }).click()
  await planned(page)
  await card.getByLabel('half blocks').check()
  await planned(page)
  await expect(page.locator('footer [data-path="quilt.width"]')).toHaveText('52″')
  // the repeat of the pieced border did not divide the set on point; now it does again
  await goTo(page, 'Piece')
  await expect(page.getByTestId('row').nth(1)).toContainText('Row 2')
})

test('try-outs: at least twelve, pinned side by side with figures; one press takes one, undo gives it back', async ({
  page,
}) => {
  await openDemo(page, 'Sleepers')
  const before = await page.locator('footer [data-path="quilt.width"]').textContent()
  await page.getByRole('button', { name: 'Try-outs' }).click()
  await expect(page.getByTestId('try-out').nth(11)).toBeVisible()
  await page.getByRole('button', { name: 'Pin On point' }).click()
  await page.getByRole('button', { name: 'Pin Barn raising' }).click()
  // beside the quilt as it is now
  const pinned = page.getByTestId('pinned')
  await expect(pinned).toHaveCount(3)
  await expect(pinned.first()).toContainText('As it is now')
  for (const at of [0, 1, 2])
    await expect(pinned.nth(at)).toContainText(/to buy, \d+ pieces, about [\d,]+ seams/, { timeout: 30_000 })
  // four stand side by side: a fifth says what it drops
  await page.getByRole('button', { name: 'Pin Zigzag' }).click()
  await expect(page.getByTestId('dropped')).toHaveCount(0)
  await page.getByRole('button', { name: 'Pin Straight furrow' }).click()
  await expect(page.getByTestId('dropped')).toContainText('On point is no longer pinned')
  await expect(pinned).toHaveCount(4)
  await page.getByRole('button', { name: 'Unpin Zigzag' }).first().click()
  await page.getByRole('button', { name: 'Pin On point' }).click()
  await page.getByTestId('pinned').filter({ hasText: 'On point' }).getByRole('button', { name: 'Take it' }).click()
  await planned(page)
  await expect(page.locator('footer [data-path="quilt.width"]')).not.toHaveText(before!)
  await page.getByRole('button', { name: 'Undo: on point' }).click()
  await planned(page)
  await expect(page.locator('footer [data-path="quilt.width"]')).toHaveText(before!)
})

test('row cards: one for each diagonal, with blocks in order and the way its seams are pressed, on paper too', async ({
  page,
}) => {
  await openDemo(page, 'Marl Junction', 'Piece')
  await page.getByRole('link', { name: 'Row cards' }).click()
  // 4 across and 5 down: 8 diagonals and 4 corners
  await expect(page.getByTestId('row-card')).toHaveCount(12)
  const second = page.getByTestId('row-card').nth(1)
  await expect(second).toContainText('Diagonal 2')
  await expect(second).toContainText('1. side triangle')
  await expect(second).toContainText('Press all seams to the left')
  await page.emulateMedia({ media: 'print' })
  const pdf = await page.pdf({ format: 'Letter' })
  expect(pdf.length).toBeGreaterThan(5000)
  await expect(page.getByRole('button', { name: 'Print the cards' })).toBeHidden()
})
