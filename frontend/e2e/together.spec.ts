import { expect, test } from '@playwright/test'
import { issueFor, signedIn } from './shop'

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
  const tick = (stepId: string) => entry(stepId, 'tick', {})
  const batches = [
    tick('rig.place.level'),
    tick('rig.place.air'),
    tick('rig.place.cart'),
    entry('single.drain-plug.look', 'observation', { observation: 'oil_emulsified' }),
    tick('single.lock-out.key'),
    tick('single.cowl-off.off'),
    entry('single.drain-plug.look', 'observation', { observation: 'oil_metal' }),
    tick('single.warm-up.start'),
  ]
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

  const bench = await writer.request.get(`/api/orders/${number}/bench`)
  expect(bench.status()).toBe(200)
  const state = (await bench.json()) as { stoppedBy: object | null; entries: object[] }
  expect(state.stoppedBy).not.toBeNull()
  expect(state.entries).toHaveLength(statuses.filter((status) => status === 200).length)
})
