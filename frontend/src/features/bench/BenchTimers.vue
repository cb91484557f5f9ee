<script setup lang="ts">
import { computed } from 'vue'
import type { Bench } from '@/shared/api/types'
import { useNow } from '@/shared/now'
import { whoseText } from '@/shared/times'
import { countdownText } from '@/shared/units'
import { runningTimers } from './timers'
import type { BenchStep } from './useBench'

/** Timers never hide; beside them, where in the order we are. */
const props = defineProps<{ bench: Bench; at: number; count: number; current: BenchStep | null }>()
const whose = computed(() => whoseText(props.bench.document.timeline, props.current?.operation.id ?? ''))
const now = useNow()
const timers = computed(() =>
  runningTimers(props.bench).map((timer) => ({
    ...timer,
    left: Math.ceil((timer.endsAt - now.value) / 1000),
    share: Math.min(1, Math.max(0, (now.value - timer.startedAt) / (timer.endsAt - timer.startedAt))),
  })),
)
</script>

<template>
  <div class="strip">
    <div
      v-for="timer in timers"
      :key="timer.key"
      class="timer"
      :class="{ over: timer.left <= 0 }"
      role="timer"
      :aria-label="timer.text"
    >
      <span>{{ timer.text }}</span>
      <span class="bar"><span :style="{ width: `${timer.share * 100}%` }" /></span>
      <strong>{{ timer.left > 0 ? countdownText(timer.left) : 'done' }}</strong>
    </div>
    <span class="at"
      >step <strong>{{ Math.min(at + 1, count) }}</strong> of {{ count
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
  padding: 7px 12px;
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
</style>
