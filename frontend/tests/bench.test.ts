import { toSend, written } from '@/features/bench/oilLeft'
import { describe, expect, it } from 'vitest'
import { emptyLine, linesOf, type PaperLine } from '@/features/bench/paper'
import { runningTimers } from '@/features/bench/timers'
import type { Bench, OilLog, Step } from '@/shared/api/types'
import { aBench, anOperation, aStep } from './fixtures'

function copied(step: Step, change: Partial<PaperLine>) {
  const operation = anOperation('port.x', [step])
  return linesOf({ step, operation, done: false, answer: null, wrenches: [] }, { ...emptyLine(), ...change }).map(
    ({ kind, value }) => ({ kind, value }),
  )
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
      rest: '25',
      added: '150',
      secondReading: '0,65',
      secondRest: '6',
    })
    expect(kinds).toEqual([
      { kind: 'level', value: { reading: '0.3', restMin: 25 } },
      { kind: 'poured', value: { volume: { value: '150', unit: 'ml' } } },
      { kind: 'level', value: { reading: '0.65', restMin: 6 } },
    ])
  })

  it('puts a reason before all else', () => {
    expect(copied(aStep('s'), { ticked: true, notDone: ' seized ' })).toEqual([
      { kind: 'not_done', value: { text: 'seized' } },
    ])
  })
})

describe('timers from the log', () => {
  const drain = anOperation('port.drain-valve', [aStep('port.drain-valve.open'), aStep('port.drain-valve.look')], {
    unattendedMin: 14,
  })
  const close = anOperation('port.close-valve', [aStep('port.close-valve.close')])
  const entry = (stepId: string, at: string): Bench['entries'][number] => ({
    uuid: stepId,
    stepId,
    kind: 'tick',
    text: 'done',
    corrects: null,
    by: 'ada',
    at,
  })
  const oil = (change: Partial<OilLog>): OilLog => ({
    position: 'port',
    inEngineMl: 4900,
    hasRun: false,
    lastEvent: 'pour',
    eventAt: '2026-03-18T09:00:00Z',
    reading: null,
    advice: null,
    ...change,
  })
  const minutes = (bench: Bench) =>
    runningTimers(bench).map((timer) => [timer.text, (timer.endsAt - timer.startedAt) / 60_000])

  it('drain runs from the last look at the oil until the drain is closed', () => {
    const looked = entry('port.drain-valve.look', '2026-03-18T09:00:00Z')
    expect(minutes(aBench([drain, close]))).toEqual([])
    expect(minutes(aBench([drain, close], { entries: [looked] }))).toEqual([['Port draining', 14]])
    expect(
      minutes(aBench([drain, close], { entries: [looked, entry('port.close-valve.close', '2026-03-18T09:20:00Z')] })),
    ).toEqual([])
  })

  it('oil rests shorter after a pour than after a run', () => {
    expect(minutes(aBench([], { oil: [oil({})] }))).toEqual([['Port resting', 6]])
    expect(minutes(aBench([], { oil: [oil({ lastEvent: 'run', hasRun: true })] }))).toEqual([['Port resting', 25]])
  })

  it('rest is over once a reading is good', () => {
    const advice = { advice: 'ok', waitMin: 0, amountMl: 0, reason: '' } as const
    expect(minutes(aBench([], { oil: [oil({ advice })] }))).toEqual([])
    expect(minutes(aBench([], { oil: [oil({ advice: { ...advice, advice: 'wait' } })] }))).toEqual([
      ['Port resting', 6],
    ])
  })

  it('there is no rest where no oil has gone in', () => {
    expect(minutes(aBench([], { oil: [oil({ inEngineMl: 0 })] }))).toEqual([])
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
    expect(toSend([pool], [{ opened: '11.892', left: ' ', unit: 'l' }], dot)).toEqual([])
    expect(toSend([pool], [{ opened: '11,892', left: '0,9', unit: 'l' }], dot)).toEqual([
      {
        grade: '10W-40',
        performanceClass: 'VO-3',
        opened: { value: '11.892', unit: 'l' },
        leftOver: { value: '0.9', unit: 'l' },
      },
    ])
  })
})
