import { useQueryClient } from '@tanstack/vue-query'
import { answered, api } from '@/shared/api/client'
import { keys } from '@/shared/api/keys'
import type { BenchChange } from '@/shared/api/types'
import { usePress } from '@/shared/api/usePress'
import { putIn } from './useBench'

/** Taking on an engine or an operation, and giving it back. */
export function useClaims(number: number) {
  const queries = useQueryClient()
  async function asked(change: Promise<BenchChange>): Promise<void> {
    await queries.cancelQueries({ queryKey: keys.bench(number) })
    putIn(queries, number, await change)
  }
  const path = { number }
  return {
    take: usePress({
      mutationFn: (body: { of: string; instead: string | null }) =>
        asked(answered(api.POST('/api/orders/{number}/claims', { params: { path }, body }))),
      // somebody was faster: who it was is shown
      onError: () => queries.invalidateQueries({ queryKey: keys.bench(number) }),
    }),
    giveBack: usePress({
      mutationFn: (of: string) =>
        asked(answered(api.POST('/api/orders/{number}/claims/giving-back', { params: { path }, body: { of } }))),
      onError: () => queries.invalidateQueries({ queryKey: keys.bench(number) }),
    }),
  }
}
