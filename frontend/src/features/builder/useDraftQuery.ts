import { keepPreviousData, useQuery } from '@tanstack/vue-query'
import { computed, toValue, type MaybeRefOrGetter, type Ref } from 'vue'
import type { Draft } from '@/shared/api/types'

/** Something that the server works out of a draft in a request of its own. The answer before stays until the next is there; one to an older draft is dropped. */
export function useDraftQuery<Answer>(
  number: MaybeRefOrGetter<number>,
  draft: Ref<Draft | null>,
  wanted: MaybeRefOrGetter<boolean>,
  keyOf: (number: number, draft: Draft | null) => readonly [string, number, string, Draft | null],
  ask: (number: number, draft: Draft, signal: AbortSignal) => Promise<Answer>,
) {
  return useQuery<Answer, Error, Answer, ReturnType<typeof keyOf>>({
    queryKey: computed(() => keyOf(toValue(number), draft.value)),
    queryFn: ({ queryKey, signal }) => ask(queryKey[1], queryKey[3] as Draft, signal),
    enabled: computed(
      () => toValue(wanted) && (draft.value?.engines.some((engine) => engine.tasks.length > 0) ?? false),
    ),
    placeholderData: keepPreviousData,
  })
}
