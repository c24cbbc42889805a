import { readFileSync } from 'node:fs'
import { expect, test, type Page } from '@playwright/test'
import { beginQuilt, goTo, kept, openDemo, planned, visit } from './support'

async function toPicture(page: Page) {
  await page.getByRole('button', { name: 'Add', exact: true }).click()
  await page.getByRole('menuitem', { name: 'A picture in squares …' }).click()
  await expect(page.getByTestId('board')).toBeVisible()
}
async function beginFrom(page: Page, what: RegExp) {
  await page.getByRole('button', { name: 'Begin from …' }).click()
  await page.getByRole('menuitem', { name: what }).click()
}
/** A lamp against the evening, painted by a script: nobody's photograph. */
async function paintedPhoto(page: Page, width: number, height: number, kind: string): Promise<Buffer> {
  const url = await page.evaluate(
    ([w, h, type]) => {
      const canvas = document.createElement('canvas')
      canvas.width = w as number
      canvas.height = h as number
      const context = canvas.getContext('2d')!
      context.fillStyle = '#2c3d5e'
      context.fillRect(0, 0, canvas.width, canvas.height)
      context.fillStyle = '#e0b452'
      context.fillRect(canvas.width / 4, canvas.height / 4, canvas.width / 2, canvas.height / 2)
      context.fillStyle = '#b0352a'
      context.fillRect((canvas.width * 3) / 8, (canvas.height * 3) / 8, canvas.width / 4, canvas.height / 4)
      return canvas.toDataURL(type as string)
    },
    [width, height, kind] as const,
  )
  return Buffer.from(url.split(',')[1]!, 'base64')
}
const choosePhoto = (page: Page, name: string, mimeType: string, buffer: Buffer) =>
  page.getByLabel('Photograph', { exact: true }).setInputFiles({ name, mimeType, buffer })
const asOption = (page: Page, label: string, option: string) =>
  page
    .getByLabel(label)
    .click()
    .then(() => page.getByRole('option', { name: option, exact: true }).click())

test('a photograph becomes squares, a quilt, a chart in panels and on paper, and a row of it is ticked', async ({
  page,
}) => {
  await beginQuilt(page, 2, 2)
  await toPicture(page)
  await beginFrom(page, /photograph/)
  await choosePhoto(page, 'lamp.jpg', 'image/jpeg', await paintedPhoto(page, 800, 1200, 'image/jpeg'))
  await page.getByLabel('Squares across', { exact: true }).fill('16')
  await page.keyboard.press('Enter')
  await expect(page.getByText('16 × 24 squares, 3 cloths')).toBeVisible()
  await page.getByRole('button', { name: 'Take these squares' }).click()
  // half of the picture both ways is brass but for the red in it
  await expect(page.getByRole('group', { name: 'Letter A' })).toContainText('288 squares')
  await page.getByRole('button', { name: 'Use it …' }).click()
  await expect(page.getByTestId('picture-size')).toHaveText('Finished 24 × 36″.')
  await page.getByRole('button', { name: 'The quilt is this picture' }).click()
  await planned(page)
  await expect(page.locator('footer [data-path="quilt.patches"]')).toHaveText('384')
  await goTo(page, 'Piece')
  await page.getByRole('link', { name: 'Read the chart' }).click()
  // 40″ of cloth give 20 squares of 2″ a strip: 15, 4 and 2 strips, and 384 squares cut from them
  await expect(page.getByTestId('chart-work')).toHaveText('Row by row: 405 cuts and 383 seams.')
  await asOption(page, 'It is sewn', 'in panels on a fusible grid')
  await planned(page)
  await expect(page.getByTestId('chart-work')).toContainText('seams fewer than row by row')
  await expect(page.getByRole('region', { name: 'Panels' })).toContainText('6 of 8 × 8 squares')
  await page.getByRole('button', { name: /^Row 10: 4 A, 2 B, 4 C, 2 B, 4 A, 16 squares$/ }).click()
  await page.getByRole('button', { name: 'Square 3: A' }).click()
  await expect(page.getByText('3 of 16 squares sewn.')).toBeVisible()
  await page.getByRole('checkbox', { name: 'Row 10 is sewn' }).click()
  await expect(page.getByTestId('rows-sewn')).toHaveText('1 of 24 rows sewn')
  const download = page.waitForEvent('download')
  await page.getByRole('button', { name: 'Make the pages' }).click()
  const pdf = readFileSync((await (await download).path())!)
  expect(pdf.subarray(0, 5).toString()).toBe('%PDF-')
  await kept(page)
  await page.reload()
  await planned(page)
  await expect(page.getByTestId('rows-sewn')).toHaveText('1 of 24 rows sewn')
})

test('by keys alone: a picture is drawn, mirrored, filled, taken back, and sewn run by run', async ({ page }) => {
  await beginQuilt(page, 2, 2)
  await toPicture(page)
  const board = page.getByRole('application', { name: /^Squares of the picture/ })
  const place = page.locator('#board-place')
  await board.focus()
  await page.keyboard.press('ArrowRight')
  await page.keyboard.press('Shift+ArrowDown')
  await expect(place).toHaveText('Row 11, square 2: A')
  await page.getByRole('button', { name: 'Mirrored left to right' }).focus()
  await page.keyboard.press('Space')
  await board.focus()
  await page.keyboard.press('b')
  await page.keyboard.press('Space')
  await expect(place).toHaveText('Row 11, square 2: B')
  const letterB = page.getByRole('button', { name: /^B\s*\d/ })
  await expect(letterB).toContainText('2')
  // a box from here to two squares on, and its image in the mirror
  await page.getByRole('button', { name: 'Box' }).focus()
  await page.keyboard.press('Enter')
  await board.focus()
  await page.keyboard.press('Enter')
  for (const key of ['ArrowRight', 'ArrowDown', 'ArrowDown', 'Enter']) await page.keyboard.press(key)
  await expect(letterB).toContainText('12')
  await page.keyboard.press('Control+z')
  await expect(letterB).toContainText('2')
  await page.getByRole('button', { name: 'Use it …' }).focus()
  await page.keyboard.press('Enter')
  await page.getByRole('button', { name: 'The quilt is this picture' }).focus()
  await page.keyboard.press('Enter')
  await planned(page)
  await visit(page, page.url().replace(/design$/, 'chart'))
  await page.getByRole('link', { name: 'At the machine, run by run' }).focus()
  await page.keyboard.press('Enter')
  for (let i = 0; i < 10; i++) await page.keyboard.press('PageDown')
  await expect(page.getByRole('dialog')).toContainText('Row')
  await page.keyboard.press('Escape')
  await expect(page.getByTestId('rows-sewn')).toHaveText('0 of 30 rows sewn')
})

test('files that are no picture, or too much of one, are told of; the page stays and the quilt as it was', async ({
  page,
}) => {
  await beginQuilt(page, 2, 2)
  await toPicture(page)
  await beginFrom(page, /photograph/)
  const alert = page.getByRole('dialog').getByRole('alert')
  await choosePhoto(page, 'notes.png', 'image/png', Buffer.from('only words'))
  await expect(alert).toHaveText('This file is no picture. Choose a PNG or a JPEG.')
  const png = await paintedPhoto(page, 40, 40, 'image/png')
  const huge = Buffer.from(png)
  huge.writeUInt32BE(30_000, 16)
  huge.writeUInt32BE(30_000, 20)
  await choosePhoto(page, 'huge.png', 'image/png', huge)
  await expect(alert).toContainText('This picture has 900 megapixels')
  const jpeg = await paintedPhoto(page, 400, 400, 'image/jpeg')
  await choosePhoto(page, 'gif.png', 'image/png', Buffer.from('GIF89a000000000000'))
  await expect(alert).toContainText('of another kind')
  await choosePhoto(page, 'broken.png', 'image/png', png.subarray(0, 60))
  await expect(alert).toContainText('could not be read')
  // after all that a good one is taken: a point a square
  await choosePhoto(page, 'small.png', 'image/png', png)
  await expect(page.getByText('40 × 40 squares, 3 cloths')).toBeVisible()
  await choosePhoto(page, 'good.jpg', 'image/jpeg', jpeg)
  await expect(page.getByText(/squares, \d+ cloths/)).toBeVisible()
  await page.keyboard.press('Escape')
  await beginFrom(page, /chart/)
  const read = page.getByTestId('chart-read')
  await page.getByLabel('The chart', { exact: true }).fill(Array(10_000).fill('A').join(','))
  await expect(read).toHaveText('Its rows have more than 200 squares.')
  await expect(page.getByRole('button', { name: 'Take these squares' })).toBeDisabled()
  const utf16 = Buffer.from('\uFEFFA;A;B\r\nB;A', 'utf16le')
  await page.getByLabel('Chart', { exact: true }).setInputFiles({ name: 'c.csv', mimeType: 'text/csv', buffer: utf16 })
  await expect(read).toContainText('2 rows of 3 squares, 2 kinds. 1 row shorter')
  await page.getByRole('button', { name: 'Take these squares' }).click()
  await expect(page.getByRole('group', { name: 'Letter A' })).toContainText('3 squares')
  await visit(page, page.url().replace(/picture.*$/, 'design'))
  await planned(page)
  await expect(page.locator('footer [data-path="quilt.blocks"]')).toHaveText('4')
})

test('one cloth is tried, worn and changed everywhere; its melting edges are marked', async ({ page }) => {
  await openDemo(page, 'Signal lamp')
  await page.getByRole('application').click()
  await page.getByRole('link', { name: 'Redraw it' }).click()
  const near = page.getByRole('region', { name: 'Edges that melt' })
  await page.getByRole('button', { name: /^F\s*310/ }).click()
  await page.getByRole('checkbox', { name: 'Part of the subject' }).click()
  await expect(near).not.toContainText('D and F')
  await asOption(page, 'What if it wore', 'Kettle copper')
  await expect(near).toContainText('D and F')
  await near.getByRole('checkbox', { name: /^D and F/ }).click()
  await page.getByRole('button', { name: 'Put back' }).click()
  await expect(near).not.toContainText('D and F')
  await page.getByRole('button', { name: 'Use it …' }).click()
  await page.getByRole('button', { name: 'Use it in the quilt' }).click()
  await planned(page)
  await expect(page.locator('footer [data-path="quilt.patches"]')).toHaveText('2080')
})
