import { expect, test, type Page } from '@playwright/test'
import { engine, holdParts, openCheckIn, sendCheckIn, signedIn, tablet, workUntil } from './shop'

/** What is measured or seen costs a touch each; so do a torque, a pour, a reading and a count. */
const asked = 'measured observation level poured torque turns count'

test('a good day on the twin: few touches, and nothing typed', async ({ browser }) => {
  const writer = await signedIn(browser, 'ines')
  await openCheckIn(writer, 'Brisk Tern')
  await engine(writer, 'Port').getByLabel('Hours now').fill('611.4')
  await engine(writer, 'Starboard').getByLabel('Hours now').fill('598.0')
  const number = await sendCheckIn(writer)
  for (const task of ['Engine oil', 'Oil filter']) {
    for (const side of ['Port', 'Starboard']) {
      await writer.getByRole('checkbox', { name: new RegExp(`^${task}, ${side}`) }).click()
    }
  }
  await writer.getByRole('button', { name: /^Issue/ }).click()
  await expect(writer.getByRole('link', { name: 'Open at the bench' })).toBeVisible()

  const bench = await signedIn(browser, 'ada', tablet)
  await bench.goto(`/orders/${number}/bench`)
  await holdParts(bench)
  await bench.addInitScript(counting)
  await bench.goto(`/orders/${number}/bench`)
  await workUntil(bench, null)

  const { touches, typed } = await counted(bench)
  const answer = await bench.request.get(`/api/orders/${number}/bench`)
  const { entries } = (await answer.json()) as { entries: { kind: string }[] }
  const measured = entries.filter((entry) => asked.split(' ').includes(entry.kind)).length
  console.log(`${touches} touches, ${measured} of them for what is measured or seen; ${typed} typed`)
  expect(typed).toBe(0)
  expect(touches - measured).toBeLessThanOrEqual(70)
})

/** Counts what a finger does; that a demo lets time pass is no touch of the work. */
function counting(): void {
  const add = (key: string): void => sessionStorage.setItem(key, String(Number(sessionStorage.getItem(key) ?? 0) + 1))
  addEventListener(
    'click',
    (event) => {
      const target = event.target instanceof Element ? event.target : null
      if (event.isTrusted && !(target?.closest('button')?.textContent ?? '').includes('Demo:')) {
        add('touches')
      }
    },
    true,
  )
  addEventListener(
    'input',
    (event) => {
      if (event.isTrusted) {
        add('typed')
      }
    },
    true,
  )
}

async function counted(page: Page): Promise<{ touches: number; typed: number }> {
  return page.evaluate(() => ({
    touches: Number(sessionStorage.getItem('touches') ?? 0),
    typed: Number(sessionStorage.getItem('typed') ?? 0),
  }))
}
