import AxeBuilder from '@axe-core/playwright'
import { expect, test, type Page } from '@playwright/test'
import { beginQuilt, choose, goTo, kept, openCommands, openDemo, planned, visit } from './support'

/** Looks at the whole page by day and in the evening, or at what lies over a page that was looked at before. */
async function look(page: Page, place: string, over?: string) {
  if (over) await expect(page.locator(over).first()).toBeVisible()
  const builder = () => {
    const axe = new AxeBuilder({ page }).options({ resultTypes: ['violations'] })
    axe.setLegacyMode()
    return over ? axe.include(over) : axe
  }
  const byDay = await builder().analyze()
  await page.emulateMedia({ colorScheme: 'dark' })
  await expect(page.locator('html')).toHaveClass(/dark/)
  // the evening changes colours and nothing else
  const evening = await builder().withRules(['color-contrast', 'link-in-text-block']).analyze()
  await page.emulateMedia({ colorScheme: 'light' })
  await expect(page.locator('html')).toHaveClass(/light/)
  const told = (light: string, { violations }: typeof byDay) =>
    violations
      .filter(({ impact }) => impact === 'serious' || impact === 'critical')
      .map(
        ({ id, nodes }) =>
          `${place}, ${light}: ${id}, ${nodes
            .map(node => node.target.join(' '))
            .slice(0, 4)
            .join('; ')}`,
      )
  expect([...told('by day', byDay), ...told('in the evening', evening)]).toEqual([])
}

/** The list that opens over Cloth, and a form of Cloth open below it. */
async function lookAtStash(page: Page) {
  await page.getByRole('button', { name: 'From the stash' }).click()
  await look(page, 'from the stash', '[role="dialog"]')
  await page.keyboard.press('Escape')
  await page.getByRole('button', { name: 'Change Soot' }).click()
  const field = page.getByRole('textbox', { name: 'At hand, empty if not counted' })
  await field.fill('20')
  await field.press('Enter')
  await page.getByRole('button', { name: 'See how far it goes' }).click()
  await expect(page.getByTestId('way-to-fit').first()).toBeVisible({ timeout: 60_000 })
  await lookAtPrint(page)
  await page.getByRole('button', { name: 'See what the shop has' }).click()
  await expect(page.locator('[data-shop]').first()).toBeVisible()
  await page.getByRole('button', { name: 'Compare along and across' }).click()
  await expect(page.getByTestId('long-strip').first()).toBeVisible({ timeout: 60_000 })
}

/** A print that is cut from a photograph, over the form of its cloth. */
async function lookAtPrint(page: Page) {
  await page.getByRole('button', { name: 'Photograph of the print …' }).click()
  const url = await page.evaluate(() => {
    const canvas = document.createElement('canvas')
    canvas.getContext('2d')!.fillRect(20, 20, 60, 60)
    return canvas.toDataURL('image/png')
  })
  const buffer = Buffer.from(url.split(',')[1]!, 'base64')
  const file = { name: 'print.png', mimeType: 'image/png', buffer }
  await page.getByRole('dialog').locator('input[type=file]').setInputFiles(file)
  await expect(page.getByRole('button', { name: 'Take this print' })).toBeVisible()
  await look(page, 'print', '[role="dialog"]')
  await page.getByRole('button', { name: 'Take this print' }).click()
  await expect(page.getByTestId('motifs')).toBeVisible()
}

/** The stash with a cloth open. */
async function lookAtStashPage(page: Page) {
  await page.goto('/stash')
  await page.getByRole('button', { name: 'Another cloth' }).click()
  await expect(page.getByLabel('Where from')).toBeVisible()
  await page.getByRole('button', { name: 'Work it out' }).click()
  await expect(page.getByTestId('saved-in-all')).toBeVisible({ timeout: 60_000 })
  await look(page, 'stash')
  await page.goto('/backup')
  await expect(page.getByRole('heading', { name: 'In this browser' })).toBeVisible()
  await look(page, 'backup')
}

/** The back is to be pieced, and something is written of hanging and label. */
async function piecesItsBack(page: Page) {
  await goTo(page, 'Finish')
  await choose(page.getByLabel('The cloth runs'), 'in pieces, from what is left over')
  await page.getByTestId('to-last').click()
  await page.getByRole('button', { name: 'A sleeve or corners to hang it by' }).click()
  await page.getByRole('button', { name: 'A label for the back' }).click()
  await kept(page)
}

/** A quilt of its own, made block by block through all layers. Gives its address. */
async function beginAsYouGo(page: Page): Promise<string> {
  const quilt = await beginQuilt(page, 2, 2)
  await goTo(page, 'Finish')
  await choose(page.getByTestId('making'), 'block by block through all layers, as you go')
  await planned(page)
  await kept(page)
  return quilt
}

/** Pages behind Design, Piece and Finish, and what they show. */
const LEAVES = [
  ['wall', 'wall'],
  ['batches', 'batch'],
  ['joining', 'rows-joined'],
  ['quilting', 'quilting-page'],
  ['last', 'care'],
  ['back', 'pieced-back'],
  ['binding', 'step-mode'],
  ['cards', 'row-card'],
] as const

test('nothing serious on any station, by day and in the evening', async ({ page }) => {
  // a page after the other is looked through: minutes, on a machine that others use too
  test.setTimeout(420_000)
  await page.goto('/')
  await expect(page.getByRole('heading', { name: 'The shelf is empty' })).toBeVisible()
  await look(page, 'empty shelf')
  await page.getByRole('button', { name: 'New quilt' }).click()
  await look(page, 'new quilt', '[role="dialog"]')
  await page.getByRole('button', { name: /another …/ }).click()
  await look(page, 'block chooser', '[role="dialog"]')
  await page.keyboard.press('Escape')
  await page.keyboard.press('Escape')
  await openDemo(page, 'Berth four')
  await look(page, 'Design')
  await page.getByTestId('drawing').press('ArrowRight')
  await look(page, 'block card')
  await page.getByTestId('tape-width').press('ArrowRight')
  await look(page, 'sashing card')
  await page.getByRole('button', { name: 'Cloths side by side' }).click()
  await look(page, 'cloths side by side', '[role="dialog"]')
  await page.keyboard.press('Escape')
  await page.getByRole('button', { name: 'Setting', exact: true }).click()
  await look(page, 'setting', '.open-card')
  await page.getByRole('button', { name: /Sizes and frames/ }).click()
  await look(page, 'sizes and frames', '.open-card')
  await page.getByRole('button', { name: 'Lay out' }).click()
  await look(page, 'lay out', '.open-card')
  await page.getByRole('button', { name: /Colors that climb/ }).click()
  await look(page, 'climbing', '[role="dialog"]')
  await page.keyboard.press('Escape')
  await page.getByRole('button', { name: 'Add', exact: true }).click()
  await page.getByRole('menuitem', { name: /Blocks sewn already/ }).click()
  await page.getByRole('button', { name: 'Lay out the first' }).click()
  await look(page, 'blocks sewn already', '.open-card')
  await page.getByRole('button', { name: /Bring it into a quilt/ }).click()
  await look(page, 'brought together', '[role="dialog"]')
  await page.keyboard.press('Escape')
  for (const station of ['Cloth', 'Cut', 'Piece', 'Finish', 'Diary']) {
    await goTo(page, station)
    if (station === 'Cloth') await lookAtStash(page)
    if (station === 'Cut') {
      await page.getByRole('tab', { name: /^Timetable cream/ }).click()
      await page.getByRole('button', { name: 'Cut wrong, or less cloth than thought' }).click()
    }
    await look(page, station)
  }
  const quilt = page.url().replace(/\/diary$/, '')
  await piecesItsBack(page)
  for (const [leaf, shows] of LEAVES) {
    await visit(page, `${quilt}/${leaf}`)
    await expect(page.getByTestId(shows).first()).toBeVisible()
    await look(page, leaf)
  }
  await visit(page, `${quilt}/draft`)
  await expect(page.getByTestId('draft-board')).toBeVisible()
  await look(page, 'draft')
  await visit(page, `${quilt}/picture`)
  await expect(page.getByTestId('board')).toBeVisible()
  await look(page, 'picture')
  await lookAtStashPage(page)
  await page.goto('/')
  await page.getByRole('link').filter({ hasText: 'Signal lamp' }).click()
  await planned(page)
  await visit(page, page.url().replace(/design$/, 'chart'))
  await expect(page.getByTestId('chart-counts')).toBeVisible()
  await look(page, 'chart')
  await visit(page, `${quilt}/design`)
  await page.locator('footer .look').click()
  await look(page, 'second look', '[role="dialog"]')
  await page.keyboard.press('Escape')
  await page.keyboard.press('?')
  await look(page, 'keys', '[role="dialog"]')
  await page.keyboard.press('Escape')
  await goTo(page, 'Cut')
  await page.getByRole('link', { name: 'At the mat, step by step' }).click()
  await look(page, 'step by step', '[role="dialog"]')
  await page.keyboard.press('Escape')
  await openCommands(page)
  await look(page, 'finder', '[role="dialog"]')
  await page.keyboard.press('Escape')
  await page.locator('footer [data-path="quilt.width"]').click()
  await look(page, 'slip', '[data-testid="slip"]')
  const other = await beginAsYouGo(page)
  await look(page, 'Finish, as you go')
  await visit(page, `${other}/as-you-go`)
  await expect(page.getByTestId('go-sizes')).toBeVisible()
  await look(page, 'as you go')
  await page.goto('/q/nobody/design')
  await look(page, 'no such quilt')
  await page.goto('/nowhere')
  await look(page, 'no such page')
})

test('on a tablet nothing is wider than the screen', async ({ page }) => {
  await page.setViewportSize({ width: 820, height: 1180 })
  const quilt = await openDemo(page, 'Berth four')
  await piecesItsBack(page)
  for (const station of [
    'draft',
    'picture',
    'wall',
    'batches',
    'joining',
    'quilting',
    'last',
    'back',
    'binding',
    'cards',
    'Cloth',
    'Cut',
    'Piece',
    'Finish',
    'Diary',
  ]) {
    if (station.toLowerCase() === station) {
      await visit(page, `${quilt}/${station}`)
    } else await goTo(page, station)
    await fits(station)
  }
  await visit(page, `${await beginAsYouGo(page)}/as-you-go`)
  await fits('as-you-go')

  async function fits(station: string) {
    const over = await page.evaluate(() => document.documentElement.scrollWidth - document.documentElement.clientWidth)
    expect(over, station).toBeLessThanOrEqual(0)
    const work = await page.locator('#work').evaluate(element => element.scrollWidth - element.clientWidth)
    expect(work, station).toBeLessThanOrEqual(1)
  }
})
