import { useAlarm } from '@/features/bench/alarm'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { effectScope, nextTick, ref } from 'vue'

let tones = 0
class Audio {
  currentTime = 0
  destination = {}
  createOscillator() {
    return { frequency: { value: 0 }, connect: vi.fn(), start: () => (tones += 1), stop: vi.fn() }
  }
  close = () => Promise.resolve()
}

beforeEach(() => {
  tones = 0
  localStorage.clear()
  vi.useFakeTimers()
  vi.stubGlobal('AudioContext', Audio)
})
afterEach(() => {
  vi.useRealTimers()
  vi.unstubAllGlobals()
})

function alarm(left: number) {
  const timers = ref([{ key: 'port.rest', left }])
  const over = vi.fn()
  const rung = effectScope().run(() => useAlarm(timers, over))
  if (rung === undefined) {
    throw new Error('no alarm')
  }
  return {
    ...rung,
    over,
    to: async (seconds: number) => {
      timers.value = [{ key: 'port.rest', left: seconds }]
      await nextTick()
    },
  }
}

describe('a time that was waited for', () => {
  it('sounds once when it is over, and again after a minute until it is heard', async () => {
    const { to, over, heard, ringing } = alarm(1)
    await to(0)
    expect([tones, over.mock.calls.length, ringing.value]).toEqual([3, 1, ['port.rest']])
    await to(-1)
    expect(tones).toBe(3)
    vi.advanceTimersByTime(60_000)
    await to(-61)
    expect([tones, over.mock.calls.length]).toEqual([6, 1])
    heard('port.rest')
    vi.advanceTimersByTime(60_000)
    await to(-121)
    expect([tones, ringing.value]).toEqual([6, []])
  })

  it('does not sound where it was over before the page was there', async () => {
    const { to, over } = alarm(-30)
    await to(-31)
    expect([tones, over.mock.calls.length]).toEqual([0, 0])
  })

  it('is shown and makes no sound where the sound is off', async () => {
    const { to, muted, ringing } = alarm(1)
    muted.value = true
    await to(0)
    expect([tones, ringing.value]).toEqual([0, ['port.rest']])
  })
})
