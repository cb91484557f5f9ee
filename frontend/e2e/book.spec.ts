import { expect } from '@playwright/test'
import { execFileSync } from 'node:child_process'
import { readFileSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { engine, issueFor, openCheckIn, openSheet, sendCheckIn, signedIn, test } from './shop'

test('a value is changed, confirmed, reviewed by another and published; the old revision is withdrawn', async ({
  browser,
}) => {
  const mora = await signedIn(browser, 'mora')
  await openSheet(mora, 'D7', 'dunmarrow-d7 rev. 1')
  await mora.getByRole('button', { name: 'Start a new revision' }).click()
  await expect(mora).toHaveURL(/dunmarrow-d7\/2$/)

  await mora.getByRole('combobox', { name: 'Document at hand' }).fill('Dunmarrow service bulletin 9')
  await mora.getByRole('textbox', { name: 'Revision of the document' }).fill('1')
  const span = mora.getByRole('textbox', { name: "volume between the dipstick's marks", exact: true })
  await span.fill('0,19')
  await mora.getByRole('textbox', { name: "Page of volume between the dipstick's marks" }).fill('2')
  await mora.getByRole('textbox', { name: 'oil capacity without filter', exact: true }).fill('0.75')
  await expect(mora.getByRole('button', { name: /^Oil and filter/ })).toContainText('2 typed')
  await mora.getByRole('button', { name: 'Confirm 2 values' }).click()
  await expect(mora.getByRole('form', { name: 'Oil and filter' })).toContainText(
    'The oil capacity without filter must be less than the oil capacity, dry engine.',
  )
  await expect(span, 'what was typed stays').toHaveValue('0.19')

  await mora.reload()
  await expect(span, 'even after a reload').toHaveValue('0.19')
  await mora.getByRole('button', { name: 'Undo oil capacity without filter' }).click()
  await mora.getByRole('button', { name: 'Confirm 1 value' }).click()
  await expect(mora.getByText('Dunmarrow service bulletin 9, rev. 1, p. 2')).toBeVisible()
  await expect(mora.getByRole('button', { name: 'Reviewed by me' })).toBeDisabled()

  const teo = await signedIn(browser, 'teo')
  await teo.getByRole('link', { name: 'Book', exact: true }).click()
  await teo
    .getByRole('listitem')
    .filter({ hasText: 'to review' })
    .getByRole('link', { name: 'dunmarrow-d7 rev. 2' })
    .click()
  await teo.getByRole('combobox', { name: 'Compare with revision' }).selectOption('1')
  await teo.getByRole('button', { name: 'Compare', exact: true }).click()
  await expect(teo.getByText('1 value differs')).toBeVisible()
  await expect(teo.getByRole('row').filter({ hasText: 'volume between' })).toContainText('170 ml (5.7 US fl oz)')
  await teo.getByRole('link', { name: 'rev. 2', exact: true }).click()
  await teo.getByRole('button', { name: 'Reviewed by me' }).click()
  await teo.getByRole('button', { name: 'Publish…' }).click()
  await expect(teo.getByText('No open order rests on a value that changes.')).toBeVisible()
  await teo.getByRole('button', { name: 'Publish', exact: true }).click()
  await expect(teo.getByText('A published revision never changes.')).toBeVisible()
  await openSheet(teo, 'D7', 'dunmarrow-d7 rev. 1')
  await expect(teo.getByText('Withdrawn: its figures are not used.')).toBeVisible()
})

test('two at one draft: the second is told, keeps what was typed, and can go on', async ({ browser }) => {
  const mora = await signedIn(browser, 'mora')
  await openSheet(mora, 'K28', 'kestrane-k28 rev. 2')
  await mora.getByRole('button', { name: 'Start a new revision' }).click()
  await expect(mora).toHaveURL(/kestrane-k28\/3$/)
  const teo = await signedIn(browser, 'teo')
  await openSheet(teo, 'K28', 'kestrane-k28 rev. 3')

  await mora.getByRole('textbox', { name: 'place of the fill cap', exact: true }).fill('top, blue cap')
  await mora.getByRole('button', { name: 'Confirm 1 value' }).click()
  await expect(mora.getByRole('button', { name: 'Nothing to confirm' })).toBeVisible()

  await teo.getByRole('textbox', { name: "look of the dipstick's marks", exact: true }).fill('two dots')
  await teo.getByRole('button', { name: 'Confirm 1 value' }).click()
  await expect(teo.getByRole('alert')).toContainText('was changed by somebody else meanwhile')
  await teo.getByRole('button', { name: 'Load it again' }).click()
  await expect(teo.getByRole('textbox', { name: 'place of the fill cap', exact: true })).toHaveValue('top, blue cap')
  await expect(teo.getByRole('textbox', { name: "look of the dipstick's marks", exact: true })).toHaveValue('two dots')
  await teo.getByRole('button', { name: 'Confirm 1 value' }).click()
  await expect(teo.getByRole('button', { name: 'Nothing to confirm' })).toBeVisible()
})

test('an overlap is settled on the screen: the ranges of a draft are changed and the report follows', async ({
  browser,
}) => {
  const mora = await signedIn(browser, 'mora')
  await openSheet(mora, 'K240', 'kestrane-k240-late rev. 1')
  await mora.getByRole('button', { name: 'Start a new revision' }).click()
  await expect(mora).toHaveURL(/kestrane-k240-late\/2$/)
  await mora.getByText('Engines that it is for').click()
  await mora.getByRole('textbox', { name: 'Range 1, from' }).fill('18500')
  await mora.getByRole('textbox', { name: 'Range 1, to' }).fill('290000')
  await mora.getByLabel('What this revision changes, and why').fill('The break moved.')
  await mora.getByRole('button', { name: 'Keep', exact: true }).click()
  await expect(mora.getByText('is no range of the K240').first()).toBeVisible()
  await mora.getByRole('textbox', { name: 'Range 1, to' }).fill('29999')
  await mora.getByRole('button', { name: 'Keep', exact: true }).click()
  await expect(mora.getByText('serial numbers KT6-18500 – 29999')).toBeVisible()
  await expect(mora.getByText('The break moved.')).toBeVisible()

  const teo = await signedIn(browser, 'teo')
  await openSheet(teo, 'K240', 'kestrane-k240-late rev. 2')
  await teo.getByRole('button', { name: 'Reviewed by me' }).click()
  await teo.getByRole('button', { name: 'Publish…' }).click()
  await expect(teo.getByRole('dialog').getByRole('row').filter({ hasText: 'overlap' })).toContainText(
    'KT6-18500 – 18999',
  )
  await teo.getByRole('button', { name: 'Not yet' }).click()
})

test('a copied sheet has no source yet, and its table is put in order with the keyboard', async ({ browser }) => {
  const mora = await signedIn(browser, 'mora')
  await openSheet(mora, 'D130', 'dunmarrow-d130-dl1 rev. 2')
  await mora.getByRole('link', { name: 'Copy as a start' }).click()
  await mora.getByRole('combobox', { name: 'Model', exact: true }).selectOption('D130')
  await mora.getByRole('textbox', { name: 'Name of the sheet' }).fill('dunmarrow-d130-third')
  await mora.getByRole('textbox', { name: 'Serial numbers', exact: true }).fill('DL2-')
  await mora.getByRole('textbox', { name: 'Serial numbers from' }).fill('60000')
  await mora.getByRole('textbox', { name: 'Serial numbers to' }).fill('50000')
  await mora.keyboard.press('Enter')
  await expect(mora.getByText('A range runs from the smaller serial number to the larger.').first()).toBeVisible()
  await mora.getByRole('textbox', { name: 'Serial numbers to' }).fill('69999')
  await mora.keyboard.press('Enter')
  await expect(mora.getByText(/\d+ without a source/)).toBeVisible()

  await mora.getByRole('button', { name: /^Gearcase and propeller/ }).click()
  const piece = (row: number) =>
    mora.getByRole('textbox', { name: `propeller hardware, in the order it goes on, row ${row}, piece` })
  await expect(piece(1)).toHaveValue('thrust washer')
  await mora.getByRole('button', { name: 'Move row 2 up' }).first().focus()
  await mora.keyboard.press('Enter')
  await expect(piece(1)).toHaveValue('propeller')
  await mora.getByRole('combobox', { name: 'Document at hand' }).fill('Dunmarrow service manual D130')
  await mora.getByRole('textbox', { name: 'Revision of the document' }).fill('4')
  await mora.getByRole('textbox', { name: /^Page of propeller hardware/ }).fill('6-4')
  await mora.getByRole('button', { name: 'Confirm 1 value' }).click()
  await expect(mora.getByText('Dunmarrow service manual D130, rev. 4, p. 6-4')).toBeVisible()
})

test('the manager fills a hole on an order from the manual; it is marked, and the book gets a proposal', async ({
  browser,
}) => {
  const mora = await signedIn(browser, 'mora')
  await openCheckIn(mora, 'Meridian Heron')
  for (const label of ['Port', 'Centre', 'Starboard']) {
    await engine(mora, label).getByLabel('Hours now').fill('240')
  }
  const number = await sendCheckIn(mora)
  await mora.getByRole('button', { name: 'Oil filter, all engines' }).click()
  const slip = mora.getByRole('complementary', { name: 'The slip' })
  await expect(slip).toContainText('3 engines, oil filter: parked.')
  await slip.getByRole('button', { name: 'Fill in oil filter tightening, 3 engines' }).click()
  const dialog = mora.getByRole('dialog')
  await expect(dialog.getByLabel('Also at centre, starboard: the same sheet, the same manual.')).toBeChecked()
  await dialog.getByRole('combobox', { name: 'oil filter tightening, kind' }).selectOption('turns_after_contact')
  await dialog.getByLabel('from').fill('1')
  await dialog.getByLabel('to', { exact: true }).fill('3/4')
  await dialog.getByRole('textbox', { name: 'Manual' }).fill('Kestrane workshop book K85')
  await dialog.getByLabel('Its revision').fill('C')
  await dialog.getByLabel('Page').fill('2-13')
  await dialog.getByLabel('Why it is filled in here').fill('The manual lies here.')
  await dialog.getByRole('button', { name: 'Fill in', exact: true }).click()
  await expect(dialog).toContainText('must run from the smallest to the largest')
  await dialog.getByLabel('to', { exact: true }).fill('1 1/4')
  await dialog.getByRole('button', { name: 'Fill in', exact: true }).click()
  await expect(slip).toContainText('† Port: oil filter tightening filled in on this order')
  await expect(slip).toContainText('† Starboard: oil filter tightening filled in on this order')
  await expect(slip.getByRole('button', { name: 'Issue 6 tasks' })).toBeVisible()
  await mora.keyboard.press('F9')
  await expect(mora.getByRole('link', { name: 'Open at the bench' })).toBeVisible()
  const file = join(tmpdir(), 'filled.pdf')
  writeFileSync(file, await (await mora.request.get(`/api/orders/${number}/sheet.pdf`)).body())
  const print = execFileSync('pdftotext', ['-layout', file, '-']).toString()
  expect(print.replaceAll(/\s+/g, ' ')).toContain('filled in on this order')

  await mora.getByRole('link', { name: 'Book', exact: true }).click()
  const proposal = mora
    .getByRole('listitem')
    .filter({ hasText: 'value proposed' })
    .filter({ hasText: String(number) })
  await proposal.getByRole('button', { name: 'Turn down' }).click()
  await expect(proposal).toHaveCount(0)
})

test('a quote by model shows both sides of the break and cannot be issued', async ({ browser }) => {
  const ines = await signedIn(browser, 'ines')
  await ines.goto('/book/quote')
  await ines.getByRole('combobox', { name: 'Model', exact: true }).selectOption('K240')
  await ines.getByRole('button', { name: 'Quote', exact: true }).click()
  const quote = ines.getByRole('region', { name: 'Quote' })
  await expect(quote).toContainText('Serial to confirm.')
  await expect(quote.getByRole('row').filter({ hasText: 'parts' })).toContainText('QV-50840')
  await expect(quote.getByRole('row').filter({ hasText: 'parts' })).toContainText('QV-50847')
  await expect(quote.getByRole('row').filter({ hasText: 'parts' })).toContainText('differs')
  await expect(ines.getByRole('button', { name: /issue/i })).toHaveCount(0)
  await ines.getByRole('combobox', { name: 'Model', exact: true }).selectOption('K30T')
  await ines.getByRole('button', { name: 'Quote', exact: true }).click()
  await expect(ines.getByText('K30T is a two-stroke engine')).toBeVisible()
})

test('holes, ranges and procedures say what is missing and where', async ({ browser }) => {
  const ada = await signedIn(browser, 'ada')
  await ada.goto('/book/holes')
  await expect(ada.getByRole('row').filter({ hasText: 'exhaust valve clearance, cold' })).toContainText(
    'Valve clearance',
  )
  await ada.getByRole('link', { name: /^Ranges/ }).click()
  await expect(ada.getByRole('row').filter({ hasText: 'KC1-1500 – 1999' })).toContainText('kestrane-k48-tiller rev. 1')
  await expect(ada.getByRole('row').filter({ hasText: 'D65-7401 – 7999' })).toContainText('gap')
  await ada.getByRole('link', { name: /^Procedures/ }).click()
  await ada.getByRole('combobox', { name: /^Procedure/ }).selectOption('oil-filter')
  await ada.getByRole('combobox', { name: /shown with the sheet/ }).selectOption('kestrane-k85/4')
  await expect(ada.getByText('One slot stays empty on this sheet:')).toBeVisible()
  await ada.getByRole('combobox', { name: /shown with the sheet/ }).selectOption('dunmarrow-d36/3')
  await expect(ada.getByText('Every slot finds its figure on this sheet.')).toBeVisible()
})

test('the whole book goes out as a zip, and a sheet comes in after its preview', async ({ browser }) => {
  const mora = await signedIn(browser, 'mora')
  await mora.goto('/book/files')
  const download = mora.waitForEvent('download')
  await mora.getByRole('link', { name: 'The whole book (zip)' }).click()
  const zip = await (await download).path()
  await mora.getByLabel('Sheet or book').setInputFiles({
    name: 'book.zip',
    mimeType: 'application/zip',
    buffer: readFileSync(zip),
  })
  await expect(mora.getByText('The book has all of it already.')).toBeVisible()
  await mora.getByLabel('Sheet or book').setInputFiles({
    name: 'sheet.json',
    mimeType: 'application/json',
    buffer: Buffer.from('{"format":"fresh-tack/spec-sheet/1"}'),
  })
  await expect(mora.getByRole('alert')).toContainText('have to be mended')
})

test('publishing flags an open order with the difference, and the manager has it made anew', async ({ browser }) => {
  const ines = await signedIn(browser, 'ines')
  const number = await issueFor(ines, "Cox's Echo", null, ['Engine oil'])

  const mora = await signedIn(browser, 'mora')
  await openSheet(mora, 'D12', 'dunmarrow-d12 rev. 2')
  await mora.getByRole('button', { name: 'Start a new revision' }).click()
  await expect(mora).toHaveURL(/dunmarrow-d12\/3$/)
  await mora.getByRole('textbox', { name: 'rest after a run before a reading counts', exact: true }).fill('11')
  await mora.getByRole('button', { name: 'Confirm 1 value' }).click()
  await expect(mora.getByRole('button', { name: 'Nothing to confirm' })).toBeVisible()

  const teo = await signedIn(browser, 'teo')
  await openSheet(teo, 'D12', 'dunmarrow-d12 rev. 3')
  await teo.getByRole('button', { name: 'Reviewed by me' }).click()
  await teo.getByRole('button', { name: 'Publish…' }).click()
  await expect(teo.getByRole('dialog')).toContainText(/open orders? rests? on values that change/)
  await teo.getByRole('button', { name: 'Publish', exact: true }).click()
  await expect(teo.getByText('A published revision never changes.')).toBeVisible()

  await ines.reload()
  await expect(ines.getByText('The book has changed since this order was issued')).toBeVisible()
  await expect(ines.locator('.engine'), 'frozen as it was issued').toContainText('dunmarrow-d12 rev. 2')

  await mora.getByRole('link', { name: 'Book', exact: true }).click()
  const flag = mora.getByRole('listitem').filter({ hasText: `Order ${number}` })
  await expect(flag).toContainText('9 min')
  await expect(flag).toContainText('11 min')
  await flag.getByRole('textbox', { name: 'Reason' }).fill('Longer rest by the maker.')
  await flag.getByRole('button', { name: 'Make anew' }).click()
  await expect(flag).toHaveCount(0)
  await ines.reload()
  await expect(ines.getByText('dunmarrow-d12 rev. 3').first()).toBeVisible()
  await expect(ines.getByText('The book has changed since this order was issued')).toHaveCount(0)
})
