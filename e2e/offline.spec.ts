import { readFileSync } from 'node:fs'
import { inflateSync } from 'node:zlib'
import { expect, test, type Page } from '@playwright/test'
import { goTo, kept, layOutDemo, planned } from './support'

test.use({ serviceWorkers: 'allow' })

/** The whole application is in the browser, and serves this page. */
async function applicationKept(page: Page) {
  await expect
    .poll(() => page.evaluate(() => navigator.serviceWorker.controller?.state), { timeout: 60_000 })
    .toBe('activated')
}

/** What is drawn and written on each page of the templates that the page gives. */
async function templates(page: Page): Promise<string[]> {
  const [file] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Templates (PDF)' }).click(),
  ])
  const pdf = readFileSync(await file.path())
  const text = pdf.toString('latin1')
  return [...text.matchAll(/stream\r?\n/g)]
    .map(({ index, 0: { length } }) => {
      const start = index + length
      return unpacked(pdf.subarray(start, text.indexOf('endstream', start)))
    })
    .filter(content => / m\n/.test(content))
}

function unpacked(stream: Buffer): string {
  try {
    return inflateSync(stream).toString('latin1')
  } catch {
    return ''
  }
}

test('after one visit everything opens without a network, loaded anew too', async ({ page, context }) => {
  await layOutDemo(page)
  await applicationKept(page)
  await context.setOffline(true)
  await page.reload()
  await page
    .getByTestId('quilt-tile')
    .getByRole('link', { name: /Left luggage/ })
    .first()
    .click()
  await planned(page)
  for (const station of ['Cloth', 'Cut', 'Piece', 'Finish', 'Diary', 'Design']) await goTo(page, station)
  const quilt = page.url().replace(/\/design$/, '')
  for (const behind of [
    'draft',
    'wall',
    'batches',
    'joining',
    'cards',
    'chances',
    'quilting',
    'back',
    'binding',
    'last',
  ])
    await test.step(behind, async () => {
      await page.goto(`${quilt}/${behind}`)
      await planned(page)
      await expect(page.locator('#work > *').first()).toBeVisible()
    })
  // what is done without a network is kept like all else
  await page.goto(`${quilt}/diary`)
  await page.getByLabel(/^What happened/).fill('Sewn by lamplight')
  await page.getByRole('button', { name: 'Write it down' }).click()
  await kept(page)
  await page.reload()
  await expect(page.getByTestId('note')).toContainText('Sewn by lamplight')
  // papers come out of the browser itself, the same as the server's
  await page.goto(`${quilt}/piece`)
  await planned(page)
  const papers = await templates(page)
  expect(papers.length).toBeGreaterThan(0)
  await context.setOffline(false)
  expect(papers).toEqual(await templates(page))
  await context.setOffline(true)
  await page.goto('/stash')
  await expect(page.getByRole('heading', { name: 'Stash' })).toBeVisible()
})

test('a newer Wren waits until no other tab is open, and then takes over with all work kept', async ({
  page,
  context,
}) => {
  await layOutDemo(page)
  await applicationKept(page)
  // what a newer one looks like to the browser: another worker for the same pages
  await page.evaluate(() => navigator.serviceWorker.register('/sw.js?newer'))
  const newer = page.getByTestId('newer')
  await expect(newer).toBeVisible()
  const other = await context.newPage()
  await other.goto('/')
  await expect(other.getByTestId('newer')).toBeVisible()
  await newer.click()
  await expect(page.getByText('Close the other tabs first').first()).toBeVisible()
  await other.close()
  await page
    .getByTestId('quilt-tile')
    .getByRole('link', { name: /Left luggage/ })
    .first()
    .click()
  await goTo(page, 'Diary')
  await page.getByLabel(/^What happened/).fill('Just before')
  await page.getByRole('button', { name: 'Write it down' }).click()
  const isReloaded = page.waitForEvent('load')
  await newer.click()
  await isReloaded
  await expect(page.getByTestId('note')).toContainText('Just before')
  await expect(newer).toHaveCount(0)
  await expect(page.getByText('kept on this computer')).toBeVisible()
  const { waiting } = await page.evaluate(async () => {
    const registration = await navigator.serviceWorker.ready
    return { waiting: registration.waiting !== null }
  })
  expect(waiting).toBe(false)
})

test('the browser finds nothing that keeps Wren from being installed', async ({ page }) => {
  await layOutDemo(page)
  await applicationKept(page)
  const devtools = await page.context().newCDPSession(page)
  const { installabilityErrors } = await devtools.send('Page.getInstallabilityErrors')
  expect(installabilityErrors.filter(({ errorId }) => errorId !== 'in-incognito')).toEqual([])
  const { errors, data } = await devtools.send('Page.getAppManifest')
  expect(errors).toEqual([])
  expect(JSON.parse(data!)).toMatchObject({ name: 'Wren', display: 'standalone', start_url: '/' })
})
