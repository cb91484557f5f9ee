import { expect } from '@playwright/test'
import { writeFileSync } from 'node:fs'
import { join } from 'node:path'
import { issueFor, signedIn, tablet, test, workUntil } from './shop'

const folder = join(process.env['FRESH_TACK_DATA_DIR'] ?? '', 'wrench', 'in')

test('a digital torque wrench is one touch from its figure, and what is no reading is not offered', async ({
  browser,
}) => {
  const writer = await signedIn(browser, 'ines')
  const number = await issueFor(writer, "Cox's Echo", null, ['Engine oil'])
  const bench = await signedIn(browser, 'ada', tablet)
  await bench.goto(`/orders/${number}/bench`)
  await workUntil(bench, /^Screw the plug in/)
  const ordered = (await bench.locator('form.torque .set').textContent()) ?? ''
  const [, torque = '', wrench = ''] = /^\s*([\d.]+) N·m\s*with (TW-\d)/.exec(ordered) ?? []
  expect([torque, wrench], ordered).not.toContain('')
  await expect(bench.getByRole('button', { name: /read .*: enter it/ })).toHaveCount(0)

  // what lies there already is of another bolt
  await bench.waitForResponse('**/api/wrench-readings')
  writeFileSync(join(folder, `rubbish-${number}.json`), 'OL')
  writeFileSync(join(folder, `pull-${number}.json`), JSON.stringify({ wrench, torque, unit: 'nm' }))
  await bench.getByRole('button', { name: `${wrench} read ${torque} N·m: enter it` }).click()
  await expect(bench.getByRole('heading', { level: 1 })).not.toContainText('Screw the plug in')
  await expect(bench.getByText(new RegExp(`^${torque} N·m \\(≈ [\\d.]+ ft·lb\\) with ${wrench}`))).toBeVisible()
})
