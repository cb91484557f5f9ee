import { useQueryClient } from '@tanstack/vue-query'

/** After a change that may show anywhere: every screen asks again, but for who is signed in and what the shop is. */
export function useEverythingChanged(): () => Promise<void> {
  const queries = useQueryClient()
  return () =>
    queries.invalidateQueries({ predicate: ({ queryKey }) => !['session', 'shop'].includes(String(queryKey[0])) })
}
