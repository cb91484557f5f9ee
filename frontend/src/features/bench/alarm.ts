import { ref, watch, type Ref } from 'vue'
import { useKept } from '@/shared/kept'

const BEEPS = 3
const EVERY_S = 0.35
const LONG_S = 0.2
const PITCH_HZ = 880
/** Nobody has come: it sounds again. */
const AGAIN_MS = 60_000

interface Ending {
  key: string
  /** Seconds. */
  left: number
}

/**
 * Sounds when a time that was waited for is over, and once a minute after that until it is heard. A time that was over
 * when the page opened has sounded elsewhere, or nobody was there: it is shown and does not sound.
 *
 * @param over told once for each
 */
export function useAlarm(timers: Ref<Ending[]>, over: () => void) {
  const { kept: muted } = useKept<boolean>('bench.quiet')
  const waitedFor = new Set<string>()
  const ringing = ref<string[]>([])
  let sounded = 0

  function sound(): void {
    sounded = Date.now()
    if (muted.value !== true) {
      beep()
    }
  }
  watch(
    timers,
    (now) => {
      const ended = now.filter((timer) => timer.left <= 0 && waitedFor.has(timer.key)).map((timer) => timer.key)
      for (const timer of now) {
        if (timer.left > 0) {
          waitedFor.add(timer.key)
        }
      }
      const isNew = ended.some((key) => !ringing.value.includes(key))
      ringing.value = ended
      if (isNew) {
        over()
      }
      if (isNew || (ended.length > 0 && Date.now() - sounded >= AGAIN_MS)) {
        sound()
      }
    },
    { immediate: true },
  )
  return {
    muted,
    ringing,
    /** Somebody has heard it. */
    heard: (key: string): void => {
      waitedFor.delete(key)
      ringing.value = ringing.value.filter((each) => each !== key)
    },
  }
}

/** Three short tones, made here: a page without a line sounds as well. */
function beep(): void {
  try {
    const audio = new AudioContext()
    for (let at = 0; at < BEEPS; at += 1) {
      const tone = audio.createOscillator()
      tone.frequency.value = PITCH_HZ
      tone.connect(audio.destination)
      tone.start(audio.currentTime + at * EVERY_S)
      tone.stop(audio.currentTime + at * EVERY_S + LONG_S)
    }
    setTimeout(() => void audio.close(), 1000 * (BEEPS * EVERY_S + LONG_S))
  } catch {
    // a device without sound shows it all the same
  }
}
