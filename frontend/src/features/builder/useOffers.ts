import { useQuery } from '@tanstack/vue-query'
import { computed, toValue, type MaybeRefOrGetter, type Ref } from 'vue'
import { answered, api } from '@/shared/api/client'
import { keys } from '@/shared/api/keys'
import type { Draft } from '@/shared/api/types'

/** What else the order could do while the engines are open; asked for apart, since it takes longer than the order itself. */
export function useOffers(
  number: MaybeRefOrGetter<number>,
  draft: Ref<Draft | null>,
  wanted: MaybeRefOrGetter<boolean>,
) {
  const { data } = useQuery({
    queryKey: computed(() => keys.offers(toValue(number), draft.value)),
    queryFn: ({ queryKey, signal }) =>
      answered(
        api.POST('/api/orders/{number}/offers', {
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
  return { offers: computed(() => data.value?.offers ?? []) }
}
