import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { computed, toValue, type MaybeRefOrGetter } from 'vue'
import { answered, api } from '@/shared/api/client'
import { keys } from '@/shared/api/keys'
import type { SheetLine, SheetPage } from '@/shared/api/types'
import { usePress } from '@/shared/api/usePress'
import type { Raw } from '@/shared/value/raw'

export interface SheetChange {
  values?: Record<string, Raw | null>
  sources?: Record<string, { document: string; revision: string }>
  confirms?: string[]
  appliesTo?: SheetPage['document']['appliesTo']
  note?: string
}

/** One revision of a sheet, and what can be done with it. A change names the version that it was made on. */
export function useSheet(sheet: MaybeRefOrGetter<{ id: string; revision: number }>) {
  const queries = useQueryClient()
  const { data, error, failureReason, dataUpdatedAt, isPending, refetch } = useQuery({
    queryKey: computed(() => keys.sheet(toValue(sheet).id, toValue(sheet).revision)),
    queryFn: ({ signal }) =>
      answered(api.GET('/api/book/sheets/{id}/{revision}', { params: { path: toValue(sheet) }, signal })),
    staleTime: 0,
  })
  async function took(page: SheetPage): Promise<void> {
    queries.setQueryData(keys.sheet(page.id, page.revision), page)
    await queries.invalidateQueries({ queryKey: keys.book })
  }
  const version = (): number => data.value?.version ?? 0

  const edit = usePress({
    mutationFn: (change: SheetChange) =>
      answered(
        api.PUT('/api/book/sheets/{id}/{revision}', {
          params: { path: toValue(sheet) },
          body: { version: version(), ...change },
        }),
      ),
    onSuccess: took,
  })
  const move = usePress({
    mutationFn: ({ to, reason }: { to: SheetLine['status']; reason: string }) =>
      answered(
        api.POST('/api/book/sheets/{id}/{revision}/status', {
          params: { path: toValue(sheet) },
          body: { version: version(), to, reason },
        }),
      ),
    onSuccess: async (page) => {
      await took(page)
      await queries.invalidateQueries({ queryKey: ['sheet', page.id] })
    },
  })
  const startRevision = usePress({
    mutationFn: () =>
      answered(api.POST('/api/book/sheets/{id}/revisions', { params: { path: { id: toValue(sheet).id } } })),
    onSuccess: took,
  })
  const takeSchedule = usePress({
    mutationFn: (file: File) =>
      answered(
        api.POST('/api/book/sheets/{id}/{revision}/schedule', {
          params: { path: toValue(sheet), query: { version: version() } },
          body: file as never,
          bodySerializer: (body) => body,
          headers: { 'Content-Type': 'text/csv' },
        }),
      ),
    onSuccess: () => refetch(),
  })
  const throwAway = usePress({
    mutationFn: () =>
      answered(
        api.DELETE('/api/book/sheets/{id}/{revision}', {
          params: { path: toValue(sheet), query: { version: version() } },
        }),
      ),
    onSuccess: () => queries.invalidateQueries({ queryKey: keys.book }),
  })
  return {
    page: data,
    error,
    failureReason,
    dataUpdatedAt,
    isPending,
    refetch,
    edit,
    move,
    startRevision,
    takeSchedule,
    throwAway,
  }
}
