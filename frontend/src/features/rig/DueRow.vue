<script setup lang="ts">
import { computed } from 'vue'
import IntervalBars from '@/drawing/IntervalBars.vue'
import StateMark from '@/drawing/StateMark.vue'
import type { Due } from '@/shared/api/types'
import { dayText } from '@/shared/units'
import { distanceWords, dueWords } from '@/shared/words'
import DueWhy from './DueWhy.vue'

/** One task: where it stands, when it will be due, what was said about it. */
const props = defineProps<{ due: Due; about: string }>()
/** The day that comes first, and the hours: `about 25 Nov 2026 by use, 993.0 h`. */
const when = computed(() => {
  const { dueDate, dueHours, byUse, forecast, interval } = props.due
  const day =
    byUse && forecast !== null ? `by use ${dayText(forecast.likely)}` : dueDate === null ? null : dayText(dueDate)
  const told = [day, dueHours === null ? null : `${dueHours} h`].filter((each) => each !== null)
  return told.length === 0 ? interval : told.join(' · ')
})
</script>

<template>
  <div class="line">
    <strong>{{ due.title }}</strong>
    <span class="state" :class="due.state"
      ><StateMark :state="due.state" /> {{ dueWords(due) }} <span class="muted">{{ distanceWords(due) }}</span></span
    >
    <IntervalBars :due="due" :width="92" />
    <span class="muted small">
      {{ when }}
      <DueWhy :due="due" :about="about" />
    </span>
    <span v-if="due.severe" class="small wide said"
      ><StateMark :state="due.severe.state" /> {{ due.severe.why }} Only proposed.</span
    >
    <span v-if="due.declined" class="small wide said"
      >Declined on {{ dayText(due.declined.on) }}{{ due.declined.note ? `: “${due.declined.note}”` : '' }}</span
    >
  </div>
</template>

<style scoped>
.line {
  display: grid;
  grid-template-columns: 1fr auto;
  gap: 1px 10px;
  align-items: center;
  padding: 5px 0;
  border-bottom: 1px solid var(--line);
}

.state {
  text-align: right;
  white-space: nowrap;
}

.line > .small {
  text-align: right;
  white-space: nowrap;
}

.line > .wide {
  grid-column: 1 / -1;
  text-align: left;
  white-space: normal;
}

.said {
  color: var(--brass);
}

.soon,
.no_record {
  color: var(--brass);
  font-weight: 600;
}

.state.due,
.overdue {
  color: var(--red);
  font-weight: 600;
}

.state .muted {
  font-weight: 400;
}
</style>
