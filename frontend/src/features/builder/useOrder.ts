import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { computed, nextTick, onBeforeUnmount, ref, watch } from 'vue'
import { answered, api, asProblem, Told } from '@/shared/api/client'
import { keys } from '@/shared/api/keys'
import type { Draft, OrderView, WorkOrder, WorkSketch } from '@/shared/api/types'
import { usePress } from '@/shared/api/usePress'
import { plainCopy } from '@/shared/copy'
import { useKept } from '@/shared/kept'
import { commitField, firstFlaw } from '@/shared/keyboard'
import { useSession } from '@/shared/session'
import { ofToday } from '@/shared/ofToday'
import { saverOf } from './drafts'
import { useFullPlan } from './useFullPlan'

/**
 * One order: the draft as edited here, kept on the server as one goes, and the work that it gives. An answer to an
 * older draft is dropped. Somebody else's change shows as `conflict` and nothing of it is overwritten.
 */
export function useOrder(number: number) {
  const queries = useQueryClient()
  const saver = saverOf(number)
  const { mayWrite } = useSession()
  const { data, error, failureReason, isPending, dataUpdatedAt } = useQuery({
    queryKey: keys.order(number),
    queryFn: async ({ signal }): Promise<OrderView> => {
      const view = await answered(api.GET('/api/orders/{number}', { params: { path: { number } }, signal }))
      return { ...view, work: view.work && ofToday(view.work) }
    },
    staleTime: 0,
    // opened again it is asked for again: what was saved since is not in the answer from before
    gcTime: 0,
  })
  const draft = ref<Draft | null>(null)
  const isDraft = computed(() => data.value?.order.status === 'draft')
  /** What was entered here on a version that somebody else has changed since. */
  const { kept: putAside, forget: leaveAside } = useKept<Draft>(`aside-${number}-${saver.by}`)

  function take(view: OrderView): void {
    const pending = view.order.status === 'draft' ? saver.pending() : null
    if (pending === null) {
      saver.start(view.order.version)
    }
    draft.value = plainCopy(pending ?? view.draft)
  }
  watch(
    data,
    (view) => {
      const isNew = view?.order.version !== saver.version && !saver.isSending && saver.pending() === null
      if (view && (draft.value === null || isNew || !isDraft.value)) {
        take(view)
      }
    },
    { immediate: true },
  )

  const preview = useQuery({
    queryKey: computed(() => keys.preview(number, draft.value)),
    queryFn: ({ queryKey, signal }) =>
      answered(
        api.POST('/api/orders/{number}/preview', {
          params: { path: { number } },
          body: queryKey[2] as Draft,
          signal,
        }),
      ),
    enabled: computed(() => isDraft.value && draft.value !== null),
    placeholderData: (before) => before,
  })

  function changed(): void {
    if (draft.value !== null) {
      saver.change(draft.value)
    }
  }

  const mayPlan = computed(() => isDraft.value && mayWrite.value)
  const plan = useFullPlan(number, draft, mayPlan)

  let isGone = false
  onBeforeUnmount(() => {
    isGone = true
    void saver.send()
  })

  const issue = usePress({
    mutationFn: async () => {
      commitField()
      await nextTick()
      const flaw = firstFlaw()
      if (flaw !== null) {
        throw new Told(`Not issued: ${flaw}`)
      }
      const seen = JSON.stringify(draft.value)
      const version = await saver.settled()
      const seal = await plan.seal()
      if (isGone || seen !== JSON.stringify(draft.value)) {
        throw new ChangedMeanwhile()
      }
      const body = { version, plan: seal }
      return answered(api.POST('/api/orders/{number}/issue', { params: { path: { number } }, body }))
    },
    onError: async (problem) => {
      if (asProblem(problem)?.is('order.plan_changed')) {
        await plan.lookAgain()
      }
    },
    onSuccess: async () => {
      draft.value = null
      await queries.invalidateQueries({ queryKey: keys.order(number) })
      await queries.invalidateQueries({ queryKey: keys.board })
    },
  })

  /** Loads what the server has; what was entered here and could not be put in is set aside, to be put back. */
  async function reload(): Promise<void> {
    await queries.refetchQueries({ queryKey: keys.order(number) })
    if (error.value !== null || !data.value) {
      return
    }
    const mine = saver.pending()
    saver.start(data.value.order.version)
    take(data.value)
    issue.reset()
    queries.removeQueries({ queryKey: ['preview', number] })
    putAside.value = mine === null ? putAside.value : plainCopy(mine)
  }
  function putBack(): void {
    draft.value = putAside.value
    leaveAside()
    changed()
  }

  const work = computed<WorkOrder | WorkSketch | null>(
    () => (isDraft.value ? (plan.full.value?.work ?? preview.data.value?.work) : null) ?? data.value?.work ?? null,
  )

  return {
    view: data,
    draft,
    work,
    document: computed(() => (work.value !== null && 'format' in work.value ? work.value : null)),
    plan,
    isDraft,
    error: computed(() => error.value ?? failureReason.value),
    isPending,
    at: dataUpdatedAt,
    previewError: preview.error,
    /** What is shown of the work is of an older draft. */
    isBehind: computed(() => isDraft.value && preview.isPlaceholderData.value),
    saver,
    issue,
    changed,
    settled: () => saver.settled(),
    reload,
    putAside,
    putBack,
    leaveAside,
  }
}

/** Somebody went on while the order was being sent: what would be issued is not what was seen. */
class ChangedMeanwhile extends Told {
  constructor() {
    super('Not issued: the order was changed while it was being sent. Look at it, and issue it again.')
  }
}
