import { asProblem } from '@/shared/api/client'
import type { NewEntry } from '@/shared/api/types'

/** Where an entry is kept until the server has answered it, across a reload. */
function nameOf(order: number, entry: NewEntry): string {
  return `entry.${order}.${entry.stepId}.${entry.kind}.${JSON.stringify(entry.value)}`
}

/** The same pressed again because no answer came is the same entry; else the server would take it twice. */
export function asPressed(order: number, entry: NewEntry): NewEntry {
  const kept = sessionStorage.getItem(nameOf(order, entry))
  if (kept !== null) {
    return JSON.parse(kept) as NewEntry
  }
  sessionStorage.setItem(nameOf(order, entry), JSON.stringify(entry))
  return entry
}

/** Whether the server has said what became of it: that it failed may mean that the answer was lost. */
export function isAnswer(error: unknown): boolean {
  const status = asProblem(error)?.status ?? 0
  return status >= 400 && status < 500
}

export function forgetPressed(order: number, entries: NewEntry[]): void {
  for (const entry of entries) {
    sessionStorage.removeItem(nameOf(order, entry))
  }
}
