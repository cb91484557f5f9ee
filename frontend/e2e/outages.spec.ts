import { expect, type Page } from '@playwright/test'
import { done, howMany, issueFor, openCheckIn, pour, signedIn, tablet, test, workUntil } from './shop'

const strip = (page: Page) => page.getByRole('status', { name: 'What has not been sent' })
const asItWas = (page: Page) => page.getByText(/^As it was at/)

/** From now on the server is broken for what is asked on this path. */
async function breakOn(page: Page, path: string): Promise<void> {
  await page.route(path, (route) =>
    route.fulfill({
      status: 500,
      contentType: 'application/problem+json',
      body: JSON.stringify({ type: 'urn:fresh-tack:broken', title: '', status: 500, detail: 'Something broke.' }),
    }),
  )
}

test('a poll that fails leaves the bench as it is, with what is typed, and says how old it is', async ({ browser }) => {
  const writer = await signedIn(browser, 'ines')
  const number = await issueFor(writer, "Cox's Echo", null, ['Engine oil'])
  const bench = await signedIn(browser, 'ada', tablet)
  await bench.goto(`/orders/${number}/bench`)
  await workUntil(bench, /^Fill|^Pour/)
  const poured = bench.getByRole('textbox', { name: /^Poured/ })
  await poured.fill('0.9')
  await breakOn(bench, '**/api/orders/*/bench')
  await expect(asItWas(bench)).toBeVisible({ timeout: 60_000 })
  await expect(poured).toHaveValue('0.9')
  await expect(bench.getByRole('timer')).toHaveCount(0)
  await bench.unrouteAll({ behavior: 'wait' })
  await expect(asItWas(bench)).toHaveCount(0, { timeout: 60_000 })
  await expect(poured).toHaveValue('0.9')
})

test('the bench without a line: an entry waits for it, once, at its step', async ({ browser }) => {
  const writer = await signedIn(browser, 'ines')
  const number = await issueFor(writer, "Cox's Echo", null, ['Engine oil'])
  const bench = await signedIn(browser, 'ada', tablet)
  await bench.goto(`/orders/${number}/bench`)
  const at = (step: number): RegExp => new RegExp(`steps? ${step}\\b`)
  await expect(bench.locator('.at')).toContainText(at(1))
  const first = await howMany(bench)
  await done(bench).click()
  await expect(bench.locator('.at')).toContainText(at(first + 1))
  const second = await howMany(bench)
  await bench.context().setOffline(true)
  await done(bench).click()
  await expect(strip(bench)).toContainText(`Not sent yet: ${second} change${second > 1 ? 's' : ''}`)
  await expect(bench.getByRole('button', { name: 'Not sent yet …' })).toBeVisible()
  await expect(bench.locator('.at'), 'it does not go on by itself').toContainText(at(first + 1))
  await bench.context().setOffline(false)
  await expect(bench.locator('.at')).toContainText(at(first + second + 1))
  await expect(strip(bench)).toHaveCount(0)
})

test('a screen that was not loaded yet says why it does not open, and the one before stays', async ({ browser }) => {
  const writer = await signedIn(browser, 'ines')
  await openCheckIn(writer, "Cox's Echo")
  await writer.getByRole('textbox', { name: /complains/ }).fill('rough at idle')
  await writer.context().setOffline(true)
  await writer.getByRole('link', { name: 'Policy' }).click()
  await expect(writer.getByRole('alert').filter({ hasText: 'could not be fetched' })).toContainText('does not answer')
  await expect(writer.getByRole('textbox', { name: /complains/ })).toHaveValue('rough at idle')
  await writer.context().setOffline(false)
  await expect(strip(writer)).toHaveCount(0)
  await writer.getByRole('button', { name: 'Open it now' }).click()
  await expect(writer).toHaveURL(/\/policy$/)
})

test('two quick scans at the cart are two, on a slow line and without one', async ({ browser }) => {
  const writer = await signedIn(browser, 'ines')
  const number = await issueFor(writer, "Cox's Echo", null, ['Engine oil', 'Spark plugs'])
  const parts = await signedIn(browser, 'bram')
  await parts.goto(`/orders/${number}/cart`)
  const box = parts.getByLabel('Scan or type the number')
  await expect(parts.getByText(/^0 of \d+ confirmed/)).toBeVisible()
  const asked = await parts.request.get(`/api/orders/${number}/cart`)
  const numbers = ((await asked.json()) as { document: { parts: { number: string }[] } }).document.parts.map(
    (part) => part.number,
  )
  expect(numbers.length).toBeGreaterThan(1)
  await parts.route('**/cart', async (route) => {
    await new Promise((resolve) => setTimeout(resolve, 3_000))
    await route.continue()
  })
  for (const scanned of numbers.slice(0, 2)) {
    await box.pressSequentially(scanned)
    await box.press('Enter')
  }
  await expect(parts.getByText('✓ Fits.')).toHaveCount(1, { timeout: 20_000 })
  await expect(parts.getByText(/^2 of \d+ confirmed/)).toBeVisible({ timeout: 20_000 })
  await parts.unrouteAll({ behavior: 'wait' })

  await test.step('one is taken back, and held again without a line', async () => {
    await parts.getByRole('button', { name: `Take back ${numbers[0]}` }).click()
    await parts.getByRole('button', { name: 'scanned by mistake' }).click()
    await parts.getByRole('button', { name: 'It is not held' }).click()
    await expect(parts.getByText(/^1 of \d+ confirmed/)).toBeVisible()
    await parts.context().setOffline(true)
    await box.fill(numbers[0] ?? '')
    await box.press('Enter')
    await expect(strip(parts)).toContainText('Not sent yet: 1 change')
    await parts.context().setOffline(false)
    await expect(parts.getByText(/^2 of \d+ confirmed/)).toBeVisible()
  })
})

test('what is typed into a sheet while a confirm is under way stays typed', async ({ browser }) => {
  const manager = await signedIn(browser, 'mora')
  const sheets = await manager.request.get('/api/book')
  const { sheets: all } = (await sheets.json()) as { sheets: { id: string; revision: number }[] }
  const revision = all.find((sheet) => sheet.id === 'dunmarrow-d22')?.revision
  await manager.goto(`/book/sheets/dunmarrow-d22/${revision}`)
  await manager.getByRole('button', { name: 'Start a new revision' }).click()
  await expect(manager.getByRole('button', { name: 'Nothing to confirm' })).toBeVisible()
  await manager.getByRole('combobox', { name: 'Document at hand' }).fill('Workshop book')
  await manager.getByLabel('Revision of the document').fill('C')
  const pages = manager.getByRole('textbox', { name: /^Page of/ })
  const [first, second] = [pages.nth(0), pages.nth(1)]
  await first.fill('7-1')
  await manager.route('**/api/book/sheets/**', async (route) => {
    await new Promise((resolve) => setTimeout(resolve, 3_000))
    await route.continue()
  })
  await manager.getByRole('button', { name: 'Confirm 1 value' }).click()
  await first.fill('7-12')
  await second.fill('7-2')
  await manager.unrouteAll({ behavior: 'wait' })
  await expect(manager.getByRole('button', { name: 'Confirm 2 values' })).toBeEnabled()
  await expect(first).toHaveValue('7-12')
  await expect(second).toHaveValue('7-2')
})

test('a reminder is sent once, however often Enter is pressed', async ({ browser }) => {
  const writer = await signedIn(browser, 'ines')
  await writer.keyboard.press('/')
  await writer.keyboard.type("Cox's Echo")
  await expect(writer.getByRole('option').first()).toContainText("Cox's Echo")
  await writer.keyboard.press('Enter')
  await writer.getByRole('button', { name: 'Remind the owner' }).click()
  const subject = writer.getByLabel('Subject')
  await expect(subject).not.toHaveValue('')
  await subject.fill('Once only')
  await writer.route('**/reminder', async (route) => {
    if (route.request().method() === 'POST') {
      await new Promise((resolve) => setTimeout(resolve, 2_000))
    }
    await route.continue()
  })
  await subject.press('Enter')
  await subject.press('Enter')
  await subject.press('Enter')
  await expect(writer.getByRole('dialog')).toHaveCount(0)
  await writer.unrouteAll({ behavior: 'wait' })
  await writer.reload()
  await expect(writer.getByRole('cell', { name: 'Once only' })).toHaveCount(1)
})

test('rests are counted by the shop’s clock, also on a tablet that is 40 minutes ahead', async ({ browser }) => {
  const writer = await signedIn(browser, 'ines')
  const number = await issueFor(writer, "Cox's Echo", null, ['Engine oil'])
  const bench = await signedIn(browser, 'ada', tablet)
  await bench.clock.setFixedTime('2026-03-18T09:40:00Z')
  await bench.goto(`/orders/${number}/bench`)
  await workUntil(bench, /^Fill|^Pour/)
  await pour(bench)
  const resting = bench.getByRole('timer', { name: /let the oil/ })
  await expect(resting).toBeVisible()
  await expect(resting).not.toContainText('done')
})

test('a session that ran out in a form: signed in again, it goes on with what was typed', async ({ browser }) => {
  const writer = await signedIn(browser, 'ines')
  const again = async (press: () => Promise<void>): Promise<void> => {
    await writer.context().clearCookies()
    await press()
    await expect(writer.getByText('Your session ended.')).toBeVisible()
    await writer.getByLabel('User name').fill('ines')
    await writer.getByLabel('Password', { exact: true }).fill('verrin-inlet')
    await writer.getByRole('button', { name: 'Sign in' }).click()
    await expect(writer.getByText('Your session ended.')).toHaveCount(0)
  }

  await test.step('a customer', async () => {
    await writer.goto('/boats')
    await writer.getByRole('link', { name: 'Old Pennant' }).first().click()
    await writer.getByRole('link', { name: 'Verrin Oyster Co-operative' }).click()
    await writer.getByLabel('Telephone').fill('01 555 0134')
    const keep = writer.getByRole('button', { name: 'Keep the changes' })
    await again(() => keep.click())
    await expect(writer.getByLabel('Telephone')).toHaveValue('01 555 0134')
    await keep.click()
    await expect(writer.getByText('Kept.')).toBeVisible()
  })

  await test.step('a message', async () => {
    await writer.getByRole('link', { name: 'Old Pennant' }).first().click()
    await writer.getByRole('button', { name: 'Remind the owner' }).click()
    await expect(writer.getByLabel('Subject')).not.toHaveValue('')
    await writer.getByLabel('Subject').fill('After the tide')
    const send = writer.getByRole('button', { name: 'Send it' })
    await again(() => send.click())
    await expect(writer.getByLabel('Subject')).toHaveValue('After the tide')
    await send.click()
    await expect(writer.getByRole('cell', { name: 'After the tide' })).toHaveCount(1)
  })
})
