import { expect, test, type Page } from '@playwright/test'
import { execFileSync } from 'node:child_process'
import { readFileSync } from 'node:fs'
import { join } from 'node:path'
import { openCheckIn, signedIn } from './shop'

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
