import { beforeEach, describe, expect, it } from 'vitest'
import { nextTick } from 'vue'
import { answered, asProblem, Problem } from '@/shared/api/client'
import { plainCopy } from '@/shared/copy'
import { useKept } from '@/shared/kept'
import { sessionLost } from '@/shared/signedIn'

function answer(status: number, error: unknown): Promise<{ error: unknown; response: Response }> {
  return Promise.resolve({ error, response: new Response(null, { status }) })
}

describe('answers of the server', () => {
  beforeEach(() => (sessionLost.value = null))

  it('gives the data of a good one', async () => {
    await expect(answered(Promise.resolve({ data: { a: 1 }, response: new Response() }))).resolves.toEqual({ a: 1 })
  })

  it('turns problem details into a problem with its fields', async () => {
    const details = {
      type: 'urn:fresh-tack:document.invalid',
      title: '',
      status: 422,
      detail: 'Mend it.',
      errors: [{ pointer: '/engines/0/hours', detail: 'Too low.' }],
    }
    const problem = asProblem(await answered(answer(422, details)).catch((error: unknown) => error))
    expect([problem?.message, problem?.key, problem?.fields.get('/engines/0/hours')]).toEqual([
      'Mend it.',
      'document.invalid',
      'Too low.',
    ])
    expect(sessionLost.value).toBeNull()
  })

  it('notices that the session has ended', async () => {
    const details = { type: 'urn:fresh-tack:login.needed', title: '', status: 401, detail: 'Please sign in.' }
    await expect(answered(answer(401, details))).rejects.toBeInstanceOf(Problem)
    expect(sessionLost.value).toBe('ended')
  })

  it('a wrong password is no lost session', async () => {
    const details = { type: 'urn:fresh-tack:login.wrong', title: '', status: 401, detail: 'No.' }
    await expect(answered(answer(401, details))).rejects.toBeInstanceOf(Problem)
    expect(sessionLost.value).toBeNull()
  })

  it('says that nothing was sent when nobody answers', async () => {
    const problem = asProblem(await answered(Promise.reject(new TypeError('Failed'))).catch((error: unknown) => error))
    expect([problem?.key, problem?.status]).toEqual(['unreachable', 0])
  })

  it('an answer of another kind is a problem as well', async () => {
    const problem = asProblem(await answered(answer(502, '<html>')).catch((error: unknown) => error))
    expect([problem?.key, problem?.status]).toEqual(['unreachable', 502])
  })

  it('another error is no problem of the server', () => {
    expect(asProblem(new Error('x'))).toBeNull()
  })
})

describe('what is typed outlives a reload', () => {
  beforeEach(() => localStorage.clear())

  it('until it is forgotten', async () => {
    const first = useKept<{ hours: string }>('check-in.ines.1')
    expect(first.kept.value).toBeNull()
    first.kept.value = { hours: '611' }
    await nextTick()
    first.kept.value.hours = '611.4'
    await nextTick()
    expect(useKept<{ hours: string }>('check-in.ines.1').kept.value).toEqual({ hours: '611.4' })
    expect(useKept('check-in.mora.1').kept.value).toBeNull()
    first.forget()
    expect(useKept('check-in.ines.1').kept.value).toBeNull()
  })

  it('and what can’t be read is nothing', () => {
    localStorage.setItem('broken', '{')
    expect(useKept('broken').kept.value).toBeNull()
  })
})

it('a copy is free of its original', () => {
  const original = { engines: [{ tasks: ['engine_oil'] }] }
  const copy = plainCopy(original)
  copy.engines[0]?.tasks.push('oil_filter')
  expect(original.engines[0]?.tasks).toEqual(['engine_oil'])
})
