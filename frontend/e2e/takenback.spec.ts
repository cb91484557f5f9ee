import { expect, type Page } from '@playwright/test'
import { done, engine, issueFor, openCheckIn, sendCheckIn, signedIn, test } from './shop'

async function openBoat(page: Page, name: string): Promise<void> {
  await page.keyboard.press('/')
  await page.keyboard.type(name)
  await expect(page.getByRole('option').first()).toContainText(name)
  await page.keyboard.press('Enter')
  await expect(page.getByRole('heading', { level: 1 })).toContainText(name)
}

/** A boat of its own with one engine, read on 1 March. */
async function newBoat(page: Page, name: string, serial: string): Promise<void> {
  const send = async (method: 'post' | 'put', path: string, data: object): Promise<number> => {
    const answer = await page.request[method](path, { headers: { 'X-Fresh-Tack': '1' }, data })
    expect(answer.ok(), await answer.text()).toBe(true)
    return ((await answer.json()) as { id: number }).id
  }
  const use = {
    water: 'salt',
    kept: 'moored',
    commercial: false,
    months: [4, 5, 6],
    idling: false,
    silt: false,
    sharedLockout: false,
    separators: null,
  }
  const customerId = await send('post', '/api/customers', { name: `Owner of ${name}`, email: null, phone: null })
  const boatId = await send('post', '/api/boats', { name, kind: 'launch', registration: '', customerId, use })
  const plate = { model: 'D36', serial, inService: '2024-01-01', hasMeter: true, year: null, gearcase: null }
  const id = await send('post', '/api/engines', { ...plate, warrantyUntil: null })
  await send('put', `/api/engines/${id}/fitting`, { boatId, position: 'single', on: '2024-01-01', swap: false })
  const reading = { on: '2026-03-01', hours: '80.8', estimate: false, sure: true, newMeter: null }
  await send('post', `/api/engines/${id}/readings`, reading)
}

test('a draft is discarded, told wherever the boat was in, and brought back', async ({ browser }) => {
  const writer = await signedIn(browser, 'ines')
  await newBoat(writer, 'Tallowmere', 'D36-60911')
  await openCheckIn(writer, 'Tallowmere')
  const hours = engine(writer, 'Engine').getByLabel('Hours now')
  await expect(hours, 'the first field has the focus').toBeFocused()
  await hours.fill('99,4 h')
  const number = await sendCheckIn(writer)

  await test.step('the boat is in: on its hit, its page and the board’s list', async () => {
    await writer.keyboard.press('/')
    await writer.keyboard.type('tallowmree')
    await expect(writer.getByRole('option', { name: `Go to order ${number}` }), 'one typing error').toBeVisible()
    await writer.keyboard.press('Enter')
    await expect(writer.getByRole('link', { name: `Go to order ${number}` })).toBeVisible()
    await writer.getByRole('link', { name: `Go to order ${number}` }).click()
  })

  await test.step('another boat had come: its reading goes with it', async () => {
    await writer.getByRole('button', { name: 'Discard this draft …' }).click()
    await writer.getByRole('button', { name: 'another boat had come' }).click()
    await writer.getByLabel(/are another boat’s/).check()
    await writer.getByRole('button', { name: 'Discard the draft' }).click()
    await expect(writer.getByText(/Discarded by Ines Rowntree/)).toContainText('another boat had come')
    await openBoat(writer, 'Tallowmere')
    await expect(engine(writer, 'Engine')).toContainText('80.8 h')
    await expect(writer.getByText('This boat is in with an open order')).toHaveCount(0)
    await engine(writer, 'Engine').getByRole('link', { name: 'Log' }).click()
    await expect(writer.getByText(/Taken back by Ines Rowntree/)).toContainText('another boat had come')
  })

  await test.step('brought back', async () => {
    await writer.goto('/removed')
    await writer.getByRole('button', { name: `Bring it back: order ${number}` }).click()
    await expect(writer).toHaveURL(new RegExp(`/orders/${number}$`))
    await expect(writer.getByRole('button', { name: 'Discard this draft …' })).toBeVisible()
    await writer.getByRole('button', { name: 'Discard this draft …' }).click()
    await writer.getByRole('button', { name: 'checked in twice' }).click()
    await writer.getByRole('button', { name: 'Discard the draft' }).click()
    await expect(writer.getByText(/Discarded by/)).toBeVisible()
  })
})

test('a reading that was misread is put right, and the truth is taken everywhere', async ({ browser }) => {
  const writer = await signedIn(browser, 'ines')
  await newBoat(writer, 'Curlew Point', 'D36-60912')
  await openBoat(writer, 'Curlew Point')
  const card = engine(writer, 'Engine')
  await card.getByRole('button', { name: 'Enter hours' }).click()
  await writer.getByRole('dialog').getByLabel('Hours', { exact: false }).first().fill('118.8')
  await writer.getByRole('button', { name: 'Keep the reading' }).click()
  await expect(card).toContainText('118.8 h')
  await card.getByRole('link', { name: 'Log' }).click()
  await writer.getByRole('button', { name: /^Correct: 18 Mar 2026/ }).click()
  await writer.getByLabel('What the meter really showed').fill('98,8 h')
  await writer.getByRole('button', { name: 'misread' }).click()
  await writer.getByRole('button', { name: 'Put it right' }).click()
  await expect(writer.getByText(/Taken back by Ines Rowntree/)).toContainText('misread')
  await writer.goBack()
  await expect(card).toContainText('98.8 h')
})

test('an issued order is cancelled before work has begun, and tells a caller in one look', async ({ browser }) => {
  const writer = await signedIn(browser, 'ines')
  const number = await issueFor(writer, "Cox's Echo", null, ['Engine oil'])
  const caller = writer.getByLabel('For the telephone')
  await expect(caller).toContainText('01 555 0121')
  await expect(caller).toContainText(/0 of \d+ steps/)
  await expect(caller).toContainText('Ready by')
  await expect(caller).toContainText('h sold')
  await writer.getByRole('button', { name: 'Cancel this order …' }).click()
  await writer.getByRole('button', { name: 'the owner does not want it' }).click()
  await writer.getByRole('button', { name: 'Cancel the order' }).click()
  await expect(writer.getByText(/Cancelled by Ines Rowntree/)).toBeVisible()
  await writer.goto(`/orders/${number}/bench`)
  await expect(done(writer)).toHaveCount(0)
})

test('who declines has to choose the task; it can be taken back', async ({ browser }) => {
  const writer = await signedIn(browser, 'ines')
  await openBoat(writer, 'Old Pennant')
  const card = engine(writer, 'Engine')
  await card.getByRole('button', { name: 'Declined' }).click()
  await expect(writer.getByLabel('Task')).toHaveValue('')
  await writer.getByRole('button', { name: 'Write it down: it stays due' }).click()
  await expect(writer.getByRole('dialog'), 'nothing is chosen yet').toBeVisible()
  await writer.getByLabel('Task').selectOption('Spark plugs')
  await writer.getByLabel('What the owner said').fill('next year')
  await writer.getByRole('button', { name: 'Write it down: it stays due' }).click()
  await expect(card).toContainText('“next year”')
  await card.getByRole('link', { name: 'Log' }).click()
  await writer
    .getByRole('row', { name: /next year/ })
    .getByRole('button', { name: /^Take back/ })
    .click()
  await writer.getByRole('button', { name: 'entered by mistake' }).click()
  await writer.getByRole('button', { name: 'Strike it' }).click()
  await expect(writer.getByText(/Taken back by/).first()).toContainText('entered by mistake')
})

test('a bench that is not issued yet leads to its draft', async ({ browser }) => {
  const writer = await signedIn(browser, 'ines')
  await openCheckIn(writer, "Cox's Echo")
  const number = await sendCheckIn(writer)
  for (const leaf of ['bench', 'cart', 'release', 'paper']) {
    await writer.goto(`/orders/${number}/${leaf}`)
    await expect(writer).toHaveURL(new RegExp(`/orders/${number}$`))
  }
})

test('Back finds the week, the page and the place', async ({ browser }) => {
  const writer = await signedIn(browser, 'ines', { width: 1280, height: 520 })
  const weeks = writer.getByRole('group', { name: 'Engines coming due' })
  await weeks.getByRole('button', { name: /no record/ }).click()
  await expect(writer.getByRole('heading', { name: 'Never recorded' })).toBeVisible()
  const content = writer.locator('main.content')
  await content.evaluate((element) => (element.scrollTop = 260))
  const before = await content.evaluate((element) => element.scrollTop)
  expect(before).toBeGreaterThan(0)
  await writer.getByRole('link', { name: 'Bench' }).click()
  await expect(writer).toHaveURL(/\/bench$/)
  await writer.goBack()
  await expect(writer.getByRole('heading', { name: 'Never recorded' })).toBeVisible()
  await expect.poll(() => content.evaluate((element) => element.scrollTop)).toBe(before)
})

test('what the browser prints is the page, whole, or says what prints the real thing', async ({ browser }) => {
  const writer = await signedIn(browser, 'ines')
  await issueFor(writer, "Cox's Echo", null, ['Engine oil'])
  await writer.emulateMedia({ media: 'print' })
  await expect(writer.getByRole('navigation', { name: 'Places of the shop' })).toBeHidden()
  await expect(writer.getByText('This is a picture of the screen.')).toBeVisible()
  for (const path of ['/', '/boats', '/parts', '/book']) {
    await writer.goto(path)
    await expect(writer.getByRole('heading').first()).toBeVisible()
    await expect(writer.getByRole('navigation', { name: 'Places of the shop' })).toBeHidden()
    const cut = await writer.evaluate(
      () =>
        [...document.querySelectorAll('main.content, main.content *')].filter((each) => {
          const style = getComputedStyle(each)
          return style.overflowY === 'auto' && each.scrollHeight > each.clientHeight + 2
        }).length,
    )
    expect(cut, `nothing of ${path} is cut off`).toBe(0)
  }
})
