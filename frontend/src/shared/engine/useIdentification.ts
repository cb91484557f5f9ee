import { useQuery } from '@tanstack/vue-query'
import { computed, toValue, type MaybeRefOrGetter } from 'vue'
import { answered, api } from '@/shared/api/client'

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
