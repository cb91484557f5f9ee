import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { computed, toValue, type MaybeRefOrGetter } from 'vue'
import { answered, api } from '@/shared/api/client'
import { keys } from '@/shared/api/keys'

/** One rig, and what has to be asked for again once something about it was changed. */
export function useRig(id: MaybeRefOrGetter<number>) {
  const { data, error, isPending } = useQuery({
    queryKey: computed(() => keys.boat(toValue(id))),
    queryFn: ({ signal }) => answered(api.GET('/api/boats/{id}', { params: { path: { id: toValue(id) } }, signal })),
    enabled: computed(() => toValue(id) > 0),
    staleTime: 0,
  })
  return { boat: data, error, isPending }
}

/** After a change to the register: every page that may show it asks again. */
export function useRegisterChanged(): () => Promise<void> {
  const queries = useQueryClient()
  return async () => {
    await Promise.all(
      [
        'boat',
        'boats',
        'board',
        'engine-log',
        'engines-in-store',
        'customer',
        'customers',
        'check-in',
        'order',
        'removed',
      ].map((first) => queries.invalidateQueries({ queryKey: [first] })),
    )
  }
}
