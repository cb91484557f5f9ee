import { test, expect } from '@playwright/test'
import { openCheckIn, sendCheckIn, signedIn } from './shop'
test('look', async ({ browser }) => {
  const page = await signedIn(browser, 'ines')
  for (const [boat, name] of [['Skerry Flyer', 'five'], ['Meridian Heron', 'three'], ['Brisk Tern', 'two']] as const) {
    await openCheckIn(page, boat)
    const lasts = await page.getByText(/^last [\d.]+ h$/).allTextContents()
    for (const [i, box] of (await page.getByLabel('Hours now').all()).entries()) await box.fill(String(Number(/[\d.]+/.exec(lasts[i] ?? '')?.[0] ?? '240') + 1))
    await page.waitForTimeout(600)
    await sendCheckIn(page)
    await page.keyboard.press('a')
    await page.waitForTimeout(6000)
    await page.screenshot({ path: `/tmp/z-${name}.png` })
    if (name === 'two') {
      await page.getByRole('button', { name: /^Renew: (Thermo|External|Internal|Acc)/ }).first().click()
      await page.waitForTimeout(3000)
      await page.screenshot({ path: `/tmp/z-two-renew.png` })
    }
  }
})
