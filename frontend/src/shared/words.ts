import type { BoatUse, Due, Identification, OrderFile } from './api/types'

export const stateWords: Record<Due['state'], string> = {
  not_due: 'not due',
  soon: 'soon',
  due: 'due',
  overdue: 'over',
  no_record: 'no record',
}

export const limbWords = { hours: 'by hours', calendar: 'by date' } as const

export const statusWords: Record<OrderFile['status'], string> = {
  draft: 'draft',
  issued: 'issued',
  in_work: 'at the bench',
  stopped: 'stopped',
  parked: 'parked',
  released: 'released',
  discarded: 'discarded',
  cancelled: 'cancelled',
}

export const roleWords = {
  writer: 'service writer',
  technician: 'technician',
  parts: 'parts counter',
  manager: 'service manager',
} as const

/** What there is of it, with dots between. */
export function dotted(...texts: string[]): string {
  return texts.filter((text) => text !== '').join(' · ')
}

export const paperWords = { a4: 'A4', letter: 'Letter' } as const

export const placeWords = {
  shop: 'in the shop',
  trailer: 'on the trailer',
  lift: 'on the lift',
  afloat: 'afloat',
} as const

export const refusalWords: Record<NonNullable<Identification['refusal']>['reason'], string> = {
  not_four_stroke: 'Not a four-stroke',
  serial_malformed: 'Not a serial number of this model',
  several: 'Several sheets',
  withdrawn: 'Sheet withdrawn',
  none: 'No sheet',
}

export const actionWords: Record<Due['action'], string> = {
  inspect: 'inspect',
  clean: 'clean',
  lubricate: 'lubricate',
  adjust: 'adjust',
  renew: 'renew',
}

export const positionWords: Record<string, string> = {
  single: 'Engine (the only one)',
  port_outer: 'Port outer',
  port: 'Port',
  port_inner: 'Port inner',
  centre: 'Centre',
  starboard_inner: 'Starboard inner',
  starboard: 'Starboard',
  starboard_outer: 'Starboard outer',
}

export const monthWords = ['Jan', 'Feb', 'Mar', 'Apr', 'May', 'Jun', 'Jul', 'Aug', 'Sep', 'Oct', 'Nov', 'Dec'] as const

export const separatorWords: Record<NonNullable<BoatUse['separators']>['count'], string> = {
  unknown: 'fuel separator: nobody has looked yet',
  none: 'no fuel separator',
  one: 'one fuel separator',
  each: 'a fuel separator for each engine',
}

/** Why an engine has no such task: a separator that the boat has only once is counted at another. */
export function lackWords(task: Due['task']): string {
  return task === 'fuel_separator' ? 'not counted at this engine' : 'not on this engine'
}

export const stateWeights: Record<Due['state'], number> = { not_due: 0, soon: 1, no_record: 2, due: 3, overdue: 4 }

/** `due by hours`, `over by date`, `not due`: the state and the limb that triggered it. */
export function dueWords(due: Pick<Due, 'state' | 'by'>): string {
  return due.by === null ? stateWords[due.state] : `${stateWords[due.state]} ${limbWords[due.by]}`
}

/** How far from the limit that decides: `9 h past`, `5 h left`. */
export function distanceWords(due: Due): string {
  if (due.by === 'hours' && due.hoursLeft !== null) {
    return due.hoursLeft.startsWith('-') ? `${due.hoursLeft.slice(1)} h past` : `${due.hoursLeft} h left`
  }
  if (due.by === 'calendar' && due.daysLeft !== null) {
    return due.daysLeft < 0 ? `${-due.daysLeft} days past` : `${due.daysLeft} days left`
  }
  return ''
}

/** How often a task comes round, where all engines share it; the first time left aside. */
export function sharedInterval(dues: Pick<Due, 'interval'>[]): string {
  const [first, ...others] = new Set(dues.map((due) => due.interval.replace(/^.*every /, 'every ')))
  return others.length === 0 ? (first ?? '') : 'differs by engine'
}
