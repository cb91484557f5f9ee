<script setup lang="ts">
import { computed } from 'vue'

/** The order in which the fasteners of a joint are tightened. */
const props = defineProps<{ pattern: 'alternate' | 'cross' | 'spiral' }>()

const places = {
  alternate: [
    [40, 60],
    [180, 160],
    [180, 60],
    [40, 160],
  ],
  cross: [
    [40, 40],
    [180, 180],
    [180, 40],
    [40, 180],
  ],
  spiral: [
    [110, 110],
    [180, 110],
    [110, 182],
    [40, 110],
    [110, 38],
    [182, 40],
    [182, 182],
    [38, 182],
    [38, 40],
  ],
} as const
const words = { alternate: 'from side to side', cross: 'crosswise', spiral: 'from the middle outwards' } as const
const dots = computed(() => places[props.pattern].map(([x, y], index) => ({ x, y, number: index + 1 })))
const line = computed(() => dots.value.map((dot) => `${dot.x},${dot.y}`).join(' '))
</script>

<template>
  <svg viewBox="0 0 220 220" class="pattern" role="img" :aria-label="`Tighten ${words[pattern]}`">
    <polyline :points="line" fill="none" stroke="var(--bar-fill)" stroke-width="3" stroke-dasharray="6 5" />
    <g v-for="dot in dots" :key="dot.number">
      <circle :cx="dot.x" :cy="dot.y" r="20" fill="var(--panel)" stroke="var(--green)" stroke-width="4" />
      <text :x="dot.x" :y="dot.y + 7" text-anchor="middle" font-size="20" font-weight="700">{{ dot.number }}</text>
    </g>
  </svg>
</template>

<style scoped>
.pattern {
  width: 100%;
  max-width: 220px;
}
</style>
