import { useMutation, useQuery, useQueryClient } from '@tanstack/vue-query'
import { computed } from 'vue'
import { answered, api } from './api/client'
import { keys } from './api/keys'
import type { Account } from './api/types'
import { sessionBegins } from './signedIn'
import { sendAll } from './unsent/store'

/** Who is signed in, and what their role may do. */
export function useSession() {
  const { data, isPending } = useQuery({
    queryKey: keys.session,
    queryFn: () => answered(api.GET('/api/session')),
    staleTime: Infinity,
  })
  const account = computed<Account | null>(() => data.value?.account ?? null)
  const role = computed(() => account.value?.role ?? null)

  return {
    account,
    isPending,
    people: computed(() => data.value?.people ?? []),
    /** How people call the owner of an account; the account's own name where nobody has it any more. */
    personOf: (username: string) => data.value?.people.find((person) => person.username === username)?.name ?? username,
    mayWrite: computed(() => role.value === 'writer' || role.value === 'manager'),
    mayRelease: computed(() => role.value === 'technician' || role.value === 'manager'),
    mayWorkAtBench: computed(() => role.value !== 'parts' && role.value !== null),
    /** Lifts stops, and lets an engine go that is not fit to run. */
    mayLead: computed(() => account.value?.lead ?? false),
    mayManage: computed(() => role.value === 'manager'),
  }
}

export function useShop() {
  const { data } = useQuery({
    queryKey: keys.shop,
    queryFn: () => answered(api.GET('/api/shop')),
    staleTime: Infinity,
  })
  return {
    shop: data,
    timeZone: computed(() => data.value?.timeZone ?? 'UTC'),
    /** What a print is offered on: the shop's own paper first. */
    papers: computed(() =>
      data.value?.paper === 'letter' ? (['letter', 'a4'] as const) : (['a4', 'letter'] as const),
    ),
  }
}

/** Somebody else is there now: whoever it is, is known before anything goes on. */
function useBegun() {
  const queries = useQueryClient()
  return async (): Promise<void> => {
    queries.setQueryData(keys.session, await answered(api.GET('/api/session')))
    sessionBegins()
    await queries.invalidateQueries({ predicate: (query) => query.queryKey[0] !== 'session' })
  }
}

export function useSignIn() {
  return useMutation({
    mutationFn: (login: { username: string; password: string }) => answered(api.POST('/api/sign-in', { body: login })),
    onSuccess: useBegun(),
  })
}

/** The tablet changes hands: what is not sent goes up first, in the name of whoever did it. */
export function useHandOver() {
  return useMutation({
    mutationFn: async (to: { username: string; pin: string }) => {
      await sendAll()
      return answered(api.POST('/api/session/hands', { body: to }))
    },
    onSuccess: useBegun(),
  })
}

export function usePin() {
  const queries = useQueryClient()
  return useMutation({
    mutationFn: (body: { password: string; pin: string | null }) => answered(api.PUT('/api/session/pin', { body })),
    onSuccess: () => queries.invalidateQueries({ queryKey: keys.session }),
  })
}

/** Every session of the old one ends, this one too: it is begun anew with the new one. */
export function useOwnPassword() {
  const begun = useBegun()
  return useMutation({
    mutationFn: async ({ username, ...body }: { username: string; password: string; newPassword: string }) => {
      await answered(api.PUT('/api/session/password', { body }))
      return answered(api.POST('/api/sign-in', { body: { username, password: body.newPassword } }))
    },
    onSuccess: begun,
  })
}

export function useSignOut() {
  const queries = useQueryClient()
  return useMutation({
    mutationFn: async () => {
      await sendAll()
      return answered(api.DELETE('/api/session'))
    },
    onSuccess: () => {
      queries.clear()
      queries.setQueryData(keys.session, { account: null, people: [] })
    },
  })
}
