import { shallowRef } from 'vue'
import type { Router } from 'vue-router'
import { answered, api } from '@/shared/api/client'

/** The address of a screen whose files could not be fetched; null: none. */
export const notOpened = shallowRef<string | null>(null)

export function watchOpening(router: Router): void {
  router.onError((_error, to) => {
    notOpened.value = to.fullPath
    answered(api.GET('/health')).catch(() => null)
  })
  router.afterEach(() => {
    notOpened.value = null
  })
}
