import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { answered, api, asProblem } from '@/shared/api/client'
import { keys } from '@/shared/api/keys'
import type { Draft } from '@/shared/api/types'
import { usePress } from '@/shared/api/usePress'

/** The prefilled form of one boat, and what sends it in. */
export function useCheckIn(boatId: number) {
  const queries = useQueryClient()
  const form = useQuery({
    queryKey: keys.checkIn(boatId),
    queryFn: ({ signal }) =>
      answered(api.GET('/api/boats/{id}/check-in', { params: { path: { id: boatId } }, signal })),
    staleTime: 0,
    gcTime: 0,
  })
  const takeIn = usePress({
    mutationFn: ({ draft, beside }: { draft: Draft; beside: boolean }) =>
      answered(
        api.POST('/api/boats/{id}/check-ins', {
          params: { path: { id: boatId }, ...(beside ? { query: { beside } } : {}) },
          body: draft,
        }),
      ),
    // another order was opened meanwhile, or engines were moved: the form asks anew. Nobody waits for it
    onError: (error) => {
      if (['order.already_in', 'conflict.engines'].includes(asProblem(error)?.key ?? '')) {
        void form.refetch()
      }
    },
    onSuccess: () => queries.invalidateQueries({ queryKey: keys.board }),
  })

  return { form: form.data, formError: form.error, isPending: form.isPending, takeIn }
}
