import { describe, expect, it } from 'vitest'
import AdviceNote from '@/features/bench/AdviceNote.vue'
import TurnsEntry from '@/features/bench/TurnsEntry.vue'
import DueList from '@/features/board/DueList.vue'
import { toldOnce } from '@/features/board/toldOnce'
import { waitsFor } from '@/features/board/useBoard'
import CautionsTab from '@/features/builder/CautionsTab.vue'
import DueWeeks from '@/features/board/DueWeeks.vue'
import StaleNote from '@/features/board/StaleNote.vue'
import HoursPlot from '@/drawing/HoursPlot.vue'
import type { Advice, Due, DueBoard, Pressing } from '@/shared/api/types'
import type { BoardOrder } from '@/shared/board'
import { nextLimit } from '@/shared/engine/plot'
import { aDue, anEngine, aPressing } from './fixtures'
import { html, words } from './shown'

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
  ])('%o', async (given, told) => expect(await words(AdviceNote, { advice: given })).toBe(told))
})

describe('turns as buttons', () => {
  it('are the eighths within the sheet’s range, its ends included', async () => {
    const tightening = { kind: 'turns_after_contact', min: '5/8', max: '7/8', minTurns: 0.625, maxTurns: 0.875 }
    expect(await words(TurnsEntry, { tightening, sending: false })).toBe('Turned 5/8 Turned 3/4 Turned 7/8')
  })
})

describe('the board', () => {
  const order = (change: Partial<BoardOrder>): BoardOrder => ({
    number: 2471,
    boatId: 1,
    status: 'draft',
    boat: 'Brisk Tern',
    stoppedBy: null,
    stepsDone: 0,
    steps: 63,
    writer: 'ines',
    technician: null,
    since: '2026-03-18T08:00:00+00:00',
    readyBy: null,
    ...change,
  })

  it.each([
    [order({}), 'waits for tasks to be picked and issued'],
    [order({ status: 'issued' }), 'waits for a technician'],
    [order({ status: 'in_work', stepsDone: 14 }), 'step 14 of 63'],
    [order({ status: 'in_work', stepsDone: 63 }), 'all steps entered: waits for release'],
    [order({ status: 'stopped', stoppedBy: 'Metal flakes' }), 'STOPPED: Metal flakes. Waits for the writer’s decision'],
    [order({ status: 'released' }), 'record and label ready'],
  ])('says what an order waits for', (given, told) => expect(waitsFor(given)).toBe(told))

  const task = (change: Partial<Pressing['tasks'][number]>): Pressing['tasks'][number] => ({
    task: 'engine_oil',
    title: 'Engine oil',
    state: 'due',
    expectedOn: '2026-03-01',
    byUse: false,
    hoursLeft: null,
    daysLeft: -17,
    ...change,
  })

  it.each([
    [task({}), 'Engine oil due since 1 Mar 2026'],
    [task({ state: 'overdue', hoursLeft: '-9.0' }), 'Engine oil over 9.0 h past'],
    [task({ hoursLeft: '0.0' }), 'Engine oil due at the limit'],
    [task({ state: 'soon', expectedOn: '2026-04-02' }), 'Engine oil soon on 2 Apr 2026'],
    [task({ state: 'not_due', expectedOn: '2026-05-02', byUse: true }), 'Engine oil not due by use 2 May 2026'],
    [task({ state: 'no_record' }), 'Engine oil no record'],
  ])('tells the state of a task and how far it is', async (given, told) => {
    const text = await words(DueList, { engines: [aPressing({ tasks: [given] })], mayCheckIn: true, empty: 'None.' })
    expect(text).toContain(told)
    expect(text).toContain('Check in')
  })

  it('lists a boat once with all its engines, four tasks each, and lets only writers check in', async () => {
    const titles = ['Engine oil', 'Oil filter', 'Spark plugs', 'Fuel filter', 'Thermostats', 'Accessory belt']
    const tasks = titles.map((title) => task({ title, task: title.toLowerCase().replace(' ', '_') as 'engine_oil' }))
    const port = aPressing({ tasks })
    const starboard = aPressing({ engine: { ...port.engine, id: 2, label: 'Starboard' }, tasks })
    const text = await words(DueList, { engines: [port, starboard], mayCheckIn: false, empty: 'None.' })
    expect(text.match(/Brisk Tern/g)).toHaveLength(1)
    expect(text).toContain('Fuel filter')
    expect(text).not.toContain('Thermostats')
    expect(text).toContain('and 2 more')
    expect(text).not.toContain('Check in')
  })

  it('tells once what all engines of a boat need alike, then what some of them need', async () => {
    const plugs = task({ task: 'spark_plugs', title: 'Spark plugs', hoursLeft: '-3.0' })
    const port = aPressing({ tasks: [task({}), plugs] })
    const starboard = aPressing({
      engine: { ...port.engine, id: 2, label: 'Starboard' },
      hours: null,
      tasks: [task({})],
    })
    const text = await words(DueList, { engines: [port, starboard], mayCheckIn: false, empty: 'None.' })
    expect(text.match(/Engine oil/g)).toHaveLength(1)
    expect(text).toContain('Port, Starboard · K165 611.4 h, no meter')
    expect(text).toContain('Port · K165 611.4 h Spark plugs due 3.0 h past')
    expect(toldOnce([port, { ...starboard, tasks: [task({ hoursLeft: '-1.0' })] }]).map((line) => line.which)).toEqual([
      'Port · K165',
      'Starboard · K165',
    ])
    const unknown = (hoursLeft: string) =>
      aPressing({ tasks: [task({ state: 'no_record', hoursLeft, expectedOn: hoursLeft })] })
    expect(toldOnce([unknown('-1.0'), unknown('-2.0')]), 'what is not told makes no difference').toHaveLength(1)
    const boat = { ...port.boat, engines: ['a', 'b', 'c'] }
    expect(toldOnce([port, port, port].map((each) => ({ ...each, boat })))[0]?.which).toBe('All 3 engines · K165')
    expect(toldOnce([])).toEqual([])
  })

  it('says so when nothing is due', async () => {
    expect(await words(DueList, { engines: [], mayCheckIn: true, empty: 'Nothing is due.' })).toBe('Nothing is due.')
  })

  it('counts the engines week by week, and says which list is open', async () => {
    const dues: DueBoard = {
      stale: 0,
      progress: null,
      now: 3,
      byNow: 4,
      noRecord: 1,
      weeks: [
        { from: '2026-03-19', to: '2026-03-22', engines: 2 },
        { from: '2026-03-23', to: '2026-03-29', engines: 0 },
      ],
    }
    const text = await words(DueWeeks, { dues, chosen: { which: 'now', from: '', to: '' } })
    expect(text).toBe(
      '3 engines due now by date or reading 4 engines by now by use too 2 engines this week until 22 Mar 0 engines 23 Mar to 29 Mar 1 engine no record ask the owner',
    )
  })

  it('says that days are being worked out anew, and nothing once they are', async () => {
    const dues: DueBoard = { stale: 40, progress: { done: 60, of: 100 }, now: 0, byNow: 0, noRecord: 0, weeks: [] }
    expect(await words(StaleNote, { dues })).toContain('40 engines still to do')
    expect(await words(StaleNote, { dues: { ...dues, stale: 0, progress: null } })).toBe('')
  })
})

describe('the plot of hours', () => {
  const engine = anEngine({
    dues: [
      aDue({ hoursLeft: '90.0', forecast: aForecast('2026-09-01') }),
      aDue({ task: 'fuel_filter', hoursLeft: '14.5', forecast: aForecast('2026-05-01') }),
      aDue({ task: 'spark_plugs', hoursLeft: null }),
    ],
  })

  it('looks ahead to the limit that comes first, in hours run in all', () => {
    expect(nextLimit(engine)).toMatchObject({ total: '625.9', likely: '2026-05-01' })
    expect(nextLimit({ ...engine, totalHours: null })).toBeNull()
    expect(nextLimit({ ...engine, dues: [] })).toBeNull()
  })

  it('tells in words what it draws', async () => {
    const points = [
      { on: '2025-03-01', total: '400.0', estimate: false },
      { on: '2026-03-01', total: '600.0', estimate: false },
    ]
    const series = [{ label: 'Port', points, ahead: nextLimit(engine) }]
    expect(await html(HoursPlot, { series, today: '2026-03-18' })).toContain(
      'Port: 2 readings, 600.0 h on 1 Mar 2026, 625.9 h expected around 1 May 2026',
    )
    expect(await words(HoursPlot, { series: [], today: '2026-03-18' })).toContain('goes by date')
  })
})

function aForecast(likely: string): NonNullable<Due['forecast']> {
  return { earliest: '2026-04-01', likely, latest: null, thin: false, text: 'soon' }
}

it('cautions are shown whole', async () => {
  const cautions = [
    {
      id: 'manual',
      title: 'The manual comes first',
      text: 'The maker’s manual and local rules come before this order.',
      why: '',
    },
  ]
  expect(await words(CautionsTab, { cautions })).toContain(
    'The manual comes first. The maker’s manual and local rules come before this order.',
  )
})
