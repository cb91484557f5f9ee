import { useMutation, useQuery, useQueryClient } from '@tanstack/vue-query'
import { computed, toValue, type MaybeRefOrGetter } from 'vue'
import { answered, api } from '@/shared/api/client'
import { keys } from '@/shared/api/keys'
import { useSession } from '@/shared/session'

/** The cart of an issued order, and the way to hold a part's number against it. */
export function useCart(number: MaybeRefOrGetter<number>) {
  const queries = useQueryClient()
  const { personOf } = useSession()
  const { data, error, isPending } = useQuery({
    queryKey: computed(() => keys.cart(toValue(number))),
    queryFn: ({ signal }) =>
      answered(api.GET('/api/orders/{number}/cart', { params: { path: { number: toValue(number) } }, signal })),
    refetchInterval: 20_000,
  })
  const confirm = useMutation({
    mutationFn: (held: { number: string; engine: string | null }) =>
      answered(
        api.POST('/api/orders/{number}/cart', { params: { path: { number: toValue(number) } }, body: { ...held } }),
      ),
    onSuccess: (cart) => queries.setQueryData(keys.cart(toValue(number)), cart),
  })
  const confirmed = computed(() => new Map((data.value?.confirmed ?? []).map((each) => [key(each), each])))
  const asked = computed(() =>
    (data.value?.document.parts ?? []).flatMap((part) =>
      part.positions.map((engine) => ({ number: part.number, engine })),
    ),
  )

  return {
    cart: data,
    error,
    isPending,
    confirm,
    /** Who confirmed a number for an engine, if anybody did. */
    confirmedBy: (part: string, engine: string) => {
      const by = confirmed.value.get(key({ number: part, engine }))?.by
      return by === undefined ? null : personOf(by)
    },
    asked: computed(() => asked.value.length),
    held: computed(() => asked.value.filter((each) => confirmed.value.has(key(each))).length),
  }
}

function key(each: { number: string; engine: string }): string {
  return `${each.number}|${each.engine}`
}
