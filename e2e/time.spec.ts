import { readFileSync } from 'node:fs'
import { expect, test } from '@playwright/test'
import ICAL from 'ical.js'
import { goTo, kept, openDemo, planned } from './support'

// far from Greenwich a day is easily another
test.use({ timezoneId: 'Pacific/Auckland' })

test('a sitting is timed, its pace learnt, the days laid out, and what would take less taken', async ({ page }) => {
  const quilt = await openDemo(page, 'Left luggage', 'cut')
  await page.goto(`${quilt}/diary`)
  await planned(page)
  await page.getByRole('link', { name: 'How long it takes' }).click()
  const left = page.getByTestId('time-left')
  await expect(left).toHaveText(/^\d+ to \d+ h of work are left\.\s*$/)
  await expect(page.getByTestId('time-kind').first()).toContainText('a guess')
  const before = await left.textContent()

  // a strip is cut, and its minutes noted
  await page.goto(`${quilt}/cut?steps`)
  await planned(page)
  await page.keyboard.press(' ')
  await page.keyboard.press('Escape')
  await goTo(page, 'Diary')
  await page.getByLabel('Minutes').fill('30')
  await expect(page.getByTestId('sitting')).toHaveText(/In these minutes: \d+ pieces cut/)
  await page.getByRole('button', { name: 'Write it down' }).click()
  await expect(page.getByTestId('note')).toContainText(/\d+ pieces cut/)
  await kept(page)
  await page.getByRole('link', { name: 'How long it takes' }).click()
  await expect(page.getByText('Learnt from 1 timed sitting')).toBeVisible()
  await expect(page.getByTestId('time-kind').first()).toContainText('your timings')
  await expect(left).not.toHaveText(before!)

  // nonsense is refused beside the field; hours and a day are taken
  await page.getByLabel('Saturday').fill('99')
  await page.keyboard.press('Enter')
  await expect(page.getByLabel('Saturday')).toHaveValue('0')
  await page.getByLabel('Saturday').fill('4')
  await page.keyboard.press('Enter')
  await expect(page.getByTestId('session').first()).toContainText('Saturday')
  await page.getByLabel('Wanted for').fill('2026-01-10')
  await page.keyboard.press('Tab')
  await expect(page.getByText('That day is past.')).toBeVisible()
  await expect(page.getByTestId('ready')).toContainText('too late')
  const [file] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'For the calendar (ICS)' }).click(),
  ])
  const calendar = new ICAL.Component(ICAL.parse(readFileSync(await file.path(), 'utf8')) as unknown[])
  const days = calendar.getAllSubcomponents('vevent').map(event => new ICAL.Event(event).startDate)
  expect(days.length).toBeGreaterThan(3)
  for (const day of days) expect(day.dayOfWeek()).toBe(ICAL.Time.SATURDAY)

  // one way of those that take less
  await page.getByRole('button', { name: 'Look what would' }).click()
  const way = page.getByTestId('way-to-save').filter({ hasText: 'Without border 1' })
  await expect(way).toContainText(/about .+ less/)
  await way.getByRole('button', { name: 'Do it' }).click()
  await planned(page)
  await expect(page.getByRole('button', { name: /^Undo: without border 1/ })).toBeVisible()
})
