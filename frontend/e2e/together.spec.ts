import { expect } from '@playwright/test'
import { issueFor, signedIn, tablet, test, workUntil } from './shop'

test('entries from many tablets at once are judged one after the other', async ({ browser }) => {
  const writer = await signedIn(browser, 'ines')
  const number = await issueFor(writer, "Cox's Echo", null, ['Engine oil'])
  const entry = (stepId: string, kind: string, value: object) => ({
    uuid: crypto.randomUUID(),
    stepId,
    kind,
    value,
    corrects: null,
    deviceSequence: 1,
    deviceAt: null,
  })
  const entries = async (): Promise<number> => {
    const answer = await writer.request.get(`/api/orders/${number}/bench`)
    return ((await answer.json()) as { entries: object[] }).entries.length
  }
  const bench = await signedIn(browser, 'ada', tablet)
  await bench.goto(`/orders/${number}/bench`)
  await workUntil(bench, /^Look at the oil/)
  const note = (text: string) => entry('rig.place.level', 'note', { text })
  const batches = [
    note('one'),
    note('two'),
    entry('single.drain-plug.look', 'observation', { observation: 'oil_emulsified' }),
    note('three'),
    entry('single.fill.pour', 'poured', { volume: { value: '0.75', unit: 'l' } }),
    entry('single.drain-plug.look', 'observation', { observation: 'oil_metal' }),
    entry('single.drain-plug.look', 'observation', { observation: 'oil_black' }),
  ]
  const before = await entries()
  // a session answers one request at a time, so each tablet has its own
  const tablets = await Promise.all((['ines', 'ada', 'mora', 'ada'] as const).map((who) => signedIn(browser, who)))
  const answers = await Promise.all(
    batches.map((each, index) =>
      (tablets[index % tablets.length] ?? writer).request.post(`/api/orders/${number}/entries`, {
        headers: { 'X-Fresh-Tack': '1' },
        data: { entries: [each] },
      }),
    ),
  )
  const statuses = answers.map((answer) => answer.status())
  expect(
    statuses.every((status) => [200, 422].includes(status)),
    statuses.join(' '),
  ).toBe(true)

  const after = await writer.request.get(`/api/orders/${number}/bench`)
  expect(after.status()).toBe(200)
  const state = (await after.json()) as { stoppedBy: object | null; entries: object[] }
  expect(state.stoppedBy).not.toBeNull()
  expect(state.entries).toHaveLength(before + statuses.filter((status) => status === 200).length)
})
