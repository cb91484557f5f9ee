import { expect, type Browser, type Page } from '@playwright/test'
import { execFileSync } from 'node:child_process'
import { readFileSync } from 'node:fs'
import { join } from 'node:path'
import { engine, holdParts, openCheckIn, sendCheckIn, signedIn, tablet, test, today, workUntil, type Who } from './shop'

const words = 'copper lantern drift'
const root = join(import.meta.dirname, '../..')
const size = { width: 1280, height: 800 }

const sheetOfD36 = readFileSync(join(root, 'demo/book/sheets/dunmarrow-d36.json'), 'utf8')

/** Every number of the sheet, as a parts counter has it in its table. */
function partsCsv(): string {
  const numbers = [...new Set(sheetOfD36.match(/DM-\d+/g) ?? [])]
  const rows = numbers.map((each) => `${each},Part ${each},Dunmarrow,maker,1,A1,4,14.20`)
  return ['number,description,maker,origin,pack_size,bin,in_stock,price', ...rows, ''].join('\n')
}

/** One model of an invented maker and its sheet, as another shop would hand them over. */
function bookZip(): Buffer {
  const models = JSON.parse(readFileSync(join(root, 'demo/book/models.json'), 'utf8')) as {
    models: { code: string }[]
  }
  const only = { ...models, models: models.models.filter((model) => model.code === 'D36') }
  const write =
    '$in = json_decode(stream_get_contents(STDIN), true); $zip = new ZipArchive(); $name = tempnam(sys_get_temp_dir(), "own");' +
    '$zip->open($name, ZipArchive::OVERWRITE); foreach ($in as $file => $text) { $zip->addFromString($file, $text); }' +
    '$zip->close(); readfile($name); unlink($name);'
  return execFileSync('php', ['-r', write], {
    input: JSON.stringify({ 'models.json': JSON.stringify(only), 'sheets/dunmarrow-d36.json': sheetOfD36 }),
  })
}

const csv = (text: string) => ({ name: 'table.csv', mimeType: 'text/csv', buffer: Buffer.from(text) })

/** Makes an account, and sets its password as its owner does, by the link. */
async function person(browser: Browser, manager: Page, name: string, username: Who, role: string): Promise<void> {
  await manager.getByRole('button', { name: 'Another person' }).click()
  await manager.getByLabel('Name', { exact: true }).fill(name)
  await manager.getByLabel('User name').fill(username)
  await manager.getByRole('radio', { name: role }).check()
  await manager.getByRole('button', { name: 'Make the account' }).click()
  const link = await manager.getByLabel('The link').inputValue()
  await manager.getByRole('button', { name: 'Done' }).click()
  const context = await browser.newContext({ viewport: size })
  const owner = await context.newPage()
  await owner.clock.setFixedTime(today)
  await owner.goto(link)
  await owner.getByLabel('New password').fill('short')
  await owner.getByRole('button', { name: 'Set it and sign in' }).click()
  await expect(owner.getByText('A password has at least 10 characters.').first()).toBeVisible()
  await owner.getByLabel('New password').fill(words)
  await owner.getByRole('button', { name: 'Set it and sign in' }).click()
  await expect(owner.getByRole('navigation', { name: 'Places of the shop' })).toBeVisible()
  await owner.goto(link)
  await expect(owner.getByText('This link does not count any more')).toBeVisible()
  await context.close()
}

async function oil(manager: Page, product: string, grade: string, of: string, litres: string): Promise<void> {
  await manager.getByRole('button', { name: 'Another oil' }).click()
  const dialog = manager.getByRole('dialog')
  await dialog.getByLabel('Product').fill(product)
  await dialog.getByLabel('Grade').fill(grade)
  await dialog.getByLabel('Performance class').fill(of)
  await dialog.getByLabel('Container', { exact: true }).fill(litres)
  await dialog.getByLabel(/^Price of one/).fill('12.40')
  await dialog.getByLabel('Unopened on the shelf').fill('9')
  await dialog.getByRole('button', { name: 'Put it on the shelf' }).click()
  await expect(dialog).toBeHidden()
  await expect(manager.getByRole('cell', { name: product, exact: true })).toBeVisible()
}

test('a shop is set up from nothing, and its first order becomes a record', async ({ browser }) => {
  test.setTimeout(900_000)
  const context = await browser.newContext({ viewport: size })
  const manager = await context.newPage()
  await manager.clock.setFixedTime(today)
  let number = 0
  const leaf = (name: string) => manager.getByRole('navigation', { name: 'The shop' }).getByRole('link', { name })
  const kept = manager.getByRole('status').filter({ hasText: 'Kept.' })

  await test.step('the first manager opens it with the code of the terminal', async () => {
    await manager.goto('/')
    await manager.getByRole('button', { name: 'Open the shop' }).click()
    await expect(manager.getByText('This is needed.').first()).toBeVisible()
    await manager.getByLabel('Code').fill('AAAA-AAAA')
    await manager.getByLabel('Name of the shop').fill('Saltmarsh Marine')
    await manager.getByLabel('Country').selectOption({ label: 'Germany' })
    await expect(manager.getByLabel('Time zone')).toHaveValue('Europe/Berlin')
    await expect(manager.getByLabel('Currency')).toHaveValue('EUR')
    await manager.getByLabel('Your name').fill('Odile Marrow')
    await manager.getByLabel('User name').fill('odile')
    await manager.getByLabel('Password', { exact: true }).fill(words)
    await manager.getByRole('button', { name: 'Open the shop' }).click()
    await expect(manager.getByText('That is not the code.').first()).toBeVisible()
    await expect(manager.getByLabel('Your name'), 'what was typed stays').toHaveValue('Odile Marrow')
    await manager.getByLabel('Code').fill((process.env['OWN_CODE'] ?? '').toLowerCase())
    await manager.getByRole('button', { name: 'Open the shop' }).click()
    await expect(manager.getByRole('heading', { name: 'Setting up the shop' })).toBeVisible()
    await expect(manager.getByText('Nobody but you can work at the bench.')).toBeVisible()
  })

  await test.step('its address, hours, season', async () => {
    await manager.getByRole('link', { name: 'Enter it: Name and address' }).click()
    await manager.getByRole('textbox', { name: 'Address' }).fill('4 Slipway Road\nVerrin Inlet')
    await manager.getByLabel('Telephone').fill('0555 0177')
    await manager.getByRole('button', { name: 'Keep name and address' }).click()
    await expect(kept).toBeVisible()
    await leaf('Hours and season').click()
    await manager.getByLabel('Friday, to').fill('8')
    await manager.getByRole('button', { name: 'Keep the hours' }).click()
    await expect(manager.getByText('Write a time such as 08:30.').first()).toBeVisible()
    await manager.getByLabel('Friday, to').fill('16:00')
    await manager.getByRole('button', { name: 'Keep the hours' }).click()
    await expect(kept).toBeVisible()
    const months = ['Jan', 'Feb', 'Mar', 'Apr', 'May', 'Jun', 'Jul', 'Aug', 'Sep', 'Oct', 'Nov', 'Dec']
    for (const [place, month] of months.entries()) {
      await manager.getByLabel(`${month}, coldest`).fill(String(Math.abs(6 - place) > 3 ? 1 : 8))
      await manager.getByLabel(`${month}, warmest`).fill('22')
    }
    await manager.getByRole('button', { name: 'Keep the season' }).click()
    await expect(kept).toHaveCount(2)
  })

  await test.step('oils, wrenches, people', async () => {
    await leaf('Oils').click()
    await oil(manager, 'Tidewell 10W-30', '10W-30', 'VO-3', '1')
    await oil(manager, 'Tidewell 10W-40', '10W-40', 'VO-3', '1')
    await leaf('Wrenches').click()
    for (const [place, name, scale] of [
      [1, 'SM-1', '10'],
      [2, 'SM-2', '60'],
    ] as const) {
      await manager.getByRole('button', { name: 'Another wrench' }).click()
      await manager.getByLabel(`Wrench ${place}, name on it`).fill(name)
      await manager.getByLabel(`Wrench ${place}, full scale`).fill(scale)
      await manager.getByLabel(`Wrench ${place}, calibrated on`).fill('2026-01-12')
    }
    await manager.getByRole('button', { name: 'Keep the wrenches' }).click()
    await expect(kept).toBeVisible()
    await leaf('People').click()
    await person(browser, manager, 'Piet Sandal', 'piet', 'service manager')
    await person(browser, manager, 'Nuala Trench', 'nuala', 'technician')
    await expect(manager.getByText('made the account of Nuala Trench')).toBeVisible()
  })

  await test.step('parts and stock, which sheets rest on', async () => {
    await manager.getByRole('link', { name: 'Shop', exact: true }).click()
    await manager.getByRole('link', { name: 'Enter it: Parts and stock' }).click()
    await manager.locator('input[type=file]').setInputFiles(csv(partsCsv()))
    await manager.getByRole('button', { name: /^Take in/ }).click()
    await expect(manager.getByText('Taken in.')).toBeVisible()
  })

  await test.step('the book: a model and its sheet, reviewed by the other manager', async () => {
    await manager.getByRole('link', { name: 'Book', exact: true }).click()
    await manager.getByRole('link', { name: 'Files in and out' }).click()
    await manager
      .getByLabel('Sheet or book')
      .setInputFiles({ name: 'book.zip', mimeType: 'application/zip', buffer: bookZip() })
    await manager.getByRole('button', { name: /^Take in/ }).click()
    await expect(manager.getByText('Taken in.')).toBeVisible()
    const piet = await signedIn(browser, 'piet', size, words)
    await piet.getByRole('link', { name: 'Book', exact: true }).click()
    await piet
      .getByRole('link', { name: /^dunmarrow-d36 rev/ })
      .first()
      .click()
    await piet.getByRole('button', { name: 'Reviewed by me' }).click()
    await piet.getByRole('button', { name: 'Publish…' }).click()
    await piet.getByRole('button', { name: 'Publish', exact: true }).click()
    await expect(piet.getByText('A published revision never changes.')).toBeVisible()
    await piet.context().close()
  })

  await test.step('its boats from tables', async () => {
    await manager.getByRole('link', { name: 'Shop', exact: true }).click()
    await leaf('Boats from a file').click()
    const boats = manager.getByLabel('File: Owners, boats and engines')
    const headings = 'owner,boat,kind,water,kept,position,model,serial,in_service,hours,hours_on\n'
    const row = 'Family Treloar,Sea Campion,day boat,salt,trailered'
    await boats.setInputFiles(csv(`${headings}${row},port,D36,D36-51001,2024-04-01,118.5,2026-13-01\n`))
    await expect(manager.getByText('Row 2, hours_on: this must be a day that exists').first()).toBeVisible()
    await boats.setInputFiles(
      csv(
        `${headings}${row},port,D36,D36-51001,2024-04-01,118.5,2026-03-01\n` +
          `${row},starboard,D36,D36-51002,2024-04-01,118.1,2026-03-01\n`,
      ),
    )
    await expect(manager.getByText('engine D36 D36-51002 on Sea Campion')).toBeVisible()
    await manager.getByRole('button', { name: 'Take in 4 changes' }).click()
    await expect(manager.getByText('Taken in.')).toBeVisible()
    await manager
      .getByLabel('File: What was last done')
      .setInputFiles(csv('serial,task,date,hours,evidence\nD36-51001,Engine oil,2025-03-12,61,invoice 2231\n'))
    await manager.getByRole('button', { name: 'Take in 1 change' }).click()
    await expect(manager.getByText('Taken in.')).toHaveCount(2)
    await manager.getByRole('link', { name: 'Shop', exact: true }).click()
    await expect(manager.getByText('missing', { exact: true }), 'only the waste containers').toHaveCount(1)
  })

  await test.step('the first order', async () => {
    await openCheckIn(manager, 'Sea Campion')
    await expect(manager.getByLabel('warmest')).toHaveValue('22')
    await engine(manager, 'Port').getByLabel('Hours now').fill('121')
    await engine(manager, 'Starboard').getByLabel('Hours now').fill('120,6')
    number = await sendCheckIn(manager)
    for (const label of ['Port', 'Starboard']) {
      await manager.getByRole('checkbox', { name: new RegExp(`^Oil filter, ${label}:`) }).click()
    }
    await manager.getByRole('button', { name: /^Issue/ }).click()
    await expect(manager.getByRole('link', { name: 'Open at the bench' })).toBeVisible()
    await expect(manager.getByText('120,6 h').first(), 'as people there write it').toBeVisible()
  })

  await test.step('is done at the bench and released', async () => {
    const bench = await signedIn(browser, 'nuala', tablet, words)
    await bench.goto(`/orders/${number}/bench`)
    await holdParts(bench)
    await workUntil(bench, null)
    await bench.goto(`/orders/${number}/release`)
    await bench.getByLabel('not measured').check()
    await bench.getByRole('button', { name: 'Release the engines' }).click()
    await expect(bench.getByRole('heading', { name: /Service record/ }).first()).toBeVisible()
  })

  await test.step('and its record says whose it is', async () => {
    const pdf = await manager.request.get(`/api/orders/${number}/record.pdf?paper=a4`)
    const text = execFileSync('pdftotext', ['-layout', '-', '-'], { input: await pdf.body() }).toString()
    expect(text).toContain('Saltmarsh Marine')
    expect(text).toContain('120,6 h')
    expect(text).toContain('4 Slipway Road')
    expect(text).toContain('DM-20714')
    expect(text).toContain('Nuala Trench')
  })
})
