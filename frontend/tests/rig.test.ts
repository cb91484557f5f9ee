import { describe, expect, it } from 'vitest'
import RunningProfile from '@/drawing/RunningProfile.vue'
import Transom from '@/drawing/Transom.vue'
import OfferList from '@/features/builder/OfferList.vue'
import DueRow from '@/features/rig/DueRow.vue'
import RigGrid from '@/features/rig/RigGrid.vue'
import type { Due, Offer } from '@/shared/api/types'
import { dayInput, shortDayText } from '@/shared/units'
import { stateWeights } from '@/shared/words'
import { aDue, anEngine } from './fixtures'
import { html, words } from './shown'

describe('one task of an engine', () => {
  const forecast: NonNullable<Due['forecast']> = {
    earliest: '2026-05-20',
    likely: '2026-06-01',
    latest: '2026-06-20',
    thin: false,
    text: '20 May 2026 to 20 Jun 2026',
  }

  it.each([
    [aDue({ dueDate: '2026-08-01', dueHours: '660.0' }), '1 Aug 2026 · 660.0 h'],
    [aDue({ dueDate: '2026-08-01', dueHours: '660.0', byUse: true, forecast }), 'by use 1 Jun 2026 · 660.0 h'],
    [aDue({ dueHours: '660.0' }), '660.0 h'],
    [aDue({ state: 'no_record' }), 'every 160 h or 12 months'],
    [aDue({ state: 'overdue', by: 'hours', hoursLeft: '-12.5' }), 'over by hours 12.5 h past'],
    [aDue({ state: 'soon', by: 'calendar', daysLeft: 9 }), 'soon by date 9 days left'],
  ])('says where it stands and when it will be due', async (due, text) =>
    expect(await words(DueRow, { due, about: 'Port' })).toContain(text),
  )

  it('tells what the sheet proposes for hard use, and that it is only proposed', async () => {
    const severe = { state: 'due' as const, why: 'Salt water: the sheet proposes every 80 h instead.', every: '80 h' }
    expect(await words(DueRow, { due: aDue({ severe }), about: 'Port' })).toContain(
      'Salt water: the sheet proposes every 80 h instead. Only proposed.',
    )
  })

  it.each([
    ['Too dear.', 'Declined on 18 Mar 2026: “Too dear.”'],
    ['', 'Declined on 18 Mar 2026'],
  ])('keeps what the owner declined', async (note, text) => {
    const shown = await words(DueRow, { due: aDue({ declined: { on: '2026-03-18', note } }), about: 'Port' })
    expect(shown.endsWith(text)).toBe(true)
  })

  it('stands once for all engines of a rig, the most pressing first, and says what an engine does not have', async () => {
    const soon = aDue({ task: 'oil_filter', title: 'Oil filter', state: 'soon', interval: 'every 80 h' })
    const over = aDue({ state: 'overdue', by: 'hours', hoursLeft: '-2.0' })
    const engines = [anEngine({ dues: [soon, aDue()] }), anEngine({ id: 2, position: 'starboard', dues: [over] })]
    const shown = await words(RigGrid, { engines, boatName: 'Brisk Tern', mayWrite: false })
    expect(shown.indexOf('Engine oil')).toBeLessThan(shown.indexOf('Oil filter every 80 h'))
    expect(shown).toContain('over by hours 2.0 h past')
    expect(shown).toContain('not on this engine')
    expect(await words(RigGrid, { engines: [anEngine({ dues: [aDue()] })], boatName: '', mayWrite: false })).toContain(
      'Nothing is due or soon will be. 1 more, not due',
    )
  })

  it('sorts what is overdue before what nobody knows, and that before what is soon', () => {
    const states: Due['state'][] = ['not_due', 'soon', 'no_record', 'due', 'overdue']
    expect([...states].sort((a, b) => stateWeights[b] - stateWeights[a])).toEqual([
      'overdue',
      'due',
      'no_record',
      'soon',
      'not_due',
    ])
  })
})

describe('what else could be done', () => {
  const offer = (change: Partial<Offer>): Offer => ({
    engineId: 1,
    label: 'Port',
    task: 'oil_filter',
    title: 'Oil filter',
    nowMin: 14,
    aloneMin: 64,
    expectedOn: '2027-01-29',
    beforeNext: true,
    ...change,
  })

  it.each([
    [offer({}), '14 min more now, 1 h 4 min alone; due 29 Jan 2027, before the next visit'],
    [offer({ beforeNext: false }), '14 min more now, 1 h 4 min alone; due 29 Jan 2027'],
    [offer({ expectedOn: null, beforeNext: false }), '14 min more now, 1 h 4 min alone'],
  ])('costs so much now and so much alone', async (given, text) => {
    const shown = await words(OfferList, { offers: [given] })
    expect(shown).toContain(text)
    expect(shown).toMatch(/Add Oil filter, port$/)
  })

  it('is not spoken of if there is nothing', async () => expect(await words(OfferList, { offers: [] })).toBe(''))
})

describe('what the drawings say to those who do not see them', () => {
  it('the running profile, band by band', async () => {
    const bands = [
      { from: 0, to: 1000, percent: 58 },
      { from: 1000, to: 6000, percent: 42 },
    ]
    expect(await html(RunningProfile, { bands })).toContain(
      'aria-label="Time by speed: 58 % from 0 to 1000 a minute, 42 % from 1000 to 6000 a minute"',
    )
    expect(await words(RunningProfile, { bands: [] })).toBe('No running profile was told.')
  })

  it('the transom with its engines in their places, and an empty one', async () => {
    const four = ['port_outer', 'port_inner', 'starboard_inner', 'starboard_outer'].map((position) => ({
      position,
      label: position.replace('_', ' '),
    }))
    const drawn = await html(Transom, { engines: four })
    expect(drawn).toContain('Transom with port outer, port inner, starboard inner, starboard outer')
    expect(await words(Transom, { engines: four })).toBe('PO PI SI SO')
    expect(await words(Transom, { engines: [] })).toBe('')
  })
})

describe('days', () => {
  it('of a field are the day on this screen, not in Greenwich', () => {
    expect(dayInput(new Date(2026, 2, 9, 23, 59))).toBe('2026-03-09')
    expect(dayInput(new Date(2024, 1, 29))).toBe('2024-02-29')
  })

  it('of a week leave the year out', () => expect(shortDayText('2026-03-09')).toBe('9 Mar'))
})
