import type { BenchStep } from './useBench'

/**
 * Plain steps of one engine that follow each other and are checked by one press. What must be done, is measured or seen
 * stands alone. A step that opens something ends a run at the end of its operation; one that starts a clock, an engine
 * or a boat ends it at once.
 *
 * @param alone steps at which something else is asked for
 */
export function runFrom(steps: BenchStep[], index: number, alone: ReadonlySet<string>): BenchStep[] {
  const first = steps[index]
  if (first === undefined || !isPlain(first, alone) || first.notYet !== null) {
    return first === undefined ? [] : [first]
  }
  const run = [first]
  for (const next of steps.slice(index + 1)) {
    const last = run.at(-1) ?? first
    if (ends(last, next) || !isPlain(next, alone) || !isBeside(next, first) || !follows(next, run)) {
      break
    }
    run.push(next)
  }
  return run
}

function isPlain({ step, done, answer }: BenchStep, alone: ReadonlySet<string>): boolean {
  return step.entry === 'tick' && !step.must && !done && answer === null && !alone.has(step.id)
}

function isBeside(next: BenchStep, first: BenchStep): boolean {
  return next.operation.position === first.operation.position
}

/** What only has to come before something else: it opens nothing and frees nothing. */
const quiet = new Set(['oil_wiped', 'sprayed', 'turned_by_hand', 'shift_marked', 'propeller_lock_opened'])
/** After this the next thing is never done in the same breath. */
const ending = new Set(['started', 'stopped', 'cranked', 'rested', 'launched', 'recovered', 'lockout_lifted'])

function ends({ step, operation }: BenchStep, next: BenchStep): boolean {
  const loud = step.effects.filter((effect) => !quiet.has(effect))
  return loud.some((effect) => ending.has(effect)) || (loud.length > 0 && next.operation.id !== operation.id)
}

/** A rest that is over is entered together with the reading that it was for; nothing: it is not over, or for something else. */
export function readingAfter(steps: BenchStep[], rest: BenchStep | undefined): BenchStep | null {
  if (rest === undefined || rest.done || rest.notYet !== null || !rest.step.effects.includes('rested')) {
    return null
  }
  const next = steps.slice(steps.indexOf(rest)).find((each) => isReading(each) && isBeside(each, rest))
  return next !== undefined && (next.notYet === null || next.notYet.first === rest.step.id) ? next : null
}

/** The rest that is over, and that a reading was for; nothing: it is entered already, or the reading waits for more. */
export function restBefore(steps: BenchStep[], reading: BenchStep | undefined): BenchStep | null {
  return reading !== undefined && isReading(reading)
    ? (steps.find((each) => readingAfter(steps, each) === reading) ?? null)
    : null
}

function isReading({ step, done }: BenchStep): boolean {
  return !done && ['level', 'first_level', 'level_once'].includes(step.entry)
}

/** It may be done now, or as soon as what stands before it in the run is. */
function follows({ notYet }: BenchStep, run: BenchStep[]): boolean {
  return (
    notYet === null ||
    (!notYet.cart && notYet.until === null && run.some((each) => each.step.id === (notYet.first ?? '')))
  )
}
