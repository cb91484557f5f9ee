import { expect, type Page } from '@playwright/test'
import { execFileSync } from 'node:child_process'
import { writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { engine, openCheckIn, sendCheckIn, signedIn, test } from './shop'

interface Kept {
  id: number
  version: number
}

async function send(page: Page, method: 'post' | 'put', path: string, data: object): Promise<Kept> {
  const answer = await page.request[method](path, { headers: { 'X-Fresh-Tack': '1' }, data })
  expect(answer.ok(), await answer.text()).toBe(true)
  return (await answer.json()) as Kept
}

test('what is issued is the plan that was seen; what changed since is told first', async ({ browser }) => {
  const writer = await signedIn(browser, 'ines')
  const use = {
    water: 'salt',
    kept: 'moored',
    commercial: false,
    months: [4, 5, 6],
    idling: false,
    silt: false,
    sharedLockout: false,
    separators: null,
  }
  const owner = await send(writer, 'post', '/api/customers', { name: 'Owner of Merrow', email: null, phone: null })
  const body = { name: 'Merrow', kind: 'launch', registration: '', customerId: owner.id, use }
  const boat = await send(writer, 'post', '/api/boats', body)
  for (const [position, serial] of [
    ['port', 'D36-60951'],
    ['starboard', 'D36-60952'],
  ] as const) {
    const plate = { model: 'D36', serial, inService: '2024-01-01', hasMeter: true, year: null, gearcase: null }
    const hung = await send(writer, 'post', '/api/engines', { ...plate, warrantyUntil: null })
    const place = { boatId: boat.id, position, on: '2024-01-01', swap: false }
    await send(writer, 'put', `/api/engines/${hung.id}/fitting`, place)
  }
  await openCheckIn(writer, 'Merrow')
  await engine(writer, 'Port').getByLabel('Hours now').fill('80')
  await engine(writer, 'Starboard').getByLabel('Hours now').fill('80')
  const number = await sendCheckIn(writer)
  await writer.getByLabel('Technicians').selectOption('2')
  await writer.getByRole('checkbox', { name: /^Engine oil, Port/ }).click()
  await writer.getByRole('checkbox', { name: /^Engine oil, Starboard/ }).click()
  const sketch = writer.getByText('First sketch.').first()
  await expect(sketch, 'until the plan is worked out').toBeVisible()
  await expect(sketch).toHaveCount(0)
  const slip = writer.getByRole('complementary', { name: 'The slip' })
  await expect(slip).toContainText('by running engines')

  await test.step('the engines turn out to share their keys: nothing is issued unseen', async () => {
    const now = (await (await writer.request.get(`/api/boats/${boat.id}`)).json()) as { version: number }
    const shared = { ...body, use: { ...use, sharedLockout: true }, version: now.version }
    await send(writer, 'put', `/api/boats/${boat.id}`, shared)
    await writer.keyboard.press('F9')
    await expect(writer.getByRole('alert').first()).toContainText('no longer the one that you saw')
    await expect(writer.getByRole('listitem').filter({ hasText: /It takes .* and not/ })).toBeVisible()
  })

  await test.step('looked at again it is issued, as it stands there', async () => {
    const elapsed = await slip.locator('dt', { hasText: 'elapsed' }).locator('+ dd').textContent()
    await writer.keyboard.press('F9')
    await expect(writer.getByText('Issued.', { exact: false }).first()).toBeVisible()
    await expect(slip.locator('dt', { hasText: 'elapsed' }).locator('+ dd')).toHaveText(elapsed ?? '')
    await expect(writer).toHaveURL(new RegExp(`/orders/${number}$`))
  })

  await test.step('on paper each of the two finds what is theirs', async () => {
    const href = (await writer.getByRole('link', { name: 'Print A4' }).getAttribute('href')) ?? ''
    const file = join(tmpdir(), `order-of-two-${number}.pdf`)
    writeFileSync(file, await (await writer.request.get(href)).body())
    const text = execFileSync('pdftotext', ['-layout', file, '-']).toString()
    expect(text).toMatch(/take the cowl off \(1\) card \d+/)
    expect(text).toMatch(/take the cowl off \(2\) card \d+/)
  })
})
