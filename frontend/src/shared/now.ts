import { onBeforeUnmount, ref } from 'vue'

/** The present, in milliseconds, once a second. */
export function useNow() {
  const now = ref(Date.now())
  const timer = setInterval(() => (now.value = Date.now()), 1000)
  onBeforeUnmount(() => clearInterval(timer))
  return now
}
