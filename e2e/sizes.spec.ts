import { expect, test, type Page } from '@playwright/test'
import { beginQuilt, choose, goTo, planned } from './support'

const width = (page: Page) => page.locator('footer [data-path="quilt.width"]')
const height = (page: Page) => page.locator('footer [data-path="quilt.height"]')
const type = async (page: Page, label: string, value: string) => {
  const field = page.getByLabel(label, { exact: true })
  await field.fill(value)
  await field.press('Enter')
  await planned(page)
}

test('a sampler of six sizes, planned from an empty shelf to the cutting sheet', async ({ page }) => {
  await beginQuilt(page, 3, 4)
  await page.getByRole('button', { name: 'Setting', exact: true }).click()
  await page.getByRole('button', { name: /Sizes and frames/ }).click()
  const card = page.getByRole('region', { name: 'Sizes and frames' })
  const blocks = ['Nine-patch', 'Friendship star', 'Churn dash', 'Pinwheel', 'Hourglass']
  for (const block of blocks) {
    await card.getByRole('button', { name: 'Another block …' }).click()
    await page.getByRole('dialog').getByRole('searchbox').fill(block)
    await page
      .getByRole('dialog')
      .getByRole('button', { name: new RegExp(`^${block}`) })
      .first()
      .click()
  }
  await expect(card).toContainText('5 blocks stand nowhere yet')
  const [first] = await card.locator('li b').allTextContents()
  const sizes = { [first!]: '12', 'Nine-patch': '9', 'Friendship star': '10', 'Churn dash': '7 1/2', 'Pinwheel': '6' }
  for (const [block, size] of Object.entries(sizes)) await type(page, `${block}, finished`, size)
  await type(page, 'Hourglass, finished', '11 1/2')
  await card.getByRole('button', { name: 'Fill the places with all 6 by turns' }).click()
  await planned(page)
  // three by four places of 12″
  await expect(width(page)).toHaveText('36″')
  await expect(height(page)).toHaveText('48″')
  // 11½″ in 12″ leaves ¼″ all round: one is better made larger, or all stand in a module an inch beyond 11½″
  const offers = card.getByTestId('module-offer')
  await expect(offers).toHaveText(['12″: 10 blocks framed; Hourglass better made 12″', '13″: 12 blocks framed'])
  await card.getByRole('button', { name: 'Make it 12″' }).click()
  await planned(page)
  await expect(offers).toHaveText(['12″: 8 blocks framed'])
  // the other way round: a frame of 2″ leaves 8″ for the block
  await type(page, 'Frame of Pinwheel', '2')
  await expect(page.getByLabel('Pinwheel, finished', { exact: true })).toHaveValue('8')
  await expect(card).toContainText('A frame of 2″, cut 2 1/2″ wide, all round.')
  // what cannot be is said, and goes back
  const module = page.getByLabel('Module: each block with its frame', { exact: true })
  await module.fill('11')
  await module.press('Enter')
  await expect(page.getByRole('alert')).toContainText('The largest block must fit')
  await module.press('Escape')
  await expect(module).toHaveValue('12')
  await page.keyboard.press('Escape')
  await goTo(page, 'Cut')
  await expect(page.getByText(/frame/).first()).toBeVisible()
})

test('a row takes its height and a column its width, on the card, by the keys and on the tape', async ({ page }) => {
  await beginQuilt(page, 3, 4)
  const drawing = page.getByTestId('drawing')
  await drawing.press('ArrowRight')
  await drawing.press('ArrowDown')
  await choose(page.getByLabel('Size of'), 'row 2')
  await type(page, 'Height of row 2, finished', '6')
  const nine = /^27″$/
  await expect(width(page)).toHaveText(nine)
  await expect(height(page)).toHaveText('33″')
  await drawing.press(']')
  await planned(page)
  await expect(height(page)).toHaveText('33 1/8″')
  const tape = page.getByTestId('tape-height')
  await tape.press('ArrowDown')
  await tape.press('[')
  await planned(page)
  await expect(height(page)).toHaveText('33″')
  await choose(page.getByLabel('Size of'), 'column 1')
  await type(page, 'Width of column 1, finished', '7 1/2')
  await expect(width(page)).toHaveText('25 1/2″')
  await choose(page.getByLabel('Size of'), 'this block alone')
  const narrower = page.getByLabel('Width in its frame', { exact: true })
  await narrower.fill('99')
  await narrower.press('Enter')
  await expect(page.getByRole('alert')).toContainText('It has to fit into its place')
  await narrower.press('Escape')
  await type(page, 'Width in its frame', '5')
  await expect(width(page)).toHaveText('25 1/2″')
  await expect(page.getByText('Frame round it')).toBeVisible()
})

test('rows of their own are made, moved and taken out, and say what they lack', async ({ page }) => {
  await beginQuilt(page, 3, 3)
  await page.getByRole('button', { name: 'Setting', exact: true }).click()
  await page.getByRole('radio', { name: 'rows of their own' }).locator('xpath=ancestor::label').click()
  await planned(page)
  await type(page, 'Height of row 2, finished', '6')
  // three of 6″ beside three of 9″
  await expect(page.getByTestId('row-width-2')).toHaveText('18″ wide; 9″ of cloth fill it at its right end.')
  await expect(page.getByTestId('row-width-1')).toHaveText('27″ wide: the widest.')
  await page.getByRole('button', { name: 'Row 2 up' }).click()
  await expect(page.getByTestId('row-width-1')).toContainText('18″')
  await page.getByRole('button', { name: 'Row 1 once more' }).click()
  await planned(page)
  await expect(height(page)).toHaveText('30″')
  // said while it is typed
  const shift = page.getByLabel('Row 2 stands from the edge', { exact: true })
  await shift.fill('4 1/2')
  await expect(page.getByTestId('row-width-2')).toContainText('4 1/2″ of cloth')
  await shift.press('Escape')
  await expect(page.getByTestId('row-width-2')).toContainText('9″ of cloth')
  await page.getByRole('button', { name: 'Without row 1' }).click()
  await planned(page)
  await expect(height(page)).toHaveText('24″')
})
