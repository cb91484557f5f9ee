<script setup lang="ts">
import IntervalBars from '@/drawing/IntervalBars.vue'
import StateMark from '@/drawing/StateMark.vue'
import type { Due } from '@/shared/api/types'
import { dayText } from '@/shared/units'
import { distanceWords, dueWords, lackWords } from '@/shared/words'
import DueWhy from './DueWhy.vue'

/** One task at one engine. */
defineProps<{ task: Due['task']; due: Due | undefined; about: string; known: boolean }>()
</script>

<template>
  <span v-if="!due" class="muted small">{{ known ? lackWords(task) : '' }}</span>
  <div v-else class="stand">
    <IntervalBars :due="due" :width="44" />
    <span>
      <span :class="due.state"><StateMark :state="due.state" /> {{ dueWords(due) }}</span
      ><br />
      <span class="muted small">{{ distanceWords(due) }} <DueWhy :due="due" :about="about" /></span>
    </span>
    <span v-if="due.listedIn" class="muted small">part of a longer task that is called for</span>
    <span v-if="due.severe" class="small said" :title="due.severe.why"
      >▲ hard use: {{ due.severe.every }} proposed</span
    >
    <span v-if="due.declined" class="small said">
      Declined on {{ dayText(due.declined.on) }}{{ due.declined.note ? `: “${due.declined.note}”` : '' }}
    </span>
  </div>
</template>

<style scoped>
.stand {
  display: grid;
  grid-template-columns: auto 1fr;
  gap: 1px 8px;
  align-items: center;
  line-height: 1.25;
}

.stand > .small {
  grid-column: 1 / -1;
}

.said {
  color: var(--brass);
}

.soon,
.no_record {
  color: var(--brass);
  font-weight: 600;
}

.due,
.overdue {
  color: var(--red);
  font-weight: 600;
}
</style>
