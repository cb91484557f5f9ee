import { onBeforeUnmount, ref } from 'vue'
import { shopTime } from './api/client'

/** The present of the shop in milliseconds, once a second; the device's own clock may be wrong. */
export function useNow() {
  const now = ref(shopTime())
  const timer = setInterval(() => (now.value = shopTime()), 1000)
  onBeforeUnmount(() => clearInterval(timer))
  return now
}
