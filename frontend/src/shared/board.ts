import { useQuery } from '@tanstack/vue-query'
import { answered, api } from './api/client'
import { keys } from './api/keys'

/** The board's answer, asked for again every quarter of a minute while somebody looks at it. */
export function useBoardAnswer() {
  const { data, error, isPending } = useQuery({
    queryKey: keys.board,
    queryFn: () => answered(api.GET('/api/board')),
    refetchInterval: 15_000,
  })
  return { board: data, error, isPending }
}
