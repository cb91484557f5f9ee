import type { Bench } from '@/shared/api/types'

export type OilPoolState = Bench['pools'][number]
export type Unit = 'l' | 'ml' | 'us_qt'

export interface OilLeft {
  grade: string
  performanceClass: string
  /** Null, as what is left over: it was not measured. */
  opened: { value: string; unit: Unit } | null
  leftOver: { value: string; unit: Unit } | null
}

/** What one types for one oil; sent only once there is a figure for what is left. */
export interface LeftFields {
  opened: string
  left: string
  unit: Unit
  notMeasured: boolean
}

const perMillilitre: Record<Unit, number> = { ml: 1, l: 1000, us_qt: 946.352946 }

/** Millilitres as one writes them in a unit: no more places than a jug shows. */
export function written(millilitres: number | null, unit: Unit): string {
  return millilitres === null ? '' : String(Number((millilitres / perMillilitre[unit]).toFixed(unit === 'ml' ? 0 : 3)))
}

export function toSend(pools: OilPoolState[], fields: LeftFields[], decimal: (text: string) => string): OilLeft[] {
  return pools.flatMap((pool, place): OilLeft[] => {
    const typed = fields[place]
    const { grade, performanceClass } = pool
    if (typed?.notMeasured) {
      return [{ grade, performanceClass, opened: null, leftOver: null }]
    }
    return typed === undefined || typed.left.trim() === ''
      ? []
      : [
          {
            grade,
            performanceClass,
            opened: { value: decimal(typed.opened), unit: typed.unit },
            leftOver: { value: decimal(typed.left), unit: typed.unit },
          },
        ]
  })
}
