import type { H3Event } from 'h3'

/**
 * The body of a request as text, read as it comes: refused as soon as it is larger than `mostBytes`, cut off when it
 * is not all there after `mostMs`.
 */
export function readLimited(event: H3Event, mostBytes: number, mostMs: number): Promise<string> {
  const { req } = event.node
  return new Promise((resolve, reject) => {
    const chunks: Buffer[] = []
    let bytes = 0
    const stop = (statusCode: number, message: string) => {
      clearTimeout(timer)
      req.removeAllListeners('data')
      // nothing more is taken in; the connection ends with the answer
      req.pause()
      setHeader(event, 'connection', 'close')
      reject(createError({ statusCode, message }))
    }
    const timer = setTimeout(() => stop(408, 'The request took too long to arrive'), mostMs)
    req.on('data', (chunk: Buffer) => {
      bytes += chunk.length
      if (bytes > mostBytes) stop(413, 'Too large for a quilt')
      else chunks.push(chunk)
    })
    req.on('end', () => {
      clearTimeout(timer)
      resolve(Buffer.concat(chunks).toString('utf8'))
    })
    req.on('error', () => stop(400, 'The request broke off'))
  })
}
