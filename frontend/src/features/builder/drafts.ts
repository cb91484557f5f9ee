import { reactive } from 'vue'
import { ACCOUNT, answered, api, asProblem, Told, type Problem } from '@/shared/api/client'
import type { Draft, OrderFile } from '@/shared/api/types'
import { plainCopy } from '@/shared/copy'
import { signedInAs } from '@/shared/signedIn'
import { forget, freshName, note } from '@/shared/unsent/pages'
import { isPassing } from '@/shared/unsent/queue'
import { lateAfterMs, onePerOrder, unsent, type Unsent } from '@/shared/unsent/store'

const saveAfterMs = 500

/** A draft on its way: the key of its press, and the version that it is based on. It goes up as it is or not at all. */
interface Sending {
  press: string
  version: string
  draft: Draft
}

/** As it is noted in the browser. */
export interface DraftNote {
  number: number
  by: string
  since: string
  changes: number
  version: string
  sending: Sending | null
  next: Draft | null
}

/** What was changed here is not on the server yet, and nothing says that it will be. */
export class NotSent extends Told {
  constructor() {
    super('What you changed has not reached the server yet. It is kept here and sent again by itself.')
  }
}

/** How the saves of the draft of one order stand, and what sends them. */
export class DraftSaver implements Unsent {
  since = new Date()
  changes = 0
  late = false
  /** Of the order as the server has it, as far as is known here. */
  version = ''
  savedAt: Date | null = null
  isSending = false
  /** What the server said against it; nothing more goes up until somebody has looked. */
  refusal: Problem | null = null
  private sending: Sending | null = null
  private next: Draft | null = null
  private timer: ReturnType<typeof setTimeout> | undefined
  private under: Promise<void> | null = null

  constructor(
    private readonly number: number,
    readonly by: string,
  ) {}

  get what(): string {
    return `order ${this.number}`
  }

  get to(): string {
    return `/orders/${this.number}`
  }

  get held(): boolean {
    return this.refusal !== null
  }

  /** What is here and not on the server; null: nothing. */
  pending(): Draft | null {
    return this.next ?? this.sending?.draft ?? null
  }

  /** Starts from what the server has; what waited is dropped. */
  start(version: string): void {
    clearTimeout(this.timer)
    Object.assign(this, { version, sending: null, next: null, refusal: null, changes: 0, late: false })
    this.keep()
  }

  /** Takes a draft in place of the one before; it goes up shortly. */
  change(draft: Draft): void {
    if (this.changes === 0) {
      this.since = new Date()
    }
    this.changes += 1
    this.next = plainCopy(draft)
    // what the server found wrong may be mended now; what somebody else changed is not
    this.refusal = this.refusal?.status === 422 ? null : this.refusal
    this.keep()
    clearTimeout(this.timer)
    this.timer = setTimeout(() => void this.send(), saveAfterMs)
  }

  /** Sends what waits, and gives the version that the order has then; throws what the server said if it can't. */
  async settled(): Promise<string> {
    await this.send()
    if (this.pending() !== null) {
      throw this.refusal ?? new NotSent()
    }
    return this.version
  }

  async send(): Promise<void> {
    clearTimeout(this.timer)
    if (this.under !== null || this.held || this.by !== signedInAs.value) {
      return this.under ?? undefined
    }
    const slow = setTimeout(() => (this.late = true), lateAfterMs)
    this.isSending = true
    this.under = this.sendAll().finally(() => {
      clearTimeout(slow)
      this.isSending = false
      this.under = null
    })
    return this.under
  }

  leave(): void {
    const sending = this.under === null ? this.toSend() : null
    if (sending !== null) {
      this.put(sending).catch(() => null)
    }
  }

  /** Takes over what a page that is gone had not sent. */
  take({ since, changes, version, sending, next }: DraftNote): void {
    Object.assign(this, { since: new Date(since), changes, version, sending, next, late: true })
    this.keep()
  }

  private async sendAll(): Promise<void> {
    for (let sending = this.toSend(); sending !== null; sending = this.toSend()) {
      try {
        this.took(await this.put(sending))
      } catch (error) {
        if (!this.failed(error)) {
          return
        }
      }
    }
  }

  private took(file: OrderFile): void {
    this.version = file.version
    this.sending = null
    this.late = false
    this.changes = this.next === null ? 0 : 1
    this.since = new Date()
    this.savedAt = this.next === null ? new Date() : this.savedAt
    this.keep()
  }

  /** Whether what was entered since may go up: what the server found wrong was wrong with an older draft. */
  private failed(error: unknown): boolean {
    this.late = true
    if (isPassing(error)) {
      return false
    }
    const problem = asProblem(error)
    const isOlder = problem?.status === 422 && this.next !== null
    this.refusal = isOlder ? null : problem
    this.next ??= this.sending?.draft ?? null
    this.sending = null
    this.keep()
    return isOlder
  }

  private toSend(): Sending | null {
    if (this.sending === null && this.next !== null) {
      this.sending = { press: freshName(), version: this.version, draft: this.next }
      this.next = null
      this.keep()
    }
    return this.sending
  }

  private put({ press, version, draft }: Sending): Promise<OrderFile> {
    return answered(
      api.PUT('/api/orders/{number}/draft', {
        params: { path: { number: this.number } },
        headers: { 'Idempotency-Key': press, [ACCOUNT]: this.by },
        body: { version, draft },
        keepalive: true,
      }),
    )
  }

  private keep(): void {
    const { number, by, since, changes, version, sending, next } = this
    const name = `draft.${number}.${by}`
    if (sending === null && next === null) {
      forget(name)
      unsent.delete(this)
      return
    }
    unsent.add(this)
    note('draft', name, { number, by, since: since.toISOString(), changes, version, sending, next } satisfies DraftNote)
  }
}

/** The one that saves this order's draft for whoever is signed in. */
export const saverOf = onePerOrder((number, by) => reactive(new DraftSaver(number, by)) as DraftSaver)

/** Takes over what a page that is gone had not sent, and sends it; not while something else of this order waits. */
export function adoptDraft(kept: DraftNote): boolean {
  const saver = saverOf(kept.number, kept.by)
  if (saver.pending() !== null) {
    return false
  }
  saver.take(kept)
  void saver.send()
  return true
}
