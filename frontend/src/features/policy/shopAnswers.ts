import type { components } from '@/shared/api/schema'

export type AnswerTable = components['schemas']['AnswerTable']
export type Look = AnswerTable['looks'][number]
export type SeenVerdict = components['schemas']['SeenVerdict']
export type SaveAnswers = components['schemas']['SaveAnswers']
export type OwnAnswer = NonNullable<SaveAnswers['answers']['added'][string]>[number]

export const verdictWords: Record<SeenVerdict, string> = {
  go_on: 'as it should be',
  note: 'note: it stands in the record',
  finding: 'finding: somebody decides before release',
  stop: 'stop: nothing more is done at the engine',
}
const order: SeenVerdict[] = ['go_on', 'note', 'finding', 'stop']

/** What an answer of the trade may count as: as the trade takes it, or graver. */
export function atLeast(verdict: SeenVerdict): SeenVerdict[] {
  return order.slice(order.indexOf(verdict))
}

/** As it is sent: what the shop takes as the trade does is left out. */
export function changedBy(looks: Look[], chosen: Record<string, SeenVerdict>): SaveAnswers['answers']['raised'] {
  const trade = new Map(looks.flatMap((look) => look.answers).map(({ code, verdict }) => [code, verdict]))
  return Object.fromEntries(Object.entries(chosen).filter(([code, verdict]) => trade.get(code) !== verdict))
}

/** What stands in the form when it is opened. */
export function asKept(looks: Look[]): { chosen: Record<string, SeenVerdict>; own: Record<string, OwnAnswer[]> } {
  return {
    chosen: Object.fromEntries(
      looks.flatMap((look) => look.answers).map(({ code, verdict, raised }) => [code, raised ?? verdict]),
    ),
    own: Object.fromEntries(looks.map((look) => [look.key, look.own.map((answer) => ({ ...answer }))])),
  }
}
