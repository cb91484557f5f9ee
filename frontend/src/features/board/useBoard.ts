import { useBoardAnswer, useLane, type BoardOrder, type LaneName } from '@/shared/board'
import { momentText } from '@/shared/units'

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
    case 'parked':
      return `parked at step ${order.stepsDone} of ${order.steps}`
    case 'released':
      return 'record and label ready'
    default:
      return ''
  }
}

/** When it was promised, and since when that is past: `ready Wed 18 Mar, 10:26`, `late since …`. */
export function promise(order: BoardOrder, timeZone: string, now: number): { text: string; late: boolean } | null {
  if (order.readyBy === null || order.status === 'released') {
    return null
  }
  const late = Date.parse(order.readyBy) < now
  return { text: `${late ? 'late since' : 'ready'} ${momentText(order.readyBy, timeZone)}`, late }
}

/** How long ago, as people say it: `3 h`, `2 days`. */
export function ageText(since: string, now: number): string {
  const hours = Math.max(0, Math.floor((now - Date.parse(since)) / 3_600_000))
  if (hours < 1) {
    return 'just now'
  }
  const days = Math.floor(hours / 24)
  return days === 0 ? `${hours} h ago` : `${days} ${days === 1 ? 'day' : 'days'} ago`
}
