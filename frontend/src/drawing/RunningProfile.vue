<script setup lang="ts">
import { computed } from 'vue'

/** Share of the time per band of speed, slow at the left. */
const props = defineProps<{ bands: { from: number; to: number; percent: number }[] }>()
const most = computed(() => Math.max(1, ...props.bands.map((band) => band.percent)))
const width = computed(() => 480 / Math.max(1, props.bands.length))
const spoken = computed(() =>
  props.bands.map((band) => `${band.percent} % from ${band.from} to ${band.to} a minute`).join(', '),
)
</script>

<template>
  <p v-if="bands.length === 0" class="muted">No running profile was told.</p>
  <svg v-else viewBox="0 0 480 120" class="profile" role="img" :aria-label="`Time by speed: ${spoken}`">
    <g v-for="(band, index) in bands" :key="band.from" text-anchor="middle">
      <rect
        :x="index * width + 4"
        :y="88 - (band.percent / most) * 66"
        :width="width - 8"
        :height="(band.percent / most) * 66"
        :fill="band.to <= 1000 ? 'var(--brass-fill)' : 'var(--bar-fill)'"
      />
      <text :x="(index + 0.5) * width" :y="82 - (band.percent / most) * 66" font-weight="700">
        {{ band.percent }} %
      </text>
      <text :x="(index + 0.5) * width" y="103">{{ band.from }}–{{ band.to }}</text>
    </g>
    <text x="480" y="118" text-anchor="end" class="unit">revolutions a minute</text>
  </svg>
</template>

<style scoped>
.profile {
  width: 100%;
  max-width: 520px;
}

text {
  font-size: 12px;
  fill: var(--ink);
}

.unit {
  font-size: 11px;
  fill: var(--muted);
}
</style>
