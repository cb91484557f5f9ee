import type { WorkSketch } from '@/shared/api/types'

export interface Parked {
  key: string
  who: string
  title: string
  reason: string
  remedy: string
  engines: string[]
  holes: Hole[]
}

/** A value that is missing at all of these engines, since they have one sheet. */
export interface Hole {
  path: string
  label: string
  sheet: string
  position: string
  engines: string[]
}

/** The tasks that can't be done, each told once however many engines it is parked on for the same reason. */
export function parkedOf(work: WorkSketch | null): Parked[] {
  const found = new Map<string, Parked>()
  for (const engine of work?.engines ?? []) {
    for (const task of engine.blocked) {
      const key = `${task.task}|${task.reason}`
      const known = found.get(key) ?? { ...task, key, who: '', engines: [], holes: [] }
      const holes = task.holes.map((hole) => ({
        ...hole,
        sheet: engine.sheet.id,
        position: engine.position,
        engines: [engine.label],
      }))
      const engines = [...known.engines, engine.label]
      found.set(key, { ...known, engines, who: named(engines), holes: holes.reduce(joined, known.holes) })
    }
  }
  return [...found.values()]
}

function joined(holes: Hole[], hole: Hole): Hole[] {
  const same = (each: Hole): boolean => each.path === hole.path && each.sheet === hole.sheet
  return holes.some(same)
    ? holes.map((each) => (same(each) ? { ...each, engines: [...each.engines, ...hole.engines] } : each))
    : [...holes, hole]
}

export function named(engines: string[]): string {
  return engines.length > 2 ? `${engines.length} engines` : engines.join(' and ')
}
