import { computed, type MaybeRefOrGetter, type Ref } from 'vue'
import { answered, api } from '@/shared/api/client'
import { keys } from '@/shared/api/keys'
import type { Draft } from '@/shared/api/types'
import { useDraftQuery } from './useDraftQuery'

/** What else the order could do while the engines are open. */
export function useOffers(
  number: MaybeRefOrGetter<number>,
  draft: Ref<Draft | null>,
  wanted: MaybeRefOrGetter<boolean>,
) {
  const { data } = useDraftQuery(number, draft, wanted, keys.offers, (order, body, signal) =>
    answered(api.POST('/api/orders/{number}/offers', { params: { path: { number: order } }, body, signal })),
  )
  return { offers: computed(() => data.value?.offers ?? []) }
}
