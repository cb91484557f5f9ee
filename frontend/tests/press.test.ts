import { VueQueryPlugin } from '@tanstack/vue-query'
import { beforeEach, describe, expect, it } from 'vitest'
import { createApp } from 'vue'
import { answered, api, asProblem } from '@/shared/api/client'
import { usePress } from '@/shared/api/usePress'
import { isPassing } from '@/shared/unsent/queue'

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

describe('what waits for its answer', () => {
  it('waits on silence and faults of the server, and is answered by a refusal', async () => {
    for (const [status, waits] of [
      [422, false],
      [409, false],
      [503, true],
      [500, true],
      [null, true],
    ] as const) {
      answer = status
      const error: unknown = await answered(api.GET('/api/board', shop)).catch((failure: unknown) => failure)
      expect(asProblem(error)).not.toBeNull()
      expect(isPassing(error), String(status)).toBe(waits)
    }
  })
})

describe('a press while one is under way', () => {
  function pressing(ask: (asked: string) => Promise<string>) {
    let press: ReturnType<typeof usePress<string, string>> | undefined
    const app = createApp({
      setup() {
        press = usePress({ mutationFn: ask })
        return () => null
      },
    })
    app.use(VueQueryPlugin).mount(document.createElement('div'))
    return press as ReturnType<typeof usePress<string, string>>
  }

  it('is that one if it asks the same, and comes after it if not', async () => {
    const asked: string[] = []
    const go: (() => void)[] = []
    const press = pressing((what) => {
      asked.push(what)
      return new Promise((resolve) => go.push(() => resolve(`${what} done`)))
    })
    const answers = [press.mutateAsync('a'), press.mutateAsync('a'), press.mutateAsync('b')]
    await expect.poll(() => asked).toEqual(['a'])
    go[0]?.()
    await expect.poll(() => asked).toEqual(['a', 'b'])
    go[1]?.()
    expect(await Promise.all(answers)).toEqual(['a done', 'a done', 'b done'])
  })

  it('a new one is asked again, also after one that failed', async () => {
    let fails = true
    const press = pressing((what) => (fails ? Promise.reject(new Error(what)) : Promise.resolve(what)))
    await expect(press.mutateAsync('a')).rejects.toThrow('a')
    fails = false
    await expect(press.mutateAsync('a')).resolves.toBe('a')
  })
})
