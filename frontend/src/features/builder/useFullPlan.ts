import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { computed, onScopeDispose, ref, shallowRef, watch, type Ref } from 'vue'
import { answered, api } from '@/shared/api/client'
import { keys } from '@/shared/api/keys'
import type { Draft, WorkOrder } from '@/shared/api/types'
import { plainCopy } from '@/shared/copy'
import { planDifference } from './planDifference'

/** How long nothing must have been changed before the whole plan is worked out. */
const REST_MS = 900

/**
 * The plan that would be issued. It is worked out when one pauses, and is null as long as it is not there for the draft
 * as it stands: until then there is only a first sketch.
 */
export function useFullPlan(number: number, draft: Ref<Draft | null>, wanted: Ref<boolean>) {
  const queries = useQueryClient()
  const rested = ref<Draft | null>(null)
  let timer: ReturnType<typeof setTimeout> | undefined
  watch(
    draft,
    (now) => {
      clearTimeout(timer)
      timer = setTimeout(() => {
        rested.value = now === null ? null : plainCopy(now)
      }, REST_MS)
    },
    { deep: true, immediate: true },
  )
  onScopeDispose(() => {
    clearTimeout(timer)
  })

  const ask = (body: Draft, signal?: AbortSignal) =>
    answered(
      api.POST('/api/orders/{number}/plan', { params: { path: { number } }, body, ...(signal ? { signal } : {}) }),
    )
  const hasTasks = (body: Draft | null): boolean => body?.engines.some((engine) => engine.tasks.length > 0) ?? false
  const { data } = useQuery({
    queryKey: computed(() => keys.fullPlan(number, rested.value)),
    queryFn: ({ queryKey, signal }) => ask(queryKey[3] as Draft, signal),
    enabled: computed(() => wanted.value && hasTasks(rested.value)),
  })
  const isOfThis = computed(() => JSON.stringify(rested.value) === JSON.stringify(draft.value))
  const full = computed(() => (isOfThis.value ? (data.value ?? null) : null))

  /** Seal of the plan for the draft as it stands; it is waited for if it is not there yet. */
  async function seal(): Promise<string | null> {
    const now = plainCopy(draft.value)
    if (now === null || !hasTasks(now)) {
      return null
    }
    clearTimeout(timer)
    rested.value = now
    const plan = await queries.query({
      queryKey: keys.fullPlan(number, now),
      queryFn: ({ signal }) => ask(now, signal),
      staleTime: Infinity,
    })
    return plan.seal
  }

  /** What changed since the plan was looked at, in words. */
  const changes = shallowRef<string[]>([])
  async function lookAgain(): Promise<void> {
    const before: WorkOrder | null = full.value?.work ?? null
    queries.removeQueries({ queryKey: ['preview', number] })
    await seal()
    const after = full.value?.work ?? null
    changes.value = before && after ? planDifference(before, after) : []
  }

  return { full, seal, lookAgain, changes }
}
