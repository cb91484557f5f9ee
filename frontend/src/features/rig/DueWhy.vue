<script setup lang="ts">
import type { Due } from '@/shared/api/types'
import WhyButton from '@/shared/ui/WhyButton.vue'
import { dayText } from '@/shared/units'

/** Why a task stands where it does: interval, last time, days and hours. */
defineProps<{ due: Due; about: string }>()
</script>

<template>
  <WhyButton :about="`${due.title}, ${about}`" :text="due.why">
    <p class="muted small">{{ due.interval }}</p>
    <p v-if="due.last" class="muted small">
      Last on {{ dayText(due.last.on) }}{{ due.last.hours === null ? '' : `, ${due.last.hours} h` }}.
    </p>
    <p v-if="due.dueDate" class="muted small">By date on {{ dayText(due.dueDate) }}.</p>
    <p v-if="due.forecast" class="muted small">With the usual use it reaches its hours {{ due.forecast.text }}.</p>
  </WhyButton>
</template>
