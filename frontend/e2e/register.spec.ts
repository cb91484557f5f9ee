import { expect, test, type Page } from '@playwright/test'
import ICAL from 'ical.js'
import { rmSync, writeFileSync } from 'node:fs'
import { engine, openCheckIn, signedIn } from './shop'

async function openRig(page: Page, boat: string): Promise<void> {
  await page.keyboard.press('/')
  await page.keyboard.type(boat)
  await expect(page.getByRole('option', { name: boat }).first()).toBeVisible()
  await page.keyboard.press('Enter')
  await expect(page.getByRole('heading', { level: 1 })).toContainText(boat)
}

test('a new customer with boat and engine is entered, identified and found by any part of a number', async ({
  browser,
}) => {
  const writer = await signedIn(browser, 'ines')
  await writer.getByRole('link', { name: 'Rigs' }).click()
  await writer.getByRole('link', { name: 'New boat' }).click()
  await writer.getByLabel('Name', { exact: true }).fill('Sea Holly')
  await writer.getByLabel('Kind').fill('day boat')
  await writer.getByLabel('Registration').fill('VI 5150')
  await writer.getByLabel('Owner', { exact: true }).fill('Family Merrowby')
  await expect(writer.getByText('Not in the register yet')).toBeVisible()
  await writer.getByLabel('Owner’s e-mail').fill('merrowby at post')
  await writer.getByRole('button', { name: 'Add the boat' }).click()
  await expect(writer.getByText('This is no e-mail address.').first()).toBeVisible()
  await expect(writer.getByLabel('Name', { exact: true })).toHaveValue('Sea Holly')
  await writer.getByLabel('Owner’s e-mail').fill('merrowby@post.example')
  await writer.getByRole('button', { name: 'Add the boat' }).click()
  await expect(writer.getByRole('heading', { level: 1 })).toContainText('Sea Holly')

  await writer.getByRole('button', { name: 'Add an engine' }).click()
  const dialog = writer.getByRole('dialog')
  await dialog.getByLabel('Model').fill('K85')
  await dialog.getByLabel(/^Serial number/).fill('KM2-6651')
  await expect(dialog.getByText('kestrane-k85')).toBeVisible()
  await dialog.getByLabel('In service since').fill('2025-06-01')
  await dialog.getByRole('button', { name: 'Add the engine' }).click()
  await expect(engine(writer, 'Engine').getByText('KM2-6651')).toBeVisible()

  for (const part of ['6651', '515', 'merrow', 'holly']) {
    await writer.getByRole('combobox', { name: /^Find/ }).fill(part)
    await expect(writer.getByRole('option', { name: /Sea Holly/ }).first()).toBeVisible()
  }
})

test('a lower reading is a new meter, and the true total goes on', async ({ browser }) => {
  const technician = await signedIn(browser, 'ada')
  await openRig(technician, 'Marsh Runner')
  const card = engine(technician, 'Engine')
  await expect(card.getByText('104.0 h')).toBeVisible()
  await expect(card.getByText('535.7 h in all, over its meters')).toBeVisible()
  await card.getByRole('button', { name: 'Enter hours' }).click()
  const dialog = technician.getByRole('dialog')
  await dialog.getByLabel('Hours on the meter').fill('1,5')
  await dialog.getByRole('button', { name: 'Keep the reading' }).click()
  await expect(dialog.getByText(/if a new meter was fitted, say so/)).toBeVisible()
  await dialog.getByLabel('A new meter was fitted.').check()
  await dialog.getByLabel('The old one ended at').fill('106')
  await dialog.getByRole('button', { name: 'Keep the reading' }).click()
  await expect(dialog).toBeHidden()
  // 431.7 h on the first meter, 106.0 on the second, 1.5 on the third
  await expect(card.getByText('539.2 h in all, over its meters')).toBeVisible()
})

test('a reading that can hardly be is asked about at the check-in, and taken once it is sure', async ({ browser }) => {
  const writer = await signedIn(browser, 'ines')
  await openCheckIn(writer, 'Sandling')
  await engine(writer, 'Engine').getByLabel('Hours now').fill('4960')
  await writer.getByRole('button', { name: 'Check in and choose the tasks' }).click()
  await expect(engine(writer, 'Engine').getByText(/is more than there are hours/)).toBeVisible()
  await engine(writer, 'Engine').getByRole('button', { name: 'A new meter, or right all the same' }).click()
  const dialog = writer.getByRole('dialog')
  await dialog.getByRole('button', { name: 'Keep the reading' }).click()
  await dialog.getByLabel('Read again: it is right.').check()
  await dialog.getByLabel('Hours on the meter').fill('496')
  await dialog.getByRole('button', { name: 'Keep the reading' }).click()
  await expect(dialog).toBeHidden()
  await expect(engine(writer, 'Engine').getByLabel('Hours now')).toHaveValue('496.0')
})

test('work done elsewhere and work declined move the clocks, each its own', async ({ browser }) => {
  const writer = await signedIn(browser, 'ines')
  await openRig(writer, 'Old Pennant')
  const card = engine(writer, 'Engine')
  await card.getByRole('button', { name: 'Done elsewhere' }).click()
  await writer.getByLabel('Task').selectOption('Gear lubricant')
  await writer.getByLabel('Done on').fill('2026-03-19')
  await writer.getByLabel('What shows it').fill('Alder Creek Boatyard, invoice 412')
  await writer.getByRole('button', { name: 'Write it down' }).click()
  await expect(writer.getByText('This day is still to come')).toBeVisible()
  await writer.getByLabel('Done on').fill('2026-03-10')
  await writer.getByRole('button', { name: 'Write it down' }).click()
  await expect(writer.getByRole('dialog')).toBeHidden()
  await expect(card.getByText(/Declined on .*Only came for a cable/)).toHaveCount(1)
  await card.getByRole('button', { name: 'Declined', exact: true }).click()
  await writer.getByLabel('Task').selectOption('Oil filter')
  await writer.getByLabel('What the owner said').fill('Next month.')
  await writer.getByRole('button', { name: 'Write it down: it stays due' }).click()
  await expect(card.getByText('Declined on 18 Mar 2026: “Next month.”')).toBeVisible()
  await card.getByRole('link', { name: 'Log' }).click()
  await expect(
    writer.getByRole('row', { name: /10 Mar 2026 Gear lubricant renew .*invoice 412 elsewhere/ }),
  ).toBeVisible()
})

test('two engines of two boats are swapped, and each keeps its record', async ({ browser }) => {
  const writer = await signedIn(browser, 'ines')
  await openRig(writer, 'Wrack Line')
  await engine(writer, 'Engine').getByRole('button', { name: 'Move', exact: true }).click()
  const dialog = writer.getByRole('dialog')
  await dialog.getByLabel('Boat', { exact: true }).fill('Mudlark')
  await dialog.getByRole('button', { name: 'Hang it there' }).click()
  await expect(dialog.getByText('D65 D65-5201 hangs there.')).toBeVisible()
  await dialog.getByLabel(/^Swap/).check()
  await dialog.getByRole('button', { name: 'Swap the two' }).click()
  await expect(dialog).toBeHidden()
  await expect(engine(writer, 'Engine').getByText('D65-5201')).toBeVisible()
  await engine(writer, 'Engine').getByRole('link', { name: 'Log' }).click()
  await expect(writer.getByRole('row', { name: /now Wrack Line/ })).toBeVisible()
  await expect(writer.getByRole('row', { name: /18 Mar 2026 Mudlark/ })).toBeVisible()
})

test('the engine reader tells hours, speeds and faults, and may fail in every way', async ({ browser }) => {
  const mode = process.env['READER_MODE'] ?? ''
  const technician = await signedIn(browser, 'ada')
  await openRig(technician, 'Verrin Sentry')
  const ask = async (words: RegExp): Promise<void> => {
    await engine(technician, 'Port outer').getByRole('button', { name: 'Ask the reader' }).click()
    await expect(technician.getByRole('dialog').getByText(words)).toBeVisible({ timeout: 15_000 })
    await technician.getByRole('button', { name: 'Close', exact: true }).click()
  }
  try {
    writeFileSync(mode, 'nonsense')
    await ask(/makes no sense.*Nothing was kept/)
    writeFileSync(mode, 'down')
    await ask(/can't be reached.*Nothing was kept/)
    writeFileSync(mode, 'slow')
    await ask(/did not answer in time.*Nothing was kept/)
  } finally {
    rmSync(mode, { force: true })
  }
  await expect(engine(technician, 'Port outer').getByText('986.4 h')).toBeVisible()
  await ask(/998\.8 h.*kept as a reading/)
  await expect(engine(technician, 'Port outer').getByText('998.8 h')).toBeVisible()
  await engine(technician, 'Port outer').getByRole('link', { name: 'Log' }).click()
  await expect(technician.getByText('Water in the fuel sensed')).toBeVisible()
  await expect(technician.getByRole('img', { name: /^Time by speed: 47 % from 0 to 1000/ })).toBeVisible()
})

test('readings come in from a file: first what it gives, then all of it; a row in doubt is told', async ({
  browser,
}) => {
  const writer = await signedIn(browser, 'ines')
  await writer.getByRole('link', { name: 'Rigs' }).click()
  await writer.getByRole('link', { name: 'Hours' }).click()
  const file = writer.getByLabel('File of readings')
  const csv = (text: string) => ({ name: 'hours.csv', mimeType: 'text/csv', buffer: Buffer.from(text) })
  await file.setInputFiles(csv('serial,date,hours\nKM2-6120,2026-03-17,1.0\n'))
  await expect(writer.getByText(/Row 2, KM2-6120: The reading of/)).toBeVisible()
  await file.setInputFiles(csv('serial,date,hours\nKM2-6120,2026-03-17,82.5\n'))
  await expect(writer.getByText('1 new, 0 known already.')).toBeVisible()
  await writer.getByRole('button', { name: 'Take in 1 change' }).click()
  await expect(writer.getByText('Taken in.')).toBeVisible()
  await writer.getByRole('button', { name: 'Take in what lies there' }).click()
  await expect(writer.getByText('The folder is empty.')).toBeVisible()
})

test('the grid by keyboard: arrows, space, one key for all that is due; more is offered, not added', async ({
  browser,
}) => {
  const writer = await signedIn(browser, 'ines')
  await openCheckIn(writer, 'Tidewright')
  await engine(writer, 'Engine').getByLabel('Hours now').fill('90')
  await writer.getByRole('button', { name: 'Check in and choose the tasks' }).click()
  const grid = writer.getByRole('grid')
  await expect(grid.getByRole('row')).toHaveCount(16)
  const oil = writer.getByRole('checkbox', { name: /^Engine oil/ })
  await oil.focus()
  await writer.keyboard.press('ArrowDown')
  await writer.keyboard.press('ArrowDown')
  await expect(writer.getByRole('checkbox', { name: /^Spark plugs/ })).toBeFocused()
  await writer.keyboard.press('Space')
  await expect(writer.getByRole('checkbox', { name: /^Spark plugs/ })).toBeChecked()
  await writer.keyboard.press('ArrowUp')
  await writer.keyboard.press('ArrowUp')
  await writer.keyboard.press('Space')
  await expect(oil).toBeChecked()
  await writer.keyboard.press('Space')
  await expect(oil).not.toBeChecked()
  await writer.keyboard.press('a')
  await expect(oil, 'not due: left alone').not.toBeChecked()
})

test('a change of the policy moves every engine, and the board says how far it is', async ({ browser }) => {
  const manager = await signedIn(browser, 'mora')
  await manager.getByRole('link', { name: 'Policy' }).click()
  await manager.getByRole('link', { name: 'When something is due' }).click()
  await manager.getByLabel('Soon, days').fill('45')
  await manager.getByLabel('Grace, hours').fill('many')
  await manager.getByRole('button', { name: 'Keep the policy' }).click()
  await expect(manager.getByRole('alert').first()).toBeVisible()
  await manager.getByLabel('Grace, hours').fill('10')
  await manager.getByRole('button', { name: 'Keep the policy' }).click()
  await expect(manager.getByText(/^Kept\. What is due is being worked out anew/)).toBeVisible()
  await manager.getByRole('link', { name: 'Board' }).click()
  await expect(manager.getByText('What is due is being worked out anew.')).toHaveCount(0, { timeout: 30_000 })
  await manager.getByRole('button', { name: /no record ask the owner/ }).click()
  await expect(manager.getByRole('heading', { name: 'Never recorded' })).toBeVisible()
  await expect(manager.getByRole('row', { name: /Low Water/ })).toBeVisible()
})

test('the owner is reminded, and a calendar follows what is due', async ({ browser }) => {
  const writer = await signedIn(browser, 'ines')
  await openRig(writer, 'Sandling')
  await writer.getByRole('button', { name: 'Remind the owner' }).click()
  const dialog = writer.getByRole('dialog')
  await expect(dialog.getByRole('textbox', { name: 'Message' })).toHaveValue(/Dear Family Penhallow,[\s\S]*Engine oil/)
  await dialog.getByLabel('Subject').fill('Sandling: time for her service')
  await dialog.getByRole('button', { name: 'Send it' }).click()
  await expect(dialog).toBeHidden()
  await writer.getByRole('button', { name: 'Make an address' }).click()
  const address = await writer.getByLabel('Address of the calendar').inputValue()
  const text = await (await writer.request.get(address)).text()
  // read by a parser that has nothing to do with the one that wrote it
  const events = new ICAL.Component(ICAL.parse(text) as never)
    .getAllSubcomponents('vevent')
    .map((each) => new ICAL.Event(each))
  expect(events.length).toBeGreaterThan(10)
  expect(new Set(events.map((event) => event.uid)).size).toBe(events.length)
  expect(events.every((event) => event.startDate.isDate && event.summary.startsWith('Sandling'))).toBe(true)

  await writer.getByRole('link', { name: 'Rigs' }).click()
  await writer.getByRole('link', { name: 'Outbox' }).click()
  await writer.getByText('Sandling: time for her service').click()
  await expect(writer.getByText(/Dear Family Penhallow/)).toBeVisible()
})
