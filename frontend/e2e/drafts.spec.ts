import { expect, type Page } from '@playwright/test'
import { openCheckIn, sendCheckIn, signedIn, test } from './shop'

type Order = { order: { status: string; version: string }; draft: { coldestC: number; engines: { tasks: string[] }[] } }

async function order(page: Page, number: number): Promise<Order> {
  const answer = await page.request.get(`/api/orders/${number}`)
  expect(answer.status()).toBe(200)
  return (await answer.json()) as Order
}
async function tasks(page: Page, number: number): Promise<string[]> {
  return (await order(page, number)).draft.engines.flatMap((engine) => engine.tasks)
}
async function draftFor(page: Page): Promise<number> {
  await openCheckIn(page, "Cox's Echo")
  return sendCheckIn(page)
}
const task = (page: Page, name: string) => page.getByRole('checkbox', { name: new RegExp(`^${name},`) })
const strip = (page: Page) => page.getByRole('status', { name: 'What has not been sent' })
const saved = (page: Page) => expect(page.locator('#top-middle')).toContainText(', saved')

test('a draft is saved into the order that it was made in', async ({ browser }) => {
  const writer = await signedIn(browser, 'ines')
  const [one, two] = [await draftFor(writer), await draftFor(writer)]
  await task(writer, 'Spark plugs').click()
  await saved(writer)
  const before = await order(writer, two)
  await writer.goto(`/orders/${one}`)
  await expect(task(writer, 'Engine oil')).toBeVisible()
  // within half a second: on to the other order, in the same page
  await writer.evaluate((to) => history.pushState({}, '', to), `/orders/${two}`)
  await writer.goBack()
  await task(writer, 'Engine oil').click()
  await writer.goForward()
  await expect(task(writer, 'Spark plugs')).toBeChecked()
  await expect.poll(() => tasks(writer, one)).toEqual(['engine_oil'])
  expect((await order(writer, two)).draft).toEqual(before.draft)
})

test('the last tick is kept when the page is left or loaded again at once', async ({ browser }) => {
  const writer = await signedIn(browser, 'ines')
  const number = await draftFor(writer)

  await test.step('loaded again', async () => {
    await task(writer, 'Engine oil').click()
    await writer.reload()
    await expect(task(writer, 'Engine oil')).toBeChecked()
    await expect.poll(() => tasks(writer, number)).toEqual(['engine_oil'])
  })

  await test.step('left for another screen', async () => {
    await task(writer, 'Spark plugs').click()
    await writer.getByRole('link', { name: 'Board' }).first().click()
    await expect.poll(() => tasks(writer, number)).toEqual(['engine_oil', 'spark_plugs'])
  })

  await test.step('left while the server does not answer: sent from the next page', async () => {
    await writer.goto(`/orders/${number}`)
    await writer.route('**/draft', (route) => route.abort())
    await task(writer, 'Engine oil').click()
    await expect(strip(writer)).toContainText(/Not sent yet: \d+ change/)
    await writer.reload()
    await expect(task(writer, 'Engine oil'), 'as it was left').not.toBeChecked()
    await expect(strip(writer)).toContainText(`order ${number}`)
    await writer.unrouteAll({ behavior: 'wait' })
    await expect(strip(writer)).toHaveCount(0)
    expect(await tasks(writer, number)).toEqual(['spark_plugs'])
  })
})

test('what is issued is what was seen', async ({ browser }) => {
  const writer = await signedIn(browser, 'ines')

  await test.step('nothing is issued as long as something has not been saved', async () => {
    const number = await draftFor(writer)
    await task(writer, 'Engine oil').click()
    await saved(writer)
    await writer.route('**/draft', (route) => route.abort())
    await task(writer, 'Spark plugs').click()
    await expect(writer.getByRole('button', { name: 'Issue 2 tasks' })).toBeVisible()
    await writer.keyboard.press('F9')
    await expect(writer.getByRole('alert')).toContainText('has not reached the server yet')
    expect((await order(writer, number)).order.status).toBe('draft')
    await writer.unrouteAll({ behavior: 'wait' })
    await expect(strip(writer), 'it goes up by itself').toHaveCount(0)
    expect((await order(writer, number)).order.status, 'and is not issued by itself').toBe('draft')
    await writer.keyboard.press('F9')
    await expect(writer.getByRole('status').filter({ hasText: 'Issued' })).toContainText('engine oil, spark plugs')
  })

  await test.step('the field that is being typed in counts', async () => {
    const number = await draftFor(writer)
    await task(writer, 'Engine oil').click()
    await saved(writer)
    await writer.getByRole('textbox', { name: 'air from' }).fill('-12')
    await writer.keyboard.press('F9')
    await expect(writer.getByRole('status').filter({ hasText: 'Issued' })).toContainText('air −12 °C')
    expect((await order(writer, number)).draft.coldestC).toBe(-12)
  })

  await test.step('a field that can’t be read stands in the way, and has the focus', async () => {
    const number = await draftFor(writer)
    await task(writer, 'Engine oil').click()
    await saved(writer)
    await writer.getByRole('textbox', { name: 'air from' }).fill('')
    await writer.keyboard.press('F9')
    await expect(writer.getByText('Not issued: The air is whole degrees')).toBeVisible()
    await expect(writer.getByRole('textbox', { name: 'air from' })).toBeFocused()
    expect((await order(writer, number)).order.status).toBe('draft')
  })
})

test('without a line nothing says saved, every screen says what waits, and it goes up by itself', async ({
  browser,
}) => {
  const writer = await signedIn(browser, 'ines')
  const number = await draftFor(writer)
  await task(writer, 'Engine oil').click()
  await saved(writer)
  await writer.context().setOffline(true)
  await task(writer, 'Spark plugs').click()
  await task(writer, 'Engine oil').click()
  await expect(strip(writer)).toContainText('Not sent yet: 2 changes')
  await expect(writer.locator('#top-middle')).not.toContainText('saved')
  await writer.getByRole('link', { name: 'Board' }).first().click()
  await expect(strip(writer)).toContainText(`order ${number}`)
  await writer.context().setOffline(false)
  await expect(strip(writer)).toHaveCount(0)
  expect(await tasks(writer, number)).toEqual(['spark_plugs'])
})

test('what one person could not send is never sent for another', async ({ browser }) => {
  const writer = await signedIn(browser, 'ines')
  const number = await draftFor(writer)
  const signIn = async (who: string): Promise<void> => {
    await writer.getByLabel('User name').fill(who)
    await writer.getByLabel('Password', { exact: true }).fill('verrin-inlet')
    await writer.getByRole('button', { name: 'Sign in' }).click()
    await expect(writer.getByLabel('Password', { exact: true }), 'the sign-in is answered').toBeHidden()
  }
  await writer.context().clearCookies()
  await task(writer, 'Engine oil').click()
  await expect(writer.getByText('Your session ended.')).toBeVisible()
  await signIn('mora')
  await expect(strip(writer)).toContainText('1 change of Ines Rowntree')
  await expect(task(writer, 'Engine oil'), 'Mora sees what the server has').not.toBeChecked()
  expect(await tasks(writer, number)).toEqual([])
  await writer.context().clearCookies()
  await writer.reload()
  await signIn('ines')
  await expect(strip(writer)).toHaveCount(0)
  await expect.poll(() => tasks(writer, number)).toEqual(['engine_oil'])

  await test.step('nor when another page of this browser has signed somebody else in', async () => {
    const other = await writer.request.post('/api/sign-in', {
      headers: { 'X-Fresh-Tack': '1' },
      data: { username: 'mora', password: 'verrin-inlet' },
    })
    expect(other.status()).toBe(200)
    await task(writer, 'Spark plugs').click()
    await expect(writer.getByText('Somebody else has signed in in this browser.')).toBeVisible()
    expect(await tasks(writer, number)).toEqual(['engine_oil'])
    await signIn('ines')
    await expect(strip(writer)).toHaveCount(0)
    await expect.poll(() => tasks(writer, number)).toEqual(['engine_oil', 'spark_plugs'])
  })
})

test('what somebody else changed is shown first, and what was entered here can be put back in', async ({ browser }) => {
  const [one, two] = [await signedIn(browser, 'ines'), await signedIn(browser, 'mora')]
  const number = await draftFor(one)
  await two.goto(`/orders/${number}`)
  await task(two, 'Spark plugs').click()
  await saved(two)
  await task(one, 'Engine oil').click()
  await expect(one.getByRole('alert')).toContainText('was changed by somebody else')
  await one.getByRole('button', { name: 'Load it again' }).click()
  await expect(task(one, 'Spark plugs')).toBeChecked()
  expect(await tasks(one, number)).toEqual(['spark_plugs'])
  await one.getByRole('button', { name: 'Put mine back in' }).click()
  await expect(task(one, 'Engine oil')).toBeChecked()
  await saved(one)
  expect(await tasks(one, number)).toEqual(['engine_oil'])
})
