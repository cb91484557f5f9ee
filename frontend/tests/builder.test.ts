import { describe, expect, it, vi } from 'vitest'
import { createApp, h, nextTick, shallowRef } from 'vue'
import { installFigures } from '@/shared/figures'
import TimelineLanes from '@/drawing/TimelineLanes.vue'
import LabourTab from '@/features/builder/LabourTab.vue'
import PartsTab from '@/features/builder/PartsTab.vue'
import SlipFigures from '@/features/builder/SlipFigures.vue'
import SchoolChoice from '@/features/policy/SchoolChoice.vue'
import type { Draft, Plan, SchoolQuestion, WorkOrder } from '@/shared/api/types'
import { readyText } from '@/shared/units'
import { aBench, anOperation } from './fixtures'
import { html, words } from './shown'

type Part = WorkOrder['parts'][number]
const filter: Part = {
  number: 'QV-50318',
  description: 'Oil filter',
  bin: 'A2-07',
  count: 1,
  inStock: 4,
  short: 0,
  singleUse: true,
  atHand: false,
  instead: [],
  firstUse: 'port.filter',
  positions: ['Port'],
  why: '',
}
const labour: WorkOrder['labour'] = {
  ...aBench([]).document.labour,
  handsOnMin: 90,
  unattendedMin: 20,
  elapsedMin: 105,
  allowanceMin: 0,
  allowanceReason: '',
  soldTenths: 15,
}
function anOrder(change: Partial<WorkOrder> = {}): WorkOrder {
  const { document } = aBench([anOperation('port.filter', [], { title: 'Change the filter', attendedMin: 6 })])
  return { ...document, kits: [], labour, ...change }
}
function aPlan(change: Partial<Plan> = {}): Plan {
  return {
    timeline: null,
    readyBy: '2026-11-30T09:20:00+01:00',
    readyWhy: [],
    readyIfNeeded: null,
    aloneMin: 120,
    ...change,
  }
}

describe('the figures on the slip', () => {
  it('say when it is ready by the shop’s clock, wherever the screen stands', async () => {
    expect(readyText('2026-11-30T00:20:00+13:00')).toBe('Mon 30 Nov, 00:20')
    expect(readyText('2026-11-30T23:50:00-11:00')).toBe('Mon 30 Nov, 23:50')
    expect(await words(SlipFigures, { work: anOrder(), plan: aPlan(), draft: null })).toContain('Mon 30 Nov, 09:20')
  })

  it('say why nobody knows when it is ready', async () => {
    const plan = aPlan({ readyBy: null, readyWhy: ['Short, and nobody knows until when: QV-61067.'] })
    expect(await words(SlipFigures, { work: anOrder(), plan, draft: null })).toContain(
      'not known Short, and nobody knows until when: QV-61067.',
    )
  })

  it('say when it is ready if it also takes what is only perhaps needed and short', async () => {
    const shown = async (at: string | null): Promise<string> =>
      words(SlipFigures, {
        work: anOrder(),
        plan: aPlan({ readyIfNeeded: { parts: ['QV-61062'], at, why: [] } }),
        draft: null,
      })
    expect(await shown('2026-12-02T11:00:00+01:00')).toContain('if QV-61062 is needed why Wed 2 Dec, 11:00')
    expect(await shown(null)).toContain('Mon 30 Nov, 09:20 if QV-61062 is needed why not known')
  })

  it('say what is short and when it is expected', async () => {
    const part = { ...filter, short: 2, arrivesOn: '2026-11-27' }
    const shown = await words(SlipFigures, { work: anOrder({ parts: [part] }), plan: aPlan(), draft: null })
    expect(shown).toContain('2 short: QV-50318 Oil filter, expected 27 Nov 2026')
  })

  it('say what sharing saves, and nothing where it saves nothing', async () => {
    expect(await words(SlipFigures, { work: anOrder(), plan: aPlan(), draft: null })).toContain('sharing saves 30 min')
    expect(await words(SlipFigures, { work: anOrder(), plan: aPlan({ aloneMin: 90 }), draft: null })).not.toContain(
      'sharing saves',
    )
  })

  it('count pieces to fetch, without those laid out in case, and name what is short', async () => {
    const parts: Part[] = [
      { ...filter, count: 2, inStock: 1, short: 1 },
      { ...filter, number: 'QV-61062', atHand: true, count: 4, short: 4 },
    ]
    const shown = await words(SlipFigures, { work: anOrder({ parts }), plan: null, draft: null })
    expect(shown).toContain('parts 2 pieces 1 short: QV-50318 Oil filter')
    expect(shown).not.toContain('QV-61062')
    expect(await words(SlipFigures, { work: anOrder({ parts: [filter] }), plan: null, draft: null })).toContain(
      '1 piece',
    )
  })
})

describe('the labour of an order', () => {
  it('adds the allowance, in minutes, with its reason', async () => {
    const work = anOrder({ labour: { ...labour, allowanceMin: 25, allowanceReason: 'seized bolts' } })
    const shown = await words(LabourTab, { work, aloneMin: null, draft: null })
    expect(shown).toContain('25 min are added: seized bolts')
    // 90 min hands-on and 25 min allowed
    expect(shown).toContain('Together, each cover opened once 1 h 55 min')
  })

  it('compares with every task done alone', async () => {
    expect(await words(LabourTab, { work: anOrder(), aloneMin: 120, draft: null })).toContain('Sharing saves 30 min.')
    expect(await words(LabourTab, { work: anOrder(), aloneMin: 80, draft: null })).not.toContain('saves')
  })

  it('keeps what is typed of an allowance while the plan comes in', async () => {
    const page = document.body.appendChild(document.createElement('div'))
    const aloneMin = shallowRef<number | null>(null)
    const draft = { allowance: null } as Draft
    const onChange = vi.fn()
    const app = createApp({
      render: () => h(LabourTab, { work: anOrder(), aloneMin: aloneMin.value, draft, onChange }),
    })
    app.component('ElPopover', { render: () => null })
    app.use(installFigures).mount(page)
    const field = (name: string) =>
      page.querySelector(`[aria-label="Allowance, ${name}"]`) as unknown as HTMLInputElement
    field('minutes').value = '30'
    field('minutes').dispatchEvent(new Event('change'))
    field('reason').focus()
    field('reason').value = 'Seized dr'
    aloneMin.value = 200
    await nextTick()
    expect([field('minutes').value, field('reason').value]).toEqual(['30', 'Seized dr'])
    field('reason').dispatchEvent(new Event('change'))
    expect(onChange).toHaveBeenCalledWith({ allowance: { minutes: 30, reason: 'Seized dr' } })
    app.unmount()
    page.remove()
  })
})

describe('the parts of an order', () => {
  it('shows the older numbers struck out before the one that took their place', async () => {
    const work = anOrder({ parts: [{ ...filter, instead: ['QV-50310', 'QV-50314'] }] })
    expect(await html(PartsTab, { work, draft: null })).toMatch(/<s[^>]*>QV-50310 → QV-50314<\/s>/)
  })

  it('leaves no cell empty that nobody knows', async () => {
    const work = anOrder({ parts: [{ ...filter, description: null, bin: null, inStock: null, short: 1 }] })
    expect(await words(PartsTab, { work, draft: null })).toContain(
      'QV-50318 not in the catalogue · single use Port – 1 –, 1 short',
    )
  })

  it.each([
    [1250, '10.00, 2.50 less than its pieces', 0, 'nothing is left over'],
    [900, '10.00, 1.00 more than its pieces', 2, 'left over: 2 × QV-50360'],
  ])('weighs a kit against loose pieces of %i', async (looseMinor, price, over, left) => {
    const kit = {
      number: 'QV-50390',
      description: 'Kit',
      count: 1,
      priceMinor: 1000,
      looseMinor,
      covers: [{ number: 'QV-50318', count: 1 }],
      leavesOver: over > 0 ? [{ number: 'QV-50360', count: over }] : [],
      taken: false,
      why: '',
    }
    const shown = await words(PartsTab, { work: anOrder({ kits: [kit] }), draft: null })
    expect(shown).toContain(price)
    expect(shown).toContain(left)
  })

  it('says that there are none', async () => {
    expect(await words(PartsTab, { work: anOrder(), draft: null })).toBe('This order uses no parts.')
  })
})

describe('a question on which practitioners disagree', () => {
  const question: SchoolQuestion = {
    id: 'filter_gasket',
    title: 'What goes on the gasket',
    changes: 'A word at the step.',
    answer: 'clean_oil',
    standard: 'clean_oil',
    schools: [
      { code: 'clean_oil', name: 'clean oil', reason: 'It slides.', refused: null },
      { code: 'grease', name: 'grease', reason: 'It stays.', refused: 'Grease swells the gasket.' },
    ],
  }

  it('shows the refused answer with its reason and does not let it be chosen', async () => {
    const shown = await html(SchoolChoice, { question, answer: 'clean_oil', fixed: false, problem: undefined })
    expect(shown.match(/<input[^>]*>/g)?.map((input) => [/ checked/.test(input), / disabled/.test(input)])).toEqual([
      [true, false],
      [false, true],
    ])
    expect(shown).toContain('Grease swells the gasket.')
  })

  it('is read only for those who may not answer', async () => {
    const shown = await html(SchoolChoice, { question, answer: 'clean_oil', fixed: true, problem: undefined })
    expect(shown.match(/ disabled/g)).toHaveLength(2)
  })
})

describe('a title in a bar', () => {
  it.each([
    ['Fit', 'Fit'],
    // a bar of 10 of 100 minutes is 71 units wide: ten letters
    ['Take the lower unit off', 'Take the…'],
  ])('%s stands whole or ends with dots', async (title, told) => {
    const bar = { id: 'a', key: 'a', title, words: '', from: 0, workTo: 10, to: 10, waitTo: 10, shade: 'black' }
    const shown = await words(TimelineLanes, { lanes: [{ name: 'Port', bars: [bar] }], elapsedMin: 100, chosen: null })
    expect(shown.split('Port ')[1]).toBe(told)
  })
})
