<script setup lang="ts">
/** An outboard from the side, with the places where something may be found; a touch chooses one. */
defineProps<{ chosen: string | null }>()
const emit = defineEmits<{ pick: [spot: Spot] }>()

const spots = [
  { spot: 'cowl', label: 'cowl', path: 'M92 8h96q14 0 14 14v22H78V22q0-14 14-14z', x: 140, y: 31 },
  { spot: 'powerhead', label: 'powerhead', path: 'M78 48h78v58H78z', x: 117, y: 82 },
  { spot: 'fuel', label: 'fuel', path: 'M160 48h42v58h-42z', x: 181, y: 82 },
  { spot: 'bracket', label: 'bracket', path: 'M20 84h54v74H32q-12 0-12-12z', x: 47, y: 126 },
  { spot: 'midsection', label: 'midsection', path: 'M86 110h92l-12 70h-68z', x: 132, y: 148 },
  {
    spot: 'gearcase',
    label: 'gearcase',
    path: 'M84 184h86q24 0 24 20t-24 20h-34l-8 34h-18l2-34H84q-16-4-16-20t16-20z',
    x: 128,
    y: 210,
  },
  { spot: 'propeller', label: 'propeller', path: 'M198 178h18q10 0 10 26t-10 26h-18z', x: 263, y: 209 },
  { spot: 'boat', label: 'boat', path: 'M0 8h62v70H16q-8 30-16 30z', x: 31, y: 46 },
] as const
type Spot = (typeof spots)[number]['spot']
</script>

<template>
  <svg viewBox="-4 0 304 264" class="spots" role="radiogroup" aria-label="Where on the engine?">
    <g
      v-for="each in spots"
      :key="each.spot"
      role="radio"
      tabindex="0"
      :aria-checked="each.spot === chosen"
      :aria-label="each.label"
      @click="emit('pick', each.spot)"
      @keydown.enter.prevent="emit('pick', each.spot)"
      @keydown.space.prevent="emit('pick', each.spot)"
    >
      <path
        :d="each.path"
        :fill="each.spot === chosen ? 'var(--green)' : 'var(--panel)'"
        stroke="var(--green)"
        stroke-width="2"
      />
      <text
        :x="each.x"
        :y="each.y"
        text-anchor="middle"
        font-size="13"
        font-weight="700"
        :fill="each.spot === chosen && each.spot !== 'propeller' ? '#fff' : 'var(--ink)'"
      >
        {{ each.label }}
      </text>
    </g>
  </svg>
</template>

<style scoped>
.spots {
  width: 100%;
  max-width: 360px;
}

.spots g {
  cursor: pointer;
  outline: none;
}

.spots g:focus-visible path {
  stroke: var(--brass);
  stroke-width: 4;
}
</style>
