// npm run shots: one current picture of each main view, from the demo quilts, into docs/screenshots/.
import { mkdirSync, rmSync } from 'node:fs'
import { chromium } from '@playwright/test'
import { buildIfStale, chromiumPath, freePort, installChromium, installPackages, ROOT, startServer } from './system.mjs'

const FOLDER = `${ROOT}docs/screenshots`
const DESK = { width: 1280, height: 800 }
const TABLET = { width: 820, height: 1180 }

if (!installPackages() || !installChromium() || !buildIfStale()) process.exit(1)
rmSync(FOLDER, { recursive: true, force: true })
mkdirSync(FOLDER, { recursive: true })
const { server, address } = await startServer(await freePort(4173), { NUXT_PUBLIC_DEMO: '1' })
const browser = await chromium.launch({
  executablePath: chromiumPath(),
  args: ['--no-sandbox', '--disable-gpu', '--disable-background-networking', '--no-first-run'],
})
const page = await browser.newPage({ viewport: DESK, locale: 'en-US' })

async function shoot(name) {
  await page.evaluate(() => document.fonts.ready)
  await page.waitForTimeout(500)
  await page.screenshot({ path: `${FOLDER}/${name}.png` })
  console.log(`docs/screenshots/${name}.png`)
}
const settled = () => page.waitForSelector('footer.bar[aria-busy="false"]')

try {
  await page.goto(address)
  await page.waitForSelector('[data-testid=quilt-tile]')
  await shoot('shelf')
  await page.getByRole('link').filter({ hasText: 'Berth four' }).click()
  await settled()
  const quilt = page.url().replace(/\/design$/, '')
  const at = async station => {
    await page.goto(`${quilt}/${station}`)
    await settled()
  }
  await page.getByTestId('tape-width').press('ArrowRight')
  await shoot('design')
  await page.goto(`${quilt}/draft`)
  await page.getByTestId('draft-board').focus()
  for (const key of ['ArrowRight', 'ArrowRight', 'Enter', 'ArrowDown', 'ArrowRight']) await page.keyboard.press(key)
  await shoot('draft')
  await at('design')
  await page.locator('.bench [data-path="quilt.width"]').click()
  await shoot('sum')
  for (const station of ['cloth', 'cut', 'piece', 'finish', 'diary']) {
    await at(station)
    await shoot(station)
  }
  await at('piece')
  await page.locator('[data-unit="goose"]').getByTestId('ways').locator('summary').click()
  await page.locator('[data-unit="goose"]').scrollIntoViewIfNeeded()
  await page.evaluate(() => document.querySelector('[data-unit="goose"]').scrollIntoView({ block: 'start' }))
  await shoot('ways')
  await at('cut?steps')
  await shoot('at-the-mat')
  await at('batches')
  await page.getByTestId('visit').nth(9).getByRole('button').first().click()
  await page
    .getByTestId('visit')
    .nth(9)
    .evaluate(visit => visit.scrollIntoView({ block: 'center' }))
  await shoot('batches')
  await at('quilting')
  for (const kind of ['ditch', 'motif']) {
    await page.getByTestId(`add-${kind}`).click()
    await settled()
  }
  await page.locator('#work').evaluate(work => work.scrollTo(0, 0))
  await shoot('quilting')
  await page.goto(address)
  await page.getByRole('link').filter({ hasText: 'Lost property' }).click()
  await settled()
  await page.getByRole('link', { name: 'Wall', exact: true }).click()
  await settled()
  await page.getByRole('button', { name: /^Marks/ }).click()
  await page.getByTestId('mark').first().waitFor()
  await shoot('wall')
  await page.goto(address)
  await page.getByRole('link').filter({ hasText: 'Signal lamp' }).click()
  await settled()
  const lamp = page.url().replace(/\/design$/, '')
  await page.getByRole('application').click()
  await page.getByRole('link', { name: 'Redraw it' }).click()
  await page.getByRole('button', { name: /^H\s/ }).click()
  await page.getByRole('checkbox', { name: 'Part of the subject' }).click()
  await shoot('picture')
  await page.goto(`${lamp}/chart`)
  await settled()
  await page.getByRole('button', { name: /^Row 17:/ }).click()
  await page.evaluate(() => document.querySelector('[aria-label="Row list"]').scrollIntoView({ block: 'start' }))
  await shoot('chart')
  await page.goto(address)
  await page.getByRole('link').filter({ hasText: 'Marl Junction' }).click()
  await settled()
  await page.setViewportSize(TABLET)
  await page.getByRole('button', { name: 'Setting', exact: true }).click()
  await shoot('tablet')
  await page.setViewportSize(DESK)
  await page.evaluate(() => localStorage.setItem('nuxt-color-mode', 'dark'))
  await at('chances')
  await page.getByRole('button', { name: /^Sew it/ }).click()
  await page.getByRole('button', { name: 'Once more' }).waitFor()
  await shoot('evening')
  await page.evaluate(() => localStorage.setItem('nuxt-color-mode', 'light'))
  await at('cut')
  await page.emulateMedia({ media: 'print' })
  await page.setViewportSize({ width: 794, height: 1123 })
  await shoot('cutting-sheet-on-paper')
} finally {
  await browser.close()
  server.kill()
}
