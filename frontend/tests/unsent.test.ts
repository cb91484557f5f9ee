import { beforeEach, describe, expect, it, vi } from 'vitest'
import { adoptDraft, saverOf, type DraftNote } from '@/features/builder/drafts'
import { api, Problem } from '@/shared/api/client'
import type { Draft } from '@/shared/api/types'
import { signedInAs } from '@/shared/signedIn'
import { takeOver } from '@/shared/unsent/pages'
import { newQueue } from '@/shared/unsent/queue'
import { unsent } from '@/shared/unsent/store'

const draft = (complaint: string): Draft => ({ complaint }) as Draft
const noted = (): string[] => Object.keys(localStorage).filter((key) => key.startsWith('unsent.'))
const refused = (status: number, key: string): Problem =>
  new Problem({ type: `urn:fresh-tack:${key}`, title: '', status, detail: key }, key)

/** What the server was sent, and how it answers the next. */
const sent: { version: string; complaint: string; press: string | null }[] = []
let answer: () => Promise<Response>

const json = (status: number, body: unknown): Promise<Response> =>
  Promise.resolve(new Response(JSON.stringify(body), { status, headers: { 'Content-Type': 'application/json' } }))
const taken = (version: string) => () => json(200, { version })
const lost = () => Promise.reject(new TypeError('Failed to fetch'))

let number = 2400
beforeEach(() => {
  localStorage.clear()
  unsent.clear()
  sent.length = 0
  number += 1
  signedInAs.value = 'ines'
  vi.spyOn(api, 'PUT').mockImplementation(((_path: string, { body: asked, headers }: never) => {
    const { version, draft: put } = asked as { version: string; draft: Draft }
    sent.push({
      version,
      complaint: put.complaint,
      press: (headers as Record<string, string>)['Idempotency-Key'] ?? null,
    })
    return answer().then(async (response) => {
      const body: unknown = await response.json()
      return response.ok ? { data: body, response } : { error: body, response }
    })
  }) as never)
})

describe('the draft of an order', () => {
  function saver() {
    const made = saverOf(number)
    made.start('1')
    return made
  }

  it('is kept in the browser until it is answered', async () => {
    const one = saver()
    answer = taken('2')
    one.change(draft('a'))
    expect(noted()).toHaveLength(1)
    expect(await one.settled()).toBe('2')
    expect([noted(), one.pending()]).toEqual([[], null])
  })

  it('whose answer was lost goes up again as it was, and then what was changed since', async () => {
    const one = saver()
    answer = lost
    one.change(draft('a'))
    await expect(one.settled()).rejects.toThrow('not reached the server')
    one.change(draft('b'))
    answer = () => taken(sent.length === 2 ? '2' : '3')()
    expect(await one.settled()).toBe('3')
    expect(sent.map(({ version, complaint }) => [version, complaint])).toEqual([
      ['1', 'a'],
      ['1', 'a'],
      ['2', 'b'],
    ])
    expect([sent[0]?.press === sent[1]?.press, sent[1]?.press === sent[2]?.press]).toEqual([true, false])
  })

  it('that somebody else has changed waits for somebody to look, and is not lost', async () => {
    const one = saver()
    answer = () => json(409, { type: 'urn:fresh-tack:conflict.changed', title: '', status: 409, detail: 'Changed.' })
    one.change(draft('a'))
    await expect(one.settled()).rejects.toThrow('Changed.')
    answer = taken('9')
    one.change(draft('b'))
    await expect(one.settled()).rejects.toThrow('Changed.')
    expect([sent.length, one.pending()?.complaint, one.held]).toEqual([1, 'b', true])
  })

  it('that the server found wrong goes up once it is mended', async () => {
    const one = saver()
    answer = () => json(422, { type: 'urn:fresh-tack:document.invalid', title: '', status: 422, detail: 'Wrong.' })
    one.change(draft('a'))
    await expect(one.settled()).rejects.toThrow('Wrong.')
    answer = taken('2')
    one.change(draft('b'))
    expect(await one.settled()).toBe('2')
  })

  it('that was mended while the server still found it wrong goes up, and nothing stays refused', async () => {
    const one = saver()
    answer = () => {
      if (sent.length > 1) {
        return taken('2')()
      }
      one.change(draft('mended'))
      return json(422, { type: 'urn:fresh-tack:draft', title: '', status: 422, detail: 'wrong' })
    }
    one.change(draft('wrong'))
    expect(await one.settled()).toBe('2')
    expect(sent.map(({ complaint }) => complaint)).toEqual(['wrong', 'mended'])
    expect([one.refusal, one.pending()]).toEqual([null, null])
  })

  it('is never sent for somebody else', async () => {
    const one = saver()
    answer = taken('2')
    one.change(draft('a'))
    signedInAs.value = 'mora'
    await one.send()
    expect([sent, one.pending()?.complaint]).toEqual([[], 'a'])
  })

  it('of a page that is gone is sent from the next, with the key that it had', async () => {
    answer = taken('5')
    const kept: DraftNote = {
      number,
      by: 'ines',
      since: '2026-03-18T09:00:00Z',
      changes: 1,
      version: '4',
      sending: { press: 'f'.repeat(32), version: '4', draft: draft('x') },
      next: null,
    }
    localStorage.setItem('unsent.gone.d', JSON.stringify({ page: 'gone', kind: 'draft', name: 'd', content: kept }))
    await takeOver((kind, content) => kind === 'draft' && adoptDraft(content as DraftNote))
    expect(await saverOf(number).settled()).toBe('5')
    expect([sent.map(({ press }) => press), noted()]).toEqual([['f'.repeat(32)], []])
  })
})

describe('what goes up one after the other', () => {
  function queue(post: (item: string) => Promise<string>) {
    return newQueue<string, string>({ kind: 'test', number, by: 'ines', what: 'x', to: '/', post, count: () => 1 })
  }

  it('two quick ones are two, in their order', async () => {
    const posted: string[] = []
    const go: (() => void)[] = []
    const waiting = queue((item) => {
      posted.push(item)
      return new Promise((resolve) => go.push(() => resolve(`${item}!`)))
    })
    const answers = [waiting.enter('a'), waiting.enter('b')]
    expect([posted, waiting.changes]).toEqual([['a'], 2])
    go[0]?.()
    await expect.poll(() => posted).toEqual(['a', 'b'])
    go[1]?.()
    expect([await Promise.all(answers), noted()]).toEqual([['a!', 'b!'], []])
  })

  it('waits while the server is away, and what is refused lets the next one go', async () => {
    let fail: Problem | null = refused(503, 'away')
    const waiting = queue((item) => (fail ? Promise.reject(fail) : Promise.resolve(item)))
    const [first, second] = [waiting.enter('a'), waiting.enter('b')]
    await expect.poll(() => waiting.late).toBe(true)
    expect(waiting.queue).toEqual(['a', 'b'])
    fail = refused(422, 'wrong')
    const gone = expect(first).rejects.toThrow('wrong')
    void waiting.send()
    await gone
    await expect(second).rejects.toThrow('wrong')
    expect(waiting.queue).toEqual([])
  })

  it('what is refused when nobody waits at the screen stays until somebody has read it', async () => {
    const waiting = queue(() => Promise.reject(refused(409, 'released')))
    waiting.enter('a').catch(() => null)
    waiting.unattended()
    await expect.poll(() => waiting.held).toBe(true)
    expect([waiting.queue, noted().length]).toEqual([['a'], 1])
    waiting.drop()
    expect([waiting.queue, waiting.held, noted()]).toEqual([[], false, []])
  })
})
