import { expect } from '@playwright/test'
import { execFileSync } from 'node:child_process'
import { writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { engine, letTimePass, openCheckIn, readLevel, sendCheckIn, signedIn, tablet, test, workUntil } from './shop'

test('a twin rig from the counter to the released, recorded oil service', async ({ browser }) => {
  const writer = await signedIn(browser, 'ines')
  let number = 0

  await test.step('the writer checks the water taxi in', async () => {
    await openCheckIn(writer, 'Brisk Tern')
    await expect(engine(writer, 'Port').getByText('kestrane-k165-early')).toBeVisible()
    await expect(engine(writer, 'Starboard').getByText('kestrane-k165-late')).toBeVisible()
    await expect(writer.getByLabel('coldest')).toHaveValue('-7')
    await expect(writer.getByLabel('warmest')).toHaveValue('31')
    await engine(writer, 'Port').getByLabel('Hours now').fill('611,4')
    await engine(writer, 'Port')
      .getByRole('textbox', { name: /^reading/ })
      .fill('0.55')
    await engine(writer, 'Port')
      .getByRole('textbox', { name: /^rested/ })
      .fill('600')
    await writer.getByText('on the lift').click()
    await writer.getByRole('button', { name: 'Check in and choose the tasks' }).click()
    await expect(
      engine(writer, 'Starboard').getByText('Enter the hours from the meter, or choose "no meter".'),
    ).toBeVisible()
    await expect(engine(writer, 'Port').getByLabel('Hours now')).toHaveValue('611,4')
    await engine(writer, 'Starboard').getByLabel('Hours now').fill('598.0')
    number = await sendCheckIn(writer)
  })

  await test.step('sees what is due and why, and picks by keyboard', async () => {
    await expect(writer.getByRole('checkbox', { name: 'Engine oil, Port: due by hours' })).toBeVisible()
    await writer.getByRole('button', { name: 'Why: Engine oil, Port' }).click()
    await expect(writer.getByRole('tooltip', { name: 'Engine oil, Port' })).toContainText(
      'By hours: 8.8 h past the limit (every 160 h or 12 months).',
    )
    await writer.keyboard.press('Escape')
    const first = writer.getByRole('checkbox', { name: /^Engine oil, Port/ })
    await first.focus()
    await writer.keyboard.press('ArrowDown')
    await writer.keyboard.press('Space')
    await expect(first, 'the filter brings the oil along').toBeChecked()
    await expect(writer.getByRole('checkbox', { name: /^Oil filter, Port/ })).toBeChecked()
    await writer.keyboard.press('ArrowRight')
    await writer.keyboard.press('Space')
    await expect(writer.getByRole('checkbox', { name: /^Oil filter, Starboard/ })).toBeChecked()
    for (const on of [false, true]) {
      await writer.keyboard.press('Shift+Space')
      for (const label of ['Port', 'Starboard']) {
        await expect(writer.getByRole('checkbox', { name: `Oil filter, ${label}:` })).toBeChecked({ checked: on })
      }
    }
  })

  await test.step('renews on wish what the sheet only asks to clean, and is told where there is nothing to', async () => {
    await writer.keyboard.press('r')
    await expect(writer.getByRole('status').filter({ hasText: 'nothing to renew on wish' })).toContainText('Oil filter')
    const thermostats = writer.getByRole('checkbox', { name: /^Thermostats, Port/ })
    await thermostats.focus()
    await writer.keyboard.press('r')
    await expect(thermostats).toBeChecked()
    const renew = writer.getByRole('button', { name: 'Renew: Thermostats, Port' })
    await expect(renew).toHaveAttribute('aria-pressed', 'true')
    await writer.getByRole('tab', { name: /Parts/ }).click()
    await expect(writer.getByRole('row', { name: /QV-61070/ })).toContainText('2')
    await thermostats.focus()
    await writer.keyboard.press('Space')
    await expect(renew).toHaveCount(0)
  })

  await test.step('gives the grid or the order more of the height', async () => {
    const height = async (): Promise<number> =>
      (await writer.getByRole('grid').locator('..').boundingBox())?.height ?? 0
    const before = await height()
    const bar = writer.getByRole('separator', { name: 'Height of the grid' })
    await bar.focus()
    await writer.keyboard.press('ArrowUp')
    await writer.keyboard.press('ArrowUp')
    expect(await height()).toBe(before - 48)
    await bar.hover()
    await writer.mouse.down()
    const grip = await bar.boundingBox()
    await writer.mouse.move(600, (grip?.y ?? 0) + 12 + 48)
    await writer.mouse.up()
    expect(await height()).toBe(before)
  })

  await test.step('the order is there at once', async () => {
    const slip = writer.getByRole('complementary', { name: 'The slip' })
    await expect(slip).toContainText('1 h 51 min')
    await expect(slip).toContainText('11.42 l')
    await expect(slip).toContainText('12.07 US qt')
    await expect(slip).toContainText('10.92 US quarts would be 586 ml short')
    await writer.getByRole('tab', { name: 'Fluids' }).click()
    await expect(writer.getByRole('row', { name: /Port.*10W-40/ })).toContainText('5.46 l (5.77 US qt)')
    await expect(writer.getByRole('row', { name: /Port.*10W-40/ })).toContainText('5.13 l (5.42 US qt)')
    await writer.getByRole('tab', { name: /Parts/ }).click()
    await expect(writer.getByRole('row', { name: /QV-50318/ })).toContainText('Port')
    await expect(writer.getByRole('row', { name: /QV-50644/ })).toContainText('Starboard')
    await writer.getByRole('tab', { name: 'Torques, tools' }).click()
    await expect(writer.getByText('open at most 2½ turns').filter({ visible: true }).first()).toBeVisible()
    await expect(writer.getByText('8.5 N·m').filter({ visible: true }).first()).toBeVisible()
    await writer.getByRole('tab', { name: /Cautions/ }).click()
    await expect(writer.getByText('The manual comes first.')).toBeVisible()
  })

  await test.step('issues it and prints it on both papers', async () => {
    await writer.keyboard.press('F9')
    await expect(writer.getByRole('link', { name: 'Open at the bench' })).toBeVisible()
    await expect(writer.getByRole('checkbox', { name: /^Engine oil, Port/ })).toBeDisabled()
    for (const [name, width] of [
      ['Print A4', '595'],
      ['Print Letter', '612'],
    ] as const) {
      const href = (await writer.getByRole('link', { name }).getAttribute('href')) ?? ''
      const pdf = await writer.request.get(href)
      const file = join(tmpdir(), `order-${width}.pdf`)
      writeFileSync(file, await pdf.body())
      expect(execFileSync('pdfinfo', [file]).toString()).toContain(`Page size:       ${width}`)
      const text = execFileSync('pdftotext', ['-layout', file, '-']).toString()
      expect(text).toContain(`Work order ${number}`)
      expect(text).toContain('QV-50318')
      expect(text).toMatch(/5\.46 l \(5\.77 US qt\)/)
      expect(text).toMatch(new RegExp(`page 1 of .*order ${number}`))
    }
  })

  await test.step('the store room sees the pick list', async () => {
    const parts = await signedIn(browser, 'bram')
    await parts.getByRole('link', { name: 'Parts' }).click()
    const list = parts.locator('section', { hasText: `Order ${number}` })
    await expect(list.getByRole('row', { name: /B4-02.*QV-50318/ })).toBeVisible()
    await expect(list.getByText('11.42 l (12.07 US qt)')).toBeVisible()
    await parts.context().close()
  })

  const bench = await signedIn(browser, 'ada', tablet)
  await test.step('the technician works step by step', async () => {
    await bench.getByRole('link', { name: 'Bench' }).click()
    await bench.getByRole('link', { name: new RegExp(`${number} · Brisk Tern`) }).click()
    await bench.goto(`/orders/${number}/bench?step=port.filter-on.turn`)
    await expect(bench.locator('.huge')).toHaveText('⅝ – ⅞')
    await expect(bench.getByRole('img', { name: /Turn on by/ })).toBeVisible()
    await expect(bench.getByRole('region', { name: 'Not yet' })).toContainText('is in the way')
    await bench.goto(`/orders/${number}/bench`)
    await workUntil(bench, /^Pour 10W-40/)
  })

  await test.step('a reading too soon is refused until the oil has rested, and no oil goes in', async () => {
    const engine = ((await bench.locator('header.head').textContent()) ?? '').includes('Port') ? 'port' : 'starboard'
    const poured = bench.waitForResponse('**/entries')
    await bench.getByRole('button', { name: 'as on the order' }).click()
    await poured
    await bench.goto(`/orders/${number}/bench?step=${engine}.first-reading.read`)
    await expect(bench.getByRole('region', { name: 'Not yet' })).toContainText('Wait 6 min more')
    await expect(bench.getByLabel('Added')).toHaveCount(0)
    await letTimePass(bench)
    await readLevel(bench, '0.20')
    await expect(bench.getByRole('status')).toContainText('Add 200 ml')
    await bench.getByRole('button', { name: 'as advised' }).click()
    await expect(bench.getByRole('region', { name: 'Not yet' })).toContainText('Wait 6 min more')
    await readLevel(bench, '0.50')
    await expect(bench.getByText('level 0.5 after 6 min of rest').first(), 'it goes on').toBeVisible()
    await workUntil(bench, null)
    await bench.getByRole('button', { name: 'Go to the release' }).click()
  })

  await test.step('the release asks about the oil that is missing, then lets the engines go', async () => {
    await bench.getByRole('button', { name: 'Release Port alone' }).click()
    await expect(bench.getByRole('row', { name: /^Port .*Released, / })).toBeVisible()
    await bench.getByRole('button', { name: 'Release the engines' }).click()
    await expect(bench.getByRole('alert')).toContainText('nobody has said how much is left of what was opened')
    await bench.getByLabel(/^Why, for the record/).fill('The rest went home with the owner.')
    await bench.getByRole('button', { name: 'Release the engines' }).click()
    await expect(bench.getByRole('heading', { name: `Service record · order ${number}` })).toBeVisible()
    await expect(bench.getByText('18 Mar 2027 or 771.4 h').first()).toBeVisible()
    await bench.getByRole('button', { name: 'Print the filter label' }).click()
    await expect(bench.getByRole('status').filter({ hasText: '2 labels sent to the label printer.' })).toBeVisible()
    for (const name of ['Record, A4', 'Filter label']) {
      const href = (await bench.getByRole('link', { name }).getAttribute('href')) ?? ''
      const pdf = await bench.request.get(href)
      expect((await pdf.body()).subarray(0, 5).toString()).toBe('%PDF-')
    }
  })

  await test.step('the board and the engine’s log have changed', async () => {
    await writer.goto('/')
    await expect(writer.getByRole('link', { name: new RegExp(`${number} · Brisk Tern`) })).toContainText(
      'record and label ready',
    )
    await writer.getByRole('link', { name: 'Rigs' }).click()
    await writer.getByRole('link', { name: 'Brisk Tern', exact: true }).click()
    const tasks = writer.getByRole('table', { name: 'Tasks by engine' })
    await expect(tasks.getByRole('row', { name: /^Water pump/ })).toContainText('over by hours')
    await writer.getByRole('button', { name: /more, not due/ }).click()
    await expect(tasks.getByRole('row', { name: /^Oil filter/ }).getByText('not due')).toHaveCount(2)
    await writer.getByRole('link', { name: 'Log' }).first().click()
    await expect(
      writer.getByRole('row', { name: new RegExp(`Engine oil renew 611.4 h.*order ${number}`) }),
    ).toBeVisible()
    await expect(writer.getByRole('row', { name: /Read the level.*level 0\.6 after \d+ min/ })).toBeVisible()
  })
})
