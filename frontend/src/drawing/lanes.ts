import type { SketchedOperation, Timeline } from '@/shared/api/types'

export interface Bar {
  /** of the bar, once in the drawing */
  key: string
  /** of the operation */
  id: string
  title: string
  words: string
  from: number
  /** until when somebody is at work on it */
  workTo: number
  /** until when somebody stays by it; `workTo` if nobody has to */
  to: number
  /** until when it goes on by itself; `to` if it does not */
  waitTo: number
  shade: string
}

export interface Lane {
  name: string
  bars: Bar[]
}

const shades = ['var(--green)', '#3d5a80', '#7a4a66', '#5b6b3a', '#8a5d00']

/** A lane for each technician, then one for each engine and one for the rig. Engines have a shade each. */
export function lanesOf(timeline: Timeline, operations: SketchedOperation[]): Lane[] {
  const byId = new Map(operations.map((operation) => [operation.id, operation]))
  const positions = [...new Set(operations.map((operation) => operation.position))]
  const shadeOf = (position: string | null): string =>
    position === null ? 'var(--muted)' : (shades[positions.filter((each) => each !== null).indexOf(position)] ?? '#444')
  const bar = (entry: Timeline['entries'][number], lane: string, waits: boolean): Bar => {
    const operation = byId.get(entry.id)
    const title = operation?.title ?? entry.id
    const stay =
      entry.presenceEndMin > entry.attendedEndMin
        ? `, then somebody stays by it until minute ${entry.presenceEndMin}`
        : ''
    const wait = entry.endMin > entry.presenceEndMin ? `, then by itself until minute ${entry.endMin}` : ''
    return {
      key: `${lane}.${entry.id}`,
      id: entry.id,
      title,
      words: `${operation?.label ?? ''}: ${title}, minute ${entry.startMin} to ${entry.attendedEndMin}${stay}${wait}`,
      from: entry.startMin,
      workTo: entry.attendedEndMin,
      to: entry.presenceEndMin,
      waitTo: waits ? entry.endMin : entry.presenceEndMin,
      shade: shadeOf(operation?.position ?? null),
    }
  }
  const technicians = Array.from({ length: timeline.technicians }, (_, index) => ({
    name: `Technician ${index + 1}`,
    bars: timeline.entries
      .filter((entry) => entry.technicians.includes(index + 1) && entry.presenceEndMin > entry.startMin)
      .map((entry) => bar(entry, `t${index + 1}`, false)),
  }))
  const engines = positions
    .filter((position) => position !== null)
    .map((position) => ({
      name: operations.find((operation) => operation.position === position)?.label ?? position,
      bars: timeline.entries
        .filter((entry) => byId.get(entry.id)?.position === position)
        .map((entry) => bar(entry, position, true)),
    }))
  return [...technicians, ...engines]
}
