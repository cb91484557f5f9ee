<script setup lang="ts">
import { computed } from 'vue'

/** The boat from astern with its engines in their places, port on the left. */
const props = withDefaults(
  defineProps<{
    engines: { position: string | null; label: string; refused?: boolean; faded?: boolean }[]
    width?: number
  }>(),
  { width: 230 },
)

const letters: Record<string, string> = {
  single: '1',
  port: 'P',
  starboard: 'S',
  centre: 'C',
  port_outer: 'PO',
  port_inner: 'PI',
  starboard_inner: 'SI',
  starboard_outer: 'SO',
}
const hung = computed(() =>
  props.engines.map((engine, index) => ({
    ...engine,
    letter: letters[engine.position ?? ''] ?? '?',
    x: 115 + (index - (props.engines.length - 1) / 2) * Math.min(66, 170 / props.engines.length),
  })),
)
const spoken = computed(() => `Transom with ${props.engines.map((engine) => engine.label).join(', ')}`)
</script>

<template>
  <svg viewBox="0 0 230 104" :width="width" role="img" :aria-label="spoken">
    <path d="M6 28h218l-18 46q-2 6-9 6H33q-7 0-9-6z" fill="#EDE6D6" stroke="#B9AE97" stroke-width="1.5" />
    <g
      v-for="engine in hung"
      :key="engine.label"
      :transform="`translate(${engine.x} 0)`"
      :opacity="engine.faded ? 0.3 : 1"
    >
      <path d="M-8 40h16l-3 40h-10z" fill="#4B7F73" />
      <circle cx="0" cy="90" r="9" fill="none" stroke="#1C5A4D" stroke-width="3" />
      <rect
        x="-15"
        y="4"
        width="30"
        height="38"
        rx="4"
        :fill="engine.refused ? 'var(--red-tint)' : 'var(--green)'"
        :stroke="engine.refused ? 'var(--red)' : 'var(--green)'"
        stroke-width="2"
        :stroke-dasharray="engine.refused ? '4 3' : undefined"
      />
      <text
        x="0"
        y="28"
        text-anchor="middle"
        font-size="13"
        font-weight="700"
        :fill="engine.refused ? 'var(--red)' : '#fff'"
      >
        {{ engine.letter }}
      </text>
    </g>
  </svg>
</template>
