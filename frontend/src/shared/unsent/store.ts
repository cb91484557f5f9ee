import { computed, shallowReactive } from 'vue'
import { awaySince } from '@/shared/api/client'
import { sessionLost, signedInAs } from '@/shared/signedIn'

/** What was done here and the server has not answered. It is sent again by itself, and shown on every screen. */
export interface Unsent {
  /** What it belongs to, as people say it: `order 2401`. */
  readonly what: string
  /** The screen that shows it. */
  readonly to: string
  /** The account that did it; under no other is it ever sent. */
  readonly by: string
  readonly since: Date
  readonly changes: number
  /** It did not go up at once. */
  readonly late: boolean
  /** The server has refused it: somebody has to look. */
  readonly held: boolean
  /** Resolves when it is answered or has failed once more. */
  send: () => Promise<void>
  /** Sends what it can while the page is being left. */
  leave: () => void
}

const againAfterMs = 3_000
/** What has had no answer by then is shown as not sent. */
export const lateAfterMs = 4_000

/** One of each order and person, made when it is first asked for; it outlives the screen. */
export function onePerOrder<Kept>(make: (number: number, by: string) => Kept): (number: number, by?: string) => Kept {
  const made = new Map<string, Kept>()
  return (number, by = signedInAs.value ?? '') => {
    const key = `${number} ${by}`
    const known = made.get(key) ?? make(number, by)
    made.set(key, known)
    return known
  }
}

export const unsent = shallowReactive(new Set<Unsent>())

/** What can go up now. */
function mine(): Unsent[] {
  return sessionLost.value ? [] : [...unsent].filter((each) => !each.held && each.by === signedInAs.value)
}

export async function sendAll(): Promise<void> {
  await Promise.all(mine().map((each) => each.send()))
}

/** What somebody has to know of: it did not go up at once, or it is not for this person to send. */
export const lateOnes = computed(() =>
  [...unsent].filter((each) => each.late || each.held || each.by !== signedInAs.value),
)

/** From the first page of the application on: what did not go up is sent again until it does. */
export function startSending(): void {
  setInterval(() => {
    if (lateOnes.value.some((each) => !each.held)) {
      void sendAll()
    }
  }, againAfterMs)
  addEventListener('online', () => void sendAll())
  addEventListener('offline', () => (awaySince.value ??= new Date()))
  addEventListener('pagehide', () => {
    for (const each of mine()) {
      each.leave()
    }
  })
  addEventListener('pageshow', (event) => {
    // taken out of the browser's store of pages left: what waited here has been taken over meanwhile
    if (event.persisted && unsent.size > 0) {
      location.reload()
    }
  })
}
