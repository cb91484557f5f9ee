import { createSSRApp, h, type Component } from 'vue'
import { renderToString } from 'vue/server-renderer'
import { createMemoryHistory, createRouter } from 'vue-router'
import { describe, expect, it } from 'vitest'
import AdviceNote from '@/features/bench/AdviceNote.vue'
import TurnsEntry from '@/features/bench/TurnsEntry.vue'
import DueList from '@/features/board/DueList.vue'
import { waitsFor } from '@/features/board/useBoard'
import CautionsTab from '@/features/builder/CautionsTab.vue'
import type { Advice, BoatState, Board } from '@/shared/api/types'
import { aDue, anEngine } from './fixtures'

async function shown(component: unknown, props: Record<string, unknown>): Promise<string> {
  const page = { render: () => null }
  const router = createRouter({ history: createMemoryHistory(), routes: [{ path: '/:rest(.*)*', component: page }] })
  const app = createSSRApp({ render: () => h(component as Component, props) })
  app.component('ElPopover', { render: () => null })
  const html = await renderToString(app.use(router))
  return html
    .replace(/<!--.*?-->/g, '')
    .replace(/<[^>]+>/g, ' ')
    .replace(/\s+/g, ' ')
    .trim()
}

describe('what the level advisor says, in words', () => {
  const advice = (change: Partial<Advice>): Advice => ({
    advice: 'ok',
    waitMin: 0,
    amountMl: 0,
    reason: 'Because.',
    ...change,
  })

  it.each([
    [advice({ advice: 'wait', waitMin: 31 }), 'Wait 31 min Because.'],
    [advice({ advice: 'add', amountMl: 200 }), 'Add 200 ml Because.'],
    [advice({ advice: 'run' }), 'Run the engine Because.'],
    [advice({ advice: 'ok' }), 'The level is fine Because.'],
    [advice({ advice: 'takeOut', amountMl: 450 }), 'Take out 450 ml Because.'],
    [advice({ advice: 'investigate' }), 'Find out why Because.'],
  ])('%o', async (given, words) => expect(await shown(AdviceNote, { advice: given })).toBe(words))
})

describe('turns as buttons', () => {
  it('are the eighths within the sheet’s range, its ends included', async () => {
    const tightening = { kind: 'turns_after_contact', min: '5/8', max: '7/8', minTurns: 0.625, maxTurns: 0.875 }
    expect(await shown(TurnsEntry, { tightening, sending: false })).toBe('Turned 5/8 Turned 3/4 Turned 7/8')
  })
})

describe('the board', () => {
  const order = (change: Partial<Board['orders'][number]>): Board['orders'][number] => ({
    number: 2471,
    boatId: 1,
    status: 'draft',
    version: 1,
    openedBy: 'ines',
    openedAt: '',
    issuedAt: null,
    issuedBy: null,
    releasedAt: null,
    releasedBy: null,
    boat: aBoat(),
    stoppedBy: null,
    stepsDone: 0,
    steps: 63,
    ...change,
  })

  it.each([
    [order({}), 'waits for tasks to be picked and issued'],
    [order({ status: 'issued' }), 'waits for a technician'],
    [order({ status: 'in_work', stepsDone: 14 }), 'step 14 of 63'],
    [order({ status: 'in_work', stepsDone: 63 }), 'all steps entered: waits for release'],
    [order({ status: 'stopped', stoppedBy: 'Metal flakes' }), 'STOPPED: Metal flakes. Waits for the writer’s decision'],
    [order({ status: 'released' }), 'record and label ready'],
  ])('says what an order waits for', (given, words) => expect(waitsFor(given)).toBe(words))

  it('tells state, limb and distance of what presses, and no more', async () => {
    const engine = anEngine({
      dues: [
        aDue({ state: 'overdue', by: 'calendar', daysLeft: -37 }),
        aDue({ task: 'oil_filter', title: 'Oil filter' }),
      ],
    })
    const text = await shown(DueList, { boats: [{ ...aBoat(), engines: [engine] }], mayCheckIn: true })
    expect(text).toContain('Engine oil over by date 37 days past')
    expect(text).not.toContain('Oil filter')
    expect(text).toContain('Check in')
  })

  it('names a refusal instead of a state, and lets only writers check in', async () => {
    const refusal = { reason: 'withdrawn' as const, message: '', remedy: '', asks: [] }
    const engine = anEngine({ identification: { sheet: null, refusal }, dues: [] })
    const text = await shown(DueList, { boats: [{ ...aBoat(), engines: [engine] }], mayCheckIn: false })
    expect(text).toContain('Sheet withdrawn')
    expect(text).not.toContain('Check in')
  })

  it('shows the five most pressing until asked for all', async () => {
    const boats = Array.from({ length: 8 }, (_, index) => ({ ...aBoat(), id: index, name: `Boat ${index}` }))
    const text = await shown(DueList, { boats, mayCheckIn: false })
    expect(text).toContain('Boat 4')
    expect(text).not.toContain('Boat 5')
    expect(text).toContain('Show all 8 boats')
  })
})

it('cautions are shown whole', async () => {
  const cautions = [
    {
      id: 'manual',
      title: 'The manual comes first',
      text: 'The maker’s manual and local rules come before this order.',
      why: '',
    },
  ]
  expect(await shown(CautionsTab, { cautions })).toContain(
    'The manual comes first. The maker’s manual and local rules come before this order.',
  )
})

function aBoat(): BoatState {
  return {
    id: 1,
    name: 'Brisk Tern',
    kind: 'water taxi',
    registration: 'VI 2041',
    customer: 'Verrin Inlet Water Taxi',
    use: { water: 'salt', kept: 'moored', commercial: true, months: [1] },
    version: 1,
    engines: [anEngine()],
  }
}
