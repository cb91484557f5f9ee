import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { computed, toValue, type MaybeRefOrGetter } from 'vue'
import { answered, api } from '@/shared/api/client'
import { keys } from '@/shared/api/keys'
import { usePress } from '@/shared/api/usePress'

/** The book at a glance; with a text, only the sheets that begin with it. */
export function useBook(text: MaybeRefOrGetter<string> = '') {
  const { data, error, isPending } = useQuery({
    queryKey: computed(() => (toValue(text) === '' ? keys.book : keys.bookSearch(toValue(text)))),
    queryFn: ({ signal }) => answered(api.GET('/api/book', { params: { query: { q: toValue(text) } }, signal })),
    placeholderData: (before) => before,
  })
  return { book: data, error, isPending }
}

/** What the manager decides about what waits. */
export function useQueue() {
  const queries = useQueryClient()
  const onSuccess = () => queries.invalidateQueries({ queryKey: keys.book })
  const settleRefusal = usePress({
    mutationFn: (id: number) => answered(api.POST('/api/refusals/{id}/settlement', { params: { path: { id } } })),
    onSuccess,
  })
  const settleProposal = usePress({
    mutationFn: ({ id, take }: { id: number; take: boolean }) =>
      answered(api.POST('/api/proposals/{id}/settlement', { params: { path: { id } }, body: { take } })),
    onSuccess,
  })
  const decideFlag = usePress({
    mutationFn: ({ id, ...body }: { id: number; renew: boolean; reason: string }) =>
      answered(api.POST('/api/flags/{id}/decision', { params: { path: { id } }, body })),
    onSuccess: () => queries.invalidateQueries(),
  })
  return { settleRefusal, settleProposal, decideFlag }
}
