import { expect, type Page } from '@playwright/test'
import type { Bench } from '../src/shared/api/types'
import { engine, holdParts, openCheckIn, sendCheckIn, signedIn, tablet, test, workUntil } from './shop'

/** What is measured or seen costs a touch each; so do a torque, a pour, a reading and a count. */
const asked = 'measured observation level poured torque turns count'

/** The twin checked in, with these tasks on both engines, issued. */
async function issued(writer: Page, tasks: RegExp): Promise<number> {
  await openCheckIn(writer, 'Brisk Tern')
  await engine(writer, 'Port').getByLabel('Hours now').fill('611.4')
  await engine(writer, 'Starboard').getByLabel('Hours now').fill('598.0')
  const number = await sendCheckIn(writer)
  for (const box of await writer.getByRole('checkbox', { name: tasks }).all()) {
    if (!(await box.isChecked())) {
      await box.click()
    }
  }
  await writer.getByRole('button', { name: /^Issue/ }).click()
  await expect(writer.getByRole('link', { name: 'Open at the bench' })).toBeVisible()
  return number
}

/** What a finger does from the first card to the last, and how much of it is there for each thing measured or seen. */
async function workedThrough(
  bench: Page,
  number: number,
): Promise<{ touches: number; measured: number; typed: number }> {
  await bench.goto(`/orders/${number}/bench`)
  await holdParts(bench)
  await bench.addInitScript(counting)
  await bench.goto(`/orders/${number}/bench`)
  await workUntil(bench, null)

  const { touches, typed } = await counted(bench)
  const answer = await bench.request.get(`/api/orders/${number}/bench`)
  const { entries, document } = (await answer.json()) as Pick<Bench, 'entries' | 'document'>
  const steps = new Map(document.operations.flatMap((each) => each.steps).map((step) => [step.id, step]))
  // a plug, an anode, a point is a measurement of its own
  const measured = entries
    .filter((entry) => asked.split(' ').includes(entry.kind))
    .reduce(
      (sum, entry) => sum + (entry.kind === 'measured' ? (steps.get(entry.stepId)?.measure?.places?.length ?? 1) : 1),
      0,
    )
  console.log(`${touches} touches, ${measured} of them for what is measured or seen; ${typed} typed`)
  return { touches, measured, typed }
}

test('a good day on the twin: few touches, and nothing typed', async ({ browser }) => {
  const number = await issued(await signedIn(browser, 'ines'), /^(Engine oil|Oil filter), (Port|Starboard)/)
  const { touches, measured, typed } = await workedThrough(await signedIn(browser, 'ada', tablet), number)

  expect(typed).toBe(0)
  expect(touches - measured).toBeLessThanOrEqual(70)
})

test('everything that can be done on the twin', async ({ browser }) => {
  // some two hundred cards
  test.setTimeout(900_000)
  const number = await issued(await signedIn(browser, 'ines'), /, (Port|Starboard)/)
  const { touches, measured } = await workedThrough(await signedIn(browser, 'ada', tablet), number)

  expect(touches - measured).toBeLessThanOrEqual(160)
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
