import { useQuery } from '@tanstack/vue-query'
import { computed, toValue, type MaybeRefOrGetter, type Ref } from 'vue'
import { answered, api } from '@/shared/api/client'
import { keys } from '@/shared/api/keys'
import type { Draft } from '@/shared/api/types'

/** When a draft's work would be done, and when the boat would be ready; the answer before stays until the next is there. */
export function useTimeline(
  number: MaybeRefOrGetter<number>,
  draft: Ref<Draft | null>,
  wanted: MaybeRefOrGetter<boolean>,
) {
  const { data, error } = useQuery({
    queryKey: computed(() => keys.timeline(toValue(number), draft.value)),
    queryFn: ({ queryKey, signal }) =>
      answered(
        api.POST('/api/orders/{number}/timeline', {
          params: { path: { number: toValue(number) } },
          body: queryKey[3] as Draft,
          signal,
        }),
      ),
    enabled: computed(
      () => toValue(wanted) && (draft.value?.engines.some((engine) => engine.tasks.length > 0) ?? false),
    ),
    placeholderData: (before) => before,
  })
  return { plan: computed(() => data.value ?? null), planError: error }
}
