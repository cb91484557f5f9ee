import { useQuery, useQueryClient, type QueryClient } from '@tanstack/vue-query'
import { computed, onBeforeUnmount, ref, watch } from 'vue'
import { answered, api, shopTime } from '@/shared/api/client'
import { keys } from '@/shared/api/keys'
import type { Bench, BenchChange, BenchStepState, NewEntry, Operation, Step } from '@/shared/api/types'
import { documentOfToday } from '@/shared/ofToday'
import { useOrderInstead } from '@/shared/orderInstead'
import { entriesOf } from './entries'

/** What the bench shows below its head. */
export type Panel = 'step' | 'plan' | 'figures' | 'park' | 'found' | 'hands'

export interface BenchStep {
  step: Step
  operation: Operation
  done: boolean
  answer: string | null
  /** Why it may not be done now, and what to do first; the server says so. */
  notYet: BenchStepState['notYet']
  /** From paper it is asked when it was done. */
  timed: boolean
  /** Of a torque: the wrenches that need no reason. */
  wrenches: string[]
  /** Plain steps after this one that one press checks with it. */
  together: string[]
  /** Of a figure what leads up to it, of a reading the rest that is over: entered with it. */
  before: string[]
  cautions: BenchStepState['cautions']
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
  // what others do is seen within seconds, at the cost of one look: each answer is held against what is known here
  useQuery({
    queryKey: keys.benchMark(number),
    queryFn: async ({ signal }) => {
      const path = { number }
      const { mark } = await answered(api.GET('/api/orders/{number}/bench/mark', { params: { path }, signal }))
      const known = data.value?.mark
      if (known !== undefined && mark !== known && sender.queue.length === 0) {
        void queries.invalidateQueries({ queryKey: keys.bench(number) })
      }
      return mark
    },
    refetchInterval: 3_000,
    retry: false,
  })
  useOrderInstead(
    number,
    () => error.value,
    () => data.value?.order.status,
  )
  const steps = computed<BenchStep[]>(() => flatten(data.value))

  watch(
    () => sender.answer,
    (change) => {
      if (change === null) {
        return
      }
      putIn(queries, number, change)
      void queries.invalidateQueries({ queryKey: keys.board, refetchType: 'active' })
    },
  )
  const ahead = ref(0)
  watch(
    () => data.value?.now,
    (now) => (ahead.value = now === undefined ? 0 : Date.parse(now) - shopTime()),
    { immediate: true },
  )
  onBeforeUnmount(() => sender.unattended())
  async function enter(entries: NewEntry[]): Promise<BenchChange> {
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
    /** By how much the order's own time is ahead of the shop's, in milliseconds: only in a demo that let time pass. */
    ahead,
    sender,
    enter,
  }
}

export function putIn(queries: QueryClient, number: number, change: BenchChange): void {
  queries.setQueryData<Bench>(keys.bench(number), (before) => (before ? changed(before, change) : before))
}

/** What an answer to a batch says, put into what was known. */
function changed(before: Bench, { entries, ...state }: BenchChange): Bench {
  const known = new Set(before.entries.map((entry) => entry.uuid))
  return { ...before, ...state, entries: [...before.entries, ...entries.filter((entry) => !known.has(entry.uuid))] }
}

function flatten(bench: Bench | undefined): BenchStep[] {
  const states = new Map((bench?.steps ?? []).map((state) => [state.id, state]))
  return (bench?.document.operations ?? []).flatMap((operation) =>
    operation.steps.map((step) => ({
      step,
      operation,
      done: states.get(step.id)?.done ?? false,
      answer: states.get(step.id)?.answer ?? null,
      notYet: states.get(step.id)?.notYet ?? null,
      timed: states.get(step.id)?.timed ?? false,
      wrenches: states.get(step.id)?.wrenches ?? [],
      together: states.get(step.id)?.together ?? [],
      before: states.get(step.id)?.before ?? [],
      cautions: states.get(step.id)?.cautions ?? { span: '', read: false },
    })),
  )
}
