import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { computed, onBeforeUnmount, ref, watch } from 'vue'
import { answered, api, asProblem } from '@/shared/api/client'
import { keys } from '@/shared/api/keys'
import { documentOfToday } from '@/shared/ofToday'
import { useOrderInstead } from '@/shared/orderInstead'
import { useSession } from '@/shared/session'
import { freshName } from '@/shared/unsent/pages'
import { scansOf } from './scans'

/** What became of a number that was held against the order. */
export interface Told {
  press: string
  number: string
  /** Null while it is on its way. */
  fits: boolean | null
  message: string
}

/** The cart of an issued order, and the way to hold a part's number against it. */
export function useCart(number: number) {
  const queries = useQueryClient()
  const scans = scansOf(number)
  const { personOf } = useSession()
  const { data, error, failureReason, dataUpdatedAt, isPending } = useQuery({
    queryKey: keys.cart(number),
    queryFn: ({ signal }) =>
      documentOfToday(answered(api.GET('/api/orders/{number}/cart', { params: { path: { number } }, signal }))),
    refetchInterval: 20_000,
  })
  useOrderInstead(
    number,
    () => error.value,
    () => data.value?.order.status,
  )
  watch(
    () => scans.answer,
    (cart) => {
      if (cart !== null) {
        queries.setQueryData(keys.cart(number), cart)
      }
    },
  )
  onBeforeUnmount(() => scans.unattended())

  /** The newest first; what does not fit stays until somebody has read it. */
  const told = ref<Told[]>([])
  function tell(press: string, fits: boolean, message: string): void {
    told.value = told.value.map((each) => (each.press === press ? { ...each, fits, message } : each))
  }
  async function hold(part: string, engine: string | null): Promise<void> {
    const press = freshName()
    const open = told.value.filter((each) => each.fits !== true)
    told.value = [{ press, number: part, fits: null, message: '' }, ...open]
    try {
      await queries.cancelQueries({ queryKey: keys.cart(number) })
      const { answer } = await scans.enter({ number: part, engine, press })
      tell(press, answer?.state === 'fits', answer?.message ?? '')
    } catch (refused) {
      tell(press, false, asProblem(refused)?.message ?? 'It could not be held against the order.')
    }
  }
  function read(press: string): void {
    told.value = told.value.filter((each) => each.press !== press)
  }
  const confirmed = computed(() => new Map((data.value?.confirmed ?? []).map((each) => [key(each), each])))
  const asked = computed(() =>
    (data.value?.document.parts ?? []).flatMap((part) =>
      part.positions.map((engine) => ({ number: part.number, engine })),
    ),
  )

  return {
    cart: data,
    error: computed(() => error.value ?? failureReason.value),
    at: dataUpdatedAt,
    isPending,
    scans,
    told,
    hold,
    read,
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
