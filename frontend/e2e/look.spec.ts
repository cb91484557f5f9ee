import AxeBuilder from '@axe-core/playwright'
import { expect, type Page } from '@playwright/test'
import { issueFor, openCheckIn, sendCheckIn, signedIn, tablet, test, workUntil } from './shop'

async function isAccessible(page: Page, where: string): Promise<void> {
  const { violations } = await new AxeBuilder({ page })
    // asked by name, since axe leaves it out by default: what is read on a control is said in its name
    .options({ rules: { 'label-content-name-mismatch': { enabled: true } } })
    .withTags(['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa'])
    .analyze()
  const found = violations.map(
    (violation) => `${where}: ${violation.id} ${violation.nodes.map((node) => node.html).join(' | ')}`,
  )
  expect(found).toEqual([])
}

async function fits(page: Page, where: string): Promise<void> {
  const overflow = await page.evaluate(
    () => document.documentElement.scrollWidth - document.documentElement.clientWidth,
  )
  expect(overflow, `${where} scrolls sideways`).toBe(0)
}

// one test each, since every screen takes its time
const places = {
  'the board, rigs and parts': ['/', '/boats', '/bench', '/parts', '/parts/catalogue', '/boats/1', '/boats/12'],
  'forms of the register': ['/boats/4/check-in', '/boats/new', '/boats/1/edit', '/customers/1', '/engines', '/hours'],
  'logs, outbox and policy': ['/engines/1/log', '/outbox', '/policy', '/policy/answers'],
  'the book': ['', '/holes', '/ranges', '/procedures', '/quote', '/files', '/new'].map((leaf) => `/book${leaf}`),
  'the shop': ['', '/set-up', '/hours', '/oils', '/wrenches', '/people', '/boats'].map((leaf) => `/shop${leaf}`),
  sheets: ['kestrane-k320/1', 'dunmarrow-d65/6', 'dunmarrow-d65/comparison?older=5&newer=6'].map(
    (sheet) => `/book/sheets/${sheet}`,
  ),
} as const

test('the login is accessible', async ({ page }) => {
  await page.goto('/')
  await isAccessible(page, 'login')
})

for (const [what, paths] of Object.entries(places)) {
  test(`accessible, and fits its size: ${what}`, async ({ browser }) => {
    const manager = await signedIn(browser, 'mora')
    for (const place of paths) {
      await manager.goto(place)
      await expect(manager.locator('.el-skeleton')).toHaveCount(0)
      await isAccessible(manager, place)
      await fits(manager, place)
    }
  })
}

test('accessible, and fits its size: the builder', async ({ browser }) => {
  const manager = await signedIn(browser, 'mora')
  await openCheckIn(manager, "Cox's Echo")
  await sendCheckIn(manager)
  await expect(manager.getByRole('checkbox', { name: /^Engine oil/ })).toBeVisible()
  await manager.getByRole('checkbox', { name: /^Engine oil/ }).click()
  await expect(manager.getByRole('button', { name: /^Issue 1 task/ })).toBeVisible()
  await isAccessible(manager, 'builder')
  await fits(manager, 'builder')
  for (const tab of await manager.getByRole('tab').all()) {
    await tab.click()
    await isAccessible(manager, `builder, ${await tab.innerText()}`)
  }
  await manager.getByRole('tab', { name: /^Steps/ }).click()
  await manager
    .getByRole('button', { name: /^Add a step after/ })
    .first()
    .click()
  await isAccessible(manager, 'builder, a step added')
})

test('accessible, and fits its size: the bench and its leaves', async ({ browser }) => {
  const writer = await signedIn(browser, 'ines')
  const number = await issueFor(writer, "Cox's Echo", null, ['Engine oil'])
  const bench = await signedIn(browser, 'ada', tablet)
  for (const leaf of ['cart', 'release', 'paper']) {
    await bench.goto(`/orders/${number}/${leaf}`)
    await expect(bench.locator('.el-skeleton')).toHaveCount(0)
    await isAccessible(bench, leaf)
    await fits(bench, leaf)
  }
  await bench.goto(`/orders/${number}/bench`)
  await workUntil(bench, /^Screw the plug in/)
  await bench.getByRole('button', { name: 'With a crowfoot …' }).click()
  await isAccessible(bench, 'crowfoot')
  await bench.getByRole('button', { name: 'Figures' }).click()
  await isAccessible(bench, 'plate')
})

test('accessible, and fits its size: steps at the bench', async ({ browser }) => {
  const writer = await signedIn(browser, 'ines')
  const number = await issueFor(writer, "Cox's Echo", null, ['Engine oil'])
  const bench = await signedIn(browser, 'ada', tablet)
  for (const step of [
    'rig.place.level',
    'single.drain-plug.look',
    'single.close-plug.close',
    'single.fill.pour',
    'single.reading.read',
    'single.cowl-on.count',
  ]) {
    await bench.goto(`/orders/${number}/bench?step=${step}`)
    await expect(bench.getByRole('button', { name: 'Could not …' })).toBeVisible()
    await isAccessible(bench, step)
    await fits(bench, step)
    const heights = await bench
      .locator('button.big')
      .evaluateAll((buttons) => buttons.map((button) => button.getBoundingClientRect().height))
    expect(Math.min(...heights), `${step}: targets for gloves`).toBeGreaterThanOrEqual(72)
    await expect(bench.getByRole('button', { name: 'Could not …' })).toBeInViewport()
  }
})

const sizes = [tablet, { width: 390, height: 844 }, { width: 640, height: 400 }]

test('accessible, and fits every size: what the bench opens, the release and the record', async ({ browser }) => {
  const writer = await signedIn(browser, 'ines')
  const number = await issueFor(writer, "Cox's Echo", null, ['Engine oil'])
  const bench = await signedIn(browser, 'ada', tablet)
  const look = async (where: string): Promise<void> => {
    for (const size of sizes) {
      await bench.setViewportSize(size)
      await isAccessible(bench, `${where} at ${size.width}`)
      await fits(bench, `${where} at ${size.width}`)
    }
    await bench.setViewportSize(tablet)
  }
  await bench.getByRole('button', { name: 'PIN', exact: true }).click()
  await expect(bench.getByRole('dialog')).toBeVisible()
  await isAccessible(bench, 'PIN')
  await bench.goto(`/orders/${number}/bench`)
  await bench.locator('.at').waitFor()
  await look('a run of plain steps')
  for (const panel of ['Plan', 'Park …', 'Ada Feldspar', 'Figures']) {
    await bench.getByRole('button', { name: panel, exact: true }).click()
    await look(panel)
  }
  for (const button of ['Could not …', 'Found …']) {
    await bench.goto(`/orders/${number}/bench?step=single.drain-plug.look`)
    await bench.getByRole('button', { name: button }).click()
    await look(button)
  }
  await bench.goto(`/orders/${number}/bench`)
  await workUntil(bench, null)
  await bench.goto(`/orders/${number}/release`)
  await expect(bench.getByRole('group', { name: 'Waste: how much, and where did it go?' })).toBeVisible()
  await isAccessible(bench, 'release')
  await fits(bench, 'release')
  const oil = bench.getByRole('group', { name: 'Used engine oil' })
  await oil.getByLabel('Amount').fill('0.8')
  await oil.getByLabel('Into').fill(' ')
  await bench.getByRole('button', { name: 'Release the engines' }).click()
  await expect(oil.getByRole('alert')).toBeVisible()
  await oil.getByLabel('Into').fill('used-oil tank')
  await bench.getByRole('button', { name: 'Release the engines' }).click()
  await bench.getByLabel(/^Why, for the record/).fill('The rest went home with the owner.')
  await bench.getByRole('button', { name: 'Release the engines' }).click()
  await expect(bench.getByRole('heading', { name: `Service record · order ${number}` })).toBeVisible()
  await expect(bench.getByText('Used engine oil: 800 ml')).toBeVisible()
  await bench.getByText(/^The log of Engine/).click()
  await isAccessible(bench, 'record')
  await fits(bench, 'record')
})

test('the answer carries the headers that keep a page safe', async ({ request }) => {
  for (const path of ['/', '/api/shop']) {
    const headers = (await request.get(path)).headers()
    expect(headers['content-security-policy']).toContain("default-src 'self'")
    expect(headers['x-frame-options']).toBe('DENY')
    expect(headers['referrer-policy']).toBe('same-origin')
  }
  expect((await request.get('/api/shop')).headers()['x-request-id']).toMatch(/^[0-9a-f]{32}$/)
})
