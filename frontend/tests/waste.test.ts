import { describe, expect, it } from 'vitest'
import { wasteFields, wasteToSend, type ExpectedWaste } from '@/features/bench/waste'

const oil: ExpectedWaste = {
  kind: 'engine_oil',
  label: 'Used engine oil',
  counted: false,
  engines: 2,
  drainedMl: null,
  container: null,
}
const filters: ExpectedWaste = {
  kind: 'oil_filters',
  label: 'Oil filters',
  counted: true,
  engines: 2,
  drainedMl: null,
  container: null,
}
const dotted = (text: string): string => text.replace(',', '.')

describe('waste at the close', () => {
  it('is not sent where nobody has said anything: a count that was filled in goes nowhere', () => {
    expect(wasteToSend([oil, filters], wasteFields([oil, filters]), dotted)).toEqual([])
  })

  it('is sent with the count that was filled in once somebody says where it went', () => {
    const fields = { oil_filters: { amount: '2', unit: 'l' as const, container: 'filter drum' } }
    expect(wasteToSend([filters], fields, dotted)).toEqual([
      { kind: 'oil_filters', amount: null, pieces: 2, container: 'filter drum' },
    ])
  })

  it('is sent where somebody has counted and has not said where it went, so that this is asked for', () => {
    const fields = {
      oil_filters: { amount: '1', unit: 'l' as const, container: '' },
      engine_oil: { amount: '3,2', unit: 'l' as const, container: '' },
    }
    expect(wasteToSend([oil, filters], fields, dotted).map(({ kind, container }) => [kind, container])).toEqual([
      ['engine_oil', ''],
      ['oil_filters', ''],
    ])
  })
})
