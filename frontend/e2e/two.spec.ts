import { expect, type Page } from '@playwright/test'
import {
  done,
  engine,
  holdParts,
  issueFor,
  openCheckIn,
  sendCheckIn,
  signedIn,
  tablet,
  test,
  workOn,
  workUntil,
} from './shop'

test('two people work one twin, an engine each; one engine is released, the other leaves not fit to run', async ({
  browser,
}) => {
  const writer = await signedIn(browser, 'ines')
  await openCheckIn(writer, 'Brisk Tern')
  await engine(writer, 'Port').getByLabel('Hours now').fill('611.4')
  await engine(writer, 'Starboard').getByLabel('Hours now').fill('598.0')
  const number = await sendCheckIn(writer)
  for (const label of ['Port', 'Starboard']) {
    await writer.getByRole('checkbox', { name: new RegExp(`^Oil filter, ${label}`) }).click()
  }
  await writer.getByRole('button', { name: /^Issue/ }).click()
  await expect(writer.getByRole('link', { name: 'Open at the bench' })).toBeVisible()

  const [ada, mora] = [await signedIn(browser, 'ada', tablet), await signedIn(browser, 'mora', tablet)]
  await ada.goto(`/orders/${number}/bench`)
  await ada.locator('.at').waitFor()
  await holdParts(ada)
  await mora.goto(`/orders/${number}/bench`)
  const plan = (page: Page) => page.getByRole('region', { name: 'Plan at hand' })

  await test.step('each takes one engine on, and the other sees it within seconds', async () => {
    for (const [page, label] of [
      [ada, 'Port'],
      [mora, 'Starboard'],
    ] as const) {
      await page.getByRole('button', { name: 'Plan', exact: true }).click()
      await page.getByRole('button', { name: `Take on ${label}` }).click()
      await expect(page.getByRole('button', { name: `Give back ${label}` })).toBeVisible()
    }
    await expect(plan(ada).getByRole('listitem').filter({ hasText: 'Starboard' }).first()).toContainText(
      'Mora Ostrander has it',
      { timeout: 8_000 },
    )
  })

  await test.step('neither enters at the other’s engine unless it is taken over on purpose', async () => {
    await ada.goto(`/orders/${number}/bench?step=starboard.lock-out.key`)
    const notYet = ada.getByRole('region', { name: 'Not yet' })
    await expect(notYet).toContainText('Mora Ostrander has taken this on')
    await expect(ada.getByRole('button', { name: /^(Done|Enter)/ })).toHaveCount(0)
    await notYet.getByRole('button', { name: 'Take it over' }).click()
    await expect(notYet).not.toContainText('has taken this on')
    await expect(plan(mora).getByRole('button', { name: 'Take over Starboard' })).toBeVisible({ timeout: 8_000 })
    await mora.getByRole('button', { name: 'Take over Starboard' }).click()
    await expect(notYet).toContainText('Mora Ostrander has taken this on', { timeout: 8_000 })
    await ada.goto(`/orders/${number}/bench`)
    await mora.getByRole('button', { name: 'Back to the step' }).click()
  })

  await test.step('the drain of one does not close; the other goes on, and each finds what is theirs', async () => {
    await workUntil(ada, /^When it only drips, close the valve/)
    await ada.getByRole('button', { name: 'Could not …' }).click()
    await ada.getByRole('radio', { name: 'damaged' }).click()
    await ada.getByLabel('Why could it not be done?').fill('thread stripped')
    await ada.getByRole('button', { name: 'Enter the reason' }).click()
    for (let idle = 0; idle < 2;) {
      const entered = (await workOn(mora)) + (await workOn(ada))
      idle = entered === 0 ? idle + 1 : 0
      // what the other did has to come over first
      await mora.waitForTimeout(4_000)
    }
    await mora.getByRole('button', { name: 'Plan', exact: true }).click()
    await expect(plan(mora).getByRole('listitem').filter({ hasText: 'Port' }).first()).toContainText(
      'The drain is still open.',
    )
    await expect(plan(mora).getByRole('listitem').filter({ hasText: 'Starboard' }).first()).toContainText(
      /Starboard(\d+) of \1 steps/,
    )
  })

  await test.step('each engine is let go as what it is', async () => {
    await mora.goto(`/orders/${number}/release`)
    await mora.getByRole('button', { name: 'Release Starboard alone' }).click()
    await expect(mora.getByRole('row', { name: /^Starboard .*Released, / })).toBeVisible()
    await mora.getByRole('button', { name: 'Release Port alone' }).click()
    await mora.getByLabel(/leaves as not fit to run/).fill('Drain thread stripped; stays on the lift.')
    await mora.getByRole('button', { name: 'Release Port alone' }).click()
    await expect(mora.getByRole('row', { name: /^Port .*NOT FIT TO RUN/ })).toBeVisible()
  })
})

test('a shared tablet changes hands by four digits, and every entry says whose it is', async ({ browser }) => {
  const writer = await signedIn(browser, 'ines')
  const number = await issueFor(writer, "Cox's Echo", null, ['Engine oil'])
  const page = await signedIn(browser, 'ada', tablet)
  await page.getByRole('button', { name: 'PIN', exact: true }).click()
  const dialog = page.getByRole('dialog', { name: 'Your PIN' })
  await dialog.getByLabel('Your password').fill('verrin-inlet')
  await dialog.getByLabel('New PIN').fill('4444')
  await dialog.getByRole('button', { name: 'Keep it' }).click()
  await expect(dialog.getByRole('alert')).toContainText('Anybody would try this one first')
  await dialog.getByLabel('New PIN').fill('8135')
  await dialog.getByRole('button', { name: 'Keep it' }).click()
  await expect(dialog).toHaveCount(0)

  await page.goto(`/orders/${number}/bench`)
  await expect(page.getByText('usual slip').first()).toBeVisible()
  await page.getByRole('button', { name: 'Ada Feldspar' }).click()
  await page.getByRole('radio', { name: 'short', exact: true }).click()
  await page.getByRole('button', { name: 'Leave it with Ada Feldspar' }).click()
  await expect(page.getByText('usual slip')).toHaveCount(0)
  await page.getByRole('button', { name: 'Ada Feldspar' }).click()
  await page.getByRole('radio', { name: 'trainee', exact: true }).click()
  await page.getByRole('button', { name: 'Leave it with Ada Feldspar' }).click()
  await expect(page.getByText('why', { exact: true }).first()).toBeVisible()
  await done(page).click()
  await expect(page.getByRole('button', { name: 'Take back what I entered last' })).toBeVisible()
  await page.getByRole('button', { name: 'Ada Feldspar' }).click()
  const hands = page.getByRole('region', { name: 'The tablet changes hands' })
  await hands.getByRole('radio', { name: 'Mora Ostrander' }).click()
  for (const digit of '1111') {
    await hands.getByRole('button', { name: digit, exact: true }).click()
  }
  await expect(hands.getByRole('alert')).toContainText('That is not the PIN')
  await page.keyboard.type('7204')
  await expect(page.getByRole('button', { name: 'Mora Ostrander' })).toBeVisible()
  await expect(page.getByRole('button', { name: 'Take back what I entered last' })).toHaveCount(0)
  await done(page).click()
  await expect(page.getByRole('button', { name: 'Take back what I entered last' })).toBeVisible()
  await page.getByRole('button', { name: 'Mora Ostrander' }).click()
  await hands.getByRole('radio', { name: 'Ada Feldspar' }).click()
  await hands.getByRole('button', { name: '8', exact: true }).focus()
  await page.keyboard.type('8135')
  await expect(page.getByRole('button', { name: 'Ada Feldspar' })).toBeVisible()
  const answer = await page.request.get(`/api/orders/${number}/bench`)
  const { entries } = (await answer.json()) as { entries: { by: string }[] }
  expect([...new Set(entries.map((entry) => entry.by))]).toEqual(['ada', 'mora'])
})
