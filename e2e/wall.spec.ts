import { readFileSync } from 'node:fs'
import { expect, test, type Page } from '@playwright/test'
import { kept, openDemo, planned } from './support'

const footerOf = (page: Page) => page.getByRole('group', { name: 'Picked blocks' })
const undone = (page: Page, name: string) => expect(page.getByRole('button', { name: `Undo: ${name}` })).toBeVisible()
async function toTheWall(page: Page) {
  await page.getByRole('link', { name: 'Wall', exact: true }).click()
  await expect(page).toHaveURL(/\/wall$/)
  await planned(page)
}
/** The middle of a block of Sleepers: 10½″ each, borders of 6″ at the sides and 7½″ above. */
async function middleOf(page: Page, row: number, column: number) {
  const box = (await page.getByTestId('wall').locator('canvas').boundingBox())!
  const [left, top] = [34, 10]
  const scale = (box.width - 2 * left) / 75
  return {
    x: box.x + left + scale * (6 + (column + 1 / 2) * 10.5),
    y: box.y + top + scale * (7.5 + (row + 1 / 2) * 10.5),
  }
}

test('a wall of 48 blocks is arranged, locked, spread, kept and printed', async ({ page }) => {
  await openDemo(page, 'Sleepers')
  await toTheWall(page)
  const [from, to] = [await middleOf(page, 0, 0), await middleOf(page, 3, 2)]
  await page.mouse.move(from.x, from.y)
  await page.mouse.down()
  await page.mouse.move(to.x, to.y, { steps: 6 })
  await page.mouse.up()
  await undone(page, 'blocks moved')
  // the moved block is picked where it went; one more with Shift, then both are exchanged
  const other = await middleOf(page, 7, 5)
  await page.keyboard.press('Escape')
  await page.mouse.click(to.x, to.y)
  await page.keyboard.down('Shift')
  await page.mouse.click(other.x, other.y)
  await page.keyboard.up('Shift')
  await expect(page.getByTestId('picked')).toHaveText('2 blocks picked')
  await footerOf(page).getByRole('button', { name: 'Exchange' }).click()
  await undone(page, 'exchange of two blocks')
  await footerOf(page).getByRole('button', { name: 'Lock' }).click()
  await undone(page, 'locked')
  // what is locked stays, and that is said
  await page.mouse.move(other.x, other.y)
  await page.mouse.down()
  await page.mouse.move(from.x, from.y, { steps: 6 })
  await page.mouse.up()
  await expect(page.getByText('That block is locked').first()).toBeVisible()

  await page.getByRole('button', { name: 'Spread', exact: true }).click()
  const card = page.getByRole('group', { name: 'Spread the blocks' })
  await card.getByText('dark to light, from the middle out').click()
  await card.getByRole('button', { name: 'Spread them' }).click()
  await expect(page.getByTestId('improved')).toBeVisible({ timeout: 60_000 })
  // not taken: nothing was done
  await card.getByRole('button', { name: 'Put them back' }).click()
  await undone(page, 'locked')
  await card.getByRole('button', { name: 'Spread them' }).click()
  await expect(card.getByText(/\d better layouts? so far/)).toBeVisible()
  await page.getByRole('button', { name: 'Stop here' }).click()
  await card.getByRole('button', { name: 'Keep it so' }).click()
  await undone(page, 'spread of the blocks')

  await page.getByRole('button', { name: 'Layouts' }).click()
  const layouts = page.getByRole('dialog', { name: 'Layouts that were kept' })
  await layouts.getByLabel('Name of this layout').fill('Before supper')
  await layouts.getByRole('button', { name: 'Keep it' }).click()
  await expect(layouts.getByTestId('layout')).toHaveText(/Before supper/)
  await page.keyboard.press('Escape')
  await kept(page)
  await page.reload()
  await planned(page)
  await page.getByTestId('wall').focus()
  await page.keyboard.press('ArrowRight')
  await page.keyboard.press('r')
  await undone(page, 'turn')
  await page.getByRole('button', { name: 'Layouts' }).click()
  await layouts.getByRole('button', { name: 'Take it back' }).click()
  await undone(page, 'layout taken back')

  const download = page.waitForEvent('download')
  await page.getByRole('button', { name: 'Save the layout as a picture' }).click()
  const png = readFileSync(await (await download).path())
  // as large as a page: width and height stand in its header
  expect(Math.max(png.readUInt32BE(16), png.readUInt32BE(20))).toBe(1980)
  await page.evaluate(() => (window.print = () => undefined))
  await page.getByRole('button', { name: 'Print the layout' }).click()
  await page.emulateMedia({ media: 'print' })
  await expect(page.getByAltText('The layout, its rows numbered')).toBeVisible()
})

test('by keys alone: blocks are walked over, moved, turned, left over; marks are shown and mended', async ({
  page,
}) => {
  await openDemo(page, 'Lost property')
  await toTheWall(page)
  await page.getByTestId('wall').focus()
  for (const key of ['ArrowDown', 'ArrowDown', 'ArrowRight', 'x', 'ArrowRight', 'x']) await page.keyboard.press(key)
  await undone(page, 'blocks moved')
  await page.keyboard.press('m')
  await undone(page, 'mirror')
  await footerOf(page).getByRole('button', { name: 'One more, left over' }).press('Enter')
  const left = page.getByTestId('left-over')
  await expect(left).toHaveCount(1)
  await left.getByRole('button').press('Enter')
  await expect(footerOf(page)).toContainText('Now press the place where it is to hang.')
  await page.getByTestId('wall').focus()
  await page.keyboard.press('ArrowUp')
  await page.keyboard.press('Enter')
  await undone(page, 'block left over hung')
  await planned(page)
  // the bright snowball among its neighbours
  await page.getByRole('button', { name: /^Marks/ }).press('Enter')
  const mark = page.getByTestId('mark').first()
  await expect(mark).toContainText('A bright block stands alone among darker ones')
  await expect(page.getByTestId('wall-mark').first()).toBeAttached()
  await mark.getByRole('button', { name: 'Exchange it' }).press('Enter')
  await undone(page, 'exchange of two blocks')
})

test('the time for fiddling ends with a question, and what hung before comes back', async ({ page }) => {
  await page.clock.install()
  await openDemo(page, 'Lost property')
  await toTheWall(page)
  await page.getByRole('button', { name: 'Timer' }).click()
  await page.getByRole('button', { name: 'Begin' }).click()
  await expect(page.getByTestId('time-left')).toHaveText(/^(10:00|9:5\d)$/)
  await page.getByTestId('wall').focus()
  await page.keyboard.press('ArrowDown')
  await page.keyboard.press('r')
  await undone(page, 'turn')
  await page.clock.fastForward(10 * 60_000)
  await page.clock.runFor(2000)
  const asked = page.getByRole('dialog', { name: 'The time is over' })
  await expect(asked).toContainText('Keep this?')
  await asked.getByRole('button', { name: 'Put it back as it hung before' }).click()
  await undone(page, 'as it hung before')
})
