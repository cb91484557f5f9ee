import { useBoardAnswer, useLane, type BoardOrder, type LaneName } from '@/shared/board'

/** The stations of the work, in its own order, with what to say where there is nothing. */
const stations: { lane: LaneName; name: string; empty: string }[] = [
  { lane: 'counter', name: 'At the counter', empty: 'No draft is open. Check a boat in below.' },
  { lane: 'issued', name: 'Issued', empty: 'Nothing waits for a technician.' },
  { lane: 'bench', name: 'At the bench', empty: 'Nothing is being worked on.' },
  { lane: 'released', name: 'Released', empty: 'Nothing was released in the last seven days.' },
]

export function useBoard() {
  const { board, error, isPending } = useBoardAnswer()
  const columns = stations.map((station) => ({ ...station, ...useLane(board, station.lane) }))

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
