import { reactive } from 'vue'
import { asProblem, isAway, type Problem } from '@/shared/api/client'
import { forget, note } from './pages'
import { signedInAs } from '../signedIn'
import { lateAfterMs, unsent, type Unsent } from './store'

/** As it is noted in the browser. */
export interface QueueNote<Item> {
  number: number
  by: string
  since: string
  queue: Item[]
}

/** What goes into a queue, and how it goes up. */
export interface Kind<Item, Answer> {
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

interface Waiting<Answer> {
  resolve: (answer: Answer) => void
  reject: (error: unknown) => void
}

/** Whether the same can be sent again later; anything else the server has said is its answer. */
export function isPassing(error: unknown): boolean {
  const problem = asProblem(error)
  return problem === null || isAway(problem) || problem.status === 401 || problem.status >= 500
}

/** What goes up one after the other and waits until it is answered, whatever becomes of the screen. */
export class Queue<Item extends object | string, Answer> implements Unsent {
  since = new Date()
  late = false
  /** What waits for its answer, the oldest first. */
  queue: readonly Item[] = []
  answer: Answer | null = null
  /** Why the server refused the oldest, if nobody waited for it at the screen any more. */
  refusal: Problem | null = null
  private readonly waits = new Map<string, Waiting<Answer>>()
  private under: Promise<void> | null = null

  constructor(private readonly of: Kind<Item, Answer>) {}

  get what(): string {
    return this.of.what
  }

  get to(): string {
    return this.of.to
  }

  get by(): string {
    return this.of.by
  }

  get changes(): number {
    return this.queue.reduce((sum, item) => sum + this.of.count(item), 0)
  }

  get held(): boolean {
    return this.refusal !== null
  }

  /** Resolves when the server has taken it; rejects when it has refused it, not while it is away. */
  enter(item: Item): Promise<Answer> {
    if (this.queue.length === 0) {
      this.since = new Date()
    }
    const answer = new Promise<Answer>((resolve, reject) => this.waits.set(nameOf(item), { resolve, reject }))
    this.hold([...this.queue, item])
    void this.send()
    return answer
  }

  /** Nobody waits at the screen any more: what is refused from now on is held. */
  unattended(): void {
    this.waits.clear()
  }

  /** Lets go of the oldest, which was refused. */
  drop(): void {
    this.gone()
    void this.send()
  }

  send(): Promise<void> {
    if (this.under !== null || this.queue.length === 0 || this.held || this.by !== signedInAs.value) {
      return this.under ?? Promise.resolve()
    }
    const slow = setTimeout(() => (this.late = true), lateAfterMs)
    this.under = this.sendAll().finally(() => {
      clearTimeout(slow)
      this.under = null
    })
    return this.under
  }

  leave(): void {
    const [item] = this.queue
    if (this.under === null && item !== undefined) {
      this.of.post(item).catch(() => null)
    }
  }

  /** Takes over what another page had; false if something waits here. */
  adopt(kept: QueueNote<Item>): boolean {
    if (this.queue.length > 0) {
      return false
    }
    this.since = new Date(kept.since)
    this.hold(kept.queue)
    this.late = true
    void this.send()
    return true
  }

  private async sendAll(): Promise<void> {
    for (let [item] = this.queue; item !== undefined && (await this.sendOne(item)); [item] = this.queue) {
      this.since = new Date()
    }
  }

  /** Whether the next one may go. */
  private async sendOne(item: Item): Promise<boolean> {
    const waiting = (): Waiting<Answer> | undefined => this.waits.get(nameOf(item))
    try {
      const answer = await this.of.post(item)
      this.answer = answer
      waiting()?.resolve(answer)
    } catch (error) {
      if (isPassing(error)) {
        this.late = true
        return false
      }
      if (waiting() === undefined) {
        this.refusal = asProblem(error)
        return false
      }
      waiting()?.reject(error)
    }
    this.gone()
    return true
  }

  /** The oldest is answered. */
  private gone(): void {
    const [item, ...rest] = this.queue
    this.refusal = null
    this.hold(rest)
    if (item !== undefined) {
      this.waits.delete(nameOf(item))
    }
  }

  private hold(queue: readonly Item[]): void {
    const { kind, number, by } = this.of
    const name = `${kind}.${number}.${by}`
    this.queue = queue
    if (queue.length === 0) {
      this.late = false
      forget(name)
      unsent.delete(this)
      return
    }
    unsent.add(this)
    const kept: QueueNote<Item> = { number, by, since: this.since.toISOString(), queue: [...queue] }
    note(kind, name, kept)
  }
}

function nameOf(item: object | string): string {
  return JSON.stringify(item)
}

export function newQueue<Item extends object | string, Answer>(of: Kind<Item, Answer>): Queue<Item, Answer> {
  return reactive(new Queue(of)) as unknown as Queue<Item, Answer>
}
