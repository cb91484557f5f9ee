import { nextTick } from 'vue'
import type { Router } from 'vue-router'

const KEPT = 'scrolled'
const settledMs = 2_000

function place(): HTMLElement | null {
  return document.querySelector('main.content')
}

/** Scrolls to where the page was left, once it is long enough again. */
async function scrollBack(top: number): Promise<void> {
  await nextTick()
  const until = performance.now() + settledMs
  const path = location.href
  const again = (): void => {
    const content = place()
    if (content === null || location.href !== path || performance.now() > until) {
      return
    }
    content.scrollTop = top
    if (Math.abs(content.scrollTop - top) > 1) {
      requestAnimationFrame(again)
    }
  }
  again()
}

/** Back finds the page scrolled as it was left. */
export function rememberScrolling(router: Router): void {
  router.beforeEach((_to, from) => {
    const top = place()?.scrollTop ?? 0
    if (
      from.matched.length > 0 &&
      history.state !== null &&
      (history.state as { current?: string }).current === from.fullPath
    ) {
      history.replaceState({ ...(history.state as object), [KEPT]: top }, '')
    }
  })
  router.afterEach((to, from) => {
    if (to.path !== from.path) {
      const top = (history.state as Record<string, unknown> | null)?.[KEPT]
      void scrollBack(typeof top === 'number' ? top : 0)
    }
  })
}
