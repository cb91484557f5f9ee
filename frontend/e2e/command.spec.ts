import { expect } from '@playwright/test'
import { signedIn, test } from './shop'

test('Enter in the command box never acts on the answer to an older text', async ({ browser }) => {
  const writer = await signedIn(browser, 'ines')
  // the answer to the whole text comes late, those to its beginnings at once
  let answer = (): void => undefined
  const late = new Promise<void>((resolve) => (answer = resolve))
  await writer.route('**/api/search?q=Low%20Water', async (route) => {
    await late
    await route.continue()
  })
  await writer.keyboard.press('/')
  await writer.keyboard.type('L')
  await expect(writer.getByRole('option', { name: 'Little Dunlin' })).toBeVisible()
  const asked = writer.waitForRequest('**/api/search?q=Low%20Water')
  await writer.keyboard.type('ow Water')
  await writer.keyboard.press('Enter')
  await asked
  expect(writer.url(), 'nothing was opened yet').not.toContain('/boats/')
  answer()
  await expect(writer.getByRole('heading', { level: 1 })).toContainText('Low Water')
})

test('the box is ready for the next search the moment after Enter', async ({ browser }) => {
  const writer = await signedIn(browser, 'ines')
  for (const boat of ['Low Water', 'Little Dunlin', 'Tidewright', 'Low Water']) {
    await writer.keyboard.press('/')
    await writer.keyboard.type(boat)
    await expect(writer.getByRole('option', { name: boat }).first()).toBeVisible()
    await writer.keyboard.press('Enter')
    await expect(writer.getByRole('heading', { level: 1 })).toContainText(boat)
    await writer.keyboard.press('/')
    await writer.keyboard.type('Sand')
    await writer.waitForTimeout(200)
    await expect(writer.getByRole('option', { name: 'Sandling' }).first()).toBeVisible()
    for (let letter = 0; letter < 4; letter += 1) {
      await writer.keyboard.press('Backspace')
    }
    await writer.keyboard.press('Escape')
  }
})
