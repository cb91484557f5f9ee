import { useMutation, useQuery, useQueryClient } from '@tanstack/vue-query'
import { computed, toValue, type MaybeRefOrGetter } from 'vue'
import { answered, api } from '@/shared/api/client'
import { keys } from '@/shared/api/keys'
import type { Draft } from '@/shared/api/types'

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
  const takeIn = useMutation({
    mutationFn: (draft: Draft) =>
      answered(api.POST('/api/boats/{id}/check-ins', { params: { path: { id: toValue(boatId) } }, body: draft })),
    onSuccess: () => queries.invalidateQueries({ queryKey: keys.board }),
  })

  return { form: form.data, formError: form.error, isPending: form.isPending, takeIn }
}

/** Which sheet a plate leads to, asked again whenever the plate changes. */
export function useIdentification(
  plate: MaybeRefOrGetter<{ model: string; serial: string; year: number | null; gearcase: string | null }>,
) {
  const { data, isFetching } = useQuery({
    queryKey: computed(() => ['identify', toValue(plate)] as const),
    queryFn: ({ queryKey, signal }) => answered(api.POST('/api/identifications', { body: queryKey[1], signal })),
    enabled: computed(() => toValue(plate).model !== '' && toValue(plate).serial.trim() !== ''),
    placeholderData: (before) => before,
  })
  return { identification: data, isFetching }
}
