import { expect, test } from '@playwright/test'
import { goTo, openCommands, openDemo } from './support'

test("the browser's way back closes what lies over the page", async ({ page }) => {
  await openDemo(page, 'Berth four')
  await goTo(page, 'Cut')
  for (const open of [() => openCommands(page), () => page.locator('footer .look').click()]) {
    await open()
    await expect(page.getByRole('dialog')).toHaveCount(1)
    await page.goBack()
    await expect(page).toHaveURL(/design$/)
    await expect(page.getByRole('dialog')).toHaveCount(0)
    await page.getByRole('button', { name: 'One block more across' }).click()
    await page.goForward()
    await expect(page).toHaveURL(/cut$/)
  }
})
