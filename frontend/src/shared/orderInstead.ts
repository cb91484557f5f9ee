import { watch } from 'vue'
import { useRouter } from 'vue-router'
import { asProblem } from './api/client'
import type { OrderFile } from './api/types'

/** What is only there of an order that is carried out leads to the order itself, as long or as soon as it is not. */
export function useOrderInstead(
  number: number,
  error: () => unknown,
  status: () => OrderFile['status'] | undefined,
): void {
  const router = useRouter()
  watch(
    () => asProblem(error())?.key === 'conflict.not_issued' || ['discarded', 'cancelled'].includes(status() ?? ''),
    (instead) => {
      if (instead) {
        void router.replace(`/orders/${number}`)
      }
    },
    { immediate: true },
  )
}
