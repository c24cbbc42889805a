import { expect, test } from '@playwright/test'
import { kept, openDemo, planned } from './support'

test('quilted in the ditch a place stays too wide; a grid closes it; lines are sewn one by one, tomorrow too', async ({
  page,
}) => {
  const quilt = await openDemo(page, 'Berth four', 'Finish')
  await page.getByTestId('to-quilting').click()
  await page.getByTestId('add-ditch').click()
  await planned(page)
  const gap = page.getByTestId('gap-text')
  // plain blocks of 9″ between their seams, and a batting that allows 8″
  await expect(gap).toContainText('9″')
  await expect(gap).toContainText('more lines are needed there')
  await expect(page.getByRole('button', { name: '1 thing to look at' })).toBeVisible()
  await page.getByTestId('add-grid').click()
  await planned(page)
  await expect(gap).not.toContainText('more lines are needed')
  await kept(page)
  await page.getByRole('link', { name: 'At the machine, step by step' }).click()
  const mode = page.getByTestId('step-mode')
  await expect(mode).toContainText('it holds the layers')
  await expect(page.getByTestId('step-text')).toContainText('Begin in the trimmings at')
  await page.keyboard.press('Space')
  await page.keyboard.press('Space')
  await expect(mode).toContainText('3 of')
  await expect(mode).toContainText('2 done')
  await page.keyboard.press('Escape')
  await kept(page)
  await page.goto(`${quilt}/quilting?steps`)
  await expect(mode).toContainText('3 of')
  await expect(mode).toContainText('2 done')
})

test('a binding with a flange: strips of both, joins off the corners, its steps, and what the tails say', async ({
  page,
}) => {
  const quilt = await openDemo(page, 'Berth four', 'Finish')
  const part = page.getByTestId('binding')
  await expect(part.getByTestId('edge-plan').locator('[data-join]')).toHaveCount(7)
  await part.getByLabel('Closing: my tails overlap by').fill('5 1/4')
  await part.getByLabel('Closing: my tails overlap by').press('Enter')
  await expect(part.getByTestId('closing')).toContainText('Cut 3″ off the upper tail')
  await page.goto(`${quilt}/design`)
  await planned(page)
  await page.keyboard.press('Control+k')
  await page.keyboard.type('binding')
  await page.keyboard.press('Enter')
  await page.getByTestId('binding-style').selectOption('flanged')
  await planned(page)
  await kept(page)
  await page.goto(`${quilt}/finish`)
  await planned(page)
  await expect(part).toContainText('The flange: 8 strips of 1 3/4″')
  await expect(part.getByTestId('binding-steps')).toContainText('the side that is all flange up')
  await page.goto(`${quilt}/cut`)
  await planned(page)
  await expect(page.getByText('flange strips').first()).toBeVisible()
})

test('the back is pieced from what is left over and in hand, bettered, and sewn panel by panel', async ({ page }) => {
  const quilt = await openDemo(page, 'Berth four', 'Finish')
  const backing = page.getByTestId('backing')
  await backing.getByLabel('The cloth runs').selectOption('leftovers')
  await planned(page)
  await expect(page.getByTestId('back-cover')).toContainText('of the back')
  await page.getByRole('link', { name: 'Piece the back' }).click()
  const inHand = page.getByTestId('in-hand')
  for (const [name, width, height] of [
    ['Sheet', '70', '95'],
    ['Curtain', '40', '60'],
  ]) {
    await inHand.getByLabel('What it is').fill(name!)
    await inHand.getByLabel('Width').fill(width!)
    await inHand.getByLabel('Width').press('Enter')
    await inHand.getByLabel('Height').fill(height!)
    await inHand.getByLabel('Height').press('Enter')
    await inHand.getByRole('button', { name: 'Put it with the leftovers' }).click()
    await planned(page)
  }
  // 68½ × 89½ fits the sheet alone
  await expect(page.getByTestId('back-cuts')).toContainText('Sheet, in hand')
  await expect(page.getByText('they cover the back.')).toBeVisible()
  await inHand.getByRole('button', { name: 'Take away Sheet' }).click()
  await planned(page)
  await expect(page.getByText('What is dashed is cut from')).toBeVisible()
  await page.getByRole('button', { name: 'Look for a better one' }).click()
  await expect(page.getByText(/looked at/)).toBeVisible()
  await page.getByRole('button', { name: 'Stop, and take the best' }).click()
  await planned(page)
  await page.getByRole('link', { name: 'At the machine, step by step' }).click()
  await expect(page.getByTestId('step-text')).toContainText('right sides together')
  await page.keyboard.press('Space')
  await kept(page)
  await page.goto(`${quilt}/back`)
  await planned(page)
  await expect(page.getByTestId('back-steps').getByRole('checkbox', { checked: true })).toHaveCount(1)
})

test('to the label: a sleeve on the cutting sheet, what the label says at size, how it is cared for', async ({
  page,
}) => {
  const quilt = await openDemo(page, 'Berth four', 'Finish')
  await page.getByTestId('to-last').click()
  await page.getByRole('button', { name: 'A sleeve or corners to hang it by' }).click()
  await planned(page)
  // 60½″ with its edge: two sections, an inch in from either side, two free between them
  await expect(page.getByTestId('hanging')).toContainText('Two strips, each')
  await expect(page.getByTestId('hanging').locator('[data-path="hanging.finished"]')).toContainText('28 1/4″')
  await page.getByRole('button', { name: 'A label for the back' }).click()
  const label = page.getByTestId('label-card')
  await expect(label.getByTestId('label-picture')).toContainText('Berth four')
  await label.getByLabel('What it says').fill('For the night shift\n2026')
  await label.getByLabel('What it says').blur()
  await expect(label.getByTestId('label-picture')).toContainText('For the night shift')
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    label.getByRole('button', { name: 'Label at true size (PDF)' }).click(),
  ])
  expect(download.suggestedFilename()).toBe('quilt-label.pdf')
  await kept(page)
  await page.goto(`${quilt}/cut`)
  await planned(page)
  await expect(page.getByText(/for the hanging sleeve/i)).not.toHaveCount(0)
})

test('as you go: backs on the cutting sheet, no binding, rows joined one by one, kept till tomorrow', async ({
  page,
}) => {
  await page.goto('/')
  await page.getByRole('button', { name: 'Begin a quilt' }).click()
  await page.getByLabel('Blocks across').fill('2')
  await page.getByLabel('Blocks down').fill('3')
  await page.getByRole('button', { name: 'Make this quilt' }).click()
  await planned(page)
  const quilt = page.url().replace(/\/design$/, '')
  await page.goto(`${quilt}/finish`)
  await planned(page)
  await page.getByTestId('making').selectOption('as-you-go')
  await planned(page)
  await page.getByRole('link', { name: 'Block by block, as you go' }).click()
  // 9″ blocks, an inch beyond all round
  await expect(page.getByTestId('go-sizes')).toContainText('6 backs of 11″ × 11″')
  await page.getByRole('textbox', { name: 'The back beyond the batting' }).fill('1 1/2')
  await page.getByRole('textbox', { name: 'The back beyond the batting' }).press('Enter')
  await planned(page)
  await expect(page.getByTestId('go-sizes')).toContainText('6 backs of 12″ × 12″')
  await page.getByRole('link', { name: 'At the machine, step by step' }).click()
  await page.keyboard.press('Space')
  await page.keyboard.press('Space')
  await expect(page.getByTestId('step-mode')).toContainText('2 done')
  await kept(page)
  await page.goto(`${quilt}/as-you-go`)
  await planned(page)
  await expect(page.getByTestId('go-steps').getByRole('checkbox', { checked: true })).toHaveCount(2)
  await page.goto(`${quilt}/cut`)
  await planned(page)
  await expect(page.getByText(/backs of blocks/i)).not.toHaveCount(0)
  await expect(page.getByText(/binding strips/i)).toHaveCount(0)
  await expect(page.locator('footer [data-path="quilt.width"]')).toHaveText('18″')
})
