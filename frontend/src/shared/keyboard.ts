import { nextTick, onBeforeUnmount, onMounted, type ObjectDirective } from 'vue'

function isTyping(target: EventTarget | null): boolean {
  return (
    target instanceof HTMLElement &&
    (target.isContentEditable || ['INPUT', 'TEXTAREA', 'SELECT'].includes(target.tagName))
  )
}

/** Runs an action on a key of the counter, also with Caps Lock on, unless somebody is typing text. Function keys always count. */
export function useShortcut(key: string, action: () => void): void {
  function onKey(event: KeyboardEvent): void {
    const free = key.startsWith('F') && key.length > 1 ? true : !isTyping(event.target)
    if (
      event.key.toLowerCase() === key.toLowerCase() &&
      free &&
      !event.shiftKey &&
      !event.ctrlKey &&
      !event.metaKey &&
      !event.altKey
    ) {
      event.preventDefault()
      action()
    }
  }
  onMounted(() => window.addEventListener('keydown', onKey))
  onBeforeUnmount(() => window.removeEventListener('keydown', onKey))
}

/** Lets go of the field that is being typed in, so that what stands in it counts. */
export function commitField(): void {
  const field = document.activeElement
  if (field instanceof HTMLElement && isTyping(field)) {
    field.blur()
  }
}

/** Takes the focus to the first field that something is said to be wrong with: the server's word stands under it. */
export async function focusFirstBad(): Promise<void> {
  await nextTick()
  const note = [...document.querySelectorAll('.field-note')].find((each) => each.checkVisibility())
  const around = note?.closest('.labelled, .field-group, label') ?? note?.parentElement
  around?.querySelector<HTMLElement>('input:not(:disabled), textarea, select')?.focus()
}

/** What is wrong in a field of this screen, or typed there and not confirmed; the field gets the focus. Null: nothing. */
export function firstFlaw(): string | null {
  const field = [...document.querySelectorAll<HTMLInputElement>('main :is(input, textarea):invalid')].find(
    (each) => each.validity.customError && each.checkVisibility(),
  )
  field?.focus()
  return field?.validationMessage ?? null
}

/** Says of a field what is wrong in it, to `firstFlaw` and to those who can't see the words beside it. */
export const vFlaw = (field: HTMLInputElement | HTMLTextAreaElement, { value }: { value: string | null }): void => {
  field.setCustomValidity(value ?? '')
  field.setAttribute('aria-invalid', String(value !== null))
}

/**
 * What stands in a field that counts once it is left: it stays as somebody types it, whatever is drawn anew beside it
 * meanwhile, and gives way only to another value.
 */
export const vTyped: ObjectDirective<HTMLInputElement | HTMLTextAreaElement, string> = {
  beforeMount(field, { value }) {
    field.value = value
  },
  updated(field, { value, oldValue }) {
    if (value !== oldValue || document.activeElement !== field) {
      field.value = value
    }
  },
}
