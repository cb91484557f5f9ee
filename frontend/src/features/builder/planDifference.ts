import type { Operation, WorkOrder } from '@/shared/api/types'
import { minutesText } from '@/shared/units'

const named = (operation: Operation): string => `${operation.label.toLowerCase()}, ${operation.title.toLowerCase()}`

/** What is other in one plan than in another, in words: work that came or went, figures, its order, how long it takes. */
export function planDifference(before: WorkOrder, after: WorkOrder): string[] {
  const old = new Map(before.operations.map((operation) => [operation.id, operation]))
  const now = new Map(after.operations.map((operation) => [operation.id, operation]))
  const gone = before.operations
    .filter((operation) => !now.has(operation.id))
    .map((each) => `No longer: ${named(each)}.`)
  const come = after.operations.filter((operation) => !old.has(operation.id)).map((each) => `New: ${named(each)}.`)
  const figures = after.operations.flatMap((operation) => figuresOf(old.get(operation.id), operation))
  const stays = (work: WorkOrder): string =>
    work.operations
      .filter((operation) => old.has(operation.id) && now.has(operation.id))
      .map((operation) => operation.id)
      .join()
  const order = stays(before) === stays(after) ? [] : ['The work comes in another order.']
  const [was, is] = [before.labour.elapsedMin, after.labour.elapsedMin]
  const length = was === is ? [] : [`It takes ${minutesText(is)} and not ${minutesText(was)}.`]
  return [...gone, ...come, ...figures, ...order, ...length]
}

function figuresOf(before: Operation | undefined, after: Operation): string[] {
  const old = new Map(before?.steps.map((step) => [step.id, step]))
  return after.steps.flatMap((step) => {
    const was = old.get(step.id)
    const [wasText, isText] = [was?.figure?.text ?? null, step.figure?.text ?? null]
    return was && wasText !== isText ? [`${named(after)}: ${isText ?? 'no figure'} and not ${wasText ?? 'none'}.`] : []
  })
}
