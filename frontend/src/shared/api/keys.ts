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
  bookSearch: (text: string) => ['book', 'search', text] as const,
  fields: ['fields'] as const,
  sheet: (id: string, revision: number) => ['sheet', id, revision] as const,
  comparison: (id: string, older: number, newer: number) => ['sheet', id, 'comparison', older, newer] as const,
  publication: (id: string, revision: number) => ['sheet', id, revision, 'publication'] as const,
  quoteForm: ['quote-form'] as const,
  procedures: ['procedures'] as const,
  procedure: (id: string, sheet: string, revision: number) => ['procedures', id, sheet, revision] as const,
  catalogue: (text: string) => ['catalogue', text] as const,
  part: (number: string) => ['part', number] as const,
  engineLog: (id: number) => ['engine-log', id] as const,
}
