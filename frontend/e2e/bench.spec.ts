import { expect } from '@playwright/test'
import { done, holdParts, issueFor, signedIn, tablet, test, workUntil } from './shop'

test('at the bench: reasons, corrections, timers, and what can not be left out', async ({ browser }) => {
  const writer = await signedIn(browser, 'ines')
  const number = await issueFor(writer, "Cox's Echo", null, ['Engine oil'])
  const bench = await signedIn(browser, 'ada', tablet)
  await bench.goto(`/orders/${number}/bench`)

  await test.step('a plain step may be left out with a reason', async () => {
    await expect(bench.getByRole('heading', { level: 1 })).toContainText('Place the boat')
    await bench.getByRole('button', { name: 'Could not …' }).click()
    await expect(bench.getByText('Which one? Touch it.')).toBeVisible()
    await bench.getByRole('button', { name: /^Place the boat so/ }).click()
    await expect(bench.getByRole('heading', { level: 1 })).toContainText('Place the boat so')
    await expect(bench.getByRole('button', { name: 'Enter the reason' })).toBeDisabled()
    await bench.getByLabel('Why could it not be done?').fill('hangs in the slings')
    await bench.getByRole('button', { name: 'Enter the reason' }).click()
    await expect(bench.getByRole('button', { name: /^Too little room below/ })).toBeVisible()
    await bench.getByRole('button', { name: 'Back', exact: true }).click()
    await expect(bench.getByText('could not: hangs in the slings').last()).toBeVisible()
  })

  await test.step('a drain runs with its timer until it is closed', async () => {
    await bench.goto(`/orders/${number}/bench`)
    await holdParts(bench)
    await workUntil(bench, /^Put a new seal/)
    await expect(bench.getByRole('timer', { name: 'Engine: drain' })).toContainText('6:00')
    await done(bench).click()
  })

  await test.step('a torque outside the sheet’s range is not taken', async () => {
    await expect(bench.locator('.huge')).toHaveText('18')
    await bench.getByRole('textbox', { name: /^used/ }).fill('24')
    await bench.getByRole('combobox', { name: /^wrench/ }).selectOption({ index: 1 })
    await bench.getByRole('button', { name: 'Enter', exact: true }).click()
    await expect(bench.getByRole('alert')).toContainText('24 N·m is outside 16 – 20 N·m')
    await expect(bench.getByRole('textbox', { name: /^used/ })).toHaveValue('24')
  })

  await test.step('what must be done is not done by a reason', async () => {
    await bench.getByRole('button', { name: 'Could not …' }).click()
    await expect(bench.getByText('Without this step its task is not done')).toBeVisible()
    await bench.getByLabel('Why could it not be done?').fill('thread stripped')
    await bench.getByRole('button', { name: 'Enter the reason' }).click()
    await bench.goto(`/orders/${number}/release`)
    await bench.getByRole('button', { name: 'Release the engines' }).click()
    await expect(bench.getByRole('alert')).toContainText('The drain is still open. It is not fit to run like this')
    await expect(bench.getByText('a lead or a manager lets it go')).toBeVisible()
    await bench.goto(`/orders/${number}/bench?step=single.close-plug.close`)
    await expect(bench.getByRole('heading', { level: 1 })).toContainText('Screw the plug in by hand')
    await expect(bench.getByText('could not: thread stripped').last()).toBeVisible()
    await bench.getByRole('textbox', { name: /^used/ }).fill('18')
    await bench.getByRole('button', { name: 'Enter', exact: true }).click()
    await expect(bench.getByRole('heading', { level: 1 })).not.toContainText('Screw the plug in by hand')
  })

  await test.step('a wrong amount is corrected, not added', async () => {
    await bench.goto(`/orders/${number}/bench`)
    await workUntil(bench, /^Pour 10W-30/)
    await bench.getByRole('textbox', { name: /^Poured/ }).fill('0,7')
    await bench.getByRole('button', { name: 'Enter', exact: true }).click()
    await expect(bench.getByRole('timer', { name: /Engine: let the oil|Engine: first reading/ })).toBeVisible()
    await bench.goto(`/orders/${number}/bench?step=single.fill.pour`)
    await expect(bench.getByText('poured 700 ml').last()).toBeVisible()
    await bench.getByRole('textbox', { name: /^Poured/ }).fill('0.8')
    await bench.getByRole('button', { name: 'Enter', exact: true }).click()
    await expect(bench.getByRole('alert')).toContainText('Say why the entry before is wrong')
    await bench.getByLabel(/^To correct it/).fill('the jug was read from above')
    await bench.getByRole('button', { name: 'Enter', exact: true }).click()
    await bench.goto(`/orders/${number}/release`)
    await expect(bench.getByRole('row', { name: /Engine D12/ })).toContainText('800 ml')
  })

  await test.step('two devices see the same', async () => {
    const other = await signedIn(browser, 'mora', tablet)
    await other.goto(`/orders/${number}/bench?step=single.fill.pour`)
    await expect(other.getByText('poured 800 ml')).toBeVisible()
  })

  await test.step('the work is finished and released', async () => {
    await bench.goto(`/orders/${number}/bench`)
    await workUntil(bench, null)
    await bench.getByRole('button', { name: 'Go to the release' }).click()
    await bench.getByLabel('Left over').fill('0.02')
    await bench.getByRole('button', { name: 'Release the engines' }).click()
    await expect(bench.getByRole('alert')).toContainText('are missing. Either it was spilled, or more was poured')
    await bench.getByLabel('Left over').fill('1.092')
    await bench.getByRole('button', { name: 'Release the engines' }).click()
    await expect(bench.getByText('it balances')).toBeVisible()
    await expect(bench.getByRole('heading', { name: /Service record/ })).toBeVisible()
    await expect(bench.getByText('18 Mar 2027').first()).toBeVisible()
  })
})

test('the cart: a number fits, or stops at the wrong side of a serial break', async ({ browser }) => {
  const counter = await signedIn(browser, 'ines')
  const number = await issueFor(counter, 'Slack Tide', '120.4', ['Engine oil', 'Oil filter'])
  const parts = await signedIn(browser, 'bram')
  await parts.goto('/parts')
  await parts.getByRole('link', { name: `Check the cart of order ${number}` }).click()
  const box = parts.getByLabel('Scan or type the number on the part’s label')
  const wanted = (await parts.getByText(/^1 × /).first().innerText()).replace('1 × ', '')

  await test.step('a number that nobody ordered stops there', async () => {
    await box.fill('QV-00000')
    await box.press('Enter')
    await expect(parts.getByRole('alert')).toContainText('No part of this order has the number QV-00000')
    await expect(box).toBeFocused()
  })

  await test.step('one that fits is ticked with who held it, typed as it may be', async () => {
    await box.fill(wanted.toLowerCase())
    await box.press('Enter')
    await expect(parts.getByRole('status')).toContainText('Fits.')
    await expect(parts.getByText(/☑ .*Bram/).first()).toBeVisible()
    await expect(parts.getByText(/[1-9] of \d+ confirmed/)).toBeVisible()
  })

  await test.step('at the bench what was not held yet is said at its step', async () => {
    const bench = await signedIn(browser, 'ada', tablet)
    await bench.goto(`/orders/${number}/bench`)
    await expect(bench.getByRole('link', { name: 'Cart', exact: true })).toBeVisible()
  })
})
