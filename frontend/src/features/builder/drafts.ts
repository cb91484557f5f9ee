import { reactive, shallowReactive } from 'vue'
import { answered, api, asProblem, Told, type Problem } from '@/shared/api/client'
import type { Draft, OrderFile } from '@/shared/api/types'
import { plainCopy } from '@/shared/copy'
import { forget, freshName, note } from '@/shared/unsent/pages'
import { isPassing } from '@/shared/unsent/queue'
import { signedInAs, unsent, type Unsent } from '@/shared/unsent/store'

const saveAfterMs = 500
const lateAfterMs = 4_000

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

/** How the saves of the draft of one order stand. */
export interface DraftSaver extends Unsent {
  /** Of the order as the server has it, as far as is known here. */
  readonly version: string
  readonly savedAt: Date | null
  readonly isSending: boolean
  readonly refusal: Problem | null
  /** What is here and not on the server; null: nothing. */
  pending: () => Draft | null
  /** Starts from what the server has; what waited is dropped. */
  start: (version: string) => void
  /** Takes a draft in place of the one before; it goes up shortly. */
  change: (draft: Draft) => void
  /** Sends what waits, and gives the version that the order has then; throws what the server said if it can't. */
  settled: () => Promise<string>
  take: (kept: DraftNote) => void
}

const savers = shallowReactive(new Map<string, DraftSaver>())

/** The one that saves this order's draft for whoever is signed in; it outlives the screen. */
export function saverOf(number: number): DraftSaver {
  const by = signedInAs.value ?? ''
  const key = `${number} ${by}`
  const known = savers.get(key) ?? newSaver(number, by)
  savers.set(key, known)
  return known
}

function newSaver(number: number, by: string): DraftSaver {
  const state = reactive({
    what: `order ${number}`,
    to: `/orders/${number}`,
    by,
    since: new Date(),
    changes: 0,
    late: false,
    version: '',
    savedAt: null as Date | null,
    isSending: false,
    refusal: null as Problem | null,
    sending: null as Sending | null,
    next: null as Draft | null,
    get held(): boolean {
      return this.refusal !== null
    },
  })
  const name = `draft.${number}.${by}`
  let timer: ReturnType<typeof setTimeout> | undefined
  let under: Promise<void> | null = null

  function keep(): void {
    const { since, changes, version, sending, next } = state
    if (sending === null && next === null) {
      forget(name)
      unsent.delete(saver)
      return
    }
    unsent.add(saver)
    note('draft', name, { number, by, since: since.toISOString(), changes, version, sending, next } satisfies DraftNote)
  }
  function put({ press, version, draft }: Sending): Promise<OrderFile> {
    return answered(
      api.PUT('/api/orders/{number}/draft', {
        params: { path: { number } },
        headers: { 'Idempotency-Key': press },
        body: { version, draft },
        keepalive: true,
      }),
    )
  }
  function toSend(): Sending | null {
    if (state.sending === null && state.next !== null) {
      state.sending = { press: freshName(), version: state.version, draft: state.next }
      state.next = null
      keep()
    }
    return state.sending
  }
  function failed(error: unknown): void {
    state.late = true
    if (!isPassing(error)) {
      state.refusal = asProblem(error)
      state.next ??= state.sending?.draft ?? null
      state.sending = null
      keep()
    }
  }
  async function sendAll(): Promise<void> {
    for (let sending = toSend(); sending !== null; sending = toSend()) {
      const file = await put(sending)
      state.version = file.version
      state.sending = null
      state.late = false
      state.changes = state.next === null ? 0 : 1
      state.since = new Date()
      state.savedAt = state.next === null ? new Date() : state.savedAt
      keep()
    }
  }
  async function send(): Promise<void> {
    clearTimeout(timer)
    if (under !== null || state.held || by !== signedInAs.value) {
      return under ?? undefined
    }
    const slow = setTimeout(() => (state.late = true), lateAfterMs)
    state.isSending = true
    under = sendAll()
      .catch(failed)
      .finally(() => {
        clearTimeout(slow)
        state.isSending = false
        under = null
      })
    return under
  }

  const saver: DraftSaver = Object.assign(state, {
    pending: () => state.next ?? state.sending?.draft ?? null,
    start(version: string): void {
      clearTimeout(timer)
      Object.assign(state, { version, sending: null, next: null, refusal: null, changes: 0, late: false })
      keep()
    },
    change(draft: Draft): void {
      if (state.changes === 0) {
        state.since = new Date()
      }
      state.changes += 1
      state.next = plainCopy(draft)
      // what the server found wrong may be mended now; what somebody else changed is not
      state.refusal = state.refusal?.status === 422 ? null : state.refusal
      keep()
      clearTimeout(timer)
      timer = setTimeout(() => void send(), saveAfterMs)
    },
    send,
    leave(): void {
      if (under === null && toSend() !== null && state.sending !== null) {
        put(state.sending).catch(() => null)
      }
    },
    async settled(): Promise<string> {
      await send()
      if (saver.pending() !== null) {
        throw state.refusal ?? new NotSent()
      }
      return state.version
    },
    take(kept: DraftNote): void {
      const { since, changes, version, sending, next } = kept
      Object.assign(state, { since: new Date(since), changes, version, sending, next, late: true })
      keep()
    },
  })
  return saver
}

/** What was changed here is not on the server yet, and nothing says that it will be. */
export class NotSent extends Told {
  constructor() {
    super('What you changed has not reached the server yet. It is kept here and sent again by itself.')
  }
}

/** Takes over what a page that is gone had not sent, and sends it; not while something else of this order waits. */
export function adoptDraft(kept: DraftNote): boolean {
  const key = `${kept.number} ${kept.by}`
  const saver = savers.get(key) ?? newSaver(kept.number, kept.by)
  savers.set(key, saver)
  if (saver.pending() !== null) {
    return false
  }
  saver.take(kept)
  void saver.send()
  return true
}
