import { useQuery } from '@tanstack/vue-query'
import { computed } from 'vue'
import { answered, api } from '@/shared/api/client'
import { keys } from '@/shared/api/keys'
import type { Field } from '@/shared/api/types'

/** What every value of a sheet is; it differs from one version of the program to the next only. */
export function useFields() {
  const { data } = useQuery({
    queryKey: keys.fields,
    queryFn: () => answered(api.GET('/api/book/fields')),
    staleTime: Infinity,
  })
  const byPath = computed(
    () =>
      new Map<string, Field>(
        (data.value?.groups ?? []).flatMap((group) => group.fields.map((field) => [field.path, field] as const)),
      ),
  )
  return { fields: data, byPath }
}
