import type { Operation } from '@/shared/api/types'

/** Minutes of staying by a running engine. Orders issued under the first format of work orders do not know them. */
export function presenceOf(operation: Operation): number {
  return (operation as { presenceMin?: number }).presenceMin ?? 0
}

/** Whose time an operation takes, in words. */
export function timesText(operation: Operation): string {
  const people = (operation as { people?: number }).people ?? 1
  const presence = presenceOf(operation)
  return [
    `${operation.attendedMin} min${people > 1 ? `, ${people} people` : ''}`,
    presence > 0 ? `then ${presence} min by the running engine` : '',
    operation.unattendedMin > 0 ? `then ${operation.unattendedMin} min waiting` : '',
  ]
    .filter((part) => part !== '')
    .join(', ')
}
