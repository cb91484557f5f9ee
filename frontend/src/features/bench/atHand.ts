import type { Bench, Operation } from '@/shared/api/types'
import type { BenchStep } from './useBench'

/** An operation of the plan as it stands now. */
export interface PlanRow {
  operation: Operation
  engine: string
  /** Steps that nothing was entered at yet, of how many. */
  open: number
  count: number
  /** Of the open ones, those that may be done now. */
  free: number
  /** Where to go on. */
  step: BenchStep
  /** Why nothing of it may be done now; null: something may. */
  waits: BenchStep['notYet']
  /** User name of whoever took on just this; null: it is part of its engine, or nobody's. */
  takenBy: string | null
}

export interface PlanAtHand {
  now: PlanRow[]
  waits: PlanRow[]
  done: PlanRow[]
}

/** What may be done now, what waits and what is done, in the order of the plan; the server said which step may be done. */
export function planAtHand(bench: Bench, steps: BenchStep[]): PlanAtHand {
  const plan: PlanAtHand = { now: [], waits: [], done: [] }
  for (const operation of bench.document.operations) {
    const own = steps.filter((each) => each.operation.id === operation.id)
    const open = own.filter((each) => !each.done && each.answer === null)
    const barred = barredBefore(open)
    const free = barred === null ? open.find((each) => each.notYet === null) : undefined
    const step = free ?? barred ?? open[0] ?? own[0]
    if (step === undefined) {
      continue
    }
    const row = {
      operation,
      engine: bench.document.engines.find((each) => each.position === operation.position)?.label ?? 'Rig',
      open: open.length,
      count: own.length,
      free: open.filter((each) => each.notYet === null).length,
      step,
      waits: free === undefined && open.length > 0 ? step.notYet : null,
      takenBy: bench.claims.find((each) => each.of === operation.id)?.by ?? null,
    }
    plan[open.length === 0 ? 'done' : free === undefined ? 'waits' : 'now'].push(row)
  }
  return plan
}

/**
 * What must be done next of an operation and waits for something outside it: making ready for it is no reason to say that
 * it may be done now.
 */
function barredBefore(open: BenchStep[]): BenchStep | null {
  const must = open.find((each) => each.step.must) ?? null
  const waitsFor = must?.notYet?.first ?? null
  return must?.notYet && !open.some((each) => each.step.id === waitsFor) ? must : null
}

/** What somebody entered last, and in which operation. */
export function lastOf(bench: Bench, username: string, engine?: string): { operation: Operation; at: string } | null {
  for (const entry of [...bench.entries].reverse()) {
    const operation = bench.document.operations.find((each) => each.steps.some((step) => step.id === entry.stepId))
    if (entry.by === username && operation && (engine === undefined || operation.position === engine)) {
      return { operation, at: entry.at }
    }
  }
  return null
}

/**
 * The first open step after this one that may be done now, or only waits for the cart; else any that may; else what
 * only time is missing for; else any that is open, what somebody else has taken on last.
 */
export function nextOpen(steps: BenchStep[], after: number): number {
  // what was said not to be done is answered, and can be gone back to
  const isOpen = (each: BenchStep): boolean => !each.done && each.answer === null
  const may = (each: BenchStep): boolean => isOpen(each) && (each.notYet === null || each.notYet.cart)
  const isOwn = (each: BenchStep): boolean => isOpen(each) && each.notYet?.claim == null
  const candidates = [
    steps.findIndex((each, at) => at > after && may(each)),
    steps.findIndex(may),
    steps.findIndex((each) => isOwn(each) && each.notYet?.until != null),
    steps.findIndex(isOwn),
    steps.findIndex(isOpen),
  ]
  return candidates.find((at) => at >= 0) ?? steps.length
}
