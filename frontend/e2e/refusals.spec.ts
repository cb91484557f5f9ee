import { expect } from '@playwright/test'
import { openCheckIn, sendCheckIn, signedIn, test } from './shop'

const refusals = [
  { boat: 'Pip', title: 'Not a four-stroke', message: 'K30T is a two-stroke engine' },
  {
    boat: 'Swing Seat',
    title: 'Not a serial number of this model',
    message: '"D12-44I7" is not how a serial number of the D12 is written: D12- and 4 digits.',
  },
  {
    boat: 'Salt Lantern',
    title: 'Several sheets',
    message: '2 published sheets claim KC1-1702: kestrane-k48-remote rev. 1, kestrane-k48-tiller rev. 1.',
  },
  {
    boat: 'Second Wind',
    title: 'Sheet withdrawn',
    message: 'The sheet for D22-3144 was withdrawn: dunmarrow-d22 rev. 2.',
  },
  { boat: 'Verrin Warden', title: 'No sheet', message: 'The book has no sheet for D130 with serial number DL2-40071.' },
]

for (const refusal of refusals) {
  test(`refused with its reason: ${refusal.title.toLowerCase()}`, async ({ browser }) => {
    const writer = await signedIn(browser, 'ines')
    await openCheckIn(writer, refusal.boat)
    await expect(writer.getByRole('status').first()).toContainText(refusal.title)
    await expect(writer.getByRole('status').first()).toContainText(refusal.message)
    for (const box of await writer.getByRole('checkbox', { name: 'no meter' }).all()) {
      if (!(await box.isChecked())) {
        await writer
          .getByText('no meter')
          .nth((await writer.getByRole('checkbox', { name: 'no meter' }).all()).indexOf(box))
          .click()
      }
    }
    for (const field of await writer.getByLabel('Hours now').all()) {
      if (await field.isEnabled()) {
        await field.fill('900')
      }
    }
    const number = await sendCheckIn(writer)
    await expect(writer.getByRole('grid')).toContainText(refusal.title)
    await expect(writer.getByRole('complementary', { name: 'The slip' })).toContainText('can’t be ordered')
    await expect(writer.getByRole('button', { name: 'Nothing can be issued' })).toBeDisabled()
    expect(number).toBeGreaterThan(2400)

    const manager = await signedIn(browser, 'mora')
    await manager.getByRole('link', { name: 'Book', exact: true }).click()
    const row = manager.getByRole('listitem').filter({ hasText: refusal.message })
    await expect(row).toContainText(refusal.boat)
    await expect(row).toContainText(refusal.title)
  })
}

test('a corrected serial number finds its sheet while it is typed', async ({ browser }) => {
  const writer = await signedIn(browser, 'ines')
  await openCheckIn(writer, 'Swing Seat')
  await writer.getByRole('textbox', { name: 'Serial number' }).fill('D12-4417')
  await expect(writer.getByRole('status').first()).toContainText('dunmarrow-d12')
})
