import { ref, toValue, watch, type MaybeRefOrGetter, type Ref } from 'vue'

/**
 * Something typed that outlives a reload, kept in this browser until `forget` is called. What is kept under `key`
 * comes back; nothing kept, or unreadable: `null`.
 */
export function useKept<T>(key: MaybeRefOrGetter<string>): { kept: Ref<T | null>; forget: () => void } {
  const kept = ref(read(toValue(key))) as Ref<T | null>
  watch(
    kept,
    (value) => {
      if (value !== null) {
        localStorage.setItem(toValue(key), JSON.stringify(value))
      }
    },
    { deep: true },
  )
  function forget(): void {
    localStorage.removeItem(toValue(key))
    kept.value = null
  }
  return { kept, forget }
}

/** Drops what was kept under `key`: it is where it belongs. */
export function dropKept(key: string): void {
  localStorage.removeItem(key)
}

function read(key: string): unknown {
  try {
    return JSON.parse(localStorage.getItem(key) ?? 'null') as unknown
  } catch {
    return null
  }
}
