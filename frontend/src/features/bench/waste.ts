import type { Bench } from '@/shared/api/types'
import type { Unit } from './oilLeft'

export type ExpectedWaste = Bench['waste'][number]

export interface Waste {
  kind: ExpectedWaste['kind']
  amount: { value: string; unit: Unit } | null
  pieces: number | null
  container: string
}

/** As typed; what is counted has no unit. */
export interface WasteFields {
  amount: string
  unit: Unit
  container: string
}

/** Pieces are as many as engines, and go where they usually go; a volume is for somebody to say. */
export function wasteFields(expected: ExpectedWaste[]): Record<string, WasteFields> {
  return Object.fromEntries(
    expected.map((each) => [
      each.kind,
      { amount: each.counted ? String(each.engines) : '', unit: 'l' as const, container: each.container ?? '' },
    ]),
  )
}

/** Without what nobody has said; a count that was only filled in, with no place that it went to, is nobody's word. */
export function wasteToSend(
  expected: ExpectedWaste[],
  fields: Record<string, WasteFields>,
  decimal: (text: string) => string,
): Waste[] {
  return expected.flatMap((each): Waste[] => {
    const typed = fields[each.kind]
    const amount = typed?.amount.trim() ?? ''
    const wasFilledIn = each.counted && amount === String(each.engines)
    if (typed === undefined || amount === '' || (wasFilledIn && typed.container.trim() === '')) {
      return []
    }
    return [
      {
        kind: each.kind,
        amount: each.counted ? null : { value: decimal(amount), unit: typed.unit },
        pieces: each.counted ? Number(amount) : null,
        container: typed.container.trim(),
      },
    ]
  })
}
