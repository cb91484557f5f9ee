import { computed } from 'vue'
import type { Board } from '@/shared/api/types'
import { useBoardAnswer } from '@/shared/board'

type BoardOrder = Board['orders'][number]

/** The stations of the work, in its own order, with what each order waits for. */
export const stations = [
  { name: 'At the counter', statuses: ['draft'], empty: 'No draft is open. Check a boat in below.' },
  { name: 'Issued', statuses: ['issued'], empty: 'Nothing waits for a technician.' },
  { name: 'At the bench', statuses: ['in_work', 'stopped'], empty: 'Nothing is being worked on.' },
  { name: 'Released', statuses: ['released'], empty: 'Nothing was released in the last seven days.' },
] as const

export function useBoard() {
  const { board, error, isPending } = useBoardAnswer()
  const columns = computed(() =>
    stations.map((station) => ({
      ...station,
      orders: (board.value?.orders ?? []).filter((order) => station.statuses.some((status) => status === order.status)),
    })),
  )

  return { board, columns, error, isPending }
}

/** What an order waits for, in one line. */
export function waitsFor(order: BoardOrder): string {
  switch (order.status) {
    case 'draft':
      return 'waits for tasks to be picked and issued'
    case 'issued':
      return 'waits for a technician'
    case 'in_work':
      return order.stepsDone === order.steps
        ? 'all steps entered: waits for release'
        : `step ${order.stepsDone} of ${order.steps}`
    case 'stopped':
      return `STOPPED: ${order.stoppedBy ?? ''}. Waits for the writer’s decision`
    case 'released':
      return 'record and label ready'
  }
}
