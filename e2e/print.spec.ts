import { expect, test, type Page } from '@playwright/test'
import { beginQuilt, goTo, kept, planned } from './support'

/** A cloth with a purple dot on cream every 200 pixels across and 100 down, photographed. */
async function dottedPhoto(page: Page): Promise<Buffer> {
  const text = await page.evaluate(() => {
    const canvas = document.createElement('canvas')
    canvas.width = 800
    canvas.height = 400
    const context = canvas.getContext('2d')!
    context.fillStyle = '#f0e4c8'
    context.fillRect(0, 0, 800, 400)
    context.fillStyle = '#a02080'
    for (let x = 100; x < 800; x += 200)
      for (let y = 50; y < 400; y += 100) {
        context.beginPath()
        context.arc(x, y, 35, 0, 7)
        context.fill()
      }
    return canvas.toDataURL('image/png').split(',')[1]!
  })
  return Buffer.from(text, 'base64')
}

/** Part of the drawing's points that are purple. */
function purplePart(page: Page): Promise<number> {
  return page
    .locator('canvas')
    .first()
    .evaluate((canvas: HTMLCanvasElement) => {
      const { data } = canvas.getContext('2d')!.getImageData(0, 0, canvas.width, canvas.height)
      let count = 0
      for (let i = 0; i < data.length; i += 4)
        if (data[i]! > data[i + 1]! + 60 && data[i + 2]! > data[i + 1]! + 40) count++
      return count / (data.length / 4)
    })
}

/** Inches from one dot to the next along the binding, by the width of the drawn quilt with its binding. */
function repeatDrawn(page: Page, width: number): Promise<number> {
  return page
    .locator('canvas')
    .first()
    .evaluate((canvas: HTMLCanvasElement, inches) => {
      const { data } = canvas.getContext('2d')!.getImageData(0, 0, canvas.width, canvas.height)
      const isPurple = (i: number) => data[i]! > data[i + 1]! + 60 && data[i + 2]! > data[i + 1]! + 40
      const rows = Array.from({ length: canvas.height }, (_, y) => {
        const at = (x: number) => (y * canvas.width + x) * 4
        const drawn = Array.from({ length: canvas.width }, (_, x) => x).filter(x => data[at(x) + 3]! > 0)
        const begins = drawn.filter(x => isPurple(at(x)) && !isPurple(at(x - 1)))
        return { drawn: drawn.length, begins }
      })
      // the lowest row with dots in it
      const { drawn, begins } = rows.findLast(row => row.begins.length > 2)!
      return ((begins[2]! - begins[1]!) / drawn) * inches
    }, width)
}

test('a print is cut from a photograph, shown in the drawing, and its motifs are counted', async ({ page }) => {
  await beginQuilt(page, 3, 3)
  const before = await purplePart(page)
  await goTo(page, 'Cloth')
  const row = page.locator('li.card[data-cloth]').first()
  await row.getByRole('button', { name: /^Change/ }).click()
  await row.getByRole('button', { name: 'Photograph of the print …' }).click()
  const dialog = page.getByRole('dialog', { name: /^The print of/ })
  const choose = (name: string, buffer: Buffer) =>
    dialog.locator('input[type=file]').setInputFiles({ name, mimeType: 'image/png', buffer })
  await choose('notes.png', Buffer.from('only words'))
  await expect(dialog.getByRole('alert')).toHaveText(/no picture/)
  await choose('dots.png', await dottedPhoto(page))
  // by keys: the right and the lower side taken in to a quarter
  for (const way of ['From left to right', 'From top to bottom']) {
    await dialog.getByRole('group', { name: way }).getByRole('slider', { name: 'Maximum' }).focus()
    for (let i = 0; i < 15; i++) await page.keyboard.press('PageDown')
  }
  const wide = dialog.getByRole('textbox', { name: 'So wide on the cloth' })
  await wide.fill('2000')
  await wide.press('Enter')
  await expect(dialog).toContainText('at most 120″')
  await wide.fill('6')
  await wide.press('Enter')
  await dialog.getByRole('button', { name: 'Take this print' }).click()
  await planned(page)
  await expect(row.getByRole('img', { name: /^The print of/ })).toBeVisible()
  const motifs = row.getByTestId('motifs')
  await expect(motifs.getByTestId('motif-count')).toHaveText(/gives at least \d+, and \d+ if the print lies well/)
  await kept(page)
  await page.reload()
  await goTo(page, 'Design')
  await expect.poll(() => purplePart(page)).toBeGreaterThan(before + 0.01)
  // as large in the drawing as on the cloth: the top is 27 1/2″ wide, raw
  expect(Math.abs((await repeatDrawn(page, 27.5)) - 6)).toBeLessThan(0.15)
})
