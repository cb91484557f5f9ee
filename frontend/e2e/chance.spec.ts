import { expect, type Page } from '@playwright/test'
import { openCheckIn, sendCheckIn, signedIn, test } from './shop'

/*
 * A bad day by chance: presses, tabs, backs, reloads and outages over builder and check-in. Whatever happens, the server
 * holds in the end what the screen last showed. A seed repeats its day; `--long` takes 20 of them with 300 presses each.
 */
const isLong = process.env['FRESH_TACK_LONG'] === '1'
const chosen = process.env['FRESH_TACK_SEED']
const seeds = chosen ? [Number(chosen)] : [...Array(isLong ? 20 : 6).keys()]
const presses = isLong ? 300 : 40

/** Mulberry32: small, and the same on every machine. */
function dice(seed: number): (sides: number) => number {
  let state = (seed + 1) * 0x9e3779b9
  return (sides) => {
    state = (state + 0x6d2b79f5) | 0
    let mixed = Math.imul(state ^ (state >>> 15), 1 | state)
    mixed = (mixed + Math.imul(mixed ^ (mixed >>> 7), 61 | mixed)) ^ mixed
    return ((mixed ^ (mixed >>> 14)) >>> 0) % sides
  }
}

interface Shown {
  tasks: string[]
  coldest: string
  place: string
  technicians: string
}

/** What the builder shows of the draft of this order, in one look; null: it shows none. */
async function shown(page: Page, number: number): Promise<Shown | null> {
  return page.evaluate((of) => {
    const value = (selector: string): string | undefined =>
      document.querySelector<HTMLInputElement | HTMLSelectElement>(selector)?.value
    const boxes = [...document.querySelectorAll('[role=grid] [role=checkbox]')]
    const coldest = value('input[aria-label="air from"]')
    const place = value('.visit select')
    const technicians = value('select[aria-label=Technicians]')
    const title = document.querySelector('#top-middle')?.textContent ?? ''
    return !title.includes(`Order ${of} `) ||
      boxes.length === 0 ||
      coldest === undefined ||
      place === undefined ||
      technicians === undefined
      ? null
      : {
          tasks: boxes
            .filter((box) => box.getAttribute('aria-checked') === 'true' || (box as HTMLInputElement).checked)
            .map((box) => box.getAttribute('aria-label')?.split(',')[0] ?? ''),
          coldest,
          place,
          technicians,
        }
  }, number)
}

interface Held {
  draft: { coldestC: number; place: string; technicians: number; engines: { tasks: string[] }[] }
  engines: { dues: { task: string; title: string }[] }[]
}

async function held(page: Page, number: number): Promise<Shown> {
  const answer = await page.request.get(`/api/orders/${number}`)
  expect(answer.status()).toBe(200)
  const { draft, engines } = (await answer.json()) as Held
  const titles = new Map(engines.flatMap((each) => each.dues).map((due) => [due.task, due.title]))
  return {
    tasks: draft.engines.flatMap((each) => each.tasks).map((task) => titles.get(task) ?? task),
    coldest: String(draft.coldestC),
    place: draft.place,
    technicians: String(draft.technicians),
  }
}

const nothing = (): void => undefined
/** A page that is just being left has nothing to press any more. */
const goneMs = 2_000
const strip = (page: Page) => page.getByRole('status', { name: 'What has not been sent' })

class Day {
  private offline = false
  /** What each order showed when it was last looked at. */
  readonly last = new Map<number, Shown>()
  /** What this page still shows of an order that was changed in another tab since. */
  private readonly old = new Map<number, Shown>()
  readonly told: string[] = []

  constructor(
    private readonly page: Page,
    private readonly orders: number[],
    private readonly roll: (sides: number) => number,
  ) {}

  private at(): number | null {
    const number = Number(/\/orders\/(\d+)$/.exec(this.page.url())?.[1] ?? 0)
    return this.orders.includes(number) ? number : null
  }

  async look(): Promise<void> {
    const number = this.at()
    const now = number === null ? null : await shown(this.page, number)
    if (number === null || now === null || JSON.stringify(now) === JSON.stringify(this.old.get(number))) {
      return
    }
    this.old.delete(number)
    this.last.set(number, now)
  }

  /** Somebody else was faster: theirs is loaded, and what was entered here is put back in or left. */
  private async decideConflict(): Promise<void> {
    const load = this.page.getByRole('button', { name: 'Load it again' })
    if (this.offline || !(await load.isVisible())) {
      return
    }
    await load.click()
    const put = this.page.getByRole('button', { name: this.roll(2) === 0 ? 'Put mine back in' : 'Leave it so' })
    await put.click()
    await expect(put).toHaveCount(0)
    this.old.clear()
    await this.look()
  }

  async press(): Promise<void> {
    const acts: [number, string, () => Promise<void>][] = [
      [10, 'tick', () => this.tick()],
      [3, 'air', () => this.air()],
      [2, 'place', () => this.choose('.visit select')],
      [2, 'technicians', () => this.choose('select[aria-label=Technicians]')],
      [3, 'other order', () => this.go()],
      [1, 'back', () => this.page.goBack({ timeout: 5_000 }).then(nothing, nothing)],
      [1, 'forward', () => this.page.goForward({ timeout: 5_000 }).then(nothing, nothing)],
      [2, 'reload', () => this.reload()],
      [1, 'board', () => this.leave()],
      [2, 'line', () => this.line()],
      [1, 'slow', () => this.slow()],
      [1, 'another tab', () => this.otherTab()],
    ]
    let at = this.roll(acts.reduce((sum, [weight]) => sum + weight, 0))
    for (const [weight, name, act] of acts) {
      at -= weight
      if (at < 0) {
        this.told.push(name)
        await this.decideConflict()
        if (this.at() === null) {
          await this.go()
        }
        await this.look()
        await act()
        await this.look()
        return
      }
    }
  }

  private async tick(): Promise<void> {
    const boxes = this.page.locator('[role=grid] [role=checkbox]')
    const count = await boxes.count()
    if (count > 0) {
      await boxes
        .nth(this.roll(Math.min(count, 8)))
        .click({ timeout: goneMs })
        .catch(nothing)
    }
  }

  private async air(): Promise<void> {
    const field = this.page.getByRole('textbox', { name: 'air from' })
    if (await field.isVisible()) {
      await field.fill(String(-1 - this.roll(30)), { timeout: goneMs }).catch(nothing)
      await field.press('Tab', { timeout: goneMs }).catch(nothing)
    }
  }

  private async choose(selector: string): Promise<void> {
    const field = this.page.locator(selector).first()
    if (await field.isVisible()) {
      await field.selectOption({ index: this.roll(3) }, { timeout: goneMs }).catch(nothing)
    }
  }

  /** Within the page, so that nothing waits for an answer. */
  private async go(): Promise<void> {
    const number = this.orders[this.roll(this.orders.length)] ?? 0
    if (this.offline || (await this.page.getByRole('navigation').count()) === 0) {
      await this.setOffline(false)
    }
    await this.page.evaluate((to) => {
      history.pushState({ ...(history.state as object | null), current: to }, '', to)
      dispatchEvent(new PopStateEvent('popstate', { state: history.state as unknown }))
    }, `/orders/${number}`)
    await expect(this.page.getByRole('grid')).toBeVisible()
  }

  private async reload(): Promise<void> {
    if (!this.offline) {
      await this.page.reload()
      await expect(this.page.getByRole('grid').or(this.page.locator('main h2').first()).first()).toBeVisible()
    }
  }

  private async leave(): Promise<void> {
    await this.page.getByRole('link', { name: 'Board' }).first().click()
  }

  private async setOffline(offline: boolean): Promise<void> {
    this.offline = offline
    await this.page.context().setOffline(offline)
  }

  private async line(): Promise<void> {
    await this.setOffline(!this.offline)
  }

  private async slow(): Promise<void> {
    const [status, wait] = [this.roll(3) === 0 ? 500 : 200, this.roll(1_200)]
    await this.page.unroute('**/draft')
    await this.page.route('**/draft', async (route) => {
      await new Promise((resolve) => setTimeout(resolve, wait))
      await (status === 500 ? route.fulfill({ status: 500, body: '' }) : route.continue()).catch(() => null)
    })
  }

  /** Somebody changes the order in another tab, and this one does not know. */
  private async otherTab(): Promise<void> {
    const number = this.at()
    if (this.offline || number === null || (await strip(this.page).isVisible())) {
      return
    }
    await this.page.unroute('**/draft')
    await this.decideConflict()
    await expect(this.page.locator('#top-middle')).not.toContainText('not saved')
    const tab = await this.page.context().newPage()
    await tab.clock.setFixedTime('2026-03-18T09:00:00Z')
    await tab.goto(`/orders/${number}`)
    await tab.locator('[role=grid] [role=checkbox]').nth(this.roll(4)).click()
    await expect(tab.locator('#top-middle')).toContainText(', saved')
    const [here, there] = [await shown(this.page, number), await shown(tab, number)]
    await tab.close()
    if (here !== null && there !== null) {
      this.old.set(number, here)
      this.last.set(number, there)
    }
  }

  /** The line is back: everything is sent, and what somebody else changed is decided. */
  async end(): Promise<void> {
    await this.setOffline(false)
    await this.page.unrouteAll({ behavior: 'wait' })
    for (const number of this.orders) {
      await this.page.goto(`/orders/${number}`)
      await expect(this.page.getByRole('grid')).toBeVisible()
      await expect(async () => {
        await this.decideConflict()
        await expect(this.page.locator('#top-middle')).not.toContainText('not saved', { timeout: 100 })
      }).toPass({ timeout: 60_000 })
    }
    await expect(strip(this.page)).toHaveCount(0)
  }
}

test.describe.configure({ mode: 'parallel', timeout: isLong ? 1_800_000 : 300_000 })
for (const seed of seeds) {
  test(`a bad day by chance, ${seed}`, async ({ browser }) => {
    const page = await signedIn(browser, 'ines')
    const orders: number[] = []
    for (let made = 0; made < 2; made += 1) {
      await openCheckIn(page, "Cox's Echo")
      orders.push(await sendCheckIn(page))
    }
    const day = new Day(page, orders, dice(seed))
    await day.look()
    for (let press = 0; press < presses; press += 1) {
      await day.press()
    }
    await day.end()
    for (const [number, seen] of day.last) {
      expect(seen, `order ${number} after ${day.told.join(', ')}`).toEqual(await held(page, number))
    }
  })
}
