import type { OilFields } from '@/shared/api/types'
import { decimalInput } from '@/shared/units'

export const volumeUnits = {
  l: 'l',
  ml: 'ml',
  us_qt: 'US qt',
  us_gal: 'US gal',
  us_fl_oz: 'US fl oz',
  imp_qt: 'imp qt',
  imp_pt: 'imp pt',
} as const

export function volumeText(volume: { value: string; unit: keyof typeof volumeUnits }): string {
  return `${volume.value} ${volumeUnits[volume.unit]}`
}

/** `1090` becomes `10.90`. */
export function priceText(minor: number): string {
  return (minor / 100).toFixed(2)
}

/** `10,9` becomes `1090`; null: no amount with at most two decimals. */
export function minorOf(price: string): number | null {
  const amount = decimalInput(price.trim())
  return /^\d{1,6}(\.\d{1,2})?$/.test(amount) ? Math.round(Number(amount) * 100) : null
}

/** A row as it is typed. */
export interface TypedOil {
  product: string
  grade: string
  performanceClass: string
  size: { value: string; unit: keyof typeof volumeUnits }
  price: string
  inStock: string
  opened: { value: string; unit: keyof typeof volumeUnits }
}

export function typedOf(oil: OilFields | null): TypedOil {
  return {
    product: oil?.product ?? '',
    grade: oil?.grade ?? '',
    performanceClass: oil?.performanceClass ?? '',
    size: oil?.size ?? { value: '', unit: 'l' },
    price: oil ? priceText(oil.priceMinor) : '',
    inStock: oil?.inStock?.toString() ?? '',
    opened: oil?.opened ?? { value: '', unit: oil?.size.unit ?? 'l' },
  }
}

/** What is sent; what is no number is sent as one that can't be, and is refused at its field. */
export function oilOf(typed: TypedOil): OilFields {
  return {
    product: typed.product,
    grade: typed.grade,
    performanceClass: typed.performanceClass,
    size: { ...typed.size, value: decimalInput(typed.size.value) },
    priceMinor: minorOf(typed.price) ?? -1,
    inStock: typed.inStock.trim() === '' ? null : /^\d+$/.test(typed.inStock.trim()) ? Number(typed.inStock) : -1,
    opened: typed.opened.value.trim() === '' ? null : { ...typed.opened, value: decimalInput(typed.opened.value) },
  }
}
