import { describe, expect, it } from 'vitest'
import { moved, movedBack, movesOf, neighbour, nothingByHand, withoutStep, withStep } from '@/features/builder/byHand'
import StepsTab from '@/features/builder/StepsTab.vue'
import type { Draft, WorkOrder } from '@/shared/api/types'
import { aBench, anOperation } from './fixtures'
import { html, words } from './shown'

const operations = [
  anOperation('port.lock-out', [], { title: 'Lock out' }),
  anOperation('port.grease', [], { title: 'Grease', movable: true }),
  anOperation('starboard.grease', [], { title: 'Grease', movable: true, position: 'starboard' }),
  anOperation('port.fill', [], { title: 'Fill the oil', movable: true }),
]
function anOrder(byHand?: WorkOrder['byHand']): WorkOrder {
  const { document } = aBench(operations)
  return { ...document, ...(byHand ? { byHand } : {}) }
}
function aDraft(byHand = nothingByHand): Draft {
  return { place: 'shop', coldestC: 0, warmestC: 20, complaint: '', engines: [], byHand }
}

describe('work moved by hand', () => {
  it('takes the same wish the other way round back', () => {
    const once = moved(nothingByHand, 'port.grease', 'port.fill')
    expect(moved(once, 'port.fill', 'port.grease').moves).toEqual([{ work: 'port.fill', before: 'port.grease' }])
  })

  it('keeps a wish once however often it is made', () => {
    const once = moved(nothingByHand, 'port.grease', 'port.fill')
    expect(moved(once, 'port.grease', 'port.fill')).toEqual(once)
    expect(movedBack(once, 'port.grease', 'port.fill')).toEqual(nothingByHand)
  })

  it('passes what belongs to another engine and what is set as it is needed', () => {
    const work = anOrder()
    const [, grease, , fill] = work.operations
    expect(grease && neighbour(work, nothingByHand, grease, 1)?.id).toBe('port.fill')
    expect(grease && neighbour(work, nothingByHand, grease, -1)).toBeNull()
    expect(fill && neighbour(work, nothingByHand, fill, -1)?.id).toBe('port.grease')
  })

  it('goes two places when it is pressed twice before there is an answer', () => {
    const work = { ...anOrder(), operations: [anOperation('port.plugs', [], { movable: true }), ...operations] }
    const fill = anOperation('port.fill', [], { title: 'Fill the oil', movable: true })
    const once = moved(nothingByHand, 'port.fill', 'port.grease')
    expect(neighbour(work, once, fill, -1)?.id).toBe('port.plugs')
    expect(neighbour(work, once, fill, 1)?.id).toBe('port.grease')
    const refused = { refused: [{ work: 'port.fill', before: 'port.grease', gate: null, why: 'No.' }], lost: [] }
    expect(neighbour({ ...work, byHand: refused }, once, fill, -1)?.id).toBe('port.grease')
  })

  it('says which gate refuses, at the work that was moved', () => {
    const byHand = moved(nothingByHand, 'port.fill', 'port.grease')
    const work = anOrder({
      refused: [{ work: 'port.fill', before: 'port.grease', gate: 'drain_shut', why: 'The drain is open.' }],
      lost: [],
    })
    const fill = work.operations[3]
    expect(fill && movesOf(work, byHand, fill)).toEqual([
      { work: 'port.fill', before: 'port.grease', title: 'Grease', refusal: 'The drain is open.' },
    ])
  })
})

describe('steps added by hand', () => {
  it('have ids of their own, also after one was taken out', () => {
    const two = withStep(withStep(nothingByHand, 'port.fill', 'One.', 3), 'port.fill', 'Two.', 3)
    const left = withoutStep(two, 'port.hand-1')
    expect(left.steps.map((step) => step.id)).toEqual(['hand-2'])
    expect(withStep(left, 'port.fill', 'Three.', 0).steps.map((step) => step.id)).toEqual(['hand-2', 'hand-3'])
  })

  it('take the wishes that speak of them along', () => {
    const byHand = moved(withStep(nothingByHand, 'port.fill', 'One.', 3), 'port.grease', 'port.hand-1')
    expect(withoutStep(byHand, 'port.hand-1')).toEqual(nothingByHand)
  })
})

describe('the steps of an order', () => {
  it('offer no change where it may not be changed', async () => {
    expect(await html(StepsTab, { work: anOrder(), draft: null })).not.toContain('earlier')
    expect(await html(StepsTab, { work: anOrder(), draft: aDraft() })).toContain('Do “Grease” earlier')
  })

  it('say whose each is where more than one works', async () => {
    const whose = (technicians: number, own: number[]) =>
      words(StepsTab, {
        work: anOrder(),
        timeline: { technicians, entries: [{ id: 'port.grease', technicians: own }] },
      })
    expect(await whose(2, [2])).toMatch(/Grease technician 2, \d+ min/)
    expect(await whose(2, [1, 2])).toMatch(/Grease technicians 1 and 2, \d+ min/)
    expect(await whose(1, [1])).not.toContain('technician')
  })

  it('say what was moved, what was refused and what lost its place', async () => {
    const byHand = {
      ...moved(moved(nothingByHand, 'port.grease', 'port.fill'), 'port.fill', 'port.lock-out'),
      steps: [{ id: 'hand-1', after: 'port.gone', text: 'Look at the hose.', attendedMin: 2 }],
    }
    const refused = [{ work: 'port.fill', before: 'port.lock-out', gate: null, why: 'It follows in its procedure.' }]
    const shown = await words(StepsTab, {
      work: anOrder({ refused, lost: [{ id: 'hand-1', after: 'port.gone', text: 'Look at the hose.' }] }),
      draft: aDraft(byHand),
    })
    expect(shown).toContain('3 changes by hand.')
    expect(shown).toContain('By hand: before “Fill the oil”.')
    expect(shown).toContain('Not before “Lock out”: It follows in its procedure.')
    expect(shown).toContain('“Look at the hose.” has lost the operation that it follows')
  })
})
