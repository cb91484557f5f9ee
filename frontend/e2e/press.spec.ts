import { expect, type Page } from '@playwright/test'
import { issueFor, openCheckIn, pour, sendCheckIn, signedIn, tablet, test, workUntil } from './shop'

/** The server does what was asked for, and its answer is lost on the way. */
async function loseAnswers(page: Page, path: string): Promise<void> {
  await page.route(path, async (route) => {
    await route.fetch()
    await route.abort()
  })
}

async function hours(page: Page, read: string): Promise<void> {
  for (const field of await page.getByLabel('Hours now').all()) {
    await field.fill(read)
  }
}

test('a boat that is in already: go on with its order, or open a second one on purpose', async ({ browser }) => {
  const [one, two] = [await signedIn(browser, 'ines'), await signedIn(browser, 'mora')]
  await openCheckIn(one, 'Skerry Flyer')
  await openCheckIn(two, 'Skerry Flyer')
  await hours(one, '220')
  await hours(two, '220')
  await two.getByRole('textbox', { name: /complains/ }).fill('smokes when cold')
  const first = await sendCheckIn(one)
  const open = two.getByRole('region', { name: 'This boat is in already' })

  await test.step('somebody else was faster: it asks, and nothing typed is lost', async () => {
    await two.getByRole('button', { name: 'Check in and choose the tasks' }).click()
    await expect(open).toContainText(`order ${first}`)
    await expect(open).toContainText('Ines Rowntree')
    await expect(two.getByRole('button', { name: 'Check in and choose the tasks' })).toHaveCount(0)
    await open.getByText('Open a second order beside it').click()
    await expect(two.getByRole('textbox', { name: /complains/ })).toHaveValue('smokes when cold')
  })

  await test.step('goes on with the one that is open', async () => {
    await open.getByRole('link', { name: `Go on with order ${first}` }).click()
    await expect(two).toHaveURL(new RegExp(`/orders/${first}$`))
  })

  await test.step('opens a second one', async () => {
    await two.goBack()
    await open.getByText('Open a second order beside it').click()
    await expect(two.getByRole('textbox', { name: /complains/ }), 'also kept on the way').toHaveValue(
      'smokes when cold',
    )
    expect(await sendCheckIn(two)).not.toBe(first)
  })
})

test('a check-in whose answer was lost is not done twice, also after a reload', async ({ browser }) => {
  const writer = await signedIn(browser, 'ines')
  await openCheckIn(writer, 'Old Pennant')
  await writer.getByLabel('Hours now').fill('1001')
  await loseAnswers(writer, '**/check-ins')
  await writer.getByRole('button', { name: 'Check in and choose the tasks' }).click()
  await expect(writer.getByRole('alert').first()).toContainText('does not answer')
  await writer.unrouteAll({ behavior: 'wait' })
  await writer.reload()
  // the first press did reach the server: the boat is in
  const open = writer.getByRole('region', { name: 'This boat is in already' })
  await expect(open.getByRole('link')).toHaveCount(1)
})

test('a pour whose answer was lost counts once when it is sent again', async ({ browser }) => {
  const writer = await signedIn(browser, 'ines')
  const number = await issueFor(writer, "Cox's Echo", null, ['Engine oil'])
  const bench = await signedIn(browser, 'ada', tablet)
  await bench.goto(`/orders/${number}/bench`)
  await workUntil(bench, /^Fill|^Pour/)
  await loseAnswers(bench, '**/entries')
  await pour(bench)
  await expect(bench.getByRole('status', { name: 'What has not been sent' })).toContainText(/Not sent yet: \d+ change/)
  await bench.unrouteAll({ behavior: 'wait' })
  await bench.reload()
  await expect(bench.getByRole('heading', { level: 1 })).toBeVisible()
  await expect(bench.getByRole('status', { name: 'What has not been sent' })).toHaveCount(0)
  const answer = await bench.request.get(`/api/orders/${number}/bench`)
  const { entries } = (await answer.json()) as { entries: { kind: string }[] }
  const pours = entries.filter((entry) => entry.kind === 'poured').length
  expect(pours).toBe(1)
})
