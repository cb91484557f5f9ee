import { toSend, written } from '@/features/bench/oilLeft'
import { describe, expect, it } from 'vitest'
import { emptyLine, linesOf, type PaperLine } from '@/features/bench/paper'
import { runningTimers } from '@/features/bench/timers'
import type { Step } from '@/shared/api/types'
import { instantOf } from '@/shared/units'
import { aBench, anOperation, aStep } from './fixtures'

function lines(step: Step, change: Partial<PaperLine>) {
  const operation = anOperation('port.x', [step])
  const timed = ['poured', 'level', 'first_level'].includes(step.entry)
  const bench = {
    step,
    operation,
    done: false,
    answer: null,
    notYet: null,
    timed,
    wrenches: [],
    together: [],
    cautions: { span: 'port 1', read: true },
    before: [],
  }
  return linesOf(bench, { ...emptyLine(), ...change }, (time) => instantOf('2026-03-18', time, 'UTC'))
}

function copied(step: Step, change: Partial<PaperLine>) {
  return lines(step, change).map(({ kind, value }) => ({ kind, value }))
}

describe('copying the paper in', () => {
  it('makes nothing of a line left blank', () => {
    for (const entry of [
      'tick',
      'poured',
      'level',
      'first_level',
      'torque',
      'turns',
      'count',
      'oil_appearance',
    ] as const) {
      expect(copied(aStep('s', { entry }), {})).toEqual([])
    }
  })

  it('makes a tick, a pour, turns, a count, a finding', () => {
    expect(copied(aStep('s'), { ticked: true })).toEqual([{ kind: 'tick', value: {} }])
    expect(copied(aStep('s', { entry: 'poured' }), { amount: '4,9', unit: 'us_qt' })).toEqual([
      { kind: 'poured', value: { volume: { value: '4.9', unit: 'us_qt' } } },
    ])
    expect(copied(aStep('s', { entry: 'turns' }), { turns: '3/4' })).toEqual([
      { kind: 'turns', value: { turns: '3/4' } },
    ])
    expect(copied(aStep('s', { entry: 'count' }), { wentIn: '4', cameOut: '4' })).toEqual([
      { kind: 'count', value: { in: 4, out: 4 } },
    ])
    expect(copied(aStep('s', { entry: 'fasteners', count: 7 }), { ticked: true })).toEqual([
      { kind: 'count', value: { in: 7, out: 7 } },
    ])
    expect(copied(aStep('s', { entry: 'oil_appearance' }), { observation: 'oil_black', amount: '3,9' })).toEqual([
      { kind: 'observation', value: { observation: 'oil_black', volume: { value: '3.9', unit: 'l' } } },
    ])
    expect(copied(aStep('s', { entry: 'leaks' }), { observation: 'leaks_dry' })).toEqual([
      { kind: 'observation', value: { observation: 'leaks_dry' } },
    ])
  })

  it('gives a torque the unit of its figure', () => {
    const tightening = {
      kind: 'torque',
      min: '17',
      nominal: '19',
      max: '21',
      unit: 'ft_lb',
      thread: 'dry',
      pattern: 'any',
    } as const
    expect(copied(aStep('s', { entry: 'torque', tightening }), { torque: '19', wrench: 'TW-4' })).toEqual([
      { kind: 'torque', value: { torque: '19', unit: 'ft_lb', wrench: 'TW-4' } },
    ])
  })

  it('says why it was another wrench, if somebody does', () => {
    const torque = { torque: '19', wrench: 'another torque wrench', reason: ' borrowed ' }
    expect(copied(aStep('s', { entry: 'torque' }), torque)[0]?.value).toEqual({
      torque: '19',
      unit: 'nm',
      wrench: 'another torque wrench',
      reason: 'borrowed',
    })
    expect(emptyLine('TW-1').wrench).toBe('TW-1')
  })

  it('keeps reading, top-up and second reading in their order', () => {
    const kinds = copied(aStep('s', { entry: 'level' }), {
      reading: '0.3',
      added: '150',
      secondReading: '0,65',
    })
    expect(kinds).toEqual([
      { kind: 'level', value: { reading: '0.3' } },
      { kind: 'poured', value: { volume: { value: '150', unit: 'ml' } } },
      { kind: 'level', value: { reading: '0.65' } },
    ])
  })

  it('says when it was done where rests are counted from it, and that it is from the paper', () => {
    const change = {
      reading: '0.3',
      time: '9:40',
      added: '150',
      addedTime: '9:45',
      secondReading: '0.6',
      secondTime: 'x',
    }
    const times = lines(aStep('s', { entry: 'level' }), change).map(({ doneAt, fromPaper }) => [doneAt, fromPaper])
    expect(times).toEqual([
      ['2026-03-18T09:40:00.000Z', true],
      ['2026-03-18T09:45:00.000Z', true],
      [null, true],
    ])
    expect(lines(aStep('s'), { ticked: true, time: '9:40' })[0]).not.toHaveProperty('doneAt')
  })

  it('puts a reason before all else', () => {
    expect(copied(aStep('s'), { ticked: true, notDone: ' seized ' })).toEqual([
      { kind: 'not_done', value: { text: 'seized' } },
    ])
  })
})

describe('timers', () => {
  it('are those that the server counts, with their engine', () => {
    const timer = {
      position: 'port',
      work: 'port.first-rest',
      title: 'Let the oil settle',
      from: '2026-03-18T09:00:00+00:00',
      until: '2026-03-18T09:06:00+00:00',
    }
    expect(runningTimers(aBench([]))).toEqual([])
    expect(
      runningTimers(aBench([], { timers: [timer] })).map((each) => [
        each.text,
        (each.endsAt - each.startedAt) / 60_000,
      ]),
    ).toEqual([['Port: let the oil settle', 6]])
  })
})

describe('a time of the shop’s clock', () => {
  it('is an instant, in winter and in summer', () => {
    expect(instantOf('2026-03-18', '9:05', 'Europe/Rome')).toBe('2026-03-18T08:05:00.000Z')
    expect(instantOf('2026-07-18', '09.05', 'Europe/Rome')).toBe('2026-07-18T07:05:00.000Z')
    expect(instantOf('2026-03-18', '23:30', 'America/New_York')).toBe('2026-03-19T03:30:00.000Z')
  })

  it('is none where nobody can read it as one', () => {
    expect(['', '9', 'noon', '25:00', '9:61'].map((time) => instantOf('2026-03-18', time, 'UTC'))).toEqual(
      Array(5).fill(null),
    )
  })
})

describe('what is left of the oil', () => {
  const pool = { grade: '10W-40', performanceClass: 'VO-3', pulledMl: 11892, pouredMl: 10900, leftMl: 992 }
  const dot = (text: string): string => text.replace(',', '.')

  it('is written in the unit of the jug', () => {
    expect([written(992, 'l'), written(992, 'ml'), written(992, 'us_qt'), written(null, 'l')]).toEqual([
      '0.992',
      '992',
      '1.048',
      '',
    ])
  })

  it('is sent only once there is a figure for it', () => {
    expect(toSend([pool], [{ opened: '11.892', left: ' ', unit: 'l', notMeasured: false }], dot)).toEqual([])
    expect(toSend([pool], [{ opened: '11,892', left: '0,9', unit: 'l', notMeasured: false }], dot)).toEqual([
      {
        grade: '10W-40',
        performanceClass: 'VO-3',
        opened: { value: '11.892', unit: 'l' },
        leftOver: { value: '0.9', unit: 'l' },
      },
    ])
    expect(toSend([pool], [{ opened: '11.892', left: '', unit: 'l', notMeasured: true }], dot)).toEqual([
      { grade: '10W-40', performanceClass: 'VO-3', opened: null, leftOver: null },
    ])
  })
})
