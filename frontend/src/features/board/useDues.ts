import { useQuery } from '@tanstack/vue-query'
import { computed } from 'vue'
import { answered, api } from '@/shared/api/client'
import { keys } from '@/shared/api/keys'
import { useRemembered } from '@/shared/remembered'

/** Which engines of the due list are looked at. */
export interface DueChoice {
  which: 'now' | 'expected' | 'no_record'
  from: string
  to: string
}

const page = 25

/** The engines of one choice, a page at a time. */
export function useDues() {
  const chosen = useRemembered<DueChoice>('dues', { which: 'now', from: '', to: '' })
  const skip = useRemembered('skip', 0)
  const { data, error, isFetching } = useQuery({
    queryKey: computed(() => keys.dues(chosen.value.which, chosen.value.from, chosen.value.to, skip.value)),
    queryFn: ({ signal }) => {
      const { which, from, to } = chosen.value
      const query = { which, skip: skip.value, ...(from === '' ? {} : { from }), ...(to === '' ? {} : { to }) }
      return answered(api.GET('/api/dues', { params: { query }, signal }))
    },
    placeholderData: (before) => before,
    refetchInterval: 60_000,
  })
  function choose(choice: DueChoice): void {
    chosen.value = choice
    skip.value = 0
  }
  return {
    chosen,
    choose,
    engines: computed(() => data.value?.engines ?? []),
    more: computed(() => data.value?.more ?? false),
    skip,
    turn: (by: 1 | -1) => (skip.value = Math.max(0, skip.value + by * page)),
    error,
    isFetching,
  }
}
