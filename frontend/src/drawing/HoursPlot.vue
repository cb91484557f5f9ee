<script setup lang="ts">
import { computed } from 'vue'
import { dayText } from '@/shared/units'

/** The readings of the meter over time. */
const props = defineProps<{ readings: { on: string; hours: string }[] }>()

const points = computed(() => {
  const times = props.readings.map((reading) => Date.parse(reading.on))
  const hours = props.readings.map((reading) => Number(reading.hours))
  const [first, last] = [Math.min(...times), Math.max(...times)]
  const most = Math.max(...hours, 1)
  return props.readings.map((reading, index) => ({
    ...reading,
    x: 50 + (last === first ? 0.5 : ((times[index] ?? first) - first) / (last - first)) * 770,
    y: 130 - ((hours[index] ?? 0) / most) * 96,
  }))
})
/** Figures only where they don't run into the next point's; the newest always has one. */
const told = computed(() =>
  points.value.filter((point, index) => (points.value[index + 1]?.x ?? Infinity) - point.x > 90),
)
const line = computed(() => points.value.map((point) => `${point.x.toFixed(1)},${point.y.toFixed(1)}`).join(' '))
</script>

<template>
  <p v-if="readings.length === 0" class="muted">No readings: an engine without a meter goes by date.</p>
  <svg
    v-else
    viewBox="0 0 880 160"
    class="plot"
    role="img"
    :aria-label="`${readings.length} readings of the hour meter`"
  >
    <path d="M20 131h840" stroke="var(--line)" />
    <polyline :points="line" fill="none" stroke="var(--green)" stroke-width="2" />
    <circle
      v-for="point in points"
      :key="`${point.on}${point.hours}`"
      :cx="point.x"
      :cy="point.y"
      r="4"
      fill="var(--green)"
    />
    <g v-for="point in told" :key="point.on" text-anchor="middle" fill="var(--ink)">
      <text :x="point.x" :y="point.y - 9" font-size="13" font-weight="700">{{ point.hours }} h</text>
      <text :x="point.x" y="148" font-size="12">{{ dayText(point.on) }}</text>
    </g>
  </svg>
</template>

<style scoped>
.plot {
  width: 100%;
  max-width: 880px;
}
</style>
