import type { WorkOrder } from '@/shared/api/types'

export interface Parked {
  key: string
  who: string
  title: string
  reason: string
  remedy: string
  engines: string[]
  holes: { path: string; label: string; position: string; engine: string }[]
}

/** The tasks that can't be done, each told once however many engines it is parked on for the same reason. */
export function parkedOf(work: WorkOrder | null): Parked[] {
  const found = new Map<string, Parked>()
  for (const engine of work?.engines ?? []) {
    for (const task of engine.blocked) {
      const key = `${task.task}|${task.reason}`
      const known = found.get(key) ?? { ...task, key, who: '', engines: [], holes: [] }
      const holes = task.holes.map((hole) => ({ ...hole, position: engine.position, engine: engine.label }))
      const engines = [...known.engines, engine.label]
      found.set(key, { ...known, engines, who: named(engines), holes: [...known.holes, ...holes] })
    }
  }
  return [...found.values()]
}

function named(engines: string[]): string {
  return engines.length > 2 ? `${engines.length} engines` : engines.join(' and ')
}
