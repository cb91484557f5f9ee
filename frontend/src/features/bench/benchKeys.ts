import { onBeforeUnmount, onMounted, type Ref } from 'vue'

/**
 * A bench by keyboard: Enter checks what is shown, the arrows go back and on, a digit chooses that answer, at the first
 * place that has none yet. What is typed into a field, and Enter on a button, stays what it is.
 */
export function useBenchKeys(
  card: Ref<HTMLElement | null>,
  does: { enter: () => void; back: () => void; next: () => void },
): void {
  function onKey(event: KeyboardEvent): void {
    const target = event.target instanceof Element ? event.target : null
    const isTyped = target?.closest('input, textarea, select, [role="slider"], dialog, .el-dialog') ?? null
    if (isTyped !== null || event.ctrlKey || event.metaKey || event.altKey || event.repeat) {
      return
    }
    if (event.key === 'Enter' && target?.closest('button, a, [role="radio"]') === null) {
      does.enter()
    } else if (event.key === 'ArrowLeft') {
      does.back()
    } else if (event.key === 'ArrowRight') {
      does.next()
    } else if (/^[1-9]$/.test(event.key)) {
      answer(card.value, Number(event.key))
    }
  }
  onMounted(() => window.addEventListener('keydown', onKey))
  onBeforeUnmount(() => window.removeEventListener('keydown', onKey))
}

function answer(card: HTMLElement | null, digit: number): void {
  const places = [...(card?.querySelectorAll<HTMLElement>('.place, .matrix tbody tr') ?? [])]
  const open = places.find((place) => place.querySelector('[aria-pressed="true"]') === null) ?? card
  const buttons = [...(open?.querySelectorAll<HTMLButtonElement>('.answers button, button.cell') ?? [])]
  buttons.filter((button) => !button.disabled)[digit - 1]?.click()
}
