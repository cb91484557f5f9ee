<script setup lang="ts">
import { computed } from 'vue'

/** How far to turn on after contact: the arc from the first touch, its allowed end lighter. */
const props = withDefaults(defineProps<{ min: number; max: number; text: string; from?: 'contact' | 'torque' }>(), {
  from: 'contact',
})

function arc(turns: number): string {
  const part = Math.min(turns, 0.9999)
  const angle = part * 2 * Math.PI
  const x = 110 + 84 * Math.sin(angle)
  const y = 110 - 84 * Math.cos(angle)
  return `M110 26A84 84 0 ${part > 0.5 ? 1 : 0} 1 ${x.toFixed(2)} ${y.toFixed(2)}`
}
const arcs = computed(() => ({ sure: arc(props.min), allowed: arc(props.max) }))
</script>

<template>
  <svg
    viewBox="0 0 220 220"
    class="dial"
    role="img"
    :aria-label="`Turn on by ${text} after ${from === 'contact' ? 'contact' : 'the torque'}`"
  >
    <circle cx="110" cy="110" r="84" fill="none" stroke="var(--bar)" stroke-width="26" />
    <path :d="arcs.allowed" fill="none" stroke="#8FB3A8" stroke-width="26" />
    <path :d="arcs.sure" fill="none" stroke="var(--green)" stroke-width="26" />
    <path d="M110 8v40" stroke="var(--ink)" stroke-width="4" />
    <text x="110" y="82" text-anchor="middle" font-size="14" fill="var(--muted)">{{ from }}</text>
    <text x="110" y="120" text-anchor="middle" font-size="24" font-weight="700">{{ text }}</text>
  </svg>
</template>

<style scoped>
.dial {
  width: 100%;
  max-width: 260px;
}
</style>
