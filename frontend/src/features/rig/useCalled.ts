import { computed, toValue, type MaybeRefOrGetter } from 'vue'
import type { Due, Engine } from '@/shared/api/types'
import { stateWeights } from '@/shared/words'

/** The tasks of a rig, each once: those that press on any of its engines, the most pressing first, and the others. */
export function useCalled(engines: MaybeRefOrGetter<Engine[]>) {
  const tasks = computed(() => {
    const worst = new Map<Due['task'], Due>()
    for (const due of toValue(engines).flatMap((engine) => engine.dues)) {
      const known = worst.get(due.task)
      worst.set(due.task, known && weight(known) >= weight(due) ? known : due)
    }
    return [...worst.values()]
  })
  const called = computed(() => tasks.value.filter(isCalled).sort((a, b) => weight(b) - weight(a)))
  const others = computed(() => tasks.value.filter((due) => !isCalled(due)))
  return { called, others }
}

function isCalled(due: Due): boolean {
  return due.state !== 'not_due' || due.severe !== null || due.declined !== null
}

function weight(due: Due): number {
  return isCalled(due) ? 1 + stateWeights[due.state] : 0
}
