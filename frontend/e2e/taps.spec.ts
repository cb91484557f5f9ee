import { expect, test } from '@playwright/test'
import { issueFor, signedIn, tablet, workUntil } from './shop'

test('quick taps at the bench each count once, also on a slow line', async ({ browser }) => {
  const writer = await signedIn(browser, 'ines')
  const number = await issueFor(writer, "Cox's Echo", null, ['Engine oil'])
  const bench = await signedIn(browser, 'ada', tablet)
  await bench.goto(`/orders/${number}/bench`)
  const heading = bench.getByRole('heading', { level: 1 })
  await expect(heading).toContainText('Place the boat')
  const answers: (() => void)[] = []
  await bench.route('**/entries', async (route) => {
    await new Promise<void>((answer) => answers.push(answer))
    await route.continue()
  })
  const done = bench.getByRole('button', { name: 'Done', exact: true })
  const first = await heading.textContent()
  await done.click()
  await expect(heading).not.toHaveText(first ?? '')
  const second = await heading.textContent()
  await done.click()
  await expect(heading, 'the second tap is not lost').not.toHaveText(second ?? '')
  const third = await heading.textContent()
  expect(answers, 'they go up one after the other').toHaveLength(1)
  answers[0]?.()
  await expect.poll(() => answers.length).toBe(2)
  answers[1]?.()
  await bench.unrouteAll({ behavior: 'wait' })
  await expect(heading, 'and answers do not move the step').toHaveText(third ?? '')
  await bench.reload()
  await expect(heading).toHaveText(third ?? '')
})

test('the last ticks of an order stay where they are until they are answered', async ({ browser }) => {
  const writer = await signedIn(browser, 'ines')
  const number = await issueFor(writer, "Cox's Echo", null, ['Engine oil'])
  const bench = await signedIn(browser, 'ada', tablet)
  await bench.goto(`/orders/${number}/bench`)
  await workUntil(bench, /^Used oil to the waste tank/)
  let answer = (): void => undefined
  const held = new Promise<void>((resolve) => (answer = resolve))
  await bench.route('**/entries', async (route) => {
    await held
    await route.continue()
  })
  await bench.getByRole('button', { name: 'Done', exact: true }).click()
  await expect(bench.getByRole('heading', { level: 1 })).toContainText('Every step is entered')
  await expect(bench.getByRole('button', { name: 'Go to the release' }), 'not before it is answered').toBeDisabled()
  answer()
  await expect(bench.getByRole('button', { name: 'Go to the release' })).toBeEnabled()
})

test('a finger that came down on one step does not tick the next', async ({ browser }) => {
  const writer = await signedIn(browser, 'ines')
  const number = await issueFor(writer, "Cox's Echo", null, ['Engine oil'])
  const [bench, other] = [await signedIn(browser, 'ada', tablet), await signedIn(browser, 'ada', tablet)]
  await bench.goto(`/orders/${number}/bench`)
  await other.goto(`/orders/${number}/bench`)
  const heading = bench.getByRole('heading', { level: 1 })
  await expect(heading).toContainText('Place the boat')
  const box = await bench.getByRole('button', { name: 'Done', exact: true }).boundingBox()
  await bench.mouse.move((box?.x ?? 0) + 20, (box?.y ?? 0) + 20)
  await bench.mouse.down()
  // meanwhile the other tablet ticks that step, and this one moves on
  await other.getByRole('button', { name: 'Done', exact: true }).click()
  await expect(heading).not.toContainText('Place the boat', { timeout: 60_000 })
  const shown = await heading.textContent()
  await bench.mouse.up()
  await bench.reload()
  await expect(heading).toHaveText(shown ?? '')
})
