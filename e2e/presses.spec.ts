import { expect, test, type Locator, type Page } from '@playwright/test'
import { beginQuilt, kept, openDemo, planned } from './support'

/** No job may take more presses than this, letters and figures that are typed apart. */
const MAX_PRESSES = 40

/** Keys alone, counted. */
class Counted {
  presses = 0
  constructor(readonly page: Page) {}
  async press(key: string) {
    // a finger stays on a key for a moment
    await this.page.keyboard.press(key, { delay: 30 })
    this.presses += 1
  }
  /** Tab, or Shift and Tab where that is the shorter way, until it has the focus. */
  async to(target: Locator, key: 'Tab' | 'Shift+Tab' = 'Tab') {
    await expect(target).toBeVisible()
    for (let i = 0; i < 2 * MAX_PRESSES; i++) {
      if (await target.evaluate(element => element === document.activeElement)) return
      await this.press(key)
    }
    throw new Error(`${target} is too far for Tab`)
  }
  async write(target: Locator, text: string) {
    await this.to(target)
    await this.press('Control+A')
    await this.page.keyboard.type(text)
    await this.press('Enter')
  }
  /** By the list of commands. */
  async command(words: string) {
    await this.press('Control+k')
    await expect(this.page.getByRole('searchbox', { name: 'Find a command' })).toBeFocused()
    await this.page.keyboard.type(words)
    await this.press('Enter')
  }
}

const field = (page: Page, name: string) => page.getByRole('textbox', { name, exact: true })

/** The main jobs: in which quilt, a demo or a new one; what is pressed; what shows that it is done. */
const JOBS: Readonly<Record<string, { from: string | null; run: (hand: Counted, page: Page) => Promise<void> }>> = {
  'new quilt to cutting sheet': {
    from: null,
    async run(hand, page) {
      await hand.to(page.getByRole('button', { name: 'Begin a quilt' }))
      await hand.press('Enter')
      await expect(page.getByRole('dialog')).toBeVisible()
      await hand.to(page.getByRole('button', { name: 'Make this quilt' }), 'Shift+Tab')
      await hand.press('Enter')
      await planned(page)
      await hand.press('g')
      await hand.press('3')
      await expect(page.getByRole('heading', { name: 'Cut', exact: true })).toBeVisible()
    },
  },
  'sashing and borders': {
    from: 'new',
    async run(hand, page) {
      await hand.command('add sashing')
      await planned(page)
      await hand.command('add border')
      await planned(page)
      await hand.command('add another border')
      await expect(page.getByRole('region', { name: 'Border 2' })).toBeVisible()
    },
  },
  'on point with float': {
    from: 'new',
    async run(hand, page) {
      await hand.command('set the blocks on point')
      await planned(page)
      await hand.write(field(page, 'Blocks float: cloth beyond their corners'), '1')
      await planned(page)
      await expect(field(page, 'Blocks float: cloth beyond their corners')).toHaveValue('1')
    },
  },
  'turn pattern': {
    from: 'Sleepers',
    async run(hand, page) {
      await hand.command('barn raising')
      await planned(page)
      await expect(page.getByRole('button', { name: 'Undo: blocks turned' })).toBeVisible()
    },
  },
  'try-out taken': {
    from: 'Sleepers',
    async run(hand, page) {
      await hand.command('try-outs')
      await hand.to(page.getByTestId('try-out').nth(2).getByRole('button').first())
      await hand.press('Enter')
      await planned(page)
      await expect(page.getByRole('button', { name: /^Undo: / })).toBeEnabled()
    },
  },
  'bed fit': {
    from: 'Sleepers',
    async run(hand, page) {
      await hand.command('size to fit a bed')
      await expect(page.getByRole('dialog')).toBeVisible()
      await hand.to(page.getByRole('dialog').getByRole('radio', { checked: true }).first())
      while (!(await page.getByRole('radio', { name: 'A bed' }).isChecked())) await hand.press('ArrowDown')
      await hand.to(page.getByTestId('fit').first().getByRole('button', { name: 'Take it' }))
      await hand.press('Enter')
      await planned(page)
      await expect(page.getByRole('button', { name: /^Undo: size to fit/ })).toBeVisible()
    },
  },
  'batch ticked and undone': {
    from: 'Marl Junction',
    async run(hand, page) {
      await hand.command('sew in batches')
      await hand.to(page.getByRole('link', { name: /Batches, step by step/ }))
      await hand.press('Enter')
      const mode = page.getByTestId('step-mode')
      await expect(mode).toBeVisible()
      await hand.press(' ')
      await hand.press('Escape')
      await expect(page.getByRole('button', { name: /^Undo: / })).toBeEnabled()
      await hand.press('Control+z')
      await expect(page.getByRole('button', { name: /^Redo/ })).toBeEnabled()
      await kept(page)
    },
  },
  'measure entered': {
    from: 'Berth four',
    async run(hand, page) {
      await hand.press('g')
      await hand.press('5')
      const centre = page.locator('[data-stage="setting"]')
      await hand.write(centre.getByRole('textbox').first(), '54 5/8')
      await planned(page)
      await expect(centre.getByRole('textbox').first()).toHaveValue(/^54\s5\/8$/)
    },
  },
  'back pieced': {
    from: 'Berth four',
    async run(hand, page) {
      await hand.command('piece the back')
      await expect(page).toHaveURL(/\/back$/)
      await hand.to(page.getByRole('button', { name: /Piece it/ }).first())
      await hand.press('Enter')
      await planned(page)
      await expect(page.getByTestId('pieced-back').first()).toBeVisible()
    },
  },
  'quilting added': {
    from: 'Berth four',
    async run(hand, page) {
      await hand.command('plan the quilting')
      await hand.to(page.getByTestId('add-ditch'))
      await hand.press('Enter')
      await planned(page)
      await expect(page.getByTestId('gap-text')).toBeVisible()
    },
  },
  'binding changed': {
    from: 'Berth four',
    async run(hand, page) {
      await hand.command('change the binding')
      await hand.write(field(page, 'Strip, as cut'), '2 1/2')
      await planned(page)
      await expect(field(page, 'Strip, as cut')).toHaveValue(/^2\s1\/2$/)
    },
  },
  'print': {
    from: 'Berth four',
    async run(hand, page) {
      await page.evaluate(() => (window.print = () => document.body.setAttribute('data-printed', '')))
      await hand.command('print the cutting sheet')
      await expect(page.locator('body[data-printed]')).toHaveCount(1)
    },
  },
}

test('the main jobs by keys alone: each in at most forty presses besides what is typed', async ({ browser }) => {
  test.setTimeout(300_000)
  const table: [job: string, presses: number][] = []
  for (const [job, { from, run }] of Object.entries(JOBS)) {
    const context = await browser.newContext()
    const page = await context.newPage()
    if (from === null) await page.goto('/')
    else if (from === 'new') await beginQuilt(page, 3, 4)
    else await openDemo(page, from)
    const hand = new Counted(page)
    await test.step(job, () => run(hand, page))
    table.push([job, hand.presses])
    await context.close()
  }
  console.log(table.map(([job, presses]) => `${String(presses).padStart(3)}  ${job}`).join('\n'))
  expect(table.filter(([, presses]) => presses > MAX_PRESSES)).toEqual([])
})
