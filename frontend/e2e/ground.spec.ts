import { expect, type Page } from '@playwright/test'
import { execFileSync } from 'node:child_process'
import { readFileSync } from 'node:fs'
import { join } from 'node:path'
import { done, howMany, issueFor, openCheckIn, sendCheckIn, signedIn, tablet, test } from './shop'

const run = process.env['RUN_DIR'] ?? ''
const group = (part: string): string => readFileSync(join(run, `${part}.group`), 'utf8')
const supervisor = (): string => readFileSync(join(run, 'supervisor.pid'), 'utf8').trim()

/** Takes a part away, and keeps its supervisor from bringing it back, until the work is done. */
async function without(part: string, work: () => Promise<void>): Promise<void> {
  execFileSync('kill', ['-STOP', supervisor()])
  execFileSync('kill', ['-9', '--', `-${group(part)}`])
  try {
    await work()
  } finally {
    execFileSync('kill', ['-CONT', supervisor()])
  }
}

const strip = (page: Page) => page.getByText('The shop’s server does not answer')

test('while the database is away the screens say so, keep what was typed, and go on by themselves', async ({
  browser,
}) => {
  const page = await signedIn(browser, 'ines')
  await openCheckIn(page, "Cox's Echo")
  await page.getByLabel('What the customer complains of').fill('hard to start when warm')
  await without('database', async () => {
    await page.getByRole('button', { name: 'Check in and choose the tasks' }).click()
    await expect(strip(page)).toBeVisible()
    await expect(page.getByRole('alert').first()).toContainText('The database does not answer. Nothing was changed')
    await expect(page.getByLabel('What the customer complains of')).toHaveValue('hard to start when warm')
  })
  await expect(strip(page)).toBeHidden()
  await page.getByRole('button', { name: 'Check in and choose the tasks' }).click()
  await expect(page).toHaveURL(/\/orders\/\d+$/)
})

test('a page that is opened while PHP is away waits and is nobody’s sign-out', async ({ browser }) => {
  const page = await signedIn(browser, 'ines')
  await without('php', async () => {
    await page.goto('/boats')
    await expect(strip(page)).toBeVisible()
    await expect(page.getByLabel('Password', { exact: true })).toHaveCount(0)
  })
  await expect(page.getByRole('heading', { level: 1 })).toBeVisible()
  await expect(strip(page)).toBeHidden()
})

test('the server is stopped and started with each screen open: all stay as they are, and what was done goes up', async ({
  browser,
}) => {
  const builder = await signedIn(browser, 'ines')
  const number = await issueFor(builder, "Cox's Echo", null, ['Engine oil', 'Spark plugs'])
  const [bench, cart, sheet] = [
    await signedIn(browser, 'ada', tablet),
    await signedIn(browser, 'bram'),
    await signedIn(browser, 'mora'),
  ]
  await openCheckIn(builder, "Cox's Echo")
  const draft = await sendCheckIn(builder)
  await bench.goto(`/orders/${number}/bench`)
  await expect(bench.locator('.at')).toContainText(/steps? 1\b/)
  const plain = await howMany(bench)
  await cart.goto(`/orders/${number}/cart`)
  await expect(cart.getByText(/^0 of \d+ confirmed/)).toBeVisible()
  await sheet.goto('/book/sheets/kestrane-k320/1')
  await sheet.getByRole('button', { name: 'Start a new revision' }).click()
  const page = sheet.getByRole('textbox', { name: /^Page of/ }).first()
  await expect(page).toBeVisible()
  const unsent = (of: Page) => of.getByRole('status', { name: 'What has not been sent' })

  await without('php', async () => {
    await builder.getByRole('checkbox', { name: /^Engine oil,/ }).click()
    await done(bench).click()
    await cart.getByLabel('Scan or type the number').fill('DM-10277')
    await cart.getByLabel('Scan or type the number').press('Enter')
    await page.fill('9-9')
    for (const screen of [builder, cart]) {
      await expect(unsent(screen)).toContainText('Not sent yet: 1 change')
    }
    await expect(unsent(bench)).toContainText(`Not sent yet: ${plain} change`)
    await expect(bench.locator('.at')).toContainText(/steps? 1\b/)
    await expect(builder.getByRole('checkbox', { name: /^Engine oil,/ })).toBeChecked()
  })
  for (const screen of [builder, bench, cart, sheet]) {
    await expect(unsent(screen)).toHaveCount(0)
  }
  await expect(bench.locator('.at')).toContainText(new RegExp(`steps? ${plain + 1}\\b`))
  await expect(cart.getByText(/(Fits|Stop)\./)).toBeVisible()
  await expect(page).toHaveValue('9-9')
  const answer = await builder.request.get(`/api/orders/${draft}`)
  const saved = (await answer.json()) as { draft: { engines: { tasks: string[] }[] } }
  expect(saved.draft.engines.flatMap((each) => each.tasks)).toEqual(['engine_oil'])
})
