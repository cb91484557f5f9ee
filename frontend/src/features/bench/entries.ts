import { ACCOUNT, answered, api } from '@/shared/api/client'
import type { BenchChange, EntryValue, NewEntry } from '@/shared/api/types'
import { newQueue, type Queue, type QueueNote } from '@/shared/unsent/queue'
import { onePerOrder } from '@/shared/unsent/store'
import { uuid7 } from '@/shared/uuid'

/** Entries that go up together: all of them are taken, or none. */
type Batch = NewEntry[]
export type Entries = Queue<Batch, BenchChange>

/** How it comes to the log: when it was done as the paper says, or that it was not to happen like this and did. */
export type Told = Pick<NewEntry, 'doneAt' | 'fromPaper' | 'happened' | 'why'>

let sequence = 0

/** A new line of the log; its uuid makes sending it twice harmless. */
export function newEntry(
  stepId: string,
  kind: NewEntry['kind'],
  value: EntryValue,
  corrects: string | null = null,
  told: Told = {},
): NewEntry {
  sequence += 1
  const now = new Date()
  return {
    uuid: uuid7(now.getTime()),
    stepId,
    kind,
    value,
    corrects,
    deviceSequence: sequence,
    deviceAt: now.toISOString(),
    ...told,
  }
}

/** The entries of this order by whoever is signed in. */
export const entriesOf = onePerOrder<Entries>((number, by) =>
  newQueue<Batch, BenchChange>({
    kind: 'entries',
    number,
    by,
    what: `bench of order ${number}`,
    to: `/orders/${number}/bench`,
    post: (entries) =>
      answered(
        api.POST('/api/orders/{number}/entries', {
          params: { path: { number } },
          headers: { [ACCOUNT]: by },
          body: { entries },
          // goes up although the page is being left; browsers do that for 64 kB at most, a whole sheet may be more
          keepalive: entries.length <= 20,
        }),
      ),
    // that cautions were read goes with what was done
    count: (entries) => Math.max(1, entries.filter(({ kind }) => kind !== 'acknowledged').length),
  }),
)

export function adoptEntries(kept: QueueNote<Batch>): boolean {
  return entriesOf(kept.number, kept.by).adopt(kept)
}
