import type { H3Event } from 'h3'

/** Pages and files are read and nothing else; the interface for programs answers for itself. */
export default defineEventHandler((event: H3Event) => {
  if (event.method === 'GET' || event.method === 'HEAD' || event.path.startsWith('/api/')) return
  setHeader(event, 'allow', 'GET, HEAD')
  throw createError({ statusCode: 405, message: 'This address can only be read' })
})
