import { expect, test } from '@playwright/test'
import { planned } from './support'

const STARS = {
  format: 'wren-quilt',
  version: 1,
  name: 'Stars set in',
  cloths: [
    { id: 'soot', name: 'Soot', colour: '#26282b' },
    { id: 'cream', name: 'Cream', colour: '#efe6d2' },
  ],
  blocks: [
    {
      id: 'star',
      name: 'Star',
      design: 'lemoyne-star',
      size: 12,
      cloths: { first: 'soot', second: 'cream', ground: 'cream' },
    },
  ],
  setting: { across: 1, down: 1 },
}

test('a patch is set in stage by stage with the pedal keys, and the place is kept', async ({ page }) => {
  await page.goto('/')
  await page.getByTestId('file-picker').setInputFiles({
    name: 'stars.wren.json',
    mimeType: 'application/json',
    buffer: Buffer.from(JSON.stringify(STARS)),
  })
  await planned(page)
  await page.goto(page.url().replace(/\/[a-z]+$/, '/piece?steps'))
  const mode = page.getByTestId('step-mode')
  await expect(mode).toBeVisible()
  const text = page.getByTestId('step-text')
  for (let i = 0; i < 80 && !(await text.innerText()).startsWith('Set in'); i++) await page.keyboard.press('PageDown')
  await expect(mode.getByRole('button', { name: 'Stage by stage (4)' })).toBeVisible()
  await page.keyboard.press('PageDown')
  await expect(text).toContainText('mark the dot of this seam')
  await page.keyboard.press('Space')
  await expect(text).toContainText('on top of the')
  await page.keyboard.press('Space')
  await expect(text).toContainText('Needle down in the dot')
  await page.keyboard.press('PageUp')
  await expect(text).toContainText('Push a pin through both dots')
  await page.keyboard.press('Space')
  await page.keyboard.press('Space')
  await expect(text).toContainText('Press every leg towards')
  // the last stage done, the join is ticked and the next one begins
  await expect(mode.getByRole('button', { name: 'Done', exact: true })).toBeVisible()
  const place = await mode.locator('p.note.text-xl').innerText()
  await page.keyboard.press('Space')
  await expect(mode.locator('p.note.text-xl')).not.toHaveText(place)
  await expect(mode).toContainText('1 done')
  await expect(text).toContainText('Set in')
  await page.keyboard.press('Escape')
  // the same stages are told in the recipe
  await expect(page.getByTestId('stages').first().locator('summary')).toHaveText(/^Stage by stage \(\d\)$/)
  await page.goto(page.url().replace(/\/piece.*$/, '/piece?steps'))
  await expect(text).toContainText('Set in')
})
