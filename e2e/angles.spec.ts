import { expect, test, type Page } from '@playwright/test'
import { choose, goTo, kept, planned } from './support'

const file = {
  format: 'wren-quilt',
  version: 1,
  name: 'Signal box',
  cloths: [
    { id: 'soot', name: 'Soot stripe', colour: '#2f3640', pattern: 'stripe' },
    { id: 'brass', name: 'Brass', colour: '#c99a3b' },
    { id: 'cream', name: 'Cream', colour: '#f1e9d6' },
  ],
  blocks: [
    {
      id: 'turning',
      name: 'Turntable',
      design: 'kaleidoscope',
      size: 12,
      cloths: { first: 'soot', second: 'brass', corner: 'cream' },
    },
    {
      id: 'window',
      name: 'Booking window',
      design: 'attic-window',
      size: 12,
      cloths: { view: 'soot', side: 'brass', sill: 'brass' },
    },
  ],
  setting: {
    across: 2,
    down: 2,
    fill: [
      ['turning', 'window'],
      ['window', 'turning'],
    ],
  },
}

async function openIt(page: Page, quilt: object = file) {
  await page.goto('/')
  await page.getByTestId('file-picker').setInputFiles({
    name: 'signal-box.wren.json',
    mimeType: 'application/json',
    buffer: Buffer.from(JSON.stringify(quilt)),
  })
  await page.waitForURL(/design$/)
  await planned(page)
}

test('stripes along each patch are kept, cut by template and said on the cutting sheet', async ({ page }) => {
  await openIt(page)
  const board = page.locator('canvas').first()
  const box = (await board.boundingBox())!
  await page.mouse.click(box.x + box.width * 0.35, box.y + box.height * 0.3)
  await choose(page.getByLabel('Stripes of first'), 'along each patch')
  await kept(page)
  await goTo(page, 'Cut')
  await expect(page.getByText('stripes run with its height').first()).toBeVisible()
  await page.reload()
  await planned(page)
  await expect(page.getByText('stripes run with its height').first()).toBeVisible()
})

test('wedges with their corners are taken from a strip set, and every length of the way says why', async ({ page }) => {
  await openIt(page)
  await goTo(page, 'Piece')
  const wedges = page.locator('[data-unit="wedge"]')
  for (let i = 0; i < (await wedges.count()); i++) await wedges.nth(i).getByTestId('ways').locator('summary').click()
  const card = wedges.filter({ has: page.locator('[data-way="wedge-strip-set"]') })
  await card.locator('[data-way="wedge-strip-set"]').getByRole('button', { name: 'Make it so' }).click()
  await planned(page)
  await expect(card.getByText('turning end for end')).toBeVisible()
  await expect(card.getByText('square it from its center')).toBeVisible()
  await expect(card.getByTestId('ways')).toContainText('Your choice.')
  // only the seam is given; all else is a number of the plan
  const given = await page.locator('[data-given]').allTextContents()
  expect([...new Set(given)]).toEqual(['1/4″'])
  await card.getByRole('button', { name: 'Let the aim choose' }).click()
  await planned(page)
  await expect(card.locator('[data-way="strip-angle"]')).toContainText('as planned')
})

test('pieces of both hands are cut from two layers, and their templates counted by hand', async ({ page }) => {
  await openIt(page)
  await goTo(page, 'Piece')
  await page.getByText('Booking window').first().click()
  await expect(page.getByText('Lay two layers right sides together and cut through both')).toHaveCount(1)
  await expect(page.getByText(/\d+ and \d+ mirrored in the quilt/)).toBeVisible()
  await expect(page.getByText('1 set-in joint', { exact: false }).first()).toBeVisible()
})

test('a diamond block is sized by its diamond, and keeps its angles', async ({ page }) => {
  await openIt(page, {
    ...file,
    blocks: [
      {
        id: 'prism',
        design: 'diamond-in-rectangle',
        width: '5 25/32',
        height: 10,
        cloths: { diamond: 'soot', corner: 'cream' },
      },
    ],
    setting: { across: 3, down: 2 },
  })
  await page.getByTestId('drawing').press('ArrowRight')
  const field = (name: string) => page.getByRole('textbox', { name, exact: true })
  await expect(field('Height of the diamond')).toHaveValue('5')
  await field('Height of the diamond').fill('4 1/2')
  await field('Height of the diamond').press('Enter')
  await planned(page)
  // its long diagonal is twice its height, its short one its side: 4½ ÷ sin 60°
  await expect(field('Long side of all blocks')).toHaveValue('9')
  await expect(field('Short side of all blocks')).toHaveValue('5.2')
})
