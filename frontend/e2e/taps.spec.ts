import { expect, test } from '@playwright/test'
import { issueFor, signedIn, tablet } from './shop'

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
