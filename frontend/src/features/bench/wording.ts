import { computed, type ComputedRef } from 'vue'
import { useKept } from '@/shared/kept'
import { useSession } from '@/shared/session'

export const wordings = {
  short: 'what to do, its figures and warnings',
  full: 'with the checks and the usual slips',
  trainee: 'and why it is done',
} as const
export type Wording = keyof typeof wordings

/** How much of each step somebody wants to read, kept for each person in this browser. Figures and warnings always stand. */
export function useWording(): { wording: ComputedRef<Wording>; choose: (wording: Wording) => void } {
  const { account } = useSession()
  const { kept } = useKept<Wording>(() => `wording.${account.value?.username ?? ''}`)
  return {
    wording: computed(() => (kept.value !== null && kept.value in wordings ? kept.value : 'full')),
    choose: (wording) => (kept.value = wording),
  }
}
