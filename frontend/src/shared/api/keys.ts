import type { Draft } from './types'

/** The one place that spells the cache keys. */
export const keys = {
  session: ['session'] as const,
  shop: ['shop'] as const,
  board: ['board'] as const,
  search: (text: string) => ['search', text] as const,
  boat: (id: number) => ['boat', id] as const,
  checkIn: (boatId: number) => ['check-in', boatId] as const,
  order: (number: number) => ['order', number] as const,
  preview: (number: number, draft: Draft | null) => ['preview', number, draft] as const,
  bench: (number: number) => ['bench', number] as const,
  record: (number: number) => ['record', number] as const,
  pickLists: ['pick-lists'] as const,
  book: ['book'] as const,
  engineLog: (id: number) => ['engine-log', id] as const,
}
