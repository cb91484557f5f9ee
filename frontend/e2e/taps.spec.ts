import { expect } from '@playwright/test'
import { done, howMany, issueFor, signedIn, tablet, test, workUntil } from './shop'

test('a double tap ticks one step, also when the answer is slow', async ({ browser }) => {
  const writer = await signedIn(browser, 'ines')
  const number = await issueFor(writer, "Cox's Echo", null, ['Engine oil'])
  const bench = await signedIn(browser, 'ada', tablet)
  await bench.goto(`/orders/${number}/bench`)
  await expect(bench.getByRole('heading', { level: 1 })).toContainText('Place the boat')
  const ticks = async (): Promise<number> => {
    const answer = await bench.request.get(`/api/orders/${number}/bench`)
    const { entries } = (await answer.json()) as { entries: { kind: string }[] }
    return entries.filter(({ kind }) => kind === 'tick').length
  }
  const tapTwice = async (): Promise<void> => {
    const box = await done(bench).boundingBox()
    const [x, y] = [(box?.x ?? 0) + 20, (box?.y ?? 0) + 20]
    await bench.mouse.click(x, y)
    await bench.waitForTimeout(120)
    await bench.mouse.click(x, y)
  }

  let first = 0
  await test.step('a quick answer: the second tap means the step that has gone', async () => {
    await bench.waitForTimeout(600)
    first = await howMany(bench)
    await tapTwice()
    await expect(bench.locator('.at')).toContainText(new RegExp(`steps? ${first + 1}\\b`))
    await bench.waitForTimeout(600)
    expect(await ticks()).toBe(first)
  })

  await test.step('a slow answer: nothing more until it is there, and the button says so', async () => {
    let answer = (): void => undefined
    const held = new Promise<void>((resolve) => (answer = resolve))
    await bench.route('**/entries', async (route) => {
      await held
      await route.continue()
    })
    const second = await howMany(bench)
    await tapTwice()
    await expect(bench.getByRole('button', { name: 'Entering …' })).toBeVisible()
    await expect(bench.locator('.at')).toContainText(new RegExp(`steps? ${first + 1}\\b`))
    answer()
    await expect(bench.locator('.at')).toContainText(new RegExp(`steps? ${first + second + 1}\\b`))
    expect(await ticks()).toBe(first + second)
  })
})

test('an answer that comes after the step was left moves nothing', async ({ browser }) => {
  const writer = await signedIn(browser, 'ines')
  const number = await issueFor(writer, "Cox's Echo", null, ['Engine oil'])
  const bench = await signedIn(browser, 'ada', tablet)
  await bench.goto(`/orders/${number}/bench`)
  const first = await howMany(bench)
  await done(bench).click()
  await expect(bench.locator('.at')).toContainText(new RegExp(`steps? ${first + 1}\\b`))
  let answer = (): void => undefined
  const held = new Promise<void>((resolve) => (answer = resolve))
  await bench.route('**/entries', async (route) => {
    await held
    await route.continue()
  })
  await done(bench).click()
  await bench.getByRole('button', { name: 'Back' }).click()
  await expect(bench.locator('.at')).toContainText(`step ${first} of`)
  const answered = bench.waitForResponse('**/entries')
  answer()
  await answered
  await expect(bench.getByRole('button', { name: 'Done already, go on' })).toBeEnabled()
  await expect(bench.locator('.at')).toContainText(`step ${first} of`)
})

test('the last ticks of an order stay where they are until they are answered', async ({ browser }) => {
  const writer = await signedIn(browser, 'ines')
  const number = await issueFor(writer, "Cox's Echo", null, ['Engine oil'])
  const bench = await signedIn(browser, 'ada', tablet)
  await bench.goto(`/orders/${number}/bench`)
  await workUntil(bench, /^A near miss/)
  let answer = (): void => undefined
  const held = new Promise<void>((resolve) => (answer = resolve))
  await bench.route('**/entries', async (route) => {
    await held
    await route.continue()
  })
  await done(bench).click()
  await expect(bench.getByRole('button', { name: 'Entering …' }), 'not before it is answered').toBeVisible()
  await expect(bench.getByRole('button', { name: 'Go to the release' })).toHaveCount(0)
  answer()
  await expect(bench.getByRole('heading', { level: 1 })).toContainText('Every step is entered')
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
  const box = await done(bench).boundingBox()
  await bench.mouse.move((box?.x ?? 0) + 20, (box?.y ?? 0) + 20)
  await bench.mouse.down()
  // meanwhile the other tablet ticks that step, and this one moves on
  await done(other).click()
  await expect(heading).not.toContainText('Place the boat', { timeout: 60_000 })
  const shown = await heading.textContent()
  await bench.mouse.up()
  await bench.reload()
  await expect(heading).toHaveText(shown ?? '')
})
