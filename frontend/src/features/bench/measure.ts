import type { EntryValue, Step, WorkOrder } from '@/shared/api/types'
import { decimalInput } from '@/shared/units'

export type Measure = NonNullable<Step['measure']>
export type Place = NonNullable<Measure['places']>[number]
export type Answer = NonNullable<WorkOrder['answers']>[string][number]
export type PlaceAnswer = NonNullable<EntryValue['answers']>[number]

/** Under which what is said of a step is kept in this browser until it is entered. */
export function measureKey(number: number, stepId: string): string {
  return `measure-${number}-${stepId}`
}

/** What somebody has said so far of one place, as typed. */
export interface Said {
  answer: string
  figures: string
  share: number | null
  renewed: boolean | null
  words: string
}

export function nothingSaid(figures = ''): Said {
  return { answer: '', figures, share: null, renewed: null, words: '' }
}

/** What may be answered at a place: its own answers, or those of its kind. */
export function answersAt(work: WorkOrder, measure: Measure, place: Place): Answer[] {
  return place.answers ?? work.answers?.[measure.kind] ?? []
}

/** Of a cylinder one figure for each of its valves; of anything else one. */
export function figuresOf(typed: string): string[] {
  return typed
    .split(/[\s;]+/)
    .map((each) => decimalInput(each))
    .filter((each) => each !== '')
}

export function isSaid(measure: Measure, place: Place, said: Said, answers: Answer[]): boolean {
  switch (measure.form) {
    case 'share':
      return said.share !== null && (place.part === undefined || said.renewed !== null)
    case 'figure':
      return figuresOf(said.figures).length > 0
    default: {
      const answer = answers.find((each) => each.code === said.answer)
      return answer !== undefined && (answer.asksWords !== true || said.words.trim() !== '')
    }
  }
}

export function toAnswer(measure: Measure, place: Place, said: Said): PlaceAnswer {
  switch (measure.form) {
    case 'share':
      return { place: place.key, share: said.share ?? 0, ...(said.renewed === true ? { renewed: true } : {}) }
    case 'figure':
      return { place: place.key, figures: figuresOf(said.figures) }
    default:
      return {
        place: place.key,
        answer: said.answer,
        ...(said.words.trim() === '' ? {} : { words: said.words.trim() }),
      }
  }
}
