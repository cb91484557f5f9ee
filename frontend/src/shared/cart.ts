import type { Operation, WorkOrder } from './api/types'

export interface CartLine {
  key: string
  kind: 'part' | 'tool' | 'oil' | 'lube'
  what: string
  words: string
  where: string
  /** Of a part: the engines that it is for. */
  engines: string[]
}

export interface CartStop {
  id: string
  title: string
  lines: CartLine[]
}

const units: Record<string, string> = { us_qt: 'US qt', us_gal: 'US gal' }

/** Everything on the cart under the operation that needs it first, in the order of the work. */
export function cartOf(work: WorkOrder): CartStop[] {
  const lines = new Map<string, CartLine[]>()
  const add = (id: string, line: CartLine): void => {
    lines.set(id, [...(lines.get(id) ?? []), line])
  }
  for (const part of work.parts) {
    add(part.firstUse, {
      key: part.number,
      kind: 'part',
      what: `${part.count} × ${part.number}`,
      words: `${part.description ?? 'not in the catalogue'}${part.atHand ? ', if it is needed' : ''}`,
      engines: part.positions,
      where: `${part.bin ?? 'no bin'} · ${part.positions.join(', ')}${part.short > 0 ? ` · ${part.short} short` : ''}`,
    })
  }
  for (const tool of work.tools) {
    add(tool.firstUse, {
      key: `${tool.name}${tool.size ?? ''}`,
      kind: 'tool',
      what: tool.size ?? '',
      words: tool.name,
      engines: [],
      where: tool.wrench?.name ?? '',
    })
  }
  const fill = work.operations.find((operation) => operation.steps.some((step) => step.entry === 'poured'))
  for (const pool of work.oil) {
    for (const pick of pool.plan?.picks ?? []) {
      add(fill?.id ?? '', {
        key: `${pick.id}${pick.opened ? 'o' : ''}`,
        kind: 'oil',
        what: `${pick.count} × ${pick.opened ? 'opened ' : ''}${pick.size.value} ${units[pick.size.unit] ?? pick.size.unit}`,
        words: `${pool.grade}, ${pool.performanceClass}`,
        engines: [],
        where: pool.positions.join(', '),
      })
    }
  }
  for (const operation of work.operations) {
    for (const line of lubricantsOf(work, operation)) {
      add(operation.id, line)
    }
  }
  return work.operations
    .filter((operation) => lines.has(operation.id))
    .map((operation) => ({
      id: operation.id,
      title: `${operation.label} · ${operation.title}`,
      lines: lines.get(operation.id) ?? [],
    }))
}

/** Values of the sheet that name a lubricant, and the one that says how much of it goes in, if there is a figure. */
const lubricants: Record<string, string | null> = {
  'gearcase.lubricant': 'gearcase.volume',
  'propeller.grease': null,
  'pump.greased': null,
}

/** What one operation lubricates with, and how much: each engine takes its own. */
function lubricantsOf(work: WorkOrder, operation: Operation): CartLine[] {
  const plate = work.engines.find((engine) => engine.position === operation.position)?.plate ?? []
  const told = (path: string | null): string | null => plate.find((figure) => figure.path === path)?.text ?? null
  const used = new Set(operation.steps.flatMap((step) => step.uses).filter((path) => path in lubricants))
  return [...used].map((path) => ({
    key: `${operation.id}.${path}`,
    kind: 'lube',
    what: told(lubricants[path] ?? null) ?? '',
    words: told(path) ?? 'lubricant not known',
    engines: [],
    where: operation.label,
  }))
}

/** Numbers that one operation fits to its engine: a part stands in the list under the engine that needs it first. */
export function partsOf(work: WorkOrder, operation: Operation): string[] {
  const own = (id: string): string => id.slice(id.indexOf('.') + 1)
  return work.parts
    .filter((part) => part.positions.includes(operation.label) && own(part.firstUse) === own(operation.id))
    .map((part) => part.number)
}
