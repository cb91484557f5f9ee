import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { computed, onBeforeUnmount, watch } from 'vue'
import { answered, api } from '@/shared/api/client'
import { keys } from '@/shared/api/keys'
import type { Bench, NewEntry, Operation, Step } from '@/shared/api/types'
import { documentOfToday } from '@/shared/ofToday'
import { useOrderInstead } from '@/shared/orderInstead'
import { entriesOf } from './entries'

export interface BenchStep {
  step: Step
  operation: Operation
  done: boolean
  answer: string | null
  /** Of a torque: the wrenches that need no reason. */
  wrenches: string[]
}

/** The frozen order at the bench, what was entered so far, and the way to enter more. */
export function useBench(number: number) {
  const queries = useQueryClient()
  const sender = entriesOf(number)
  const { data, error, failureReason, isPending, dataUpdatedAt } = useQuery({
    queryKey: keys.bench(number),
    queryFn: ({ signal }) =>
      documentOfToday(answered(api.GET('/api/orders/{number}/bench', { params: { path: { number } }, signal }))),
    refetchInterval: 20_000,
  })
  useOrderInstead(
    number,
    () => error.value,
    () => data.value?.order.status,
  )
  const steps = computed<BenchStep[]>(() => flatten(data.value))

  watch(
    () => sender.answer,
    (bench) => {
      if (bench === null) {
        return
      }
      queries.setQueryData(keys.bench(number), bench)
      void queries.invalidateQueries({ queryKey: keys.board, refetchType: 'active' })
    },
  )
  onBeforeUnmount(() => sender.unattended())
  async function enter(entries: NewEntry[]): Promise<Bench> {
    // an answer to an older question must not undo what this one tells
    await queries.cancelQueries({ queryKey: keys.bench(number) })
    return sender.enter(entries)
  }

  return {
    bench: data,
    steps,
    error: computed(() => error.value ?? failureReason.value),
    isPending,
    at: dataUpdatedAt,
    sender,
    enter,
  }
}

function flatten(bench: Bench | undefined): BenchStep[] {
  const states = new Map((bench?.steps ?? []).map((state) => [state.id, state]))
  return (bench?.document.operations ?? []).flatMap((operation) =>
    operation.steps.map((step) => ({
      step,
      operation,
      done: states.get(step.id)?.done ?? false,
      answer: states.get(step.id)?.answer ?? null,
      wrenches: states.get(step.id)?.wrenches ?? [],
    })),
  )
}
