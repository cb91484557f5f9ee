import type { Operation, Plan, WorkOrder } from '@/shared/api/types'

/**
 * Orders that were issued under the first format of work orders stay as they are: they do not know presence, persons,
 * or changes of place. What they lack is filled in for the screens.
 */
export function withPresence(work: WorkOrder): WorkOrder {
  if (!(work.format as string).endsWith('/1')) {
    return work
  }
  return {
    ...work,
    operations: work.operations.map((operation) => ({ ...operation, presenceMin: 0, people: 1 })),
    labour: { ...work.labour, presenceMin: 0, secondHandMin: 0, secondHandSold: true, changes: 0 },
    timeline: work.timeline
      ? {
          ...work.timeline,
          presenceMin: 0,
          changes: 0,
          entries: work.timeline.entries.map((entry) => ({ ...entry, presenceEndMin: entry.attendedEndMin })),
        }
      : null,
  }
}

/** Whose time an operation takes, in words. */
export function timesText(operation: Operation): string {
  const { people, presenceMin: presence } = operation
  return [
    `${operation.attendedMin} min${people > 1 ? `, ${people} people` : ''}`,
    presence > 0 ? `then ${presence} min by the running engine` : '',
    operation.unattendedMin > 0 ? `then ${operation.unattendedMin} min waiting` : '',
  ]
    .filter((part) => part !== '')
    .join(', ')
}

/** Who does an operation, in words; nothing where one technician does it all, or no plan says it yet. */
export function whoseText(timeline: Plan['timeline'] | null | undefined, operationId: string): string {
  const own = timeline?.entries.find((entry) => entry.id === operationId)?.technicians ?? []
  return (timeline?.technicians ?? 1) > 1 && own.length > 0
    ? `${own.length > 1 ? 'technicians' : 'technician'} ${own.join(' and ')}`
    : ''
}
