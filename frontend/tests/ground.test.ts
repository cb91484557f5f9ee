import { beforeEach, describe, expect, it } from 'vitest'
import { answered, answeredAnew, awaySince, isAway, Problem } from '@/shared/api/client'

const away = (key: string) => ({ type: `urn:fresh-tack:${key}`, title: '', status: 503, detail: 'Not there.' })
const answer = (status: number, error?: unknown) => Promise.resolve({ error, response: new Response(null, { status }) })

describe('whether the server is there', () => {
  beforeEach(() => (awaySince.value = null))

  it.each([
    ['nobody answers', () => Promise.reject(new TypeError('Failed')), true],
    ['its database is away', () => answer(503, away('away.database')), true],
    ['PHP is away', () => answer(503, away('away')), true],
    ['it is closed for changes', () => answer(503, away('away.closed')), false],
    ['its disk is full', () => answer(503, away('away.disk')), false],
    ['it refuses', () => answer(422, { ...away('document.invalid'), status: 422 }), false],
    ['the engine reader does not answer it', () => answer(502, { ...away('reader.down'), status: 502 }), false],
  ])('when %s', async (_what, call, told) => {
    await expect(answered(call())).rejects.toBeInstanceOf(Problem)
    expect(awaySince.value !== null).toBe(told)
  })

  it('an answer that nobody waits for any more says nothing of it', async () => {
    await expect(answered(Promise.reject(new DOMException('', 'AbortError')))).rejects.toBeInstanceOf(Problem)
    expect(awaySince.value).toBeNull()
  })

  it('keeps the time of the first, and forgets it with the first answer', async () => {
    const first = new Date(0)
    awaySince.value = first
    await answered(answer(503, away('away'))).catch(() => null)
    expect(awaySince.value).toBe(first)
    await answered(Promise.resolve({ data: 1, response: new Response() }))
    expect(awaySince.value).toBeNull()
  })

  it('is asked again only for what is nobody’s fault', async () => {
    const problem = async (status: number, key: string): Promise<unknown> =>
      answered(answer(status, { ...away(key), status })).catch((error: unknown) => error)
    expect(isAway(await problem(503, 'away.database'))).toBe(true)
    expect(isAway(await problem(409, 'conflict.changed'))).toBe(false)
    expect(isAway(new Error('x'))).toBe(false)
  })
})

describe('what is asked again and again', () => {
  it('stays what it was when nothing is new, and tells the tag that is known', async () => {
    const known = { data: { a: 1 }, tag: '"t"' }
    const asked: Record<string, string>[] = []
    const same = await answeredAnew(known, (headers) => {
      asked.push(headers)
      return answer(304)
    })
    expect(same).toBe(known)
    expect(asked).toEqual([{ 'If-None-Match': '"t"' }])
  })

  it('is replaced with its tag', async () => {
    const response = new Response(null, { headers: { ETag: '"u"' } })
    const fresh = await answeredAnew({ data: 1, tag: '"t"' }, () => Promise.resolve({ data: 2, response }))
    expect(fresh).toEqual({ data: 2, tag: '"u"' })
  })

  it('is refused as anything else is', async () => {
    await expect(answeredAnew(null, () => answer(503, away('away')))).rejects.toBeInstanceOf(Problem)
  })
})
