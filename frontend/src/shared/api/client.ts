import createClient from 'openapi-fetch'
import { shallowRef, type Ref } from 'vue'
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
}

/** True from the moment the server no longer knows who we are until somebody signs in again. */
export const sessionLost = shallowRef(false)

export const api = createClient<paths>({ headers: { 'X-Fresh-Tack': '1' } })

const unreachable: Details = {
  type: 'urn:fresh-tack:unreachable',
  title: 'No answer',
  status: 0,
  detail: 'The shop’s server does not answer. Nothing was sent; what you typed is still here. Try again.',
}

function isDetails(value: unknown): value is Details {
  return typeof value === 'object' && value !== null && 'detail' in value && 'status' in value
}

/** Waits for a call and gives its data, or throws a `Problem`. */
export async function answered<T>(call: Promise<{ data?: T; error?: unknown; response: Response }>): Promise<T> {
  const result = await call.catch(() => {
    throw new Problem(unreachable, 'unreachable')
  })
  if (result.response.ok) {
    return result.data as T
  }
  const details = isDetails(result.error) ? result.error : { ...unreachable, status: result.response.status }
  const key = details.type.replace('urn:fresh-tack:', '')
  if (key === 'login.needed') {
    sessionLost.value = true
  }
  throw new Problem(details, key)
}

export function asProblem(error: unknown): Problem | null {
  return error instanceof Problem ? error : null
}

/** What is wrong at a field of the form that was sent, by its JSON pointer. */
export function fieldsOf(error: Ref<unknown>): (pointer: string) => string | undefined {
  return (pointer) => asProblem(error.value)?.fields.get(pointer)
}
