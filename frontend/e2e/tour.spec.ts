import { expect, type Page } from '@playwright/test'
import { readFileSync } from 'node:fs'
import { join } from 'node:path'
import {
  engine,
  holdParts,
  letTimePass,
  openCheckIn,
  openRig,
  pour,
  sendCheckIn,
  signedIn,
  tablet,
  test,
  workUntil,
} from './shop'

const readme = readFileSync(join(import.meta.dirname, '../../README.md'), 'utf8')
const told = readme.slice(readme.indexOf('## Try it'), readme.indexOf('## What it looks like'))

/** A step of the README's tour, word by word: who changes the words walks the way again. */
async function step(words: string, walk: () => Promise<void>): Promise<void> {
  expect(told, 'the README says what is done here').toContain(words)
  await test.step(words, walk)
}

async function openLeaves(page: Page): Promise<void> {
  for (const leaf of await page.getByRole('tab').all()) {
    await leaf.click()
    await expect(page.getByRole('tabpanel').filter({ visible: true })).not.toBeEmpty()
  }
}

test('the README’s tour does what it says in a fresh demo', async ({ browser }) => {
  test.setTimeout(900_000)
  const ines = await signedIn(browser, 'ines')
  let number = 0

  await step(
    'As `ines`, press `/`, type `brisk`, Enter, **Check in**. Enter `611.4` and `598.0` hours, an oil level, and where the job is done; then **Check in and choose the tasks**.',
    async () => {
      await ines.keyboard.press('/')
      await ines.keyboard.type('brisk')
      await expect(ines.getByRole('option', { name: 'Brisk Tern' }).first()).toBeVisible()
      await ines.keyboard.press('Enter')
      await expect(ines.getByRole('heading', { level: 1 })).toContainText('Brisk Tern')
      await ines.getByRole('link', { name: 'Check in' }).click()
      await engine(ines, 'Port').getByLabel('Hours now').fill('611.4')
      await engine(ines, 'Starboard').getByLabel('Hours now').fill('598.0')
      await engine(ines, 'Port')
        .getByRole('textbox', { name: /^reading/ })
        .fill('0.55')
      await engine(ines, 'Port')
        .getByRole('textbox', { name: /^rested/ })
        .fill('600')
      await ines.getByText('on the lift').click()
      number = await sendCheckIn(ines)
    },
  )

  await step(
    'Press `A` for all that is due. The order is there: look through its leaves, ask *why* anywhere. `F9` issues it; **Print A4** or **Print Letter** prints it.',
    async () => {
      await ines.keyboard.press('a')
      await expect(ines.getByRole('checkbox', { name: 'Engine oil, Port: due by hours' })).toBeChecked()
      await expect(ines.getByRole('tab', { name: /^Steps \d+/ })).toBeVisible()
      await openLeaves(ines)
      await ines.getByRole('button', { name: 'Why: Engine oil, Port' }).click()
      await expect(ines.getByRole('tooltip', { name: 'Engine oil, Port' })).toContainText('By hours')
      await ines.keyboard.press('Escape')
      await ines.keyboard.press('F9')
      await expect(ines.getByRole('link', { name: 'Open at the bench' })).toBeVisible()
      for (const name of ['Print A4', 'Print Letter']) {
        const href = (await ines.getByRole('link', { name }).getAttribute('href')) ?? ''
        const pdf = await ines.request.get(href)
        expect((await pdf.body()).subarray(0, 5).toString()).toBe('%PDF-')
      }
    },
  )

  await step(
    "As `bram`, open **Parts**: the pick list of the order, **Check the cart** to hold each part's number against its engine, and the **Catalogue** with its chains and kits.",
    async () => {
      const bram = await signedIn(browser, 'bram')
      await bram.getByRole('link', { name: 'Parts', exact: true }).click()
      await expect(bram.getByRole('heading', { name: `Order ${number} · Brisk Tern` })).toBeVisible()
      await bram.getByRole('link', { name: `Check the cart of order ${number}` }).click()
      await expect(bram).toHaveURL(/\/cart$/)
      await holdParts(bram)
      await bram.getByRole('link', { name: 'Parts', exact: true }).click()
      await bram.getByRole('link', { name: 'Catalogue' }).click()
      await bram.getByRole('searchbox', { name: 'Find a part' }).fill('DM-203')
      await bram.getByRole('button', { name: 'DM-20311', exact: true }).click()
      await bram.getByRole('region', { name: 'DM-20311' }).getByRole('button', { name: 'DM-20961' }).click()
      await expect(bram.getByRole('region', { name: 'DM-20961' })).toContainText('Service kit D65')
    },
  )

  const ada = await signedIn(browser, 'ada', tablet)
  await step(
    'As `ada`, open **Bench** on a tablet-sized window and work through the steps; **From paper** takes the printed sheet instead. Read the dipstick too soon and see what it says; **Demo: let … min pass** spares you the rests.',
    async () => {
      await ada.getByRole('link', { name: 'Bench' }).click()
      await ada.getByRole('link', { name: new RegExp(`${number} · Brisk Tern`) }).click()
      await expect(ada.locator('.at')).toBeVisible()
      await ada.getByRole('link', { name: 'From paper' }).click()
      await expect(ada.getByRole('heading', { name: `Order ${number}: enter from the paper` })).toBeVisible()
      await ada.goto(`/orders/${number}/bench`)
      await workUntil(ada, /^Pour 10W-40/)
      const engine = ((await ada.locator('header.head').textContent()) ?? '').includes('Port') ? 'port' : 'starboard'
      await pour(ada)
      await ada.goto(`/orders/${number}/bench?step=${engine}.first-reading.read`)
      await expect(ada.getByRole('region', { name: 'Not yet' })).toContainText('Wait 6 min more')
      await letTimePass(ada)
      await ada.goto(`/orders/${number}/bench`)
      await workUntil(ada, null)
      await ada.getByRole('button', { name: 'Go to the release' }).click()
    },
  )

  await step(
    "Release it: the record, the label, the next due. The board and the engine's log have changed.",
    async () => {
      const laidOut = ada.getByRole('button', { name: 'Not needed, goes back' })
      await expect(ada.getByLabel('not measured')).toBeVisible()
      for (let left = await laidOut.count(); left > 0; left -= 1) {
        await laidOut.first().click()
        await expect(laidOut).toHaveCount(left - 1)
      }
      await ada.getByLabel('not measured').check()
      await ada.getByRole('textbox', { name: /^Remark/ }).fill('All as it should be.')
      await ada.getByRole('button', { name: 'Release the engines' }).click()
      await expect(ada.getByRole('heading', { name: `Service record · order ${number}` })).toBeVisible()
      await expect(ada.getByText('18 Mar 2027 or 771.4 h').first()).toBeVisible()
      await expect(ada.getByRole('link', { name: 'Filter label' })).toBeVisible()
      await ines.getByRole('link', { name: 'Board' }).click()
      await expect(ines.getByRole('link', { name: new RegExp(`${number} · Brisk Tern`) })).toContainText('record')
      await openRig(ines, 'Brisk Tern')
      await ines.getByRole('link', { name: 'Log' }).first().click()
      await expect(ines.getByRole('row', { name: new RegExp(`Engine oil renew .*order ${number}`) })).toBeVisible()
    },
  )

  await step(
    'As `ines`, check in *Grey Oyster* at `838.9` hours, press `A` and `F9`. As `mora`, open **Book**: what waits, the **Holes**, the **Ranges**. Review the draft *dunmarrow-d65 rev. 6* beside rev. 5 and publish it: the open order is flagged with the difference.',
    async () => {
      await openCheckIn(ines, 'Grey Oyster')
      await engine(ines, 'Engine').getByLabel('Hours now').fill('838.9')
      await sendCheckIn(ines)
      await ines.keyboard.press('a')
      await expect(ines.getByRole('checkbox', { name: /^Oil filter, Engine/ })).toBeChecked()
      await expect(ines.getByRole('button', { name: /^Issue \d+ tasks/ })).toBeVisible()
      await ines.keyboard.press('F9')
      await expect(ines.getByRole('link', { name: 'Open at the bench' })).toBeVisible()

      const mora = await signedIn(browser, 'mora')
      await mora.getByRole('link', { name: 'Book', exact: true }).click()
      await expect(mora.getByRole('listitem').filter({ hasText: 'to review' }).first()).toBeVisible()
      await mora.getByRole('link', { name: /^Holes/ }).click()
      await expect(mora.getByRole('row').nth(1)).toBeVisible()
      await mora.getByRole('link', { name: /^Ranges/ }).click()
      await expect(mora.getByRole('row').filter({ hasText: 'gap' }).first()).toBeVisible()
      await mora.getByRole('link', { name: 'Book', exact: true }).click()
      await mora
        .getByRole('listitem')
        .filter({ hasText: 'to review' })
        .getByRole('link', { name: 'dunmarrow-d65 rev. 6' })
        .click()
      await mora.getByRole('combobox', { name: 'Compare with revision' }).selectOption('5')
      await mora.getByRole('button', { name: 'Compare', exact: true }).click()
      await expect(mora.getByText(/values? differs?/)).toBeVisible()
      await mora.getByRole('link', { name: 'rev. 6', exact: true }).click()
      await mora.getByRole('button', { name: 'Reviewed by me' }).click()
      await mora.getByRole('button', { name: 'Publish…' }).click()
      await mora.getByRole('button', { name: 'Publish', exact: true }).click()
      await expect(mora.getByText('A published revision never changes.')).toBeVisible()
      await ines.reload()
      await expect(ines.getByText('The book has changed since this order was issued')).toBeVisible()
    },
  )

  await step(
    'As `ines`, look at the board by weeks, and at *Verrin Sentry* with four engines, *Old Pennant* (neglected, and declined), *Tidewright* (over-serviced), *Sandling* (due by date alone), *Marsh Runner* (a replaced meter), *Mudlark* (an engine that was moved).',
    async () => {
      await ines.getByRole('link', { name: 'Board' }).click()
      await expect(ines.getByRole('button', { name: /no record ask the owner/ })).toBeVisible()
      await openRig(ines, 'Verrin Sentry')
      await expect(ines.getByRole('region', { name: /^(Port|Starboard)/ })).toHaveCount(4)
      await openRig(ines, 'Old Pennant')
      await expect(ines.getByText(/^Declined on /).first()).toBeVisible()
      for (const boat of ['Tidewright', 'Sandling']) {
        await openRig(ines, boat)
      }
      await openRig(ines, 'Marsh Runner')
      await expect(ines.getByText(/in all, over its meters/)).toBeVisible()
      await openRig(ines, 'Mudlark')
      await ines.getByRole('link', { name: 'Log' }).first().click()
      await expect(ines.getByRole('row', { name: /now Mudlark/ })).toBeVisible()
    },
  )

  await step(
    "On *Verrin Sentry* ask the engine reader; on *Sandling* enter a reading that can't be, remind the owner, and make an address for a calendar; on *Wrack Line* swap the engine with *Mudlark*'s.",
    async () => {
      await openRig(ines, 'Verrin Sentry')
      await engine(ines, 'Port outer').getByRole('button', { name: 'Ask the reader' }).click()
      await expect(ines.getByRole('dialog').getByText(/998\.8 h.*kept as a reading/)).toBeVisible()
      await ines.getByRole('button', { name: 'Close', exact: true }).click()

      await openRig(ines, 'Sandling')
      await engine(ines, 'Engine').getByRole('button', { name: 'Enter hours' }).click()
      const dialog = ines.getByRole('dialog')
      await dialog.getByLabel('Hours on the meter').fill('4960')
      await dialog.getByRole('button', { name: 'Keep the reading' }).click()
      await expect(dialog.getByText(/is more than there are hours/)).toBeVisible()
      await ines.keyboard.press('Escape')
      await ines.getByRole('button', { name: 'Remind the owner' }).click()
      await dialog.getByRole('button', { name: 'Send it' }).click()
      await expect(dialog).toBeHidden()
      await ines.getByRole('button', { name: 'Make an address' }).click()
      await expect(ines.getByLabel('Address of the calendar')).toHaveValue(/^http/)

      await openRig(ines, 'Wrack Line')
      await engine(ines, 'Engine').getByRole('button', { name: 'Move', exact: true }).click()
      await dialog.getByLabel('Boat', { exact: true }).fill('Mudlark')
      await dialog.getByRole('button', { name: 'Hang it there' }).click()
      await dialog.getByLabel(/^Swap/).check()
      await dialog.getByRole('button', { name: 'Swap the two' }).click()
      await expect(dialog).toBeHidden()
      await expect(engine(ines, 'Engine').getByText('D65-5201')).toBeVisible()
    },
  )

  await step(
    'The telephone rings and nobody knows the serial number: **Book**, **Quote by model**, *K240*.',
    async () => {
      await ines.getByRole('link', { name: 'Book', exact: true }).click()
      await ines.getByRole('link', { name: 'Quote by model' }).click()
      await ines.getByRole('combobox', { name: 'Model', exact: true }).selectOption('K240')
      await ines.getByRole('button', { name: 'Quote', exact: true }).click()
      await expect(ines.getByRole('region', { name: 'Quote' })).toContainText('Serial to confirm.')
    },
  )

  const refusals = [
    ['Pip', 'not a four-stroke'],
    ['Swing Seat', 'not a serial number of this model'],
    ['Salt Lantern', 'several sheets'],
    ['Second Wind', 'sheet withdrawn'],
    ['Verrin Warden', 'no sheet'],
  ] as const
  const list = refusals.map(([boat, why]) => `*${boat}* (${why})`).join(', ')
  await step(`The five refusals are one check-in away: ${list}.`, async () => {
    for (const [boat, why] of refusals) {
      await ines.getByRole('link', { name: 'Board' }).click()
      await openCheckIn(ines, boat)
      await expect(ines.getByRole('status').first()).toContainText(new RegExp(why, 'i'))
    }
  })

  await step(
    '*Meridian Heron* has a hole, which the manager can fill on the order from the manual at hand.',
    async () => {
      const mora = await signedIn(browser, 'mora')
      await openCheckIn(mora, 'Meridian Heron')
      for (const label of ['Port', 'Centre', 'Starboard']) {
        await engine(mora, label).getByLabel('Hours now').fill('240')
      }
      await sendCheckIn(mora)
      await mora.getByRole('button', { name: 'Oil filter, all engines' }).click()
      await expect(mora.getByRole('button', { name: /^Fill in oil filter tightening/ })).toBeVisible()
    },
  )
})
