import type { Middleware } from 'openapi-fetch'

/*
 * One press of a button is carried out once. Its key is kept until the server has answered, across a reload: whoever
 * presses again because no answer came sends the same key, and gets the answer to the first press.
 */
const HEADER = 'Idempotency-Key'
const KEPT = 'press.'

/** What computes and changes nothing, and what has numbers of its own. */
const without = new Set([
  '/api/sign-in',
  '/api/session/hands',
  '/api/session/pin',
  '/api/session/password',
  '/api/first-run',
  '/api/logo',
  '/api/password-link',
  '/api/forgotten-password',
  '/api/people/{username}/link',
  '/api/identifications',
  '/api/quotes',
  '/api/tools/crowfoot',
  '/api/policy/schools/effects',
  '/api/orders/{number}/preview',
  '/api/orders/{number}/timeline',
  '/api/orders/{number}/offers',
  '/api/orders/{number}/entries',
])

/** Two FNV-1a sums with different beginnings: what is asked for, short enough for a name. */
function sum(text: string, start: number): string {
  let hash = start
  for (let at = 0; at < text.length; at += 1) {
    hash = Math.imul(hash ^ text.charCodeAt(at), 0x01000193)
  }
  return (hash >>> 0).toString(16).padStart(8, '0')
}

/** The key of a press that has had no answer yet, or a new one. */
function keyFor(name: string): string {
  const kept = sessionStorage.getItem(name)
  if (kept !== null) {
    return kept
  }
  const key = [...crypto.getRandomValues(new Uint8Array(16))].map((byte) => byte.toString(16).padStart(2, '0')).join('')
  sessionStorage.setItem(name, key)
  return key
}

const names = new WeakMap<Request, string>()

export const onePress: Middleware = {
  async onRequest({ request, schemaPath }) {
    // a press that is kept elsewhere brings its own key
    if (request.headers.has(HEADER)) {
      return undefined
    }
    if ((request.method !== 'POST' && request.method !== 'PUT') || without.has(schemaPath)) {
      return undefined
    }
    const asked = `${request.method} ${request.url} ${await request.clone().text()}`
    const name = `${KEPT}${sum(asked, 0x811c9dc5)}${sum(asked, 0x01234567)}`
    request.headers.set(HEADER, keyFor(name))
    names.set(request, name)
    return request
  },
  onResponse({ request, response }) {
    const name = names.get(request)
    if (name !== undefined && response.status < 500) {
      sessionStorage.removeItem(name)
    }
    return undefined
  },
}
