import { useQuery } from '@tanstack/vue-query'
import { computed, ref, watch } from 'vue'
import { answered, api } from '@/shared/api/client'
import { keys } from '@/shared/api/keys'

/** What has been entered on this page is not offered for the next bolt. */
const used = ref(new Set<string>())

/** The last pull of a digital torque wrench that nobody has entered here; null: none lately. */
export function useWrench() {
  const { data } = useQuery({
    queryKey: keys.wrenchReadings,
    queryFn: ({ signal }) => answered(api.GET('/api/wrench-readings', { signal })),
    refetchInterval: 2_000,
    retry: false,
  })
  // what was pulled before this torque was shown is of another one
  const before = ref<Set<string> | null>(null)
  watch(data, (now) => (before.value ??= now ? new Set(now.readings.map((each) => each.id)) : null), {
    immediate: true,
  })
  const pull = computed(
    () => data.value?.readings.find((each) => !used.value.has(each.id) && before.value?.has(each.id) === false) ?? null,
  )
  return { pull, use: (id: string) => (used.value = new Set([...used.value, id])) }
}
