import { describe, expect, it } from 'vitest'
import { readingAfter, restBefore, runFrom } from '@/features/bench/runs'
import type { BenchStep } from '@/features/bench/useBench'

type Change = Partial<{
  entry: string
  must: boolean
  effects: string[]
  operation: string
  position: string | null
  done: boolean
  answer: string | null
  notYet: BenchStep['notYet']
}>

const first = (id: string): BenchStep['notYet'] => ({ why: 'first that', until: null, first: id, cart: false })
function step(id: string, change: Change = {}): BenchStep {
  const { entry = 'tick', must = false, effects = [], operation = 'port.a', position = 'port', ...state } = change
  return {
    step: { id, entry, must, effects },
    operation: { id: operation, position },
    done: false,
    answer: null,
    notYet: null,
    timed: false,
    wrenches: [],
    ...state,
  } as unknown as BenchStep
}
const run = (...steps: BenchStep[]): string[] => runFrom(steps, 0, new Set()).map((each) => each.step.id)

describe('plain steps that follow each other are checked by one press', () => {
  it.each<[string, BenchStep[], string[]]>([
    ['two plain ones', [step('a'), step('b')], ['a', 'b']],
    ['across operations of one engine', [step('a'), step('b', { operation: 'port.b' })], ['a', 'b']],
    ['not at another engine', [step('a'), step('b', { position: 'starboard' })], ['a']],
    ['what must be done stands alone', [step('a', { must: true }), step('b')], ['a']],
    ['and ends what comes before it', [step('a'), step('b', { must: true }), step('c')], ['a']],
    ['what is measured is none of it', [step('a'), step('b', { entry: 'measured' })], ['a']],
    ['what waits for one of the run is', [step('a'), step('b', { notYet: first('a') })], ['a', 'b']],
    ['what waits for something else is not', [step('a'), step('b', { notYet: first('z') })], ['a']],
    ['a barred step stands alone', [step('a', { notYet: first('z') }), step('b')], ['a']],
    ['what was answered is left out', [step('a'), step('b', { done: true }), step('c')], ['a']],
    ['a drain opens, and its operation goes on', [step('a', { effects: ['drain_opened'] }), step('b')], ['a', 'b']],
    [
      'but the next one does not',
      [step('a', { effects: ['drain_opened'] }), step('b', { operation: 'port.b' })],
      ['a'],
    ],
    ['after a start nothing comes in the same breath', [step('a', { effects: ['started'] }), step('b')], ['a']],
    ['wiping opens nothing', [step('a', { effects: ['oil_wiped'] }), step('b', { operation: 'port.b' })], ['a', 'b']],
  ])('%s', (_, steps, ids) => {
    expect(run(...steps)).toEqual(ids)
  })

  it('a step at which a part is asked about stands alone', () => {
    const steps = [step('a'), step('b'), step('c')]
    expect(runFrom(steps, 0, new Set(['b'])).map((each) => each.step.id)).toEqual(['a'])
  })
})

describe('a rest that is over is entered with its reading', () => {
  const reading = step('read', { entry: 'level', notYet: first('rest') })
  it('the reading that waits for it', () => {
    const rest = step('rest', { effects: ['rested'] })
    expect(readingAfter([rest, step('other'), reading], rest)?.step.id).toBe('read')
  })

  it('a reading that may be taken already, at the same engine', () => {
    const rest = step('rest', { effects: ['rested'] })
    const other = step('other', { entry: 'level', position: 'starboard' })
    expect(readingAfter([rest, other, step('read', { entry: 'level' })], rest)?.step.id).toBe('read')
    expect(readingAfter([rest, other], rest)).toBeNull()
    const mine = step('read', { entry: 'level' })
    expect(restBefore([rest, other, mine], mine)?.step.id).toBe('rest')
    expect(restBefore([rest, other, mine], other)).toBeNull()
    expect(readingAfter([rest, step('read', { entry: 'level', notYet: first('run') })], rest)).toBeNull()
  })

  it.each<[string, BenchStep]>([
    ['a rest that is not over', step('rest', { effects: ['rested'], notYet: first('z') })],
    ['a rest that is entered', step('rest', { effects: ['rested'], done: true })],
    ['no rest at all', step('rest')],
  ])('%s leads nowhere', (_, rest) => {
    expect(readingAfter([rest, reading], rest)).toBeNull()
  })
})
