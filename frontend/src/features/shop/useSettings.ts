import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { ref, watch, type Ref } from 'vue'
import { answered, api, fieldsOf } from '@/shared/api/client'
import { keys } from '@/shared/api/keys'
import type { Settings, SettingsPart } from '@/shared/api/types'
import { usePress } from '@/shared/api/usePress'
import { plainCopy } from '@/shared/copy'
import { focusFirstBad } from '@/shared/keyboard'

type Value<Part extends SettingsPart> = NonNullable<Settings[Part]>

/**
 * One part of the shop's settings as a form: what was typed stays until it is kept or loaded again. `usual` is what
 * stands there where nobody has set it.
 */
export function useSettings<Part extends SettingsPart>(part: Part, usual: Value<Part>) {
  const queries = useQueryClient()
  const { data, error, isPending } = useQuery({
    queryKey: keys.settings,
    queryFn: () => answered(api.GET('/api/settings')),
    staleTime: 0,
  })
  const form = ref(null) as Ref<Value<Part> | null>
  let version = 0
  watch(
    data,
    (settings) => {
      if (settings && form.value === null) {
        form.value = plainCopy(settings[part] ?? usual)
        version = settings.version
      }
    },
    { immediate: true },
  )
  const keep = usePress({
    mutationFn: (value: Value<Part>) =>
      answered(api.PUT('/api/settings/{part}', { params: { path: { part } }, body: { value, version } })),
    onSuccess: async (kept) => {
      form.value = plainCopy(kept[part] ?? usual)
      version = kept.version
      queries.setQueryData(keys.settings, kept)
      await queries.invalidateQueries({ predicate: (query) => query.queryKey[0] !== keys.settings[0] })
    },
    onError: () => void focusFirstBad(),
  })
  function reload(): void {
    form.value = null
    keep.reset()
    void queries.invalidateQueries({ queryKey: keys.settings })
  }
  const typed = fieldsOf(keep.error)
  return { settings: data, error, isPending, form, keep, reload, field: (pointer: string) => typed(`/value${pointer}`) }
}
