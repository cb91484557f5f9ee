import type { Bench } from '@/shared/api/types'

export interface BenchTimer {
  key: string
  text: string
  startedAt: number
  endsAt: number
}

/**
 * What runs unattended now: oil draining until its drain is closed, and oil resting since the last run or pour.
 * Times come from the log, so a timer goes on through a reload and on another tablet.
 */
export function runningTimers(bench: Bench): BenchTimer[] {
  return [...draining(bench), ...resting(bench)]
}

function enteredAt(bench: Bench, stepId: string | undefined): number | null {
  const entry = [...bench.entries].reverse().find((each) => each.stepId === stepId)
  return entry === undefined ? null : Date.parse(entry.at)
}

function draining(bench: Bench): BenchTimer[] {
  return bench.document.operations.flatMap((operation, index) => {
    if (!operation.id.includes('.drain-') || operation.unattendedMin === 0) {
      return []
    }
    const startedAt = enteredAt(bench, operation.steps.at(-1)?.id)
    const after = bench.document.operations.slice(index + 1).find((each) => each.position === operation.position)
    const closed = after !== undefined && enteredAt(bench, after.steps.at(-1)?.id) !== null
    return startedAt === null || closed
      ? []
      : [
          {
            key: operation.id,
            text: `${operation.label} draining`,
            startedAt,
            endsAt: startedAt + operation.unattendedMin * 60_000,
          },
        ]
  })
}

function resting(bench: Bench): BenchTimer[] {
  return bench.oil.flatMap((oil) => {
    const engine = bench.document.engines.find((each) => each.position === oil.position)
    if (
      !engine?.level ||
      oil.eventAt === null ||
      oil.inEngineMl === 0 ||
      oil.advice?.advice === 'ok' ||
      oil.advice?.advice === 'run'
    ) {
      return []
    }
    const minutes = oil.lastEvent === 'run' ? engine.level.restAfterRunMin : engine.level.restAfterPourMin
    const startedAt = Date.parse(oil.eventAt)
    return [
      { key: `${oil.position}.rest`, text: `${engine.label} resting`, startedAt, endsAt: startedAt + minutes * 60_000 },
    ]
  })
}
