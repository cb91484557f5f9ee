import { useMutation, useQuery, useQueryClient } from '@tanstack/vue-query'
import { computed, ref, toValue, watch, type MaybeRefOrGetter } from 'vue'
import { answered, api } from '@/shared/api/client'
import { keys } from '@/shared/api/keys'
import type { Draft, OrderView } from '@/shared/api/types'
import { plainCopy } from '@/shared/copy'

const saveAfterMs = 500

/**
 * One order: the draft as edited here, kept on the server as one goes, and the work that it gives. An answer to an
 * older draft is dropped. Somebody else's change shows as `conflict` and nothing of it is overwritten.
 */
export function useOrder(number: MaybeRefOrGetter<number>) {
  const queries = useQueryClient()
  const { data, error, isPending } = useQuery({
    queryKey: computed(() => keys.order(toValue(number))),
    queryFn: ({ signal }) =>
      answered(api.GET('/api/orders/{number}', { params: { path: { number: toValue(number) } }, signal })),
    staleTime: 0,
  })
  const draft = ref<Draft | null>(null)
  const version = ref(0)
  const savedAt = ref<Date | null>(null)
  const isDraft = computed(() => data.value?.order.status === 'draft')

  function take(view: OrderView): void {
    draft.value = plainCopy(view.draft)
    version.value = view.order.version
  }
  watch(
    data,
    (view, before) => {
      if (view && (draft.value === null || before?.order.number !== view.order.number || !isDraft.value)) {
        take(view)
      }
    },
    { immediate: true },
  )

  const preview = useQuery({
    queryKey: computed(() => keys.preview(toValue(number), draft.value)),
    queryFn: ({ queryKey, signal }) =>
      answered(
        api.POST('/api/orders/{number}/preview', {
          params: { path: { number: toValue(number) } },
          body: queryKey[2] as Draft,
          signal,
        }),
      ),
    enabled: computed(() => isDraft.value && draft.value !== null),
    placeholderData: (before) => before,
  })

  const save = useMutation({
    mutationFn: (kept: Draft) =>
      answered(
        api.PUT('/api/orders/{number}/draft', {
          params: { path: { number: toValue(number) } },
          body: { version: version.value, draft: kept },
        }),
      ),
    onSuccess: (file) => {
      version.value = file.version
      savedAt.value = new Date()
    },
  })
  let timer: ReturnType<typeof setTimeout> | undefined
  let saving: Promise<unknown> = Promise.resolve()
  function changed(): void {
    clearTimeout(timer)
    timer = setTimeout(() => void saveNow(), saveAfterMs)
  }
  async function saveNow(): Promise<boolean> {
    clearTimeout(timer)
    timer = undefined
    await saving.catch(() => null)
    if (draft.value === null) {
      return false
    }
    const attempt = save.mutateAsync(plainCopy(draft.value))
    saving = attempt
    return attempt.then(() => true).catch(() => false)
  }

  const issue = useMutation({
    mutationFn: async () => {
      const current = await settled()
      return answered(
        api.POST('/api/orders/{number}/issue', {
          params: { path: { number: toValue(number) } },
          body: { version: current },
        }),
      )
    },
    onSuccess: async () => {
      draft.value = null
      await queries.invalidateQueries({ queryKey: keys.order(toValue(number)) })
      await queries.invalidateQueries({ queryKey: keys.board })
    },
  })

  /** Keeps what is not kept yet, and gives the version that the order has then. */
  async function settled(): Promise<number> {
    if (timer !== undefined && !(await saveNow())) {
      throw save.error.value ?? new Error('The draft could not be saved.')
    }
    await saving.catch(() => null)
    return version.value
  }

  async function reload(): Promise<void> {
    draft.value = null
    save.reset()
    issue.reset()
    queries.removeQueries({ queryKey: ['preview', toValue(number)] })
    await queries.invalidateQueries({ queryKey: keys.order(toValue(number)) })
  }

  return {
    view: data,
    draft,
    work: computed(() => (isDraft.value ? (preview.data.value?.work ?? data.value?.work) : data.value?.work) ?? null),
    isDraft,
    error,
    isPending,
    previewError: preview.error,
    saveError: save.error,
    issue,
    savedAt,
    changed,
    settled,
    reload,
  }
}
