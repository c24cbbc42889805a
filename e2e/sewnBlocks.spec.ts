import { expect, test, type Page } from '@playwright/test'
import { add, beginQuilt, goTo, planned } from './support'

const type = async (page: Page, label: string, value: string) => {
  const field = page.getByLabel(label, { exact: true })
  await field.fill(value)
  await field.press('Enter')
}
/** A photograph of a block: a dark square on a light one; or of nothing. */
const photograph = (page: Page, isBlank: boolean) =>
  page.evaluate(blank => {
    const canvas = document.createElement('canvas')
    canvas.width = 400
    canvas.height = 300
    const context = canvas.getContext('2d')!
    context.fillStyle = '#e8dcc3'
    context.fillRect(0, 0, 400, 300)
    context.fillStyle = '#203040'
    if (!blank) context.fillRect(140, 90, 120, 120)
    return canvas.toDataURL('image/png').split(',')[1]!
  }, isBlank)

async function layOut(page: Page, kinds: readonly (readonly [count: number, size: string])[]) {
  await page.getByRole('button', { name: 'Add', exact: true }).click()
  await page.getByRole('menuitem', { name: /Blocks sewn already/ }).click()
  for (const [i, [count, size]] of kinds.entries()) {
    await page.getByRole('button', { name: /Lay out the first|Another kind/ }).click()
    await type(page, `How many of Sewn ${i + 1}`, String(count))
    await type(page, `Sewn ${i + 1}: width, raw edge to raw edge`, size)
    await type(page, `Sewn ${i + 1}: height`, size)
  }
}

test('a heap of 23 sewn blocks is brought together, and planned to the sheet', async ({ page }) => {
  await beginQuilt(page, 3, 3)
  await layOut(page, [
    [9, '12 1/2'],
    [8, '9 9/16'],
    [6, '6 1/2'],
  ])
  const first = page.getByTestId('sewn-1')
  const picker = first.locator('input[type=file]')
  const show = async (isBlank: boolean) =>
    picker.setInputFiles({
      name: 'block.png',
      mimeType: 'image/png',
      buffer: Buffer.from(await photograph(page, isBlank), 'base64'),
    })
  // a photograph of nothing is said, and changes nothing
  await show(true)
  await expect(page.getByText('It shows one even color and nothing of a block.').first()).toBeVisible()
  await expect(first.locator('img')).toHaveCount(0)
  await show(false)
  await expect(first.locator('img')).toBeVisible()
  await page.getByRole('button', { name: 'Bring all 23 blocks together …' }).click()
  const ways = page.getByTestId('sewn-setting')
  await expect(ways).toHaveCount(4)
  // four by six places of 12″, fourteen framed, one plain; 9 9/16″ is trimmed to the ruler's eighth
  await expect(ways.first()).toContainText('48 × 72″')
  await expect(ways.first()).toContainText('14 blocks framed to 12″.')
  await expect(ways.first()).toContainText('1 plain square cut anew')
  await expect(ways.first()).toContainText('Sewn 2, 8 blocks: trim 9 9/16 × 9 9/16″ to 9 1/2 × 9 1/2″.')
  await ways.first().getByRole('button', { name: 'Take it' }).click()
  await planned(page)
  await expect(page.locator('footer [data-path="quilt.width"]')).toHaveText('48″')
  await add({ press: target => target.click() }, page, 'Border')
  await planned(page)
  await goTo(page, 'Cloth')
  // nothing is bought of what is sewn
  await expect(page.getByRole('region', { name: 'Shopping list' })).not.toContainText('Sewn')
  await goTo(page, 'Cut')
  const trims = page.getByTestId('trim-sewn')
  await expect(trims).toHaveCount(3)
  await expect(trims.nth(1)).toContainText('Sewn 2, 8 blocks: to 9 1/2″ × 9 1/2″')
  await trims.nth(1).getByRole('button', { name: 'All' }).click()
  await expect(trims.nth(1)).toContainText('8 of 8')
  await page.reload()
  await planned(page)
  await expect(trims.nth(1)).toContainText('8 of 8')
  // at the mat they are trimmed before cloth is cut, the first that is not
  await page.getByRole('link', { name: 'At the mat, step by step' }).click()
  const mat = page.getByTestId('step-mode')
  await expect(mat).toContainText('Blocks that are sewn: 1 of 3')
  await expect(mat).toContainText('Sewn 1: trim 9 blocks to 12 1/2 × 12 1/2″.')
  await page.getByRole('button', { name: /^Done/ }).click()
  await page.getByRole('button', { name: 'Stop here' }).click()
  await expect(trims.first()).toContainText('9 of 9')
  // nothing of them is sewn again but their frames
  await goTo(page, 'Piece')
  await page.getByRole('tab', { name: /^Sewn 2/ }).click()
  await expect(page.getByText('Sewn already: trim it on Cut, then sew its frame on.')).toBeVisible()
  await expect(page.getByTestId('blocks-made')).toHaveText('0 of 8 blocks framed')
  await page.getByRole('tab', { name: /^Sewn 1/ }).click()
  await expect(page.getByText('Sewn already: trim it on Cut, and it is ready to be joined.')).toBeVisible()
  await expect(page.getByRole('region', { name: 'Templates and papers' })).toHaveCount(0)
  // a place that wants more than there is leads back to the tray
  await goTo(page, 'Design')
  await page.getByRole('button', { name: 'One block more down' }).click()
  await planned(page)
  await page.locator('footer .look').click()
  await page
    .getByRole('dialog')
    .getByText(/places, and \d+ blocks? sewn/)
    .first()
    .click()
})

test('blocks without a common size under 30″ are set in rows, and that is said', async ({ page }) => {
  await beginQuilt(page, 2, 2)
  await layOut(page, [
    [2, '31'],
    [2, '31 3/4'],
  ])
  await page.getByRole('button', { name: 'Bring all 4 blocks together …' }).click()
  await expect(page.getByText(/no common size under 30″/)).toBeVisible()
  await expect(page.getByTestId('sewn-setting')).toHaveCount(1)
  await expect(page.getByTestId('sewn-setting')).toContainText('In rows of like heights')
})
