import type { Bench } from '@/shared/api/types'

export interface BenchTimer {
  key: string
  work: string
  position: string
  text: string
  startedAt: number
  endsAt: number
}

/** What drips or rests now, as the server counts it: right on every tablet, and through a reload. */
export function runningTimers(bench: Bench): BenchTimer[] {
  return bench.timers.map((timer) => ({
    key: `${timer.work} ${timer.until}`,
    work: timer.work,
    position: timer.position,
    text: `${labelOf(bench, timer.position)}: ${timer.title.toLowerCase()}`,
    startedAt: Date.parse(timer.from),
    endsAt: Date.parse(timer.until),
  }))
}

function labelOf(bench: Bench, position: string): string {
  return bench.document.engines.find((engine) => engine.position === position)?.label ?? ''
}
