import { expect, test, type Page } from '@playwright/test'
import { kept, openDemo, planned, pressByKey } from './support'

/** The lines of the cutting sheet. */
const linesOf = (page: Page) => page.getByRole('region', { name: 'Cutting Timetable cream' }).getByTestId('strip')

test('a strip cut too short: the rest is laid out on what is left, kept, followed at the mat, and put back', async ({
  page,
}) => {
  await openDemo(page, 'Berth four', 'Cut')
  await pressByKey(page, page.getByRole('tab', { name: /^Timetable cream/ }))
  const sheet = page.getByRole('region', { name: 'Cutting Timetable cream' })
  const before = await linesOf(page).count()
  await pressByKey(page, sheet.getByRole('button', { name: 'Cut wrong, or less cloth than thought' }))
  const form = page.getByRole('form', { name: 'What is left of Timetable cream' })
  // begun with what there should be: below the strips that are ticked
  await expect(form.getByRole('textbox', { name: 'Across, piece 1', exact: true })).toHaveValue('41')
  const along = form.getByRole('textbox', { name: 'Along, piece 1', exact: true })
  await along.fill('nonsense')
  await along.press('Enter')
  await expect(form.getByRole('alert')).toContainText('Write a length such as')
  // half filled in, it is there after a reload
  await along.fill('4')
  await along.press('Enter')
  await kept(page)
  await page.reload()
  await planned(page)
  await page.getByRole('tab', { name: /^Timetable cream/ }).click()
  await sheet.getByRole('button', { name: 'Cut wrong, or less cloth than thought' }).click()
  await expect(along).toHaveValue('4')
  const pieces = form.getByTestId('remains')
  while ((await pieces.count()) > 1) await form.getByRole('button', { name: 'No piece 2' }).click()
  await form.getByRole('button', { name: 'Lay out the rest on it' }).click()
  await planned(page)
  const state = sheet.getByTestId('cut-again')
  // one strip 2¾ deep goes into 4″ of cloth, or one 2″ deep
  await expect(state).toContainText(/Gone on with what was left, \d+ pieces in the piles by then\./)
  await expect(state).toContainText(/No room for\s+\d+ of pile \d/)
  expect(await linesOf(page).count()).toBeLessThan(before)
  await expect(page.getByRole('button', { name: /things? to look at/ })).toBeVisible()
  // more was found
  await state.getByRole('button', { name: 'What is left changed' }).click()
  await along.fill('14')
  await along.press('Enter')
  await form.getByRole('button', { name: 'Lay out the rest on it' }).click()
  await planned(page)
  await expect(state).not.toContainText('No room for')
  await kept(page)
  await page.goto(`${page.url()}?steps`)
  await planned(page)
  await expect(page.getByText(/Timetable cream: cut 1 of \d/)).toBeVisible()
  await page.goBack()
  await planned(page)
  await page.getByRole('tab', { name: /^Timetable cream/ }).click()
  const tick = sheet.getByRole('checkbox').first()
  await tick.click()
  await planned(page)
  await expect(tick).toBeChecked()
  await state.getByRole('button', { name: 'As planned at first' }).click()
  await planned(page)
  await expect.poll(() => linesOf(page).count()).toBe(before)
})
