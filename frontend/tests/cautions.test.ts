import { describe, expect, it } from 'vitest'
import type { BenchStep } from '@/features/bench/useBench'
import { enteredWith } from '@/features/bench/useEntering'
import { cautionsOf, cautionsUntilLockout, unreadIn } from '@/features/bench/cautions'
import { anOperation, aStep } from './fixtures'

const hot = { id: 'hot_oil', title: 'Hot oil', text: 'Warm to the touch.' }
const sprays = { id: 'sprays', title: 'Sprays', text: 'Off belts.' }
const drain = anOperation('port.drain', [aStep('port.drain.open'), aStep('port.drain.watch')], { cautions: [hot] })
const spray = anOperation('port.spray', [aStep('port.spray.linkage')], { cautions: [hot, sprays] })

function shown(operation: typeof drain, place: number, span: string, read = false, done = false): BenchStep {
  const step = operation.steps[place] ?? aStep('none')
  return {
    step,
    operation,
    done,
    answer: null,
    notYet: null,
    timed: false,
    wrenches: [],
    together: [],
    before: [],
    cautions: { span, read },
  }
}

describe('cautions at the bench', () => {
  const steps = [
    shown(drain, 0, 'port 1'),
    shown(drain, 1, 'port 1'),
    shown(spray, 0, 'port 1'),
    shown(spray, 0, 'port 2'),
  ]

  it('stand in full for all that is to be done until the next lockout, each once', () => {
    const all = cautionsUntilLockout(unreadIn(steps.slice(0, 1)), steps)

    expect(all.map(({ id }) => id)).toEqual(['hot_oil', 'sprays'])
  })

  it('are acknowledged once for each lockout, however many steps one press checks', () => {
    expect(unreadIn(steps).map(({ cautions }) => cautions.span)).toEqual(['port 1', 'port 2'])
    expect(unreadIn([shown(drain, 0, 'port 1', true)])).toEqual([])
    expect(unreadIn([shown(drain, 0, 'port 1', false, true)])).toEqual([])
  })

  it('leave out what only work that is done called for', () => {
    const late = [shown(spray, 0, 'port 1', false, true), shown(drain, 1, 'port 1')]

    expect(cautionsUntilLockout(unreadIn(late), late).map(({ id }) => id)).toEqual(['hot_oil'])
    expect(cautionsOf(late).map(({ id }) => id)).toEqual(['hot_oil', 'sprays'])
  })
})

describe('what is entered with a figure', () => {
  const torque = { ...shown(drain, 1, 'port 1'), before: ['port.drain.open'] }

  it('is what leads up to it', () => {
    expect(enteredWith(torque, 'torque')).toEqual(['port.drain.open'])
  })

  it('is nothing where it could not be done, or something is only told', () => {
    expect(enteredWith(torque, 'not_done')).toEqual([])
    expect(enteredWith(torque, 'note')).toEqual([])
  })

  it('is the rest that is over, whatever was read', () => {
    const reading = { ...torque, step: aStep('port.read', { entry: 'level' }) }

    expect(enteredWith(reading, 'not_done')).toEqual(['port.drain.open'])
  })
})
