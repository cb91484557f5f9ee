import { answered, api } from '@/shared/api/client'
import type { components } from '@/shared/api/schema'
import { newQueue, type Queue, type QueueNote } from '@/shared/unsent/queue'
import { onePerOrder } from '@/shared/unsent/store'

/** A number that was held against the order. */
export interface Scan {
  number: string
  engine: string | null
  /** Sent twice, it counts once. */
  press: string
}
export type Scans = Queue<Scan, components['schemas']['Cart']>

/** The scans at the cart of this order by whoever is signed in: two quick ones are two. */
export const scansOf = onePerOrder<Scans>((number, by) =>
  newQueue<Scan, components['schemas']['Cart']>({
    kind: 'scans',
    number,
    by,
    what: `cart of order ${number}`,
    to: `/orders/${number}/cart`,
    post: ({ press, ...held }) =>
      answered(
        api.POST('/api/orders/{number}/cart', {
          params: { path: { number } },
          headers: { 'Idempotency-Key': press },
          body: held,
          keepalive: true,
        }),
      ),
    count: () => 1,
  }),
)

export function adoptScans(kept: QueueNote<Scan>): boolean {
  return scansOf(kept.number, kept.by).adopt(kept)
}
