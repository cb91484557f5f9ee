import type { BenchStep } from './useBench'

/**
 * Plain steps of one engine that follow each other and are checked by one press. What must be done, is measured or seen
 * stands alone; a step that changes something on the engine ends a run, so that nothing comes after it in the same
 * breath.
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
    if (changes(last) || !isPlain(next, alone) || !isBeside(next, first) || !follows(next, run)) {
      break
    }
    run.push(next)
  }
  return run
}

function isPlain({ step, done, answer }: BenchStep, alone: ReadonlySet<string>): boolean {
  return step.entry === 'tick' && !step.must && !done && answer === null && !alone.has(step.id)
}

/** What only has to come before something else, and starts no clock, opens nothing and frees nothing. */
const quiet = new Set(['oil_wiped', 'sprayed', 'turned_by_hand', 'shift_marked', 'propeller_lock_opened'])

function changes({ step }: BenchStep): boolean {
  return step.effects.some((effect) => !quiet.has(effect))
}

function isBeside(next: BenchStep, first: BenchStep): boolean {
  return next.operation.position === first.operation.position
}

/** It may be done now, or as soon as what stands before it in the run is. */
function follows({ notYet }: BenchStep, run: BenchStep[]): boolean {
  return (
    notYet === null ||
    (!notYet.cart && notYet.until === null && run.some((each) => each.step.id === (notYet.first ?? '')))
  )
}
