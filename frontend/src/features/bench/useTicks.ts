import { computed, onBeforeUnmount, onMounted, reactive, ref } from 'vue'
import type { Bench, NewEntry } from '@/shared/api/types'

/**
 * Ticks go up one after the other while the hands are at the next step already. One that is refused drops those behind
 * it, and is shown with the reason. What waits when the page is left goes up at once; sent twice, it counts once.
 */
export function useTicks(send: (entries: NewEntry[]) => Promise<Bench>) {
  const waiting = reactive(new Map<string, NewEntry>())
  const refused = ref<{ stepId: string; error: unknown } | null>(null)
  let last: Promise<unknown> = Promise.resolve()

  async function take(entry: NewEntry): Promise<void> {
    try {
      // dropped while it waited
      if (waiting.has(entry.stepId)) {
        await send([entry])
      }
    } catch (error) {
      refused.value = { stepId: entry.stepId, error }
      waiting.clear()
    }
    waiting.delete(entry.stepId)
  }

  function tick(entry: NewEntry): void {
    refused.value = null
    waiting.set(entry.stepId, entry)
    last = last.then(() => take(entry))
  }

  function sendAll(): void {
    if (waiting.size > 0) {
      send([...waiting.values()]).catch(() => null)
    }
  }
  onMounted(() => {
    addEventListener('pagehide', sendAll)
  })
  onBeforeUnmount(() => {
    removeEventListener('pagehide', sendAll)
  })

  return {
    tick,
    /** Steps that are ticked here, and of which the server does not know yet. */
    waiting,
    refused,
    isSending: computed(() => waiting.size > 0),
    /** Resolves once all that were ticked before are answered. */
    answered: async (): Promise<void> => {
      await last
    },
  }
}
