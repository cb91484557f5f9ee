<script setup lang="ts">
import { computed } from 'vue'

/** A dipstick lying on its side, low mark left, top mark right, with the target band and a reading where they are known. */
const props = withDefaults(
  defineProps<{ low?: number | null; high?: number | null; reading: number | null; settled?: boolean }>(),
  {
    low: null,
    high: null,
    settled: true,
  },
)
const emit = defineEmits<{ pick: [reading: number] }>()

const left = 90
const span = 240
const at = (fraction: number): number => left + Math.max(-0.35, Math.min(1.35, fraction)) * span
const words = computed(() =>
  props.reading === null ? 'Dipstick, no reading yet' : `Dipstick reading ${props.reading.toFixed(2)} of the span`,
)
const band = computed(() => (props.low === null || props.high === null ? null : { low: props.low, high: props.high }))

function pick(event: MouseEvent): void {
  const box = (event.currentTarget as SVGElement).getBoundingClientRect()
  const x = ((event.clientX - box.left) / box.width) * 420
  emit('pick', Math.round(((x - left) / span) * 20) / 20)
}
</script>

<template>
  <svg viewBox="0 0 420 130" class="dipstick" role="img" :aria-label="words" @click="pick">
    <rect x="4" y="52" width="412" height="26" rx="13" fill="#E9E4D6" stroke="#9A937F" />
    <rect
      v-if="band"
      :x="at(band.low)"
      y="46"
      :width="at(band.high) - at(band.low)"
      height="38"
      fill="#BFDACF"
      stroke="var(--green)"
      stroke-width="2"
    />
    <g stroke="var(--ink)" stroke-width="3">
      <path :d="`M${at(0)} 40v50`" />
      <path :d="`M${at(1)} 40v50`" />
    </g>
    <g font-size="15" text-anchor="middle" fill="var(--ink)">
      <text :x="at(0)" y="110">low</text>
      <text :x="at(1)" y="110">top</text>
      <text v-if="band" :x="(at(band.low) + at(band.high)) / 2" y="110" fill="var(--green)" font-weight="700">
        target
      </text>
    </g>
    <g v-if="reading !== null" :opacity="settled ? 1 : 0.55">
      <rect
        x="10"
        y="58"
        :width="Math.max(4, at(reading) - 10)"
        height="14"
        rx="4"
        :fill="reading > 1 ? 'var(--red)' : '#5B4A21'"
      />
      <path :d="`M${at(reading)} 44l-9-14h18z`" fill="var(--ink)" />
      <text :x="at(reading)" y="22" font-size="19" font-weight="700" text-anchor="middle">
        {{ reading.toFixed(2) }}
      </text>
    </g>
  </svg>
</template>

<style scoped>
.dipstick {
  width: 100%;
  max-width: 460px;
  cursor: crosshair;
}
</style>
