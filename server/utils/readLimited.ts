import type { H3Event } from 'h3'

/** What comes beyond the most that is taken is thrown away, so that the answer is heard: so much, for so long. */
const MAX_DRAINED = 64_000_000
const MAX_DRAINING_MS = 5000

/**
 * The body of a request as text, read as it comes: refused when it is larger than `mostBytes`, whether that was
 * announced or not; cut off when it is not all there after `mostMs`.
 */
export function readLimited(event: H3Event, mostBytes: number, mostMs: number): Promise<string> {
  const { req } = event.node
  return new Promise((resolve, reject) => {
    const chunks: Buffer[] = []
    let bytes = 0
    let isRefused = Number(req.headers['content-length'] ?? 0) > mostBytes
    const stop = (statusCode: number, message: string) => {
      clearTimeout(timer)
      req.removeAllListeners('data')
      // nothing more is taken in; the connection ends with the answer
      req.pause()
      setHeader(event, 'connection', 'close')
      reject(createError({ statusCode, message }))
    }
    const refuse = () => stop(413, 'Too large for a quilt')
    const late = () => (isRefused ? refuse() : stop(408, 'The request took too long to arrive'))
    let timer = setTimeout(late, isRefused ? MAX_DRAINING_MS : mostMs)
    req.on('data', (chunk: Buffer) => {
      bytes += chunk.length
      if (!isRefused && bytes > mostBytes) {
        isRefused = true
        chunks.length = 0
        clearTimeout(timer)
        timer = setTimeout(late, MAX_DRAINING_MS)
      }
      if (!isRefused) chunks.push(chunk)
      else if (bytes > MAX_DRAINED) refuse()
    })
    req.on('end', () => {
      clearTimeout(timer)
      if (isRefused) refuse()
      else resolve(Buffer.concat(chunks).toString('utf8'))
    })
    req.on('error', () => stop(400, 'The request broke off'))
  })
}
