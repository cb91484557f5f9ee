import { useMutation, useQuery, useQueryClient } from '@tanstack/vue-query'
import { computed, toValue, type MaybeRefOrGetter } from 'vue'
import { answered, api } from '@/shared/api/client'
import { keys } from '@/shared/api/keys'
import type { Bench, EntryValue, NewEntry, Operation, Step } from '@/shared/api/types'
import { uuid7 } from '@/shared/uuid'
import { asPressed, forgetPressed, isAnswer } from './presses'

export interface BenchStep {
  step: Step
  operation: Operation
  done: boolean
  answer: string | null
}

let sequence = 0

/** A new line of the log; its uuid makes sending it twice harmless. */
export function newEntry(
  stepId: string,
  kind: NewEntry['kind'],
  value: EntryValue,
  corrects: string | null = null,
): NewEntry {
  sequence += 1
  const now = new Date()
  return {
    uuid: uuid7(now.getTime()),
    stepId,
    kind,
    value,
    corrects,
    deviceSequence: sequence,
    deviceAt: now.toISOString(),
  }
}

async function sent(order: number, fresh: NewEntry[]): Promise<Bench> {
  const entries = fresh.map((entry) => asPressed(order, entry))
  try {
    const bench = await answered(
      api.POST('/api/orders/{number}/entries', {
        params: { path: { number: order } },
        body: { entries },
        // goes up although the page is being left; browsers do that for 64 kB at most, and a whole sheet may be more
        keepalive: entries.length <= 20,
      }),
    )
    forgetPressed(order, entries)
    return bench
  } catch (error) {
    if (isAnswer(error)) {
      forgetPressed(order, entries)
    }
    throw error
  }
}

/** The frozen order at the bench, what was entered so far, and the way to enter more. */
export function useBench(number: MaybeRefOrGetter<number>) {
  const queries = useQueryClient()
  const { data, error, isPending } = useQuery({
    queryKey: computed(() => keys.bench(toValue(number))),
    queryFn: ({ signal }) =>
      answered(api.GET('/api/orders/{number}/bench', { params: { path: { number: toValue(number) } }, signal })),
    refetchInterval: 20_000,
  })
  const steps = computed<BenchStep[]>(() => flatten(data.value))
  const enter = useMutation({
    mutationFn: (entries: NewEntry[]) => sent(toValue(number), entries),
    // an answer to an older question must not undo what this one tells
    onMutate: () => queries.cancelQueries({ queryKey: keys.bench(toValue(number)) }),
    onSuccess: (bench) => {
      queries.setQueryData(keys.bench(toValue(number)), bench)
      void queries.invalidateQueries({ queryKey: keys.board, refetchType: 'active' })
    },
  })

  return { bench: data, steps, error, isPending, enter }
}

function flatten(bench: Bench | undefined): BenchStep[] {
  const states = new Map((bench?.steps ?? []).map((state) => [state.id, state]))
  return (bench?.document.operations ?? []).flatMap((operation) =>
    operation.steps.map((step) => ({
      step,
      operation,
      done: states.get(step.id)?.done ?? false,
      answer: states.get(step.id)?.answer ?? null,
    })),
  )
}
