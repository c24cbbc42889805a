import { expect, test } from '@playwright/test'
import { beginQuilt, goTo, kept, openDemo, planned } from './support'

test('without a network every station opens once its code was fetched', async ({ page, context }) => {
  await openDemo(page, 'Berth four')
  const isFetched = () =>
    page.evaluate(() => performance.getEntriesByType('resource').filter(({ name }) => name.endsWith('.js')).length)
  // until nothing more is fetched
  await expect
    .poll(
      async () => {
        const before = await isFetched()
        await page.waitForTimeout(1500)
        return (await isFetched()) === before
      },
      { timeout: 60_000 },
    )
    .toBe(true)
  await context.setOffline(true)
  for (const station of ['Cloth', 'Cut', 'Piece', 'Finish', 'Diary', 'Design']) await goTo(page, station)
  await goTo(page, 'Piece')
  await page.getByRole('link', { name: 'In batches' }).click()
  await expect(page.getByRole('heading', { name: 'In batches' })).toBeVisible()
})

test('a station whose code is not there and cannot be fetched leaves the page as it is, and says why', async ({
  page,
  context,
}) => {
  // nothing is fetched ahead
  await page.addInitScript(() => {
    window.requestIdleCallback = () => 0
  })
  await beginQuilt(page, 3, 3)
  await kept(page)
  await context.setOffline(true)
  const stations = page.getByRole('navigation', { name: 'Stations of the work' })
  await stations.getByRole('link', { name: 'Finish' }).click()
  await expect(page.getByText('This page needs the network once').first()).toBeVisible()
  await expect(page).toHaveURL(/\/design$/)
  await expect(page.getByTestId('count-across')).toHaveText('3')
  await context.setOffline(false)
  await goTo(page, 'Finish')
  await planned(page)
})
