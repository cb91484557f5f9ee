import type { Operation } from '@/shared/api/types'
import type { BenchStep } from './useBench'

type Caution = Operation['cautions'][number]

/** Cautions that nobody at this tablet has read since the engine was locked out: a step of each span, of those that are open. */
export function unreadIn(run: BenchStep[]): BenchStep[] {
  const open = run.filter(({ done, cautions }) => !done && !cautions.read)
  return [...new Map(open.map((each) => [each.cautions.span, each])).values()]
}

/** What they say, each once: all that is still to be done of those spans asks for. */
export function cautionsUntilLockout(unread: BenchStep[], steps: BenchStep[]): Caution[] {
  const spans = new Set(unread.map(({ cautions }) => cautions.span))
  return cautionsOf(steps.filter(({ done, cautions }) => !done && spans.has(cautions.span)))
}

export function cautionsOf(steps: BenchStep[]): Caution[] {
  const all = steps.flatMap(({ operation }) => operation.cautions)
  return [...new Map(all.map((caution) => [caution.id, caution])).values()]
}
