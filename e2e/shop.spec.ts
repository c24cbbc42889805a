import { expect, test, type Locator, type Page } from '@playwright/test'
import { beginQuilt, goTo, planned } from './support'

async function chooseByKeys(page: Page, row: Locator, name: RegExp) {
  await row.getByRole('combobox').focus()
  await page.keyboard.press('Enter')
  const option = page.getByRole('option', { name })
  await expect(option).toBeVisible()
  await page.keyboard.type((await option.innerText()).slice(0, 6))
  await page.keyboard.press('Enter')
  await planned(page)
}

test('cloth is chosen in the shop by keys and ordered; a changed price is said first; the list goes on alone', async ({
  page,
}) => {
  await beginQuilt(page, 3, 3)
  await goTo(page, 'Cloth')
  const shop = page.getByTestId('shop')
  // the shop is down: said, and nothing else is touched
  await page.route('**/api/shop', route => route.abort())
  await shop.getByRole('button', { name: 'See what the shop has' }).click()
  await expect(shop.getByRole('alert')).toHaveText(/does not answer. Nothing was ordered/)
  await expect(page.getByRole('region', { name: 'Shopping list' })).toBeVisible()
  await page.unroute('**/api/shop')
  // prices that are no more when the order comes
  await page.route('**/api/shop', async route => {
    const answer = (await (await route.fetch()).json()) as { offers: { prices: { in: number } }[] }
    for (const offer of answer.offers) offer.prices.in -= 1
    await route.fulfill({ json: answer })
  })
  await shop.getByRole('button', { name: 'Ask again' }).click()
  const row = shop.locator('[data-shop]').first()
  await expect(row).toContainText('not chosen yet')
  await chooseByKeys(page, row, /^Washday sky/)
  await expect(page.locator('li.card[data-cloth]').first()).toContainText('Washday sky')
  const total = shop.getByTestId('shop-total')
  const seen = Number(await total.innerText())
  const order = shop.getByRole('button', { name: 'Order it' })
  await order.click()
  await expect(shop.getByRole('alert')).toHaveText(/Washday sky costs \d+\.\d\d a yard now; it was \d+\.\d\d/)
  await expect(shop.getByRole('alert')).toContainText('Nothing was ordered')
  // the list has the new price, and is ordered with it
  expect(Number(await total.innerText())).toBeGreaterThan(seen)
  await page.unroute('**/api/shop')
  const cost = await total.innerText()
  // an answer that is lost: nobody knows, and that is said
  await page.route('**/api/shop/orders', route => route.abort())
  await order.click()
  await expect(shop.getByRole('alert')).toHaveText(/may have been taken or not/)
  await page.unroute('**/api/shop/orders')
  await shop.getByRole('button', { name: 'Ask again' }).click()
  await expect(total).toHaveText(cost)
  await order.focus()
  await page.keyboard.press('Enter')
  await expect(row).toContainText('ordered')
  await expect(order).toHaveCount(0)
  await goTo(page, 'Diary')
  await expect(page.getByRole('main')).toContainText(/Ordered \(number \d+\): .* of Washday sky/)
  await expect(page.getByRole('main')).toContainText(`${cost} in all, due`)
  // one step back, and it is to be ordered again
  await page.keyboard.press('Control+z')
  await goTo(page, 'Cloth')
  await shop.getByRole('button', { name: 'See what the shop has' }).click()
  await expect(shop.getByTestId('shop-total')).toHaveText(cost)
})

test('what the shop has too little of is not ordered, and a program that orders nonsense is told', async ({
  page,
  request,
}) => {
  await page.route('**/api/shop', async route => {
    const answer = (await (await route.fetch()).json()) as { offers: { left: number }[] }
    for (const offer of answer.offers) offer.left = 10
    await route.fulfill({ json: answer })
  })
  await beginQuilt(page, 6, 6)
  await goTo(page, 'Cloth')
  const shop = page.getByTestId('shop')
  await shop.getByRole('button', { name: 'See what the shop has' }).click()
  const row = shop.locator('[data-shop]').first()
  await chooseByKeys(page, row, /^Lichen/)
  await expect(row).toContainText('1/4 yd left')
  await expect(shop).toContainText('The shop has less than that')
  await expect(shop.getByRole('button', { name: 'Order it' })).toBeDisabled()

  for (const data of ['nothing', '{"units":"in","lines":[]}', '{"units":"in","lines":[{"ware":"x","length":1e9}]}'])
    expect((await request.post('/api/shop/orders', { data })).status()).toBe(400)
  expect((await request.post('/api/shop/orders', { data: 'x'.repeat(30_000) })).status()).toBe(413)
  expect((await request.get('/api/shop/orders')).status()).toBe(405)
  expect((await request.post('/api/shop', { data: '{}' })).status()).toBe(405)
})
