import { expect, test, type Page } from '@playwright/test'
import { openDemo, visit } from './support'

const PAGES = [
  ...[
    'design',
    'cloth',
    'cut',
    'piece',
    'finish',
    'batches',
    'quilting',
    'binding',
    'back',
    'last',
    'cards',
    'joining',
  ],
  ...['as-you-go', 'chances', 'draft', 'picture', 'chart', 'wall'],
]

async function inCentimetres(page: Page) {
  await page.getByRole('button', { name: 'Units, words, hand and light' }).click()
  await page.getByRole('button', { name: 'cm', exact: true }).click()
  await page.getByRole('button', { name: 'UK: wadding' }).click()
  await page.keyboard.press('Escape')
}

/** Inches, and words that only the US has, in what is read on a page, on its sheet, and by a screen reader. */
const strangers = (page: Page) =>
  page.evaluate(() => {
    const strange =
      /″|\binch|\b(batting|bast(e|ed|ing)|selvages?|colors?|cent(er|ers|ered)|fibers?|meters?|neighbors?|gray)\b/i
    const texts: string[] = []
    const walker = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT)
    while (walker.nextNode())
      if (!walker.currentNode.parentElement!.closest('script, style')) texts.push(walker.currentNode.textContent!)
    for (const element of document.querySelectorAll('[aria-label], [title], [placeholder]'))
      for (const name of ['aria-label', 'title', 'placeholder']) texts.push(element.getAttribute(name) ?? '')
    return texts.filter(text => strange.test(text)).map(text => text.trim().slice(0, 120))
  })

test('in centimetres and UK English no page and no sheet has an inch or a word of the other', async ({ page }) => {
  test.setTimeout(120_000)
  const quilt = await openDemo(page, 'Berth four')
  await inCentimetres(page)
  for (const name of PAGES) {
    await visit(page, `${quilt}/${name}`)
    await expect(page.getByText('Laying it out …')).toHaveCount(0)
    expect(await strangers(page), name).toEqual([])
  }
})

test('a bare fraction is asked about in centimetres; a third that was typed stays one in inches', async ({ page }) => {
  await openDemo(page, 'Berth four', 'finish')
  const field = page.getByTestId('batting').getByRole('textbox', { name: 'Beyond the top on each side' })
  await field.fill('4 1/3')
  await field.press('Enter')
  await field.blur()
  await expect(field).toHaveValue(/^4\s1\/3$/)
  await inCentimetres(page)
  await field.fill('3 1/2')
  await field.press('Enter')
  await expect(page.getByRole('alert')).toContainText('Inches or centimetres?')
  await page.getByRole('button', { name: '3 1/2″, 8.89 cm' }).click()
  await expect(field).toHaveValue('8.89')
  await field.fill('3 1/2')
  await page.getByRole('button', { name: '3.5 cm', exact: true }).click()
  await expect(field).toHaveValue('3.5')
})
