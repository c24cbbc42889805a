import type { H3Event } from 'h3'

/** The ways in which each address may be asked. */
const METHODS: Readonly<Record<string, string>> = {
  '/api/papers': 'POST',
  '/api/shop': 'GET',
  '/api/shop/orders': 'POST',
}

/** Whatever no other route of the interface for programs answers. */
export default defineEventHandler((event: H3Event) => {
  const allowed = METHODS[event.path.split('?')[0]!]
  if (allowed === undefined) throw createError({ statusCode: 404, message: 'There is nothing at this address' })
  setHeader(event, 'allow', allowed)
  throw createError({ statusCode: 405, message: `This address takes ${allowed} alone` })
})
