import { computed, type MaybeRefOrGetter, type Ref } from 'vue'
import { answered, api } from '@/shared/api/client'
import { keys } from '@/shared/api/keys'
import type { Draft } from '@/shared/api/types'
import { useDraftQuery } from './useDraftQuery'

/** When a draft's work would be done, and when the boat would be ready. */
export function useTimeline(
  number: MaybeRefOrGetter<number>,
  draft: Ref<Draft | null>,
  wanted: MaybeRefOrGetter<boolean>,
) {
  const { data, error } = useDraftQuery(number, draft, wanted, keys.timeline, (order, body, signal) =>
    answered(api.POST('/api/orders/{number}/timeline', { params: { path: { number: order } }, body, signal })),
  )
  return { plan: computed(() => data.value ?? null), planError: error }
}
