import { lastOf, nextOpen, planAtHand } from '@/features/bench/atHand'
import type { BenchStep } from '@/features/bench/useBench'
import type { Bench, BenchStepState, Operation } from '@/shared/api/types'
import { describe, expect, it } from 'vitest'
import { aBench, anOperation, aStep } from './fixtures'

type NotYet = NonNullable<BenchStepState['notYet']>

const bars = (change: Partial<NotYet> = {}): NotYet => ({
  why: 'Not yet.',
  until: null,
  first: null,
  cart: false,
  claim: null,
  ...change,
})
const taken = bars({ claim: { of: 'port', by: 'mora', at: '2026-03-18T09:00:00Z' } })
const resting = bars({ until: '2026-03-18T09:06:00Z' })

function at(operation: Operation, change: Partial<BenchStep> = {}): BenchStep[] {
  return operation.steps.map((step) => ({
    step,
    operation,
    done: false,
    answer: null,
    notYet: null,
    timed: false,
    wrenches: [],
    together: [],
    cautions: { span: 'port 1', read: true },
    before: [],
    ...change,
  }))
}

const works = ['drain', 'fill', 'read'].map((id) => anOperation(`port.${id}`, [aStep(`port.${id}.a`)]))
const [drain, fill, read] = works as [Operation, Operation, Operation]

describe('the plan at hand', () => {
  it('says what may be done, what waits and what is done, in the order of the plan', () => {
    const bench = aBench(works, { claims: [{ of: 'port.fill', by: 'mora', at: '2026-03-18T09:00:00Z' }] })
    const plan = planAtHand(bench, [...at(drain, { done: true }), ...at(fill), ...at(read, { notYet: resting })])

    expect([plan.done, plan.now, plan.waits].map((rows) => rows.map((row) => row.operation.id))).toEqual([
      ['port.drain'],
      ['port.fill'],
      ['port.read'],
    ])
    expect(plan.now[0]).toMatchObject({ engine: 'Port', open: 1, count: 1, takenBy: 'mora', waits: null })
    expect(plan.waits[0]?.waits?.until).toBe('2026-03-18T09:06:00Z')
  })

  it('goes on inside an operation where something may be done, whatever else of it waits', () => {
    const two = anOperation('port.fill', [aStep('port.fill.a'), aStep('port.fill.b')])
    const [first, second] = at(two) as [BenchStep, BenchStep]
    const plan = planAtHand(aBench([two]), [{ ...first, notYet: bars() }, second])

    expect(plan.now.map((row) => [row.step.step.id, row.open, row.free])).toEqual([['port.fill.b', 2, 1]])
  })

  it('waits where what must be done of it waits for something else, though one may make ready', () => {
    const two = anOperation('port.fill', [aStep('port.fill.ready'), aStep('port.fill.pour', { must: true })])
    const [ready, pour] = at(two) as [BenchStep, BenchStep]
    const elsewhere = planAtHand(aBench([two]), [ready, { ...pour, notYet: bars({ first: 'port.close.close' }) }])
    const within = planAtHand(aBench([two]), [ready, { ...pour, notYet: bars({ first: 'port.fill.ready' }) }])

    expect(elsewhere.waits.map((row) => row.step.step.id)).toEqual(['port.fill.pour'])
    expect(within.now.map((row) => row.step.step.id)).toEqual(['port.fill.ready'])
  })

  it('counts what could not be done as answered', () => {
    const plan = planAtHand(aBench([drain]), at(drain, { answer: 'could not: seized' }))

    expect(plan.done.map((row) => row.open)).toEqual([0])
  })
})

describe('what comes next', () => {
  const [a, b, c] = works.map((work) => at(work)[0]) as [BenchStep, BenchStep, BenchStep]
  const cases: [string, BenchStep[], number, number][] = [
    ['the next that may be done', [a, b, c], 0, 1],
    ['one before, where none after may', [a, { ...b, notYet: bars() }, { ...c, done: true }], 1, 0],
    ['what only waits for the cart', [{ ...a, done: true }, { ...b, notYet: bars({ cart: true }) }, c], 0, 1],
    [
      'what only time is missing for',
      [
        { ...a, notYet: taken },
        { ...b, notYet: bars() },
        { ...c, notYet: resting },
      ],
      -1,
      2,
    ],
    [
      'one’s own that waits, and not somebody else’s',
      [
        { ...a, notYet: taken },
        { ...b, notYet: bars() },
      ],
      -1,
      1,
    ],
    [
      'somebody else’s, where nothing else is open',
      [
        { ...a, notYet: taken },
        { ...b, done: true },
      ],
      -1,
      0,
    ],
    ['nothing', [{ ...a, done: true }], 0, 1],
  ]
  it.each(cases)('is %s', (_, steps, after, next) => {
    expect(nextOpen(steps, after)).toBe(next)
  })
})

describe('where somebody was', () => {
  const entry = (stepId: string, by: string, at: string): Bench['entries'][number] => ({
    uuid: at,
    stepId,
    kind: 'tick',
    text: 'done',
    corrects: null,
    happened: false,
    by,
    at,
  })
  const bench = aBench(works, {
    entries: [
      entry('port.drain.a', 'ada', '09:00'),
      entry('port.fill.a', 'ada', '09:10'),
      entry('port.read.a', 'mora', '09:20'),
    ],
  })

  it('is their last entry, and nothing for who has entered none', () => {
    expect(lastOf(bench, 'ada')?.operation.id).toBe('port.fill')
    expect(lastOf(bench, 'ada', 'starboard')).toBeNull()
    expect(lastOf(bench, 'teo')).toBeNull()
  })
})
