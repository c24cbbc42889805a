import { readFileSync } from 'node:fs'
import { inflateSync } from 'node:zlib'
import { expect, test, type Page } from '@playwright/test'
import { openDemo } from './support'

/** Straight lines of each page's drawing, in millimetres from its lower left. */
function linesOf(pdf: Buffer): [number, number, number, number][][] {
  const pages: [number, number, number, number][][] = []
  const text = pdf.toString('latin1')
  for (const match of text.matchAll(/stream\r?\n/g)) {
    const start = match.index + match[0].length
    const end = text.indexOf('endstream', start)
    let content: string
    try {
      content = inflateSync(pdf.subarray(start, end)).toString('latin1')
    } catch {
      continue
    }
    if (!/ m\n/.test(content)) continue
    const lines: [number, number, number, number][] = []
    let at: [number, number] = [0, 0]
    let first: [number, number] = [0, 0]
    for (const row of content.split('\n')) {
      const to = /^(-?[\d.]+) (-?[\d.]+) ([ml])$/.exec(row)
      const point: [number, number] = to ? [(Number(to[1]) / 72) * 25.4, (Number(to[2]) / 72) * 25.4] : first
      if (to?.[3] === 'm') at = first = point
      else if (to?.[3] === 'l' || row === 'h') {
        lines.push([...at, ...point])
        at = point
      }
    }
    pages.push(lines)
  }
  return pages
}

const lengths = (lines: readonly (readonly [number, number, number, number])[]) =>
  lines.map(([a, b, c, d]) => Math.hypot(c - a, d - b))

async function fetchPdf(
  page: Page,
  what: 'templates' | 'papers' | 'motifs',
  file: unknown,
  block: string,
): Promise<Buffer> {
  const answer = await page.request.post('/api/papers', { data: { file, block, what, page: 'a4' } })
  expect(answer.headers()['content-type']).toContain('application/pdf')
  return answer.body()
}

const quilt = (size: string) => ({
  format: 'wren-quilt',
  version: 1,
  name: 'Papers',
  cloths: [
    { id: 'a', letter: 'A' },
    { id: 'b', letter: 'B' },
  ],
  blocks: [{ id: 'star', name: `Star of ${size}″`, design: 'sawtooth-star', size, cloths: { star: 'a', ground: 'b' } }],
  setting: { across: 1, down: 1 },
})

test('printed pages are true to a tenth of a millimetre, and their words can be read back', async ({ page }) => {
  await page.goto('/')
  const pdf = await fetchPdf(page, 'templates', quilt('7 7/8'), 'star')
  const pages = linesOf(pdf)
  for (const lines of pages) {
    // the test square of an inch, on every page
    expect(lengths(lines).filter(length => Math.abs(length - 25.4) < 0.1).length).toBeGreaterThanOrEqual(4)
  }
  // the star's centre finishes at half the block, 3 15⁄16″, and is cut half an inch larger
  const all = lengths(pages.flat())
  expect(all.filter(length => Math.abs(length - 3.9375 * 25.4) < 0.1).length).toBeGreaterThanOrEqual(4)
  expect(all.filter(length => Math.abs(length - 4.4375 * 25.4) < 0.1).length).toBeGreaterThanOrEqual(4)
  const { getDocument } = await import('pdfjs-dist/legacy/build/pdf.mjs')
  const document = await getDocument({ data: new Uint8Array(pdf), useSystemFonts: false }).promise
  const words: string[] = []
  for (let n = 1; n <= document.numPages; n++)
    for (const item of (await (await document.getPage(n)).getTextContent()).items)
      if ('str' in item) words.push(item.str)
  const text = words.join('').replace(/\s+/g, '')
  expect(text).toContain('7⁄8″')
  expect(text).toContain('Thissquaremustmeasure1″')
})

test('papers: the block mirrored, at true size, on A4', async ({ page }) => {
  await page.goto('/')
  const pages = linesOf(await fetchPdf(page, 'papers', quilt('8'), 'star'))
  const all = lengths(pages.flat())
  // slanted seams of the star points: 2″ by 2″
  expect(all.filter(length => Math.abs(length - 2 * Math.SQRT2 * 25.4) < 0.1).length).toBeGreaterThanOrEqual(8)
})

test('what cannot be printed is refused in words, not with a fault', async ({ page }) => {
  await page.goto('/')
  const ask = async (data: unknown) => (await page.request.post('/api/papers', { data })).status()
  expect(await ask({ file: {}, block: 'x', what: 'templates', page: 'a4' })).toBe(422)
  expect(await ask({ file: quilt('8'), block: 'none', what: 'templates', page: 'a4' })).toBe(404)
  expect(
    await ask({
      file: {
        ...quilt('8'),
        blocks: [{ id: 'star', design: 'spool', size: 8, cloths: { thread: 'a', spool: 'a', ground: 'b' } }],
      },
      block: 'star',
      what: 'papers',
      page: 'a4',
    }),
  ).toBe(404)
  expect(await ask('nonsense')).toBe(422)
})

test('the page downloads what was asked', async ({ page }) => {
  await openDemo(page, 'Berth four', 'piece')
  const [file] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Templates (PDF)' }).click(),
  ])
  expect(file.suggestedFilename()).toBe('star-templates.pdf')
  expect(
    readFileSync(await file.path())
      .subarray(0, 5)
      .toString(),
  ).toBe('%PDF-')
})

test('a printed motif is as large as it is quilted, to a tenth of a millimetre, over two pages', async ({ page }) => {
  await page.goto('/')
  const motif = (size: number) => ({
    ...quilt('16'),
    quilting: [{ kind: 'motif', motif: 'M0 0L10 0L10 5L0 5Z', size, where: 'blocks' }],
  })
  const [six] = linesOf(await fetchPdf(page, 'motifs', motif(6), ''))
  const straight = lengths(six!)
  for (const side of [6, 3])
    expect(straight.filter(length => Math.abs(length - side * 25.4) < 0.1).length, `${side}″`).toBe(2)
  // 12″ are wider than a page: the parts share what lies between their crosses
  const tiles = linesOf(await fetchPdf(page, 'motifs', motif(12), ''))
  expect(tiles.length).toBe(2)
  const level = tiles.map(lines => {
    const found = lines.filter(([x, y, u, v]) => Math.abs(y - v) < 1e-6 && Math.abs(u - x) > 30)
    return Math.max(...lengths(found))
  })
  expect(Math.abs(level[0]! + level[1]! - 0.4 * 25.4 - 12 * 25.4)).toBeLessThan(0.1)
})
