<script setup lang="ts">
import { computed } from 'vue'
import type { Due } from '@/shared/api/types'

/** Two thin bars: hours over calendar, the limit at the mark. A limb that does not count here is left open. */
const props = withDefaults(defineProps<{ due: Due; width?: number }>(), { width: 84 })

const longest = 1.25
const bars = computed(() => [
  { name: 'hours', share: props.due.hoursShare, y: 1 },
  { name: 'calendar', share: props.due.calendarShare, y: 11 },
])
const scale = computed(() => props.width / longest)

function colour(name: string, share: number): string {
  if (share >= 1) {
    return 'var(--red)'
  }
  return props.due.by === name ? 'var(--brass-fill)' : 'var(--bar-fill)'
}
</script>

<template>
  <svg :viewBox="`0 0 ${width} 20`" :width="width" height="20" class="bars" aria-hidden="true">
    <g v-for="bar in bars" :key="bar.name">
      <rect x="0" :y="bar.y" :width="width" height="7" fill="var(--bar)" :class="{ open: bar.share === null }" />
      <rect
        v-if="bar.share !== null"
        x="0"
        :y="bar.y"
        :width="Math.min(bar.share, longest) * scale"
        height="7"
        :fill="colour(bar.name, bar.share)"
      />
    </g>
    <rect :x="scale - 1" y="0" width="2" height="19" fill="var(--ink)" />
  </svg>
</template>

<style scoped>
.bars {
  flex: none;
}

.open {
  opacity: 0.45;
}
</style>
