import { expect, test } from '@playwright/test'
import { engine, openCheckIn, sendCheckIn, signedIn } from './shop'

test('a hole parks its task, and the manager sees it', async ({ browser }) => {
  const writer = await signedIn(browser, 'ines')
  await openCheckIn(writer, 'Meridian Heron')
  for (const label of ['Port', 'Centre', 'Starboard']) {
    await engine(writer, label).getByLabel('Hours now').fill('240')
  }
  await sendCheckIn(writer)
  await writer.getByRole('checkbox', { name: /^Oil filter, Port/ }).click()
  const slip = writer.getByRole('complementary', { name: 'The slip' })
  await expect(slip).toContainText('Port, oil filter: parked. Missing in the spec book: oil filter tightening.')
  await writer.getByRole('button', { name: 'Issue 1 task, park 1' }).click()
  await expect(writer.getByRole('link', { name: 'Open at the bench' })).toBeVisible()

  const manager = await signedIn(browser, 'mora')
  await manager.goto('/book')
  await expect(
    manager.getByRole('row', { name: /kestrane-k85 rev\. 4.*oil filter tightening.*Oil filter/ }),
  ).toBeVisible()
})

test('two writers: a clear conflict, nothing overwritten', async ({ browser }) => {
  const first = await signedIn(browser, 'ines')
  await openCheckIn(first, "Cox's Echo")
  await expect(engine(first, 'Engine').getByLabel('Hours now')).toBeDisabled()
  const number = await sendCheckIn(first)
  const second = await signedIn(browser, 'mora')
  await second.goto(`/orders/${number}`)
  await expect(second.getByRole('checkbox', { name: /^Engine oil/ })).toBeVisible()

  await first.getByRole('checkbox', { name: /^Engine oil/ }).click()
  await expect(first.getByText(/draft, saved/)).toBeVisible()
  await second.getByRole('checkbox', { name: /^Engine oil/ }).click()
  await expect(second.getByRole('alert')).toContainText('was changed by somebody else meanwhile')
  await second.getByRole('button', { name: 'Load it again' }).click()
  await expect(second.getByRole('checkbox', { name: /^Engine oil/ })).toBeChecked()
  await expect(second.getByRole('alert')).toHaveCount(0)
})

test('a session that ends in mid-form loses nothing', async ({ browser }) => {
  const writer = await signedIn(browser, 'ines')
  await openCheckIn(writer, 'Low Water')
  await engine(writer, 'Engine').getByLabel('Hours now').fill('305.5')
  await writer.getByLabel('What the customer complains of').fill('Hard to start when cold')
  await writer.context().clearCookies()
  await writer.getByRole('button', { name: 'Check in and choose the tasks' }).click()
  await expect(writer.getByText('Your session ended.')).toBeVisible()
  await writer.getByLabel('User name').fill('ines')
  await writer.getByLabel('Password', { exact: true }).fill('verrin-inlet')
  await writer.getByRole('button', { name: 'Sign in' }).click()
  await expect(writer.getByText('Your session ended.')).toHaveCount(0)
  await expect(engine(writer, 'Engine').getByLabel('Hours now')).toHaveValue('305.5')

  await writer.reload()
  await expect(engine(writer, 'Engine').getByLabel('Hours now')).toHaveValue('305.5')
  await expect(writer.getByText('Kept from before.')).toBeVisible()
  await sendCheckIn(writer)
  await expect(writer.getByText('Hard to start when cold')).toBeVisible()
  await expect(writer.getByRole('checkbox', { name: /^Engine oil, Engine: no record/ })).toBeVisible()
})

test('a level above the mark on arrival waits for what was found', async ({ browser }) => {
  const writer = await signedIn(browser, 'ines')
  await openCheckIn(writer, 'Low Water')
  await engine(writer, 'Engine').getByLabel('Hours now').fill('310')
  await engine(writer, 'Engine')
    .getByRole('textbox', { name: /^reading/ })
    .fill('1.2')
  await engine(writer, 'Engine')
    .getByRole('spinbutton', { name: /^rested/ })
    .fill('600')
  await expect(writer.getByText('Above the top mark: fuel or water in the oil, or an earlier overfill.')).toBeVisible()
  await sendCheckIn(writer)
  await expect(writer.getByRole('checkbox', { name: /^Engine oil/ })).toBeVisible()
  await writer.keyboard.press('a')
  await expect(writer.getByRole('button', { name: 'Pick a task first' })).toBeDisabled()
  await expect(writer.getByRole('complementary', { name: 'The slip' })).toContainText(
    'Find out which and write down what was found',
  )
})

test('wrong password and unknown page say what to do', async ({ page }) => {
  await page.goto('/')
  await expect(page.getByRole('button', { name: /ines Ines Rowntree, service writer/ })).toBeVisible()
  await page.getByLabel('User name').fill('ines')
  await page.getByLabel('Password', { exact: true }).fill('wrong')
  await page.getByRole('button', { name: 'Sign in' }).click()
  await expect(page.getByRole('alert')).toContainText('User name and password don’t belong together'.replace('’', "'"))
  await page.getByRole('button', { name: /ines Ines Rowntree/ }).click()
  await page.getByRole('button', { name: 'Sign in' }).click()
  await expect(page.getByRole('navigation', { name: 'Places of the shop' })).toBeVisible()
  await page.goto('/nowhere/at/all')
  await expect(page.getByRole('heading', { name: 'There is nothing here' })).toBeVisible()
})
