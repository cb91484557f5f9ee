import { onBeforeUnmount, onMounted } from 'vue'

function isTyping(target: EventTarget | null): boolean {
  return (
    target instanceof HTMLElement &&
    (target.isContentEditable || ['INPUT', 'TEXTAREA', 'SELECT'].includes(target.tagName))
  )
}

/** Runs an action on a key of the counter, unless somebody is typing text. Function keys always count. */
export function useShortcut(key: string, action: () => void): void {
  function onKey(event: KeyboardEvent): void {
    const free = key.startsWith('F') && key.length > 1 ? true : !isTyping(event.target)
    if (event.key === key && free && !event.ctrlKey && !event.metaKey && !event.altKey) {
      event.preventDefault()
      action()
    }
  }
  onMounted(() => window.addEventListener('keydown', onKey))
  onBeforeUnmount(() => window.removeEventListener('keydown', onKey))
}
