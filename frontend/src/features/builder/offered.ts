import type { Offer } from '@/shared/api/types'
import { dayText, minutesText } from '@/shared/units'

/** One task as it is offered, at one engine or at several. */
export interface Offered {
  task: Offer['task']
  title: string
  where: string
  words: string
  offers: Offer[]
}

/** Offers by task, in the order in which each task is offered first. */
export function offeredOf(offers: Offer[]): Offered[] {
  const byTask = new Map<string, Offer[]>()
  for (const offer of offers) {
    byTask.set(offer.task, [...(byTask.get(offer.task) ?? []), offer])
  }
  return [...byTask.values()].flatMap((same) => {
    const [first] = same
    return first
      ? [{ task: first.task, title: first.title, where: whereOf(same), words: offerWords(same), offers: same }]
      : []
  })
}

/** `53 min more now, 1 h 31 min alone; due 28 Jan 2028, before the next visit`; at several engines each, from the first. */
export function offerWords(offers: Offer[]): string {
  const minutes = (of: (offer: Offer) => number): string => {
    const all = offers.map(of)
    const [least, most] = [Math.min(...all), Math.max(...all)]
    return least === most ? minutesText(least) : `${minutesText(least)} to ${minutesText(most)}`
  }
  const days = offers.flatMap((offer) => offer.expectedOn ?? []).sort()
  const due = days[0] === undefined ? '' : `; due ${days.length > 1 ? 'from ' : ''}${dayText(days[0])}`
  const before = offers.every((offer) => offer.beforeNext) ? ', before the next visit' : ''
  const each = offers.length > 1 ? ' each' : ''
  return `${minutes((offer) => offer.nowMin)} more now${each}, ${minutes((offer) => offer.aloneMin)} alone${due}${before}`
}

function whereOf(offers: Offer[]): string {
  return offers.length > 2 ? `${offers.length} engines` : offers.map((offer) => offer.label.toLowerCase()).join(' and ')
}
