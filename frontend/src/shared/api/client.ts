import createClient from 'openapi-fetch'
import { shallowRef, type Ref } from 'vue'
import { session, sessionLost, signedInAs } from '../signedIn'
import { onePress } from './press'
import type { components, paths } from './schema'

type Details = components['schemas']['Problem']

/** What the server refused, in its own words, and at which field (a JSON pointer). */
export class Problem extends Error {
  readonly status: number
  readonly fields: ReadonlyMap<string, string>

  constructor(
    readonly details: Details,
    readonly key: string,
  ) {
    super(details.detail)
    this.status = details.status
    this.fields = new Map((details.errors ?? []).map((error) => [error.pointer, error.detail]))
  }

  is(code: string): boolean {
    return this.details.type === `urn:fresh-tack:${code}`
  }
}

/** What the screen itself has to say: why it does not do what was asked, and what to do instead. */
export class Told extends Error {}

export const api = createClient<paths>({ headers: { 'X-Fresh-Tack': '1' } })
api.use(onePress)

/** For which account a page speaks: the session may be somebody else's by now. */
export const ACCOUNT = 'X-Fresh-Tack-Account'
const forNobody = new Set(['/api/sign-in', '/api/session'])
const asked = new WeakMap<Request, number>()
const outlived = new WeakSet<Response>()
api.use({
  onRequest({ request, schemaPath }) {
    asked.set(request, session())
    const by = signedInAs.value
    if (by !== null && request.method !== 'GET' && !request.headers.has(ACCOUNT) && !forNobody.has(schemaPath)) {
      request.headers.set(ACCOUNT, by)
    }
    return request
  },
  onResponse({ request, response }) {
    if (asked.get(request) !== session()) {
      outlived.add(response)
    }
  },
})

/** How far the clock of this device is behind the shop's, in milliseconds. */
let behindMs = 0
api.use({
  onResponse({ response }) {
    const told = Date.parse(response.headers.get('X-Shop-Time') ?? '')
    behindMs = Number.isNaN(told) ? behindMs : told - Date.now()
  },
})

/** What time it is in the shop, in milliseconds since 1970. */
export function shopTime(): number {
  return Date.now() + behindMs
}

/** Since when the server has not answered, or not been ready; null while it is there. */
export const awaySince = shallowRef<Date | null>(null)

/** Nothing is wrong with what was asked: the server, or what it stands on, is not there just now. */
export function isAway(error: unknown): boolean {
  const problem = asProblem(error)
  return problem !== null && (problem.status === 0 || problem.status === 503 || problem.status === 504)
}

/** The server is there, and only what was asked can't be done just now: the disk is full, a backup is put back. */
const there = new Set(['away.closed', 'away.disk', 'away.session'])

const unreachable: Details = {
  type: 'urn:fresh-tack:unreachable',
  title: 'No answer',
  status: 0,
  detail: 'The shop’s server does not answer. Nothing was sent; what you typed is still here. Try again.',
}

const lost: Record<string, 'ended' | 'other'> = { 'login.needed': 'ended', 'login.other': 'other' }

function isDetails(value: unknown): value is Details {
  return typeof value === 'object' && value !== null && 'detail' in value && 'status' in value
}

/** Waits for a call and gives its data, or throws a `Problem`. */
export async function answered<T>(call: Promise<{ data?: T; error?: unknown; response: Response }>): Promise<T> {
  const result = await call.catch((error: unknown) => {
    // an answer that nobody waits for any more says nothing of the server
    if (!(error instanceof DOMException && error.name === 'AbortError')) {
      awaySince.value ??= new Date()
    }
    throw new Problem(unreachable, 'unreachable')
  })
  if (result.response.ok) {
    awaySince.value = null
    return result.data as T
  }
  const details = isDetails(result.error) ? result.error : { ...unreachable, status: result.response.status }
  const key = details.type.replace('urn:fresh-tack:', '')
  if (lost[key] !== undefined && !outlived.has(result.response)) {
    sessionLost.value = lost[key]
  }
  const problem = new Problem(details, key)
  awaySince.value = !isAway(problem) || there.has(key) ? null : (awaySince.value ?? new Date())
  throw problem
}

export interface Known<T> {
  data: T
  tag: string
}

/** As `answered`, for what is asked again and again: what is known stays if the server says that nothing is new. */
export async function answeredAnew<T>(
  known: Known<T> | null,
  ask: (headers: Record<string, string>) => Promise<{ data?: T; error?: unknown; response: Response }>,
): Promise<Known<T>> {
  const call = ask(known === null ? {} : { 'If-None-Match': known.tag })
  const response = (await call.catch(() => null))?.response
  if (response?.status === 304 && known !== null) {
    awaySince.value = null
    return known
  }
  return { data: await answered(call), tag: response?.headers.get('ETag') ?? '' }
}

export function asProblem(error: unknown): Problem | null {
  return error instanceof Problem ? error : null
}

/** What is wrong at a field of the form that was sent, by its JSON pointer. */
export function fieldsOf(error: Ref<unknown>): (pointer: string) => string | undefined {
  return (pointer) => asProblem(error.value)?.fields.get(pointer)
}
