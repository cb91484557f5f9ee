import { reactive } from 'vue'
import { asProblem, isAway, type Problem } from '@/shared/api/client'
import { forget, note } from './pages'
import { signedInAs, unsent, type Unsent } from './store'

const lateAfterMs = 4_000

/** As it is noted in the browser. */
export interface QueueNote<Item> {
  number: number
  by: string
  since: string
  queue: Item[]
}

/** What goes up one after the other and waits until it is answered, whatever becomes of the screen. */
export interface Queue<Item, Answer> extends Unsent {
  /** What waits for its answer, the oldest first. */
  readonly queue: readonly Item[]
  readonly answer: Answer | null
  /** Why the server refused the oldest, if nobody waited for it at the screen any more. */
  readonly refusal: Problem | null
  /** Resolves when the server has taken it; rejects when it has refused it, not while it is away. */
  enter: (item: Item) => Promise<Answer>
  /** Nobody waits at the screen any more: what is refused from now on is held. */
  unattended: () => void
  /** Lets go of the oldest, which was refused. */
  drop: () => void
  /** Takes over what another page had; false if something waits here. */
  adopt: (kept: QueueNote<Item>) => boolean
}

interface Kind<Item, Answer> {
  kind: string
  number: number
  by: string
  what: string
  to: string
  /** Sends one; sent twice, it has to count once. */
  post: (item: Item) => Promise<Answer>
  /** How many changes it is. */
  count: (item: Item) => number
}

/** Whether the same can be sent again later; anything else the server has said is its answer. */
export function isPassing(error: unknown): boolean {
  const problem = asProblem(error)
  return problem === null || isAway(problem) || problem.key === 'login.needed' || problem.status >= 500
}

export function newQueue<Item, Answer>({
  kind,
  number,
  by,
  what,
  to,
  post,
  count,
}: Kind<Item, Answer>): Queue<Item, Answer> {
  const state = reactive({
    what,
    to,
    by,
    since: new Date(),
    late: false,
    queue: [] as Item[],
    answer: null as Answer | null,
    refusal: null as Problem | null,
    get changes(): number {
      return this.queue.reduce((sum, item) => sum + count(item), 0)
    },
    get held(): boolean {
      return this.refusal !== null
    },
  })
  const name = `${kind}.${number}.${by}`
  const waits = new Map<Item, { resolve: (answer: Answer) => void; reject: (error: unknown) => void }>()
  let under: Promise<void> | null = null
  let items: Item[] = []

  function hold(next: Item[]): void {
    items = next
    state.queue = [...next] as typeof state.queue
    if (next.length === 0) {
      state.late = false
      forget(name)
      unsent.delete(self)
      return
    }
    unsent.add(self)
    note(kind, name, { number, by, since: state.since.toISOString(), queue: next } satisfies QueueNote<Item>)
  }
  function gone(item: Item): void {
    state.refusal = null
    hold(items.filter((each) => each !== item))
    waits.delete(item)
  }
  async function one(item: Item): Promise<boolean> {
    try {
      const answer = await post(item)
      state.answer = answer as typeof state.answer
      waits.get(item)?.resolve(answer)
      gone(item)
      return true
    } catch (error) {
      if (isPassing(error)) {
        state.late = true
        return false
      }
      const waiting = waits.get(item)
      if (waiting === undefined) {
        state.refusal = asProblem(error)
        return false
      }
      waiting.reject(error)
      gone(item)
      return true
    }
  }
  async function all(): Promise<void> {
    for (let item = items[0]; item !== undefined && (await one(item)); item = items[0]) {
      state.since = new Date()
    }
  }
  function send(): Promise<void> {
    if (under !== null || items.length === 0 || state.held || by !== signedInAs.value) {
      return under ?? Promise.resolve()
    }
    const slow = setTimeout(() => (state.late = true), lateAfterMs)
    under = all().finally(() => {
      clearTimeout(slow)
      under = null
    })
    return under
  }

  const self: Queue<Item, Answer> = Object.assign(state, {
    enter(item: Item): Promise<Answer> {
      if (items.length === 0) {
        state.since = new Date()
      }
      const answer = new Promise<Answer>((resolve, reject) => waits.set(item, { resolve, reject }))
      hold([...items, item])
      void send()
      return answer
    },
    send,
    leave(): void {
      const [item] = items
      if (under === null && item !== undefined) {
        post(item).catch(() => null)
      }
    },
    unattended: () => waits.clear(),
    drop(): void {
      const [item] = items
      if (item !== undefined) {
        gone(item)
        void send()
      }
    },
    adopt(kept: QueueNote<Item>): boolean {
      if (items.length > 0) {
        return false
      }
      state.since = new Date(kept.since)
      state.late = true
      hold(kept.queue)
      void send()
      return true
    },
  }) as unknown as Queue<Item, Answer>
  return self
}
