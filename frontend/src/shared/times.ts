import type { SketchedOperation, Plan } from '@/shared/api/types'

/** Whose time an operation takes, in words. */
export function timesText(operation: SketchedOperation): string {
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
