import { beforeEach, describe, expect, it } from 'vitest'
import { answered, api, asProblem } from '@/shared/api/client'
import { asPressed, forgetPressed, isAnswer } from '@/features/bench/presses'
import type { NewEntry } from '@/shared/api/types'

/** What the server was sent, and what it answers: a status, or nothing at all. */
const sent: (string | null)[] = []
let answer: number | null = 201

function server(request: Request): Promise<Response> {
  sent.push(request.headers.get('Idempotency-Key'))
  return answer === null
    ? Promise.reject(new TypeError('Failed to fetch'))
    : Promise.resolve(new Response('{}', { status: answer, headers: { 'Content-Type': 'application/json' } }))
}
const shop = { baseUrl: 'http://shop.test', fetch: server }

beforeEach(() => {
  sessionStorage.clear()
  sent.length = 0
})

const customer = { name: 'Anna', email: null, phone: null }
async function press(body = customer): Promise<void> {
  await answered(api.POST('/api/customers', { ...shop, body })).catch(() => null)
}

describe('one press', () => {
  it('keeps its key until it is answered, and the next press has another', async () => {
    answer = null
    await press()
    await press()
    answer = 503
    await press()
    answer = 201
    await press()
    await press()
    expect(new Set(sent.slice(0, 4)).size, 'until it is answered').toBe(1)
    expect(sent[4], 'another press').not.toBe(sent[0])
    expect(sent[0]).toMatch(/^[0-9a-f]{32}$/)
  })

  it('of something else is another press, and a refusal is an answer', async () => {
    answer = null
    await press()
    await press({ ...customer, name: 'Berta' })
    answer = 422
    await press()
    await press()
    expect(sent[1]).not.toBe(sent[0])
    expect(sent[2]).toBe(sent[0])
    expect(sent[3]).not.toBe(sent[0])
  })

  it('of what only computes has no key', async () => {
    answer = 200
    await answered(api.POST('/api/quotes', { ...shop, body: {} as never }))
    expect(sent).toEqual([null])
  })
})

describe('an entry at the bench', () => {
  const entry = (uuid: string, litres: string): NewEntry => ({
    uuid,
    stepId: 'single.oil.fill',
    kind: 'poured',
    value: { volume: { value: litres, unit: 'l' } },
    corrects: null,
    deviceSequence: 1,
    deviceAt: null,
  })

  it('pressed again without an answer is the same entry, and after the answer a new one', () => {
    const first = asPressed(7, entry('a', '1.2'))
    expect(asPressed(7, { ...entry('b', '1.2'), corrects: 'a' })).toEqual(first)
    expect(asPressed(7, entry('c', '1.3')).uuid).toBe('c')
    expect(asPressed(8, entry('d', '1.2')).uuid, 'another order').toBe('d')
    forgetPressed(7, [first])
    expect(asPressed(7, entry('e', '1.2')).uuid).toBe('e')
  })

  it('is answered by a refusal and not by silence', async () => {
    for (const [status, isOne] of [
      [422, true],
      [409, true],
      [503, false],
      [500, false],
      [null, false],
    ] as const) {
      answer = status
      const error: unknown = await answered(api.GET('/api/board', shop)).catch((failure: unknown) => failure)
      expect(asProblem(error)).not.toBeNull()
      expect(isAnswer(error), String(status)).toBe(isOne)
    }
  })
})
