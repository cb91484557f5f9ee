<script setup lang="ts">
import { computed } from 'vue'

/** An anode from the side: how much of it is left, and the mark at which it is renewed. A touch says how much. */
const props = defineProps<{ label: string; share: number | null; renewAt: number | null }>()
const emit = defineEmits<{ pick: [share: number] }>()

const width = 300
const at = (share: number): number => 10 + (share / 100) * width
const words = computed(() =>
  props.share === null ? `${props.label}: not judged yet` : `${props.label}: ${props.share} % left`,
)
function say(share: number): void {
  emit('pick', Math.max(0, Math.min(100, share)))
}
function pick(event: MouseEvent): void {
  const box = (event.currentTarget as SVGElement).getBoundingClientRect()
  const x = ((event.clientX - box.left) / box.width) * (width + 20) - 10
  say(Math.round((x / width) * 20) * 5)
}
</script>

<template>
  <svg
    :viewBox="`0 0 ${width + 20} 72`"
    class="anode"
    role="slider"
    tabindex="0"
    aria-valuemin="0"
    aria-valuemax="100"
    :aria-valuenow="share ?? undefined"
    :aria-valuetext="words"
    :aria-label="`What is left of ${label}, in per cent`"
    @click="pick"
    @keydown.right.prevent="say((share ?? 0) + 5)"
    @keydown.left.prevent="say((share ?? 100) - 5)"
    @keydown.home.prevent="say(0)"
    @keydown.end.prevent="say(100)"
  >
    <rect x="10" y="8" :width="width" height="36" rx="8" fill="none" stroke="#9A937F" stroke-dasharray="5 4" />
    <rect
      v-if="share !== null"
      x="10"
      y="8"
      :width="at(share) - 10"
      height="36"
      rx="8"
      :fill="renewAt !== null && share <= renewAt ? 'var(--red-tint)' : '#C9CCD1'"
      :stroke="renewAt !== null && share <= renewAt ? 'var(--red)' : '#6C7077'"
      stroke-width="2"
    />
    <g v-if="renewAt !== null">
      <path :d="`M${at(renewAt)} 2v48`" stroke="var(--red)" stroke-width="3" />
      <text :x="at(renewAt)" y="66" text-anchor="middle" font-size="14" fill="var(--red)">
        renew at {{ renewAt }} %
      </text>
    </g>
    <text v-if="share !== null" x="22" y="33" font-size="20" font-weight="700" fill="var(--ink)">{{ share }} %</text>
    <text v-else x="22" y="32" font-size="16" fill="var(--muted)">touch what is left</text>
  </svg>
</template>

<style scoped>
.anode {
  width: 100%;
  max-width: 380px;
  min-height: 64px;
  cursor: crosshair;
}
</style>
