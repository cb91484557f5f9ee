import type { IssuedWork, WorkOrder } from './api/types'

/**
 * Orders that were issued under the first format of work orders stay as they are: they do not know presence, persons,
 * or changes of place. What they lack is filled in for the screens.
 */
export function ofToday(work: IssuedWork): WorkOrder {
  if (work.format === 'fresh-tack/work-order/2') {
    return work
  }
  return {
    ...work,
    operations: work.operations.map((operation) => ({ ...operation, presenceMin: 0, people: 1 })),
    labour: { ...work.labour, presenceMin: 0, secondHandMin: 0, secondHandSold: true, changes: 0 },
    timeline: work.timeline
      ? {
          ...work.timeline,
          presenceMin: 0,
          changes: 0,
          entries: work.timeline.entries.map((entry) => ({ ...entry, presenceEndMin: entry.attendedEndMin })),
        }
      : null,
  } as unknown as WorkOrder
}

/** An answer that carries an issued order. */
export async function documentOfToday<Answer extends { document: IssuedWork }>(answer: Promise<Answer>) {
  const { document, ...rest } = await answer
  return { ...rest, document: ofToday(document) }
}
