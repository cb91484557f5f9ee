import { computed } from 'vue'
import { useKept } from '@/shared/kept'

const usual = 320
const least = 140
/** What the rest of the page needs: the rig above, the order below. */
const others = 430

/** How high the grid may be before the order below it begins, in pixels; kept on this machine. */
export function useSplit() {
  const { kept } = useKept<number>('builder.grid-height')
  const most = Math.max(usual, window.innerHeight - others)
  const height = computed({
    get: () => Math.min(most, Math.max(least, kept.value ?? usual)),
    set: (pixels: number) => (kept.value = pixels),
  })
  return { height, least, most }
}
