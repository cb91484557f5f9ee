import { useQuery } from '@tanstack/vue-query'
import { computed } from 'vue'
import { answered, api } from './api/client'
import { keys } from './api/keys'

/** What of the shop is set up, and how many parts are still missing. */
export function useSetUp() {
  const { data, error, isPending } = useQuery({
    queryKey: keys.setUp,
    queryFn: () => answered(api.GET('/api/set-up')),
    staleTime: 0,
  })
  return {
    setUp: data,
    error,
    isPending,
    missing: computed(() => data.value?.parts.filter((part) => !part.isDone).length ?? 0),
  }
}
