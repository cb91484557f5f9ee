import { shallowRef } from 'vue'

/** Who is signed in on this page; null: nobody. */
export const signedInAs = shallowRef<string | null>(null)

/** The page has to be signed in to again: the session ended, or somebody else has signed in in this browser. */
export const sessionLost = shallowRef<'ended' | 'other' | null>(null)

let signIns = 0

/** How often somebody has signed in on this page: what was asked before says nothing of the session that is now. */
export const session = (): number => signIns

export function sessionBegins(): void {
  signIns += 1
  sessionLost.value = null
}
