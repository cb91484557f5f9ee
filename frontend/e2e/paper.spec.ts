import { expect } from '@playwright/test'
import { holdParts, issueFor, signedIn, test } from './shop'

test('a plug behind a panel, entered afterwards from the paper', async ({ browser }) => {
  const writer = await signedIn(browser, 'ines')
  const number = await issueFor(writer, 'Grey Oyster', '838.9', ['Oil filter'])
  await expect(writer.getByRole('complementary', { name: 'The slip' })).toContainText(
    '1 short: DM-11415 Trough plug seal',
  )
  await writer.getByRole('tab', { name: /Steps/ }).click()
  await expect(writer.getByText('Engine · Put the side panel back')).toBeVisible()

  const technician = await signedIn(browser, 'ada')
  await technician.goto(`/orders/${number}/paper`)
  await holdParts(technician)
  await technician.getByRole('button', { name: 'Demo: let 4 h pass' }).click()
  await technician.getByRole('button', { name: /^All \d+ plain boxes are ticked: Whole rig, Place the boat$/ }).click()
  await expect(technician.getByRole('row', { name: /^Whole rig Place the boat/ }).getByRole('checkbox')).toBeChecked()
  await expect(technician.getByRole('checkbox', { checked: false }).first()).toBeVisible()
  await technician.getByRole('button', { name: 'All plain boxes are ticked on the paper' }).click()
  const row = (text: RegExp) => technician.getByRole('row', { name: text })
  await row(/Look at the oil/)
    .getByLabel(/^Seen/)
    .selectOption('oil_black')
  await row(/Pull the dipstick/)
    .getByLabel(/^Seen/)
    .selectOption('arrival_in_band')
  await row(/Look at the tell-tale/)
    .getByLabel(/^Seen/)
    .selectOption('tell_tale_steady')
  await row(/Look at everything that was opened/)
    .getByLabel(/^Seen/)
    .selectOption('leaks_dry')
  // warning light, noise: nothing found
  for (const seen of await technician.getByRole('combobox', { name: /^ ?seen, / }).all()) {
    await seen.selectOption({ index: 1 })
  }
  await row(/Screw the plug in/)
    .getByLabel('used')
    .fill('25')
  await row(/Wipe the trough/)
    .getByLabel('used')
    .fill('35')
  // the only wrench that holds it is past its calibration
  await row(/Wipe the trough/)
    .getByLabel('wrench')
    .selectOption('TW-3, 20–100 in·lb')
  await row(/Wipe the trough/)
    .getByLabel('why this wrench')
    .fill('held against TW-1')
  await row(/Turn the filter on/)
    .getByLabel('turned')
    .fill('7/8')
  await row(/^Engine Pour/)
    .getByLabel('poured')
    .fill('2.5')
  for (const [what, time] of [
    [/Start the engine, guards on/, '10:00'],
    [/Stop it, then water off and cups off\.$/, '10:05'],
    [/^Engine: Pour/, '10:30'],
    [/Start the engine\. The oil warning/, '10:50'],
    [/The rest counts from here/, '11:00'],
  ] as const) {
    await technician.getByRole('group', { name: what }).getByLabel('at', { exact: true }).fill(time)
  }
  const dipstick = technician.getByRole('row', { name: /Read the dipstick/ })
  await dipstick.first().getByLabel('level').fill('0.7')
  await dipstick.first().getByLabel('at', { exact: true }).first().fill('10:36')
  const last = dipstick.last()
  await last.getByLabel('level').fill('0.3')
  await last.getByLabel('at', { exact: true }).first().fill('11:20')
  await last.getByLabel('added ml').fill('150')
  await last.getByLabel('at', { exact: true }).nth(1).fill('11:22')
  await last.getByLabel('then').fill('0.65')
  await last.getByLabel('at', { exact: true }).last().fill('11:30')
  await row(/Count rags/)
    .getByLabel('in', { exact: true })
    .fill('4')
  await row(/Count rags/)
    .getByLabel('out', { exact: true })
    .fill('4')

  await technician.getByRole('button', { name: 'Enter what is filled in' }).click()
  await expect(row(/Screw the plug in/).getByRole('alert')).toContainText('25 ft·lb is outside 17 – 21 ft·lb')
  await expect(row(/Turn the filter on/).getByLabel('turned')).toHaveValue('7/8')
  await row(/Screw the plug in/)
    .getByLabel('used')
    .fill('19')
  await technician.getByRole('button', { name: 'Enter what is filled in' }).click()
  await expect(technician).toHaveURL(/release$/)
  await technician.getByLabel('not measured').check()
  await technician.getByRole('button', { name: 'Release the engines' }).click()
  await expect(technician.getByRole('heading', { name: /Service record/ })).toBeVisible()
  await expect(technician.getByText('19 ft·lb (≈ 25.8 N·m) with TW-4, 10–50 ft·lb').first()).toBeVisible()
  await expect(
    technician.getByText('35 in·lb (≈ 4.0 N·m) with TW-3, 20–100 in·lb (held against TW-1)').first(),
  ).toBeVisible()
})
