<script setup lang="ts">
import { computed } from 'vue'
import type { OilPool } from '@/shared/api/types'
import { litresText } from '@/shared/units'
import { unitText } from '@/shared/value/raw'

/** The containers to pull, standing on a shelf; opened ones half full. */
const props = defineProps<{ plan: NonNullable<OilPool['plan']> }>()

const cans = computed(() => {
  let x = 10
  return props.plan.picks
    .flatMap((pick) =>
      Array.from({ length: pick.count }, (_, index) => ({
        ...pick,
        key: `${pick.id}${pick.opened ? 'o' : ''}${index}`,
      })),
    )
    .map((can) => {
      const large = can.size.unit === 'l' && Number(can.size.value) > 2
      const placed = {
        ...can,
        x,
        width: large ? 54 : 36,
        height: large ? 72 : 48,
        name: `${can.size.value} ${unitText(can.size.unit)}`,
      }
      x += placed.width + 10
      return placed
    })
})
const width = computed(() => Math.max(240, ...cans.value.map((can) => can.x + can.width + 10)))
const words = computed(
  () =>
    `${cans.value.map((can) => (can.opened ? `opened ${can.name}` : can.name)).join(', ')}; ${litresText(props.plan.leftOverMl)} left over`,
)
</script>

<template>
  <svg :viewBox="`0 0 ${width} 104`" :width="width" height="104" role="img" :aria-label="words">
    <g v-for="can in cans" :key="can.key">
      <rect
        :x="can.x"
        :y="82 - can.height"
        :width="can.width"
        :height="can.height"
        rx="3"
        :fill="can.opened ? 'var(--panel)' : 'var(--green)'"
        stroke="var(--green)"
        stroke-width="2"
      />
      <rect
        v-if="can.opened"
        :x="can.x"
        :y="82 - can.height * 0.45"
        :width="can.width"
        :height="can.height * 0.45"
        fill="#9FBFB5"
      />
      <rect :x="can.x + can.width / 2 - 6" :y="74 - can.height" width="12" height="8" fill="var(--ink)" />
      <text
        :x="can.x + can.width / 2"
        :y="82 - can.height / 2 + 5"
        text-anchor="middle"
        font-size="12"
        font-weight="700"
        :fill="can.opened ? 'var(--ink)' : '#fff'"
      >
        {{ can.size.value }}
      </text>
      <text :x="can.x + can.width / 2" y="99" text-anchor="middle" font-size="11" fill="var(--ink)">
        {{ can.opened ? 'opened' : unitText(can.size.unit) }}
      </text>
    </g>
    <path :d="`M0 83h${width}`" stroke="var(--ink)" stroke-width="2" />
  </svg>
</template>
