import { describe, expect, it } from 'vitest'
import { planDifference } from '@/features/builder/planDifference'
import type { WorkOrder } from '@/shared/api/types'
import { ofToday } from '@/shared/ofToday'
import { aBench, anOperation, aStep } from './fixtures'

const figure = (text: string) => ({ path: 'drain.closing', label: 'closing', text, detail: null, source: 'book' })
const close = (text: string) =>
  anOperation('port.close', [aStep('port.close.close', { figure: figure(text) })], { title: 'Close the drain' })
const fill = anOperation('port.fill', [aStep('port.fill.pour')], { title: 'Fill the oil' })
const plan = (operations: WorkOrder['operations'], elapsedMin = 60): WorkOrder => {
  const { document } = aBench(operations)
  return { ...document, labour: { ...document.labour, elapsedMin } }
}

describe('what changed between two plans', () => {
  it('is nothing where nothing changed', () => {
    expect(planDifference(plan([close('8.5 N·m'), fill]), plan([close('8.5 N·m'), fill]))).toEqual([])
  })

  it('names figures, work that came or went, another order and another length', () => {
    expect(planDifference(plan([close('8.5 N·m'), fill]), plan([close('9 N·m'), fill]))).toEqual([
      'port, close the drain: 9 N·m and not 8.5 N·m.',
    ])
    expect(planDifference(plan([close('8.5 N·m')]), plan([fill]))).toEqual([
      'No longer: port, close the drain.',
      'New: port, fill the oil.',
    ])
    expect(planDifference(plan([close('8.5 N·m'), fill]), plan([fill, close('8.5 N·m')], 65))).toEqual([
      'The work comes in another order.',
      'It takes 1 h 5 min and not 1 h.',
    ])
  })
})

describe('an order of the first format', () => {
  it('is shown without presence, and one of today as it is', () => {
    const old = { ...plan([fill]), format: 'fresh-tack/work-order/1' } as unknown as WorkOrder
    expect(ofToday(old).labour.presenceMin).toBe(0)
    expect(ofToday(old).operations[0]?.people).toBe(1)
    const now = plan([fill])
    expect(ofToday(now)).toBe(now)
  })
})
