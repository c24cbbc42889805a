import { expect, test, type Page } from '@playwright/test'
import { beginQuilt, goTo, kept, layOutDemo, planned, pressByKey } from './support'

async function openStash(page: Page) {
  await page.goto('/')
  await page.getByRole('link', { name: 'Stash' }).click()
  await expect(page.getByRole('heading', { name: 'Stash', exact: true })).toBeVisible()
  await expect(page.getByText('Fetching the stash')).toHaveCount(0)
}
const TABLE =
  'Fabric,Hex colour,Length,Width,Bought at\nMoss,#5b744c,3 yd,44 in,Junction market\n,,1 yd,,\nBrass,#c9973a,lots,,\n'

test('cloth from the stash is set aside, cut, what is left comes back, and the next quilt is cut from that', async ({
  page,
}) => {
  await openStash(page)
  await page.getByTestId('stash-picker').setInputFiles({
    name: 'cupboard.csv',
    mimeType: 'text/csv',
    buffer: Buffer.from(TABLE),
  })
  const dialog = page.getByRole('dialog', { name: 'Which column says what' })
  await expect(dialog.getByRole('status')).toHaveText('2 cloths to put in, 2 things to look at.')
  await expect(dialog).toContainText('Row 2 has no name: left out.')
  await expect(dialog).toContainText('Row 3: “lots” is no length; taken without it.')
  await dialog.getByRole('button', { name: 'Put them in' }).click()
  const moss = page.locator('[data-stash]').filter({ hasText: 'Moss' })
  await expect(moss).toContainText('108″ in one length')
  await page.getByLabel('Find').fill('market')
  await expect(page.getByRole('status').filter({ hasText: 'dark to light' })).toHaveText('1 of 2 cloths, dark to light')
  await page.getByLabel('Find').fill('')

  await beginQuilt(page, 2, 2)
  await goTo(page, 'Cloth')
  await pressByKey(page, page.getByRole('button', { name: 'From the stash' }))
  const list = page.getByRole('dialog', { name: 'From the stash' })
  const much = list.getByRole('textbox', { name: 'How much of Moss' })
  await much.fill('500')
  await much.press('Enter')
  await expect(list.getByRole('alert')).toContainText('at most 108″')
  await much.fill('2 yd')
  await much.press('Enter')
  await list.getByRole('button', { name: 'Use 72″' }).click()
  await planned(page)
  const row = page.locator('li.card[data-cloth]').filter({ hasText: 'Moss' })
  await expect(row).toContainText('72″ at hand')
  // it takes the place of the first cloth: all its strips are cut, and what is left goes back
  const first = page.locator('li.card[data-cloth]').first()
  await first.getByRole('button', { name: /^Remove/ }).click()
  await first.getByTitle('Moss').click()
  await planned(page)
  await goTo(page, 'Cut')
  await page.getByRole('tab', { name: /^Moss/ }).click()
  const sheet = page.getByRole('region', { name: 'Cutting Moss' })
  await expect(sheet.getByTestId('leftovers-back')).toHaveCount(0)
  const ticks = sheet.getByRole('checkbox')
  await expect(ticks.first()).toBeVisible()
  for (let i = 0; i < (await ticks.count()); i++) if (!(await ticks.nth(i).isChecked())) await ticks.nth(i).click()
  await planned(page)
  const back = sheet.getByTestId('leftovers-back')
  await expect(back).toContainText(/There should be left: 1 of 43″\s×\s56\s1\/8″/)
  await pressByKey(page, back.getByRole('button', { name: 'Put it into the stash' }))
  await expect(back).toHaveText('All of it is cut, and what was left is in the stash.')
  await kept(page)

  await openStash(page)
  await expect(moss).toContainText(/36″ in one length; 1 of 43\s×\s/)
  await expect(moss).not.toContainText('Set aside')
  await beginQuilt(page, 2, 2)
  await goTo(page, 'Cloth')
  await page.getByRole('button', { name: 'From the stash' }).click()
  await list.getByRole('button', { name: /^Use 1 of 43\s×\s/ }).click()
  await planned(page)
  await expect(row).toContainText(/1 of 43\s×\s/)
  await openStash(page)
  await expect(moss).toContainText('Set aside for')
  await moss.getByRole('button', { name: /^Not for .+ any more$/ }).click()
  await expect(moss).toContainText(/36″ in one length; 1 of 43\s×\s/)
})

test('what layouts saved is worked out for every quilt of the shelf, by keys', async ({ page }) => {
  await layOutDemo(page)
  await openStash(page)
  const card = page.getByTestId('saved-on-shelf')
  await pressByKey(page, card.getByRole('button', { name: 'Work it out' }))
  await expect(card.getByTestId('saved-in-all')).toHaveText(/^\d.+ saved on 9 quilts\.$/, { timeout: 60_000 })
  await expect(card.getByRole('row')).toHaveCount(10)
})

test('a cloth is written down by hand, kept over a reload, found, taken out and put back; palettes in and out', async ({
  page,
}) => {
  await openStash(page)
  await expect(page.getByText('No cloth is written down yet')).toBeVisible()
  await pressByKey(page, page.getByRole('button', { name: 'Another cloth' }))
  const name = page.getByLabel('Name')
  await name.fill('Booking hall')
  await name.press('Enter')
  const length = page.getByRole('textbox', { name: 'In one length' })
  await length.fill('a yard or so')
  await length.press('Enter')
  await expect(page.getByRole('alert')).toContainText('Write a length such as')
  await length.fill('1 yd')
  await length.press('Enter')
  await page.getByRole('textbox', { name: 'Across', exact: true }).fill('9')
  await page.getByRole('textbox', { name: 'Along', exact: true }).fill('21')
  await page.getByRole('textbox', { name: 'Along', exact: true }).press('Tab')
  // squares of one cloth come in many
  const many = page.getByLabel('How many')
  await many.fill('120')
  await many.press('Tab')
  await page.getByRole('button', { name: 'Put it with them' }).click()
  await page.reload()
  const row = page.locator('[data-stash]').filter({ hasText: 'Booking hall' })
  await expect(row).toContainText(/36″ in one length; 120 of 9\s×\s21″/)
  await row.getByRole('button', { name: 'Take Booking hall out' }).click()
  await expect(row).toHaveCount(0)
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(row).toContainText('36″ in one length')
  await page.getByRole('button', { name: 'Save it' }).click()
  const [saved] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('menuitem', { name: /palette/ }).click(),
  ])
  expect(saved.suggestedFilename()).toBe('stash.gpl')
  await page.getByTestId('stash-picker').setInputFiles((await saved.path())!)
  await expect(page.getByRole('status').filter({ hasText: 'dark to light' })).toHaveText('2 of 2 cloths, dark to light')
  await page.getByTestId('stash-picker').setInputFiles({
    name: 'x.csv',
    mimeType: 'text/csv',
    buffer: Buffer.from('nonsense'),
  })
  await expect(page.getByText('That is no table of cloths').first()).toBeVisible()
})
