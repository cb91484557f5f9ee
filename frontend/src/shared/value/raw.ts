import type { Field } from '@/shared/api/types'

/** A value as a sheet writes it; what its kind asks for, and nothing checked yet: the server does that. */
export type Raw = Record<string, unknown>

/** An empty value of a kind, with the unit that comes first, so that no figure is ever without one. */
export function emptyValue(field: Field): Raw {
  const unit = field.units[0]
  switch (field.kind) {
    case 'volume':
      return { value: '', unit: 'l' }
    case 'length':
    case 'mass':
    case 'power':
      return { value: '', unit }
    case 'length_range':
      return { min: '', max: '', unit }
    case 'minutes':
      return { value: null, unit: 'min' }
    case 'choices':
      return { values: [] }
    case 'flag':
    case 'count':
      return { value: null }
    case 'part':
      return { part: '', count: 1 }
    case 'tightening':
      return { kind: 'torque', min: '', nominal: '', max: '', unit: 'nm', thread: 'dry' }
    case 'grades':
      return { unit: 'c', chart: [{ grade: '', from: null, to: null, preferred: true }] }
    case 'band':
      return { low: '', high: '' }
    case 'interval':
      return { first: null, every: { hours: null, months: null }, action: 'renew', severe: null }
    case 'table':
      return { rows: [emptyRow(field)] }
    default:
      return { value: '' }
  }
}

export function emptyRow(field: Field): Raw {
  return Object.fromEntries(field.columns.map((column) => [column.key, emptyCell(column.kind)]))
}

function emptyCell(kind: Field['columns'][number]['kind']): unknown {
  switch (kind) {
    case 'length':
    case 'minutes':
    case 'count':
    case 'percent':
    case 'flag':
      return null
    case 'texts':
      return []
    default:
      return ''
  }
}

const beside = ['source', 'page', 'by', 'on', 'from', 'confirmed', 'filled']

/** The value alone, without its source and what else stands beside it. */
export function bare(value: Raw): Raw {
  return Object.fromEntries(Object.entries(value).filter(([key]) => !beside.includes(key)))
}

/** As it is sent: empty cells of a table are left out, so that an empty text is no text. */
export function tidied(value: Raw): Raw {
  const rows = value['rows']
  if (!Array.isArray(rows)) {
    return value
  }
  const filled = (cell: unknown): boolean => cell !== null && cell !== '' && !(Array.isArray(cell) && cell.length === 0)
  return {
    ...value,
    rows: rows.map((row: Raw) => Object.fromEntries(Object.entries(row).filter(([, cell]) => filled(cell)))),
  }
}

const symbols: Record<string, string> = {
  us_qt: 'US qt',
  us_gal: 'US gal',
  us_fl_oz: 'US fl oz',
  imp_qt: 'imp qt',
  imp_pt: 'imp pt',
  nm: 'N·m',
  ft_lb: 'ft·lb',
  in_lb: 'in·lb',
  c: '°C',
  f: '°F',
  kw: 'kW',
}

export function unitText(code: string): string {
  return symbols[code] ?? code
}

export function optionText(option: string): string {
  return option.replaceAll('_', ' ')
}
