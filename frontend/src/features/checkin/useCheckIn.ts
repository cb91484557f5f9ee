import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { computed, toValue, type MaybeRefOrGetter } from 'vue'
import { answered, api, asProblem } from '@/shared/api/client'
import { keys } from '@/shared/api/keys'
import type { Draft } from '@/shared/api/types'
import { usePress } from '@/shared/api/usePress'

/** The prefilled form of one boat, and what sends it in. */
export function useCheckIn(boatId: MaybeRefOrGetter<number>) {
  const queries = useQueryClient()
  const form = useQuery({
    queryKey: computed(() => keys.checkIn(toValue(boatId))),
    queryFn: ({ signal }) =>
      answered(api.GET('/api/boats/{id}/check-in', { params: { path: { id: toValue(boatId) } }, signal })),
    staleTime: 0,
    gcTime: 0,
  })
  const takeIn = usePress({
    mutationFn: ({ draft, beside }: { draft: Draft; beside: boolean }) =>
      answered(
        api.POST('/api/boats/{id}/check-ins', {
          params: { path: { id: toValue(boatId) }, ...(beside ? { query: { beside } } : {}) },
          body: draft,
        }),
      ),
    // another order was opened meanwhile: the question about it stands in the form. Nobody waits for it
    onError: (error) => {
      if (asProblem(error)?.key === 'order.already_in') {
        void form.refetch()
      }
    },
    onSuccess: () => queries.invalidateQueries({ queryKey: keys.board }),
  })

  return { form: form.data, formError: form.error, isPending: form.isPending, takeIn }
}
