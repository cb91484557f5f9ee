import type { EntryValue, NewEntry } from '@/shared/api/types'
import { decimalInput } from '@/shared/units'
import { newEntry as made } from './entries'
import { nothingSaid, toAnswer, type Said } from './measure'
import type { BenchStep } from './useBench'

/** One line of the printed sheet as somebody copies it: only the blanks that its step has are used. */
export interface PaperLine {
  ticked: boolean
  observation: string
  amount: string
  unit: 'l' | 'ml' | 'us_qt'
  /** When it was done, `10:05`. */
  time: string
  reading: string
  added: string
  addedTime: string
  secondReading: string
  secondTime: string
  torque: string
  wrench: string
  reason: string
  turns: string
  wentIn: string
  cameOut: string
  notDone: string
  /** What was measured or seen, by place. */
  said?: Record<string, Said>
  /** How many went on of what was laid out, by number. */
  wentOn?: Record<string, string>
  /** It was not to happen like this, and did. */
  happened: boolean
}

/** @param wrench that the order chose for its torque */
export function emptyLine(wrench = ''): PaperLine {
  return {
    ticked: false,
    observation: '',
    amount: '',
    unit: 'l',
    time: '',
    reading: '',
    added: '',
    addedTime: '',
    secondReading: '',
    secondTime: '',
    torque: '',
    wrench,
    reason: '',
    turns: '',
    wentIn: '',
    cameOut: '',
    notDone: '',
    happened: false,
  }
}

/** A time on the paper as an instant; null where none stands there, or it is none. */
export type When = (time: string) => string | null

/** The entries that a line stands for, in the order in which they happened; nothing copied gives none. */
export function linesOf(current: BenchStep, line: PaperLine, when: When): NewEntry[] {
  const used = Object.entries(line.wentOn ?? {}).filter(([, count]) => count.trim() !== '')
  return [
    ...answersOf(current, line, when),
    ...used.map(([number, count]) =>
      made(current.step.id, 'part_used', { number, count: Number(count) }, null, { fromPaper: true }),
    ),
  ]
}

function answersOf({ step, timed }: BenchStep, line: PaperLine, when: When): NewEntry[] {
  const newEntry = (stepId: string, kind: NewEntry['kind'], value: EntryValue, time = line.time): NewEntry =>
    made(stepId, kind, value, null, {
      fromPaper: true,
      ...(timed ? { doneAt: when(time) } : {}),
      ...(line.happened ? { happened: true } : {}),
    })
  if (line.notDone.trim() !== '') {
    return [newEntry(step.id, 'not_done', { text: line.notDone.trim() })]
  }
  switch (step.entry) {
    case 'tick':
      return line.ticked ? [newEntry(step.id, 'tick', {})] : []
    case 'poured':
      return line.amount === ''
        ? []
        : [newEntry(step.id, 'poured', { volume: { value: decimalInput(line.amount), unit: line.unit } })]
    case 'torque':
      return line.torque === ''
        ? []
        : [
            newEntry(step.id, 'torque', {
              torque: decimalInput(line.torque),
              unit: step.tightening?.kind === 'torque' ? step.tightening.unit : 'nm',
              wrench: line.wrench,
              ...(line.reason.trim() === '' ? {} : { reason: line.reason.trim() }),
            }),
          ]
    case 'turns':
      return line.turns === '' ? [] : [newEntry(step.id, 'turns', { turns: line.turns })]
    case 'measured':
      return measured(step, line, (value) => newEntry(step.id, 'measured', value))
    case 'fasteners':
      return line.ticked ? [newEntry(step.id, 'count', { in: step.count ?? 0, out: step.count ?? 0 })] : []
    case 'count':
      return line.wentIn === ''
        ? []
        : [newEntry(step.id, 'count', { in: Number(line.wentIn), out: Number(line.cameOut) })]
    case 'level':
    case 'first_level':
    case 'level_once':
      return levelEntries(line, (kind, value, time) => newEntry(step.id, kind, value, time))
    default:
      return line.observation === '' ? [] : [newEntry(step.id, 'observation', seen(step.entry, line))]
  }
}

/** All places of a step go up together; one that is left empty is refused, and named. */
function measured(step: BenchStep['step'], line: PaperLine, entry: (value: EntryValue) => NewEntry): NewEntry[] {
  const measure = step.measure ?? null
  const said = line.said ?? {}
  return measure === null || Object.keys(said).length === 0
    ? []
    : [
        entry({
          answers: (measure.places ?? [])
            .filter((place) => said[place.key] !== undefined)
            .map((place) => toAnswer(measure, place, said[place.key] ?? nothingSaid())),
        }),
      ]
}

/** How much came out belongs to the look of the oil. */
function seen(entry: string, line: PaperLine): EntryValue {
  const volume = { value: decimalInput(line.amount), unit: line.unit }
  return { observation: line.observation, ...(entry === 'oil_appearance' && line.amount !== '' ? { volume } : {}) }
}

function levelEntries(
  line: PaperLine,
  entry: (kind: NewEntry['kind'], value: EntryValue, time: string) => NewEntry,
): NewEntry[] {
  const read = (reading: string, time: string): NewEntry[] =>
    reading === '' ? [] : [entry('level', { reading: decimalInput(reading) }, time)]
  const volume = { value: decimalInput(line.added), unit: 'ml' as const }
  const added = line.added === '' ? [] : [entry('poured', { volume }, line.addedTime)]
  return [...read(line.reading, line.time), ...added, ...read(line.secondReading, line.secondTime)]
}
