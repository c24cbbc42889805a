import bold from '@fontsource/commissioner/files/commissioner-latin-700-normal.woff?url'
import regular from '@fontsource/commissioner/files/commissioner-latin-400-normal.woff?url'
import { makePapers } from '~~/papers/makePapers'

const font = async (address: string) => new Uint8Array(await (await fetch(address)).arrayBuffer())

addEventListener('message', async ({ data: body }: MessageEvent<string>) => {
  const fonts = { regular: await font(regular), bold: await font(bold) }
  postMessage(await makePapers({ body, fonts }))
})
