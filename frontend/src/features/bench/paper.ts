import type { NewEntry } from '@/shared/api/types'
import { decimalInput } from '@/shared/units'
import { newEntry } from './entries'
import type { BenchStep } from './useBench'

/** One line of the printed sheet as somebody copies it: only the blanks that its step has are used. */
export interface PaperLine {
  ticked: boolean
  observation: string
  amount: string
  unit: 'l' | 'ml' | 'us_qt'
  reading: string
  rest: string
  added: string
  secondReading: string
  secondRest: string
  torque: string
  wrench: string
  reason: string
  turns: string
  wentIn: string
  cameOut: string
  notDone: string
}

/** @param wrench that the order chose for its torque */
export function emptyLine(wrench = ''): PaperLine {
  return {
    ticked: false,
    observation: '',
    amount: '',
    unit: 'l',
    reading: '',
    rest: '',
    added: '',
    secondReading: '',
    secondRest: '',
    torque: '',
    wrench,
    reason: '',
    turns: '',
    wentIn: '',
    cameOut: '',
    notDone: '',
  }
}

/** The entries that a line stands for, in the order in which they happened; nothing copied gives none. */
export function linesOf({ step }: BenchStep, line: PaperLine): NewEntry[] {
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
    case 'count':
      return line.wentIn === ''
        ? []
        : [newEntry(step.id, 'count', { in: Number(line.wentIn), out: Number(line.cameOut) })]
    case 'level':
    case 'first_level':
      return levelEntries(step.id, line)
    default:
      return line.observation === '' ? [] : [newEntry(step.id, 'observation', { observation: line.observation })]
  }
}

function levelEntries(stepId: string, line: PaperLine): NewEntry[] {
  const read = (reading: string, rest: string): NewEntry[] =>
    reading === '' ? [] : [newEntry(stepId, 'level', { reading: decimalInput(reading), restMin: Number(rest) })]
  const added =
    line.added === '' ? [] : [newEntry(stepId, 'poured', { volume: { value: decimalInput(line.added), unit: 'ml' } })]
  return [...read(line.reading, line.rest), ...added, ...read(line.secondReading, line.secondRest)]
}
