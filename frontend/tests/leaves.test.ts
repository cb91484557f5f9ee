import { describe, expect, it } from 'vitest'
import CautionsTab from '@/features/builder/CautionsTab.vue'
import FluidsTab from '@/features/builder/FluidsTab.vue'
import OfferList from '@/features/builder/OfferList.vue'
import { parkedOf } from '@/features/builder/parked'
import PartsTab from '@/features/builder/PartsTab.vue'
import TimelineTab from '@/features/builder/TimelineTab.vue'
import ToolsTab from '@/features/builder/ToolsTab.vue'
import type { Offer, Plan, Step, WorkOrder } from '@/shared/api/types'
import { aBench, anOperation, aStep } from './fixtures'
import { html, words } from './shown'

const torque: Step = aStep('port.close.turn', {
  text: 'Tighten the plug to',
  entry: 'torque',
  figure: {
    path: 'drain.tightening',
    label: 'drain closing figure',
    text: '8.5 N·m',
    detail: '7 – 10 N·m',
    source: 'p. 3',
  },
  tightening: { kind: 'torque', min: '7', nominal: '8.5', max: '10', unit: 'nm', thread: 'dry', pattern: 'any' },
})
const operations = [anOperation('port.close', [torque], { title: 'Close the drain', label: 'Port' })]
function anOrder(change: Partial<WorkOrder> = {}): WorkOrder {
  return { ...aBench(operations).document, kits: [], ...change }
}
const volume = (text: string) => ({ value: '1', unit: 'l', text }) as const

describe('torques and tools', () => {
  it('give each torque its figure, its source and the way to a crowfoot', async () => {
    const shown = await words(ToolsTab, { work: anOrder({ tools: [] }) })
    expect(shown).toContain('8.5 N·m')
    expect(shown).toContain('7 – 10 N·m · p. 3')
    expect(shown).toContain('with a crowfoot')
  })

  it('name the wrench of the shop, its calibration, and what may stand in', async () => {
    const tool: WorkOrder['tools'][number] = {
      name: 'Torque wrench that reaches',
      size: '8.5 N·m',
      positions: ['Port'],
      why: '',
      standIn: '9/16 in',
      wrench: { name: 'TW-1, 5–25 N·m', calibratedOn: '2026-01-12', warning: 'Calibrated more than a year ago.' },
      firstUse: 'port.close',
    }
    const shown = await words(ToolsTab, { work: anOrder({ tools: [tool] }) })
    expect(shown).toContain('TW-1, 5–25 N·m · calibrated 12 Jan 2026')
    expect(shown).toContain('Calibrated more than a year ago.')
    expect(shown).toContain('9/16 in may stand in, not for the final torque')
  })
})

describe('fluids', () => {
  const pool: WorkOrder['oil'][number] = {
    grade: '10W-40',
    performanceClass: 'VO-3',
    positions: ['Port', 'Starboard'],
    capacity: volume('10.92 l'),
    reserve: volume('0.5 l'),
    need: volume('11.42 l (12.07 US qt)'),
    plan: null,
    shortage: 'The shelf holds 3 l.',
    why: '',
    trap: '10.92 US quarts would be 586 ml short of 10.92 litres.',
  }

  it('say for which engines how much is pulled, and the trap of the units', async () => {
    const shown = await words(FluidsTab, { work: anOrder({ oil: [pool] }) })
    expect(shown).toContain('Pull 10W-40 for Port and Starboard: 11.42 l (12.07 US qt)')
    expect(shown).toContain('586 ml short of 10.92 litres. Read the unit on the container.')
  })

  it('say when the shelf is too short', async () => {
    expect(await words(FluidsTab, { work: anOrder({ oil: [pool] }) })).toContain('The shelf holds 3 l.')
  })
})

describe('parts', () => {
  const part: WorkOrder['parts'][number] = {
    number: 'TW-7715',
    description: 'Oil filter',
    bin: 'A2',
    count: 1,
    inStock: 0,
    short: 1,
    singleUse: true,
    atHand: false,
    instead: [],
    standsFor: 'QV-50644',
    arrivesOn: '2026-03-20',
    firstUse: 'port.close',
    positions: ['Port'],
    why: '',
  }

  it('mark what is not the maker’s, and when what is short is expected', async () => {
    const shown = await words(PartsTab, { work: anOrder({ parts: [part] }), draft: null })
    expect(shown).toContain('TW-7715 not the maker’s: for QV-50644')
    expect(shown).toContain('0, 1 short expected 20 Mar 2026')
  })
})

describe('what is parked', () => {
  const blocked = {
    task: 'valve_clearance' as const,
    title: 'Valve clearance',
    reason: 'Missing in the spec book: exhaust valve clearance.',
    remedy: 'The service manager adds it.',
    holes: [{ path: 'valves.exhaust', label: 'exhaust valve clearance' }],
  }
  const order = (engines: string[]): WorkOrder => {
    const one = anOrder().engines[0]
    return anOrder({
      engines: one
        ? engines.map((label) => ({ ...one, label, position: label.toLowerCase(), blocked: [blocked] }))
        : [],
    })
  }

  it('is told once for two engines by their names, and once for many by their number', () => {
    expect(parkedOf(order(['Port', 'Starboard'])).map((task) => task.who)).toEqual(['Port and Starboard'])
    expect(parkedOf(order(['Port', 'Centre', 'Starboard'])).map((task) => task.who)).toEqual(['3 engines'])
  })

  it('keeps a hole once for all engines of one sheet, and apart for those of another', () => {
    const holes = (work: WorkOrder): string[][] | undefined => parkedOf(work)[0]?.holes.map((hole) => hole.engines)
    const same = order(['Port', 'Starboard'])
    expect(holes(same)).toEqual([['Port', 'Starboard']])
    const [port, starboard] = same.engines
    const other = { ...starboard, sheet: { id: 'another', revision: 1 } } as typeof port & object
    expect(holes({ ...same, engines: port ? [port, other] : [] })).toEqual([['Port'], ['Starboard']])
    expect(parkedOf(null)).toEqual([])
  })
})

describe('what could be done as well', () => {
  const offer: Offer = {
    engineId: 3,
    task: 'water_pump',
    title: 'Water pump',
    label: 'Port',
    nowMin: 53,
    aloneMin: 91,
    savesMin: 38,
    expectedOn: '2028-01-28',
    beforeNext: true,
  } as Offer

  it('says what it takes now and alone, and why it is offered', async () => {
    const shown = await words(OfferList, { offers: [offer] })
    expect(shown).toContain(
      'Water pump , port 53 min more now, 1 h 31 min alone; due 28 Jan 2028, before the next visit',
    )
  })

  it('tells once what is offered at several engines, each with its own minutes', async () => {
    const starboard = { ...offer, engineId: 4, label: 'Starboard', expectedOn: '2028-01-20' }
    const centre = { ...offer, engineId: 5, label: 'Centre', nowMin: 60, beforeNext: false }
    expect(await words(OfferList, { offers: [offer, starboard] })).toContain(
      'Water pump , port and starboard 53 min more now each, 1 h 31 min alone; due from 20 Jan 2028, before the next visit',
    )
    expect(await words(OfferList, { offers: [offer, starboard, centre] })).toContain(
      'Water pump , 3 engines 53 min to 1 h more now each, 1 h 31 min alone; due from 20 Jan 2028 Add',
    )
  })

  it('is not there when there is nothing', async () => {
    expect(await words(OfferList, { offers: [] })).toBe('')
  })
})

describe('the timeline', () => {
  const timeline: Plan['timeline'] = {
    technicians: 1,
    elapsedMin: 20,
    handsOnMin: 5,
    presenceMin: 0,
    changes: 2,
    boundMin: 20,
    gapPermille: 0,
    turns: 1,
    schedules: 4,
    entries: [
      {
        id: 'port.close',
        position: 'port',
        startMin: 0,
        attendedEndMin: 5,
        presenceEndMin: 5,
        endMin: 20,
        technicians: [1],
        helper: false,
        fills: [],
      },
    ],
  } as unknown as Plan['timeline']

  it('says how long it takes and that no plan is shorter', async () => {
    const shown = await words(TimelineTab, { work: anOrder(), timeline })
    expect(shown).toContain('0 min by running engines, 2 changes of place, an engine tilted or let down once')
    expect(shown).toContain('no plan with these lockouts is shorter')
  })

  it('leaves out what does not happen', async () => {
    const shown = await words(TimelineTab, { work: anOrder(), timeline: { ...timeline, turns: 0 } })
    expect(shown).toContain('2 changes of place; no plan')
  })

  it('says that it is being worked out', async () => {
    expect(await words(TimelineTab, { work: anOrder(), timeline: null })).toBe('The plan is being worked out.')
  })
})

describe('cautions', () => {
  it('all stand there, each with its words, and none can be closed', async () => {
    const cautions = [{ id: 'hot', title: 'Hot oil', text: 'Never scalding.', why: '' }]
    const shown = await html(CautionsTab, { cautions })
    expect(shown).toContain('Hot oil.')
    expect([...shown.matchAll(/<button[^>]*aria-label="([^"]*)"/g)].map((found) => found[1])).toEqual(['Why: Hot oil'])
  })
})
