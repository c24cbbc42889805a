import type { H3Event } from 'h3'
import { papersInThread } from '../utils/papersThread'
import { readLimited } from '../utils/readLimited'

const MAX_BYTES = 8_000_000
const MAX_MS = 10_000

async function font(weight: number): Promise<Uint8Array> {
  return (await useStorage('assets:fonts').getItemRaw(`commissioner-latin-${weight}-normal.woff`)) as Uint8Array
}

/** Templates or foundation papers of one block of a quilt, as a PDF at true size. */
export default defineEventHandler(async (event: H3Event) => {
  const body = await readLimited(event, MAX_BYTES, MAX_MS)
  // a client that has left frees its place
  const left = new AbortController()
  event.node.res.once('close', () => left.abort())
  const answer = await papersInThread({ body, fonts: { regular: await font(400), bold: await font(700) } }, left.signal)
  if (!answer.ok) {
    if (answer.tryAgainS) setHeader(event, 'retry-after', answer.tryAgainS)
    throw createError({ statusCode: answer.status, message: answer.message })
  }
  setHeader(event, 'content-type', 'application/pdf')
  setHeader(event, 'cache-control', 'no-store')
  return Buffer.from(answer.pdf)
})
