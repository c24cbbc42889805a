// The page on which a picture is drawn, with 200 × 200 squares: script and layout of a move, from frame to frame.

const SIDE = 200

/** Every square by chance, in twelve letters. */
function file() {
  let seed = 11
  const letter = () => {
    seed = (seed * 1103515245 + 12345) % 2147483648
    return 'ABCDEFGHJKLM'[Math.floor(seed / 65536) % 12]
  }
  const letters = [...'ABCDEFGHJKLM']
  return {
    format: 'wren-quilt',
    version: 1,
    name: 'Many squares',
    cloths: letters.map((id, i) => ({ id, colour: `#${(1118481 * (i + 1)).toString(16).slice(0, 6)}` })),
    designs: [
      {
        id: 'p',
        width: SIDE,
        height: SIDE,
        squares: Array.from({ length: SIDE }, () => Array.from({ length: SIDE }, letter).join('')),
      },
    ],
    blocks: [{ id: 'p', design: 'p', size: 100, cloths: Object.fromEntries(letters.map(id => [id, id])) }],
    setting: { across: 1, down: 1 },
  }
}

const middle = (list, share) => [...list].sort((a, b) => a - b)[Math.floor(list.length * share)]

/** Milliseconds: of a square drawn, its work; of the picture moved in its window, its work and from frame to frame. */
export async function pictureDrawn(page, address) {
  await page.goto(address)
  await page.getByTestId('file-picker').setInputFiles({
    name: 'many.wren.json',
    mimeType: 'application/json',
    buffer: Buffer.from(JSON.stringify(file())),
  })
  await page.waitForSelector('footer.bar[aria-busy="false"]')
  await page.goto(page.url().replace(/[a-z]+$/, 'picture?block=p'))
  await page.waitForSelector('footer.bar[aria-busy="false"]')
  const board = page.getByTestId('board')
  await board.locator('canvas').waitFor()
  const session = await page.context().newCDPSession(page)
  await session.send('Performance.enable')
  const spent = async () => {
    const { metrics } = await session.send('Performance.getMetrics')
    const value = name => metrics.find(metric => metric.name === name).value
    return (value('ScriptDuration') + value('LayoutDuration') + value('RecalcStyleDuration')) * 1000
  }
  const frames = () =>
    page.evaluate(() => new Promise(done => requestAnimationFrame(() => requestAnimationFrame(done))))
  const workOf = async (times, act) => {
    const work = []
    for (let i = 0; i < times; i++) {
      const before = await spent()
      await act(i)
      await frames()
      work.push((await spent()) - before)
    }
    return middle(work, 0.5)
  }
  const box = await board.boundingBox()
  await page.mouse.move(box.x + 20, box.y + 20)
  await page.mouse.down()
  const draw = await workOf(60, i => page.mouse.move(box.x + 20 + 5 * i, box.y + 20 + 4 * i))
  await page.mouse.up()
  const move = await workOf(60, i => board.evaluate((frame, at) => frame.scrollTo(at, at), 4 * i))
  // one scroll a frame: how far apart the frames come
  const apart = await board.evaluate(async frame => {
    const times = []
    for (let i = 0; i < 120; i++) {
      frame.scrollTo(3 * i, 2 * i)
      times.push(await new Promise(done => requestAnimationFrame(done)))
    }
    return times.slice(1).map((time, i) => time - times[i])
  })
  return { draw, move, frame: middle(apart, 0.5), slow: middle(apart, 0.95) }
}
