import type { ByHand, SketchedOperation, WorkSketch } from '@/shared/api/types'

export const nothingByHand: ByHand = { moves: [], steps: [] }

/** What one operation was moved before by hand, and what stands against it. */
export interface Moved {
  work: string
  before: string
  title: string
  refusal: string | null
}

/** The wish that one work be done before another; the same wish the other way round is taken back. */
export function moved(byHand: ByHand, work: string, before: string): ByHand {
  const others = byHand.moves.filter(
    (move) => !(move.work === before && move.before === work) && !(move.work === work && move.before === before),
  )
  return { ...byHand, moves: [...others, { work, before }] }
}

export function movedBack(byHand: ByHand, work: string, before: string): ByHand {
  return { ...byHand, moves: byHand.moves.filter((move) => move.work !== work || move.before !== before) }
}

/** A step after an operation, with an id that no other has. */
export function withStep(byHand: ByHand, after: string, text: string, attendedMin: number): ByHand {
  const used = byHand.steps.map((step) => Number(step.id.slice('hand-'.length)))
  return { ...byHand, steps: [...byHand.steps, { id: `hand-${Math.max(0, ...used) + 1}`, after, text, attendedMin }] }
}

/** Without a step, and without the wishes that speak of it. */
export function withoutStep(byHand: ByHand, operation: string): ByHand {
  const id = operation.slice(operation.lastIndexOf('.') + 1)
  return {
    moves: byHand.moves.filter((move) => move.work !== operation && move.before !== operation),
    steps: byHand.steps.filter((step) => step.id !== id),
  }
}

/** The work at the same engine that comes just before or just behind, and may change places with this one. */
export function neighbour(
  work: WorkSketch,
  byHand: ByHand,
  operation: SketchedOperation,
  by: -1 | 1,
): SketchedOperation | null {
  const same = asWished(work, byHand, operation.position)
  return same[same.findIndex((each) => each.id === operation.id) + by] ?? null
}

/** What may change places at an engine. A wish that has no answer yet counts: who presses twice means two places. */
function asWished(work: WorkSketch, byHand: ByHand, position: SketchedOperation['position']): SketchedOperation[] {
  const list = work.operations.filter((each) => each.position === position && each.movable)
  for (const move of byHand.moves) {
    const [from, to] = [move.work, move.before].map((id) => list.findIndex((each) => each.id === id)) as [
      number,
      number,
    ]
    if (to >= 0 && from > to && refusalOf(work, move) === null) {
      list.splice(to, 0, ...list.splice(from, 1))
    }
  }
  return list
}

function refusalOf(work: WorkSketch, move: ByHand['moves'][number]): string | null {
  return work.byHand?.refused.find((each) => each.work === move.work && each.before === move.before)?.why ?? null
}

export function movesOf(work: WorkSketch, byHand: ByHand, operation: SketchedOperation): Moved[] {
  return byHand.moves
    .filter((move) => move.work === operation.id)
    .map((move) => ({
      ...move,
      title: work.operations.find((each) => each.id === move.before)?.title ?? move.before,
      refusal: refusalOf(work, move),
    }))
}
