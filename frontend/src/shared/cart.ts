import type { OilPool, SketchedOperation, WorkSketch } from './api/types'
import { litresText } from './units'
import { unitText } from './value/raw'

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

type Pulled = Pick<OilPool, 'positions' | 'plan'>
type ContainerPick = NonNullable<OilPool['plan']>['picks'][number]

/** `3 × 250 ml`, `1 × opened 0.4 l`. */
export function pickWords(pick: ContainerPick): string {
  return `${pick.count} × ${pick.opened ? 'opened ' : ''}${pick.size.value} ${unitText(pick.size.unit)}`
}

/** Where what is left over stands: in a container that is opened for it, or in the one that was open before. */
export function leftWords(plan: NonNullable<OilPool['plan']>): string {
  const left = litresText(plan.leftOverMl)
  return plan.opensNone === true ? `${left} stay in it` : `left ${left}`
}

/** Everything on the cart under the operation that needs it first, in the order of the work. */
export function cartOf(work: WorkSketch): CartStop[] {
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
  const pull = (id: string, kind: 'oil' | 'lube', words: string, pool: Pulled): void => {
    for (const pick of pool.plan?.picks ?? []) {
      const key = `${pick.id}${pick.opened ? 'o' : ''}`
      add(id, { key, kind, what: pickWords(pick), words, engines: [], where: pool.positions.join(', ') })
    }
  }
  for (const pool of work.oil) {
    pull(fill?.id ?? '', 'oil', `${pool.grade}, ${pool.performanceClass}`, pool)
  }
  for (const pool of work.lubricants ?? []) {
    pull(pool.firstUse, 'lube', pool.name, pool)
    if (pool.plan === null) {
      const what = pool.need === null ? '' : pool.need.text
      const where = pool.positions.join(', ') + (pool.shortage === null ? '' : ' · short')
      add(pool.firstUse, { key: pool.name, kind: 'lube', what, words: pool.name, engines: [], where })
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

/** Numbers that one operation fits to its engine: a part stands in the list under the engine that needs it first. */
export function partsOf(work: WorkSketch, operation: SketchedOperation): string[] {
  const own = (id: string): string => id.slice(id.indexOf('.') + 1)
  return work.parts
    .filter((part) =>
      part.uses === undefined
        ? part.positions.includes(operation.label) && own(part.firstUse) === own(operation.id)
        : part.uses.some((use) => use.operation === operation.id && !use.atHand),
    )
    .map((part) => part.number)
}
