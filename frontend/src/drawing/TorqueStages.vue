<script setup lang="ts">
import { computed } from 'vue'

/** All fasteners to the first torque, then all to the next: as stairs. */
const props = defineProps<{ stages: string[]; unit: string }>()
const steps = computed(() => {
  const width = 240 / props.stages.length
  return props.stages.map((text, index) => ({
    text,
    number: index + 1,
    x: 10 + index * width,
    y: 110 - ((index + 1) / props.stages.length) * 78,
    width,
  }))
})
const path = computed(
  () => 'M10 110' + steps.value.map((step) => `V${step.y}H${step.x + step.width}`).join('') + 'V110Z',
)
</script>

<template>
  <svg
    viewBox="0 0 260 134"
    class="stages"
    role="img"
    :aria-label="`In ${stages.length} stages: ${stages.join(', then ')} ${unit}, every fastener before the next stage`"
  >
    <path :d="path" fill="var(--bar)" stroke="var(--green)" stroke-width="3" />
    <g v-for="step in steps" :key="step.number" text-anchor="middle">
      <text :x="step.x + step.width / 2" :y="step.y - 7" font-size="20" font-weight="700">{{ step.text }}</text>
      <text :x="step.x + step.width / 2" y="129" font-size="14" fill="var(--muted)">{{ step.number }}.</text>
    </g>
  </svg>
</template>

<style scoped>
.stages {
  width: 100%;
  max-width: 260px;
}
</style>
