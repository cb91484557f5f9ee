<script setup lang="ts">
import IntervalBars from '@/drawing/IntervalBars.vue'
import StateMark from '@/drawing/StateMark.vue'
import type { Engine } from '@/shared/api/types'
import { dayText } from '@/shared/units'
import { distanceWords, dueWords, refusalWords } from '@/shared/words'

defineProps<{ engine: Engine }>()
</script>

<template>
  <section class="panel stack">
    <div class="row spread">
      <h2>{{ engine.label }} · {{ engine.model }} {{ engine.serial }}</h2>
      <RouterLink :to="`/engines/${engine.id}/log`">Log</RouterLink>
    </div>
    <p class="muted small">
      {{ engine.hours === null ? 'no meter' : `${engine.hours} h` }} · in service since {{ dayText(engine.inService) }}
      <template v-if="engine.identification.sheet">
        · sheet {{ engine.identification.sheet.id }} rev. {{ engine.identification.sheet.revision }}</template
      >
    </p>
    <p v-if="engine.identification.refusal" class="band stop">
      <strong>{{ refusalWords[engine.identification.refusal.reason] }}.</strong>
      {{ engine.identification.refusal.message }} {{ engine.identification.refusal.remedy }}
    </p>
    <div v-for="due in engine.dues" :key="due.task" class="row">
      <strong class="task">{{ due.title }}</strong>
      <IntervalBars :due="due" :width="110" />
      <span
        ><StateMark :state="due.state" /> {{ dueWords(due) }} <span class="muted">{{ distanceWords(due) }}</span></span
      >
      <span class="muted small"
        >{{ due.dueDate ? `by ${dayText(due.dueDate)}` : '' }}{{ due.dueHours ? ` or ${due.dueHours} h` : '' }}</span
      >
    </div>
  </section>
</template>

<style scoped>
.stack {
  gap: 8px;
}

.task {
  width: 90px;
}
</style>
