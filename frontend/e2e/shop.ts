import { test as base, expect, type Browser, type Locator, type Page } from '@playwright/test'

export const today = '2026-03-18T09:00:00Z'
export type Who = 'ines' | 'ada' | 'bram' | 'mora' | 'teo' | 'nuala' | 'odile' | 'piet'

/** What each page was last told by the server, and what went wrong on it. */
const heard = new WeakMap<Page, string[]>()

function listen(page: Page): void {
  const lines: string[] = []
  heard.set(page, lines)
  page.on('response', (answer) => {
    const path = new URL(answer.url()).pathname
    if (path.startsWith('/api/')) {
      lines.push(`${answer.status()} ${answer.request().method()} ${path}`)
    }
  })
  page.on('pageerror', (error) => lines.push(`error ${error.message}`))
  page.on('crash', () => lines.push('the page crashed'))
}

/** Where a page was when its test failed: a run elsewhere leaves nothing else to look at. */
async function tellOf(page: Page): Promise<void> {
  const seen = await page
    .locator('body')
    .innerText({ timeout: 5_000 })
    .catch((error: unknown) => String(error))
  const last = (heard.get(page) ?? []).slice(-15).join('\n    ')
  console.log(`  ${page.url()}\n    ${last}\n    ${seen.slice(0, 600).replaceAll('\n', ' · ')}`)
}

/** Whoever signed in leaves with the test: a page left open would go on asking the server beside the next one. */
export const test = base.extend<{ leave: undefined }>({
  leave: [
    async ({ browser }, use, info) => {
      await use(undefined)
      if (info.status !== info.expectedStatus) {
        for (const page of browser.contexts().flatMap((context) => context.pages())) {
          await tellOf(page)
        }
      }
      await Promise.all(browser.contexts().map((context) => context.close()))
    },
    { auto: true },
  ],
})

/** A browser of its own for one person, on the day of the tests; the bench has its tablet's size. */
export async function signedIn(
  browser: Browser,
  who: Who,
  size = { width: 1280, height: 800 },
  password = 'verrin-inlet',
): Promise<Page> {
  const context = await browser.newContext({ viewport: size })
  const page = await context.newPage()
  listen(page)
  await page.clock.setFixedTime(today)
  const faults: string[] = []
  page.on('pageerror', (error) => faults.push(error.message))
  await page.goto('/')
  await page.getByLabel('User name').fill(who)
  await page.getByLabel('Password', { exact: true }).fill(password)
  await page.getByRole('button', { name: 'Sign in' }).click()
  await expect(page.getByRole('navigation', { name: 'Places of the shop' })).toBeVisible()
  expect(faults).toEqual([])
  return page
}

export const tablet = { width: 1024, height: 768 }

export async function openSheet(page: Page, find: string, sheet: string): Promise<void> {
  await page.getByRole('link', { name: 'Book', exact: true }).click()
  const heading = page.getByRole('heading', { level: 2, name: /^Sheets \d/ })
  const all = (await heading.textContent()) ?? ''
  await page.getByRole('searchbox', { name: 'Find a sheet' }).fill(find)
  // rows move up as others are left out: what is pressed meanwhile is not there any more
  await expect(heading).not.toHaveText(all)
  await page.getByRole('link', { name: sheet, exact: true }).last().click()
  await expect(page).toHaveURL(/\/book\/sheets\//)
  await expect(page.getByRole('navigation', { name: 'Sections of the sheet' })).toBeVisible()
}

export async function openRig(page: Page, boat: string): Promise<void> {
  await page.keyboard.press('/')
  await page.keyboard.type(boat)
  await expect(page.getByRole('option', { name: boat }).first()).toBeVisible()
  await page.keyboard.press('Enter')
  await expect(page.getByRole('heading', { level: 1 })).toContainText(boat)
}

/** Finds a boat by the command box and opens its check-in. */
export async function openCheckIn(page: Page, boat: string): Promise<void> {
  await openRig(page, boat)
  await expect(page).toHaveURL(/\/boats\/\d+$/)
  await page.getByRole('link', { name: 'Check in' }).click()
  await expect(page.getByRole('heading', { name: `Check in ${boat}` })).toBeVisible()
  await besideOpenOrders(page)
}

/** A boat that another journey has checked in is asked about; here a second order is what is wanted. */
async function besideOpenOrders(page: Page): Promise<void> {
  if (await page.getByRole('region', { name: 'This boat is in already' }).isVisible()) {
    await page.getByText(/^Open a second order/).click()
  }
}

export function engine(page: Page, label: string): Locator {
  return page.getByRole('region', { name: label, exact: true })
}

/** Sends the check-in and gives the number of the order that it opened. */
export async function sendCheckIn(page: Page): Promise<number> {
  const send = page.getByRole('button', { name: 'Check in and choose the tasks' })
  await send.click()
  const already = page.getByRole('alert').filter({ hasText: 'has an open order' })
  await expect(already.or(page.getByRole('complementary', { name: 'The slip' })).first()).toBeVisible()
  if (await already.isVisible()) {
    // since the form was opened another journey has checked it in
    await expect(page.getByRole('region', { name: 'This boat is in already' })).toBeVisible()
    await besideOpenOrders(page)
    await send.click()
  }
  await expect(page).toHaveURL(/\/orders\/\d+$/)
  return Number(/\/orders\/(\d+)$/.exec(page.url())?.[1])
}

/** Checks in a boat with one engine, picks the named tasks and issues the order. */
export async function issueFor(
  page: Page,
  boat: string,
  hours: string | null,
  tasks: string[],
  label = 'Engine',
): Promise<number> {
  await openCheckIn(page, boat)
  if (hours !== null) {
    await engine(page, label).getByLabel('Hours now').fill(hours)
  }
  const number = await sendCheckIn(page)
  for (const task of tasks) {
    await page.getByRole('checkbox', { name: new RegExp(`^${task},`) }).click()
  }
  await page.getByRole('button', { name: /^Issue/ }).click()
  await expect(page.getByRole('link', { name: 'Open at the bench' })).toBeVisible()
  return number
}

/** Whatever the step on the bench asks for, entered as a good day gives it; stops at the step named. */
export async function workUntil(page: Page, stop: RegExp | null): Promise<void> {
  await page.locator('.at').waitFor()
  for (let turn = 0; turn < 400; turn += 1) {
    const heading = page.getByRole('heading', { level: 1 })
    const text = (await heading.textContent()) ?? ''
    if (text.startsWith('Every step is entered') || (stop !== null && stop.test(text))) {
      return
    }
    if (stop !== null && (await openLine(page, stop))) {
      continue
    }
    const before = await position(page)
    if (!(await enterUsual(page))) {
      continue
    }
    await expect.poll(() => position(page), { message: `after “${text}”`, intervals: [25, 50, 100] }).not.toBe(before)
  }
  throw new Error('The bench never came to an end.')
}

/** As far as one person comes while others work beside them: until nothing is left that may be done now. */
export async function workOn(page: Page): Promise<number> {
  await page.locator('.at').waitFor()
  const barred = page.getByRole('region', { name: 'Not yet' })
  for (let entered = 0; entered < 400;) {
    const isOver = (await position(page)).includes('Every step is entered')
    const isBarred = await barred.isVisible()
    const isTime = isBarred && /Wait \d+ min more|at the cart/.test((await barred.textContent()) ?? '')
    if (isOver || (isBarred && !isTime)) {
      return entered
    }
    const before = await position(page)
    if (await enterUsual(page)) {
      await expect
        .poll(() => position(page), { message: `after “${before}”`, intervals: [25, 50, 100] })
        .not.toBe(before)
      entered += 1
    }
  }
  throw new Error('The bench never came to an end.')
}

/** It checks what is shown: one step, or the plain ones that follow each other. */
export function done(page: Page): Locator {
  return page.getByRole('button', { name: /^(Cautions read. )?(Done|All \d+ done)$/ })
}

/** How many steps it checks. */
export async function howMany(page: Page): Promise<number> {
  return Number(/\d+/.exec((await done(page).textContent()) ?? '')?.[0] ?? 1)
}

/** What is looked for stands among plain steps that one press checks: the first of them is opened alone. */
async function openLine(page: Page, stop: RegExp): Promise<boolean> {
  const lines = await page.locator('.line .text').allTextContents()
  if (!lines.some((line) => stop.test(line.trim()))) {
    return false
  }
  await page.locator('.line').first().click()
  await expect(page.locator('.line')).toHaveCount(0)
  if (!stop.test((await page.getByRole('heading', { level: 1 }).textContent()) ?? '')) {
    const before = await position(page)
    await done(page).click()
    await expect.poll(() => position(page)).not.toBe(before)
  }
  return true
}

async function position(page: Page): Promise<string> {
  // both in one look: they change together
  return page.evaluate(() => ['.at', 'h1'].map((each) => document.querySelector(each)?.textContent ?? '').join(' '))
}

/** Whether something was entered; else time passed, parts were held, or there is nothing left. */
async function enterUsual(page: Page): Promise<boolean> {
  const choices: [Locator, () => Promise<void>][] = [
    [page.getByRole('button', { name: 'Go to the cart' }), () => holdParts(page)],
    [page.getByRole('region', { name: 'Not yet' }), () => letTimePass(page)],
    [page.getByRole('button', { name: 'Next step' }), () => page.getByRole('button', { name: 'Next step' }).click()],
    [page.locator('form.measure'), () => measure(page)],
    [done(page), () => done(page).click()],
    [
      page.getByRole('button', { name: /^Black or brown/ }),
      () => page.getByRole('button', { name: /^Black or brown/ }).click(),
    ],
    [
      page.getByRole('button', { name: /^Between the marks/ }),
      () => page.getByRole('button', { name: /^Between the marks/ }).click(),
    ],
    [page.getByRole('button', { name: /^All dry/ }), () => page.getByRole('button', { name: /^All dry/ }).click()],
    [page.getByRole('button', { name: /^Steady/ }), () => page.getByRole('button', { name: /^Steady/ }).click()],
    [page.getByRole('button', { name: 'Turned 3/4' }), () => page.getByRole('button', { name: 'Turned 3/4' }).click()],
    [page.getByRole('textbox', { name: /^Poured/ }), () => pour(page)],
    [page.getByRole('textbox', { name: /^reading/ }), () => touchLevel(page)],
    [page.getByRole('textbox', { name: /^used/ }), () => torque(page)],
    [
      page.getByRole('button', { name: '5 in, 5 out' }),
      () => page.getByRole('button', { name: '5 in, 5 out' }).click(),
    ],
    [
      page.getByRole('button', { name: /^All \d+ are back$/ }),
      () => page.getByRole('button', { name: /^All \d+ are back$/ }).click(),
    ],
  ]
  // one look after the other: between two of them the step may have become free, or barred
  for (let look = 0; look < 3; look += 1) {
    for (const [place, [asked, answer]] of choices.entries()) {
      if (await asked.first().isVisible()) {
        await answer()
        // the first two only make ready for what is entered then
        return place > 1
      }
    }
  }
  if ((await position(page)).includes('Every step is entered')) {
    return false
  }
  throw new Error(`Nothing to enter at ${await position(page)}`)
}

/** Nothing is found anywhere: the first answer, a figure within its limits, most of each anode. */
export async function measure(page: Page): Promise<void> {
  let typed: Locator | null = null
  for (const cell of await page.locator('form.measure .matrix tbody td:nth-of-type(1) button').all()) {
    await cell.click()
  }
  for (const place of await page.locator('form.measure .place').all()) {
    const figure = place.getByRole('textbox').first()
    const anode = place.getByRole('slider')
    if (await anode.isVisible()) {
      await anode.focus()
      await anode.press('End')
      for (let five = 0; five < 4; five += 1) {
        await anode.press('ArrowLeft')
      }
      const stays = place.getByRole('button', { name: 'Stays' })
      if (await stays.isVisible()) {
        await stays.click()
      }
    } else if (await figure.isVisible()) {
      if ((await figure.inputValue()) === '') {
        const limit =
          (await place
            .locator('.muted')
            .textContent({ timeout: 200 })
            .catch(() => '')) ?? ''
        await figure.fill(/[\d.]+(?=\D*$)/.exec(limit)?.[0] ?? '5200')
        typed = figure
      }
    } else {
      await place.getByRole('button').first().click()
    }
  }
  const enter = page.locator('form.measure').getByRole('button', { name: 'Enter', exact: true })
  // who types has the key under the finger
  if (typed !== null) {
    await expect(enter).toBeEnabled()
    await typed.press('Enter')
  } else if (await enter.isVisible()) {
    await enter.click()
  }
}

export async function pour(page: Page): Promise<void> {
  await page.getByRole('button', { name: 'as on the order' }).click()
}

/** Reads the dipstick, once the oil has rested. */
export async function readLevel(page: Page, reading: string): Promise<void> {
  const field = page.getByRole('textbox', { name: /^reading/ })
  while (!(await field.isVisible())) {
    await letTimePass(page)
  }
  await field.fill(reading)
  const answered = page.waitForResponse('**/entries')
  await page.getByRole('button', { name: 'Enter', exact: true }).click()
  await answered
}

/** Holds every part of the order against its engine, as one does at the cart, and comes back to where one was. */
export async function holdParts(page: Page): Promise<void> {
  const back = page.url()
  const number = /orders\/(\d+)/.exec(back)?.[1] ?? ''
  const answer = await page.request.get(`/api/orders/${number}/cart`)
  const cart = (await answer.json()) as {
    document: { parts: { number: string }[] }
    confirmed: { number: string }[]
  }
  const held = new Set(cart.confirmed.map((each) => each.number))
  await page.goto(`/orders/${number}/cart`)
  const box = page.getByLabel('Scan or type the number on the part’s label')
  for (const part of cart.document.parts.filter((each) => !held.has(each.number))) {
    await box.fill(part.number)
    await box.press('Enter')
    await expect(page.getByRole('status').filter({ hasText: part.number })).toContainText('Fits.')
  }
  await page.goto(back)
}

/** As somebody does who tries the demo and does not want to wait for oil that rests. */
export async function letTimePass(page: Page): Promise<void> {
  const button = page.getByRole('button', { name: /^Demo: let/ })
  if (await button.isVisible()) {
    const answered = page.waitForResponse('**/entries')
    await button.click()
    await answered
  }
  // what is barred by time alone is free as soon as the answer is shown
  await page.waitForTimeout(150)
}

/** A touch on the drawn dipstick, in the middle between its marks, and Enter. */
async function touchLevel(page: Page): Promise<void> {
  const stick = page.locator('form.read .dipstick')
  const box = await stick.boundingBox()
  await stick.click({ position: { x: ((box?.width ?? 420) * (90 + 240 * 0.6)) / 420, y: (box?.height ?? 130) / 2 } })
  await page.getByRole('button', { name: 'Enter', exact: true }).click()
}

async function torque(page: Page): Promise<void> {
  const wrench = page.getByRole('combobox', { name: /^wrench/ })
  const isPreset = (await wrench.inputValue()) !== ''
  await page.locator('form.torque button.big').first().click()
  if (isPreset) {
    return
  }
  if ((await wrench.inputValue()) === '') {
    await wrench.selectOption('another torque wrench')
    await page.getByLabel('why this wrench').fill('None of the shop’s holds this.')
  }
  await page.getByRole('button', { name: 'Enter', exact: true }).click()
}
