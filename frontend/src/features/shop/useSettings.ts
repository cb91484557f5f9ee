import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { ref, watch, type Ref } from 'vue'
import { answered, api, asProblem, fieldsOf } from '@/shared/api/client'
import { keys } from '@/shared/api/keys'
import type { Settings, SettingsPart } from '@/shared/api/types'
import { usePress } from '@/shared/api/usePress'
import { plainCopy } from '@/shared/copy'
import { focusFirstBad } from '@/shared/keyboard'

type Value<Part extends SettingsPart> = NonNullable<Settings[Part]>

/**
 * One part of the shop's settings as a form: what was typed stays until it is kept or loaded again. `usual` is what
 * stands there where nobody has set it; most parts are always set.
 */
export function useSettings<Part extends SettingsPart>(part: Part, usual?: Value<Part>) {
  const queries = useQueryClient()
  const { data, error, isPending } = useQuery({
    queryKey: keys.settings,
    queryFn: () => answered(api.GET('/api/settings')),
    staleTime: 0,
  })
  const form = ref(null) as Ref<Value<Part> | null>
  /** What the part was when the form began, and the version of all settings then. */
  let began = { part: '', version: 0 }
  function begin(settings: Settings): void {
    const set = settings[part] ?? usual
    form.value = set === undefined ? null : plainCopy<Value<Part>>(set)
    began = { part: JSON.stringify(settings[part]), version: settings.version }
  }
  watch(data, (settings) => settings && form.value === null && begin(settings), { immediate: true })

  const put = (value: Value<Part>): Promise<Settings> =>
    answered(api.PUT('/api/settings/{part}', { params: { path: { part } }, body: { value, version: began.version } }))

  /** Somebody who has changed another part meanwhile is not in the way. */
  async function putBeside(value: Value<Part>): Promise<Settings> {
    try {
      return await put(value)
    } catch (error) {
      const now = asProblem(error)?.key === 'conflict.changed' ? await answered(api.GET('/api/settings')) : null
      if (now === null || JSON.stringify(now[part]) !== began.part) {
        throw error
      }
      began.version = now.version
      return await put(value)
    }
  }
  const keep = usePress({
    mutationFn: putBeside,
    onSuccess: async (kept) => {
      begin(kept)
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
