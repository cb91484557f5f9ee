<script setup lang="ts">
import { computed } from 'vue'

/** Pieces on their shaft in the order in which they go on, and the way each faces. */
const props = defineProps<{ pieces: { piece: string; facing: string | null }[] }>()
const height = 58
const shapes: [RegExp, string][] = [
  [/propeller/, 'M-34 -8Q-12 -24 0 0Q12 24 34 8Q12 30 0 6Q-12 -30 -34 -8ZM-9 -16H9V16H-9Z'],
  [/impeller/, 'M-26 0L-10 -6L-16 -20L0 -9L16 -20L10 -6L26 0L10 6L16 20L0 9L-16 20L-10 6Z'],
  [/nut/, 'M-20 0L-11 -15H11L20 0L11 15H-11Z'],
  [/pin/, 'M-26 -3H18A6 6 0 0 1 18 9H-26V3H16V1H-26Z'],
  [/gasket|washer|plate|seal/, 'M-30 -5H30V5H-30Z'],
]
const drawn = computed(() =>
  props.pieces.map((each, index) => ({
    ...each,
    number: index + 1,
    y: 40 + index * height,
    shape:
      each.facing?.includes('cone') === true
        ? 'M-14 -14H14L30 12H-30Z'
        : (shapes.find(([name]) => name.test(each.piece))?.[1] ?? 'M-24 -12H24V12H-24Z'),
  })),
)
const words = computed(() =>
  props.pieces.map((each) => each.piece + (each.facing === null ? '' : `, ${each.facing}`)).join('; then '),
)
</script>

<template>
  <svg
    :viewBox="`0 0 290 ${40 + drawn.length * height}`"
    class="stack"
    role="img"
    :aria-label="`In this order: ${words}`"
  >
    <path :d="`M44 4V${30 + drawn.length * height}`" stroke="var(--muted)" stroke-width="6" />
    <text x="62" y="15" font-size="13" fill="var(--muted)">goes on first</text>
    <g v-for="each in drawn" :key="each.number">
      <path
        :transform="`translate(44 ${each.y})`"
        :d="each.shape"
        fill="var(--bar)"
        stroke="var(--green)"
        stroke-width="3"
      />
      <text x="88" :y="each.facing === null ? each.y + 6 : each.y - 2" font-size="18" font-weight="700">
        {{ each.number }} {{ each.piece }}
      </text>
      <text v-if="each.facing !== null" x="88" :y="each.y + 18" font-size="15" fill="var(--brass)">
        {{ each.facing }}
      </text>
    </g>
  </svg>
</template>

<style scoped>
.stack {
  width: 100%;
  max-width: 300px;
}
</style>
