import { createHash } from 'node:crypto'
import { isKnownPage } from '../utils/knownPage'

/**
 * What the application needs and nothing more: its own files, no script written into a page but those whose digest is
 * named.
 */
const policy = (scripts: readonly string[]) =>
  [
    "default-src 'self'",
    `script-src 'self'${scripts.map(digest => ` 'sha256-${digest}'`).join('')}`,
    // cloth and drawings are styled in place
    "style-src 'self' 'unsafe-inline'",
    "img-src 'self' data: blob:",
    "font-src 'self' data:",
    "connect-src 'self'",
    "worker-src 'self' blob:",
    "object-src 'none'",
    "base-uri 'none'",
    "form-action 'self'",
    "frame-ancestors 'none'",
  ].join('; ')

const HEADERS = {
  'x-content-type-options': 'nosniff',
  'referrer-policy': 'no-referrer',
  'x-frame-options': 'DENY',
  'cross-origin-opener-policy': 'same-origin',
  'permissions-policy': 'camera=(), microphone=(), geolocation=(), payment=(), usb=(), screen-wake-lock=(self)',
}

/** Headers on every answer, and a server that listens to this computer alone unless it is told otherwise. */
export default defineNitroPlugin(nitro => {
  // read by the entry after the plugins have run
  process.env.HOST ||= '127.0.0.1'
  nitro.hooks.hook('request', event => {
    setHeaders(event, HEADERS)
    // what is named by its contents says otherwise of itself
    setHeader(event, 'cache-control', 'no-cache')
    // the development server writes scripts of its own into pages
    if (!import.meta.dev) setHeader(event, 'content-security-policy', policy([]))
  })
  nitro.hooks.hook('render:response', (response, { event }) => {
    delete response.headers?.['x-powered-by']
    // the application says that there is no such page; the answer says so too
    const [path] = event.path.split('?')
    if (!path!.startsWith('/__nuxt_error') && !isKnownPage(path!)) response.statusCode = 404
    if (import.meta.dev || typeof response.body !== 'string') return
    setHeader(event, 'content-security-policy', policy(inlineScripts(response.body).map(digestOf)))
  })
  nitro.hooks.hook('beforeResponse', event => removeResponseHeader(event, 'x-powered-by'))
})

/** The texts of scripts that stand in a page; blocks of data are no scripts. */
function inlineScripts(html: string): string[] {
  return [...html.matchAll(/<script\b([^>]*)>([^<]*(?:<(?!\/script)[^<]*)*)<\/script>/g)]
    .filter(
      ([, attributes, text]) =>
        text !== '' && !/\bsrc=/.test(attributes!) && !/type="application\/json"/.test(attributes!),
    )
    .map(([, , text]) => text!)
}

function digestOf(text: string): string {
  return createHash('sha256').update(text).digest('base64')
}
