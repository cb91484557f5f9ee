import { ref, watch, type Ref } from 'vue'
import { plainCopy } from './copy'

/** Something of a screen that Back finds again: it is kept with the entry of the browser's history, and nowhere else. */
export function useRemembered<T>(name: string, initial: T): Ref<T> {
  const state = (history.state ?? {}) as Record<string, unknown>
  const value = ref(name in state ? state[name] : initial) as Ref<T>
  watch(
    value,
    (now) => {
      history.replaceState({ ...(history.state as object | null), [name]: plainCopy(now) }, '')
    },
    { deep: true },
  )
  return value
}
