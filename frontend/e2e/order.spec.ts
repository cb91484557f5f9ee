import { expect } from '@playwright/test'
import { execFileSync } from 'node:child_process'
import { writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import type { Bench } from '../src/shared/api/types'
import { engine, issueFor, openCheckIn, sendCheckIn, signedIn, tablet, test } from './shop'

test('two technicians: the plan, its waits, kits and allowance, three densities of paper', async ({ browser }) => {
  const writer = await signedIn(browser, 'ines')
  await openCheckIn(writer, 'Grey Oyster')
  await engine(writer, 'Engine').getByLabel('Hours now').fill('838.9')
  const number = await sendCheckIn(writer)
  const slip = writer.getByRole('complementary', { name: 'The slip' })

  await test.step('picks tasks, and the order is built with its plan', async () => {
    for (const name of ['Engine oil', 'Gear lubricant', 'Lubrication points']) {
      const cell = writer.getByRole('checkbox', { name: new RegExp(`^${name}, Engine`) })
      if ((await cell.getAttribute('aria-checked')) !== 'true') {
        await cell.click()
      }
    }
    await expect(slip).toContainText('ready by')
    await expect(slip).toContainText('sharing saves')
  })

  await test.step('a second technician shortens it, and the timeline says what fills a wait', async () => {
    await writer.getByRole('tab', { name: 'Timeline' }).click()
    const lanes = writer.getByRole('group', { name: 'Timeline' })
    await expect(lanes.getByText('Technician 1')).toBeVisible()
    await expect(lanes.getByText('Technician 2')).toHaveCount(0)
    await writer.getByLabel('Technicians').selectOption('2')
    await expect(lanes.getByText('Technician 2')).toBeVisible()
    const rest = lanes.getByRole('button', { name: /Engine: Let the engine rest.*then by itself/ }).first()
    await rest.hover()
    await expect(writer.getByText(/Meanwhile:/)).toBeVisible()
    const first = lanes.getByRole('button').first()
    await first.focus()
    await writer.keyboard.press('ArrowRight')
    await expect(writer.locator('.told')).toContainText('minute')
  })

  await test.step('an allowance needs a reason, and is then sold', async () => {
    await writer.getByRole('tab', { name: 'Labour' }).click()
    const sold = slip.getByText(/^sold time/)
    await writer.getByLabel('Allowance, minutes').fill('30')
    await writer.getByLabel('Allowance, minutes').press('Tab')
    await expect(writer.getByText('Say what the time is for, or it is not added.')).toBeVisible()
    await writer.getByLabel('Allowance, reason').fill('Seized drain of the trough')
    await writer.getByLabel('Allowance, reason').press('Tab')
    await expect(sold).toContainText('30 min allowed')
  })

  await test.step('work is moved by hand where the gates allow, and the one that refuses is named', async () => {
    await writer.getByRole('tab', { name: /^Steps/ }).click()
    const steps = writer.getByRole('tabpanel', { name: /^Steps/ })
    const place = async (title: string): Promise<number> =>
      (await steps.getByRole('listitem').allInnerTexts()).findIndex((text) => text.includes(`· ${title}`))
    await steps.getByRole('button', { name: 'Do “Fill the oil” earlier' }).click()
    await expect(steps.getByText(/before “/).first()).toBeVisible()
    for (let times = 0; times < 6 && (await steps.getByRole('alert').count()) === 0; ++times) {
      await steps.getByRole('button', { name: 'Do “Fill the oil” earlier' }).press('Enter')
      await expect(steps.getByRole('list').first()).toHaveAttribute('aria-busy', 'false')
    }
    await expect(steps.getByRole('alert').first()).toContainText('comes too early: it needs that')
    await writer.getByRole('button', { name: 'take all back' }).click()
    await expect(steps.getByRole('alert')).toHaveCount(0)

    await steps.getByRole('button', { name: 'Add a step after “Fill the oil”' }).click()
    await steps.getByLabel('What is done after this').fill('Look at the seal of the fill cap.')
    await steps.getByLabel('What is done after this').press('Enter')
    await expect(steps.getByRole('listitem').filter({ hasText: 'added by hand' })).toContainText('Look at the seal')
    await expect.poll(async () => (await place('Look at the seal')) - (await place('Fill the oil'))).toBeGreaterThan(0)
  })

  await test.step('a sheet for an old hand, a full one, and one that says why', async () => {
    await writer.keyboard.press('F9')
    await expect(writer.getByRole('link', { name: 'Open at the bench' })).toBeVisible({ timeout: 60_000 })
    const pages: Record<string, number> = {}
    for (const density of ['short', 'full', 'trainee']) {
      await writer.getByLabel('Sheet').selectOption(density)
      const href = (await writer.getByRole('link', { name: 'Print Letter' }).getAttribute('href')) ?? ''
      const file = join(tmpdir(), `sheet-${density}.pdf`)
      writeFileSync(file, await (await writer.request.get(href)).body())
      pages[density] = Number(/Pages:\s+(\d+)/.exec(execFileSync('pdfinfo', [file]).toString())?.[1])
      const text = execFileSync('pdftotext', ['-layout', file, '-']).toString()
      expect(text).toContain('Seized drain of the trough')
      expect(text.replace(/\s+/g, ' ')).toMatch(/look at the seal of the fill cap/i)
      expect(text).toMatch(new RegExp(`page 1 of ${pages[density]} .*order ${number} .*D65-3308`))
      expect(text.includes('Usual slip:')).toBe(density === 'trainee')
    }
    expect(pages['short']).toBe(1)
    expect(pages['full']).toBeGreaterThan(1)
    expect(pages['full']).toBeLessThan(pages['trainee'] ?? 0)
  })

  await test.step('the bench shows the points of a step one below the other', async () => {
    const bench = await signedIn(browser, 'ada', tablet)
    await bench.goto(`/orders/${number}/paper`)
    await expect(bench.getByRole('row', { name: /Point by point/ }).first()).toContainText('swivel bracket')
  })
})

test('the shop answers where practitioners disagree: refused, contradictory, and what it changes', async ({
  browser,
}) => {
  const writer = await signedIn(browser, 'ines')
  await openCheckIn(writer, 'Little Dunlin')
  await engine(writer, 'Engine').getByLabel('Hours now').fill('21.5')
  const number = await sendCheckIn(writer)
  for (const task of ['Engine oil', 'Water pump']) {
    const kept = writer.waitForResponse((answer) => answer.url().endsWith('/draft') && answer.ok())
    await writer.getByRole('checkbox', { name: new RegExp(`^${task}, Engine`) }).click()
    await kept
  }
  await expect(writer.getByRole('button', { name: /^Issue/ })).toBeEnabled()
  await writer.getByRole('link', { name: 'Policy' }).click()
  await expect(writer.getByRole('radio', { name: /^rested/ })).toBeDisabled()

  const manager = await signedIn(browser, 'mora')
  await manager.getByRole('link', { name: 'Policy' }).click()
  await expect(manager.getByRole('radio', { name: /^grease/ })).toBeDisabled()
  await expect(manager.getByText('Grease swells the gasket')).toBeVisible()
  const effects = manager.getByRole('complementary', { name: 'What changes' })
  await manager.getByRole('radio', { name: /^impeller only/ }).check()
  await expect(effects.getByRole('link', { name: new RegExp(`Order ${number}, Little Dunlin`) })).toBeVisible()
  await expect(effects).toContainText('parts: −')

  await manager.getByRole('radio', { name: /^rested/ }).check()
  await manager.getByRole('radio', { name: /^pump it out/ }).check()
  await expect(manager.getByText(/Change one of the two/).first()).toBeVisible()
  await expect(manager.getByRole('radio', { name: /^pump it out/ })).toBeChecked()
  await manager.getByRole('radio', { name: /^warm to the touch/ }).check()
  await manager.getByRole('radio', { name: /^gravity/ }).check()
  await manager.getByRole('button', { name: 'Keep the policy' }).click()
  await expect(effects.getByText('Kept.')).toBeVisible()

  await writer.goto(`/orders/${number}`)
  await writer.getByRole('tab', { name: /^Parts/ }).click()
  await expect(writer.getByRole('row', { name: /Impeller/i }).first()).toBeVisible()
  await manager.getByRole('radio', { name: /^the whole kit/ }).check()
  await manager.getByRole('button', { name: 'Keep the policy' }).click()
  await expect(effects.getByText('Kept.')).toBeVisible()
})

test('a manager adds an answer of the shop’s own; the next order offers it at the bench', async ({ browser }) => {
  const manager = await signedIn(browser, 'mora')
  await manager.getByRole('link', { name: 'Policy' }).click()
  await manager.getByRole('link', { name: 'What may be seen' }).click()
  const leaks = manager.getByRole('group').filter({ hasText: 'Leaks in the run' })
  await leaks.getByRole('heading', { name: 'Leaks in the run' }).click()
  await expect(leaks.getByRole('combobox', { name: 'Leaks in the run, All dry: counts as' })).toHaveValue('go_on')
  await leaks.getByRole('button', { name: 'Add an answer to leaks in the run' }).click()
  await leaks.getByRole('textbox', { name: 'Leaks in the run, own answer 1: seen' }).fill('all dry')
  await leaks.getByRole('textbox', { name: 'Leaks in the run, own answer 1: means' }).fill('Wipe it, run, look again.')
  await manager.getByRole('button', { name: 'Keep the table' }).click()
  await expect(leaks.getByText('"All dry" stands there already. Word it otherwise.')).toBeVisible()
  await leaks.getByRole('textbox', { name: 'Leaks in the run, own answer 1: seen' }).fill('Sweats at a joint')
  await manager.getByRole('button', { name: 'Keep the table' }).click()
  await expect(manager.getByRole('status').getByText('Kept.')).toBeVisible()
  await manager.reload()
  await expect(manager.getByText('1 of the shop’s own')).toBeVisible()

  const number = await issueFor(await signedIn(browser, 'ines'), 'Little Dunlin', '21.5', ['Engine oil', 'Oil filter'])
  const bench = await signedIn(browser, 'ada', tablet)
  const answer = await bench.request.get(`/api/orders/${number}/bench`)
  const { document } = (await answer.json()) as Pick<Bench, 'document'>
  const look = document.operations.flatMap((each) => each.steps).find((step) => step.entry === 'leaks')
  await bench.goto(`/orders/${number}/bench?step=${look?.id ?? ''}`)
  await bench.getByRole('button', { name: 'It happened all the same …' }).click()
  await expect(bench.getByRole('button', { name: /^Sweats at a joint/ })).toBeVisible()
})
