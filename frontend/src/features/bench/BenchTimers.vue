<script setup lang="ts">
import { useQueryClient } from '@tanstack/vue-query'
import { computed } from 'vue'
import { keys } from '@/shared/api/keys'
import type { Bench } from '@/shared/api/types'
import { useNow } from '@/shared/now'
import { whoseText } from '@/shared/times'
import { clockText, countdownText } from '@/shared/units'
import { useShop } from '@/shared/session'
import { useAlarm } from './alarm'
import { runningTimers } from './timers'
import type { BenchStep } from './useBench'

/** Timers never hide; beside them, where in the order we are. */
const props = defineProps<{
  bench: Bench
  at: number
  /** How many steps are shown. */
  many: number
  count: number
  current: BenchStep | null
  steps: BenchStep[]
  /** By how much the order's own time is ahead, in milliseconds. */
  ahead: number
  /** A demo may let the time pass. */
  demo: boolean
  /** The last entry is one's own and not a minute old. */
  mayTakeBack: boolean
}>()
const emit = defineEmits<{ pass: [minutes: number]; takeBack: []; goTo: [stepId: string] }>()
const whose = computed(() => whoseText(props.bench.document.timeline, props.current?.operation.id ?? ''))
const { timeZone } = useShop()
const clock = (at: number): string => clockText(new Date(at).toISOString(), timeZone.value)
const shopNow = useNow()
const now = computed(() => shopNow.value + props.ahead)
/** Until the next of them is over, in whole minutes; nothing where none runs. */
const toPass = computed(() => {
  // what is less than a second away is there before a finger is
  const left = timers.value.map((timer) => timer.left).filter((seconds) => seconds > 1)
  return left.length > 0 ? Math.ceil(Math.min(...left) / 60) : 0
})
const timers = computed(() =>
  runningTimers(props.bench).map((timer) => ({
    ...timer,
    left: Math.ceil((timer.endsAt - now.value) / 1000),
    share: Math.min(1, Math.max(0, (now.value - timer.startedAt) / (timer.endsAt - timer.startedAt))),
  })),
)
const queries = useQueryClient()
const { muted, ringing, heard } = useAlarm(timers, () => {
  // what waited for it may be done now: the server says so
  void queries.invalidateQueries({ queryKey: keys.bench(props.bench.order.number) })
})

/** To what was waited for: what is open of that operation, or the next that may be done at that engine. */
function goTo(key: string, work: string, position: string): void {
  heard(key)
  const open = props.steps.filter((each) => !each.done && each.answer === null)
  const next =
    open.find((each) => each.operation.id === work) ??
    open.find((each) => each.operation.position === position && each.notYet === null) ??
    open.find((each) => each.operation.position === position)
  if (next !== undefined) {
    emit('goTo', next.step.id)
  }
}
</script>

<template>
  <div class="strip">
    <div
      v-for="timer in timers"
      :key="timer.key"
      class="timer"
      :class="{ over: timer.left <= 0, ringing: ringing.includes(timer.key) }"
      role="timer"
      :aria-label="timer.text"
    >
      <span>{{ timer.text }}</span>
      <span v-if="timer.left > 0" class="bar"><span :style="{ width: `${timer.share * 100}%` }" /></span>
      <strong>{{ timer.left > 0 ? countdownText(timer.left) : `over since ${clock(timer.endsAt)}` }}</strong>
      <button
        v-if="timer.left <= 0"
        type="button"
        class="mini there"
        :aria-label="`Go there: ${timer.text}`"
        @click="goTo(timer.key, timer.work, timer.position)"
      >
        Go there
      </button>
    </div>
    <button
      v-if="timers.length > 0"
      type="button"
      class="mini quiet"
      :aria-pressed="muted !== true"
      @click="muted = muted !== true"
    >
      {{ muted ? 'Sound off' : 'Sound on' }}
    </button>
    <span class="visually-hidden" aria-live="assertive">{{
      timers
        .filter((timer) => ringing.includes(timer.key))
        .map((timer) => `${timer.text}: the time is over.`)
        .join(' ')
    }}</span>
    <button v-if="demo && toPass > 0" type="button" class="mini" @click="emit('pass', toPass)">
      Demo: let {{ toPass }} min pass
    </button>
    <button v-if="mayTakeBack" type="button" class="mini take-back" @click="emit('takeBack')">
      Take back what I entered last
    </button>
    <span v-if="mayTakeBack && timers.length < 2" class="last">{{ bench.entries.at(-1)?.text }}</span>
    <span class="at"
      >{{ many > 1 ? 'steps' : 'step' }}
      <strong>{{ Math.min(at + 1, count) }}{{ many > 1 ? `–${at + many}` : '' }}</strong> of {{ count
      }}{{ current ? ` · ${current.operation.title}` : '' }}{{ whose === '' ? '' : ` · ${whose}` }}</span
    >
  </div>
</template>

<style scoped>
.strip {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 10px;
  align-items: center;
  padding: 8px 20px;
  min-height: 58px;
  border-bottom: 1px solid var(--line);
}

.timer {
  display: flex;
  gap: 12px;
  align-items: center;
  background: var(--panel);
  border: 1px solid var(--line);
  border-radius: 3px;
  padding: 0 12px;
  min-height: 44px;
}

.timer.ringing {
  outline: 3px solid var(--brass);
}

.timer.over {
  border-color: var(--green);
  background: var(--green-tint);
}

.bar {
  width: 56px;
  height: 9px;
  background: var(--bar);
}

.bar span {
  display: block;
  height: 100%;
  background: var(--bar-fill);
}

.at {
  margin-left: auto;
}

.there,
.quiet,
.take-back {
  min-height: 44px;
}

.last {
  color: var(--muted);
  max-width: 240px;
  white-space: nowrap;
  overflow: hidden;
  text-overflow: ellipsis;
}
</style>
