import { expect, test } from '@playwright/test'
import { beginQuilt, goTo, kept, planned } from './support'

test('a station whose code is not there and cannot be fetched leaves the page as it is, and says why', async ({
  page,
  context,
}) => {
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
