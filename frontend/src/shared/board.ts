import { useQuery } from '@tanstack/vue-query'
import { computed, ref, toValue, type MaybeRefOrGetter } from 'vue'
import { answered, answeredAnew, api, type Known } from './api/client'
import { keys } from './api/keys'
import type { Board } from './api/types'

export type BoardOrder = Board['lanes'][number]['orders'][number]
export type LaneName = Board['lanes'][number]['lane']

const everyMs = 15_000
const page = 30
let known: Known<Board> | null = null

/** The board's answer, asked for again every quarter of a minute while somebody looks at it. */
export function useBoardAnswer() {
  const { data, error, isPending } = useQuery({
    queryKey: keys.board,
    queryFn: async ({ signal }) => {
      known = await answeredAnew(known, (headers) => api.GET('/api/board', { headers, signal }))
      return known.data
    },
    refetchInterval: everyMs,
  })
  return { board: data, error, isPending }
}

/** One lane of the board: its first orders come with it, more of them on demand. */
export function useLane(board: MaybeRefOrGetter<Board | undefined>, name: LaneName) {
  const pages = ref(0)
  const lane = computed(() => toValue(board)?.lanes.find((each) => each.lane === name))
  const { data: more, isFetching } = useQuery({
    queryKey: computed(() => keys.lane(name, pages.value)),
    queryFn: async ({ signal }) => {
      const orders: BoardOrder[] = []
      for (let at = 1; at <= pages.value; at += 1) {
        const params = { path: { lane: name }, query: { skip: at * page } }
        orders.push(...(await answered(api.GET('/api/lanes/{lane}', { params, signal }))).orders)
      }
      return orders
    },
    enabled: () => pages.value > 0,
    placeholderData: (before) => before,
    refetchInterval: everyMs,
  })
  /** An order that moved between two answers stands in both: the board's own is the newer one. */
  const orders = computed(() => {
    const first = lane.value?.orders ?? []
    const there = new Set(first.map((order) => order.number))
    return [...first, ...(more.value ?? []).filter((order) => !there.has(order.number))]
  })

  return {
    orders,
    count: computed(() => lane.value?.count ?? 0),
    left: computed(() => Math.max(0, (lane.value?.count ?? 0) - orders.value.length)),
    isFetching,
    showMore: () => (pages.value += 1),
  }
}
