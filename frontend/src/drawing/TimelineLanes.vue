<script setup lang="ts">
import { computed, nextTick } from 'vue'
import type { Bar, Lane } from './lanes'
import { minutesText } from '@/shared/units'

/** Who does what when: a lane for each technician and each engine, waits hatched, presence dotted. Arrow keys go from bar to bar. */
const props = defineProps<{ lanes: Lane[]; elapsedMin: number; chosen: string | null }>()
const emit = defineEmits<{ choose: [id: string] }>()

const laneHeight = 30
const left = 92
const scale = computed(() => Math.max(2.4, 710 / Math.max(1, props.elapsedMin)))
const width = computed(() => left + props.elapsedMin * scale.value + 30)
const height = computed(() => 26 + props.lanes.length * laneHeight)
const ticks = computed(() => {
  const step = props.elapsedMin > 600 ? 60 : props.elapsedMin > 240 ? 30 : 15
  return Array.from({ length: Math.floor(props.elapsedMin / step) + 1 }, (_, index) => index * step)
})
const x = (minute: number): number => left + minute * scale.value

/** As much of a title as its bar can hold. */
function fitting({ title, from, workTo }: Bar): string {
  const letters = Math.floor(((workTo - from) * scale.value - 8) / 6)
  return title.length <= letters ? title : `${title.slice(0, letters - 1).trimEnd()}…`
}

function go(lane: number, index: number, event: KeyboardEvent): void {
  const steps: Record<string, [number, number]> = {
    ArrowRight: [0, 1],
    ArrowLeft: [0, -1],
    ArrowDown: [1, 0],
    ArrowUp: [-1, 0],
  }
  const step = steps[event.key]
  const bar = props.lanes[lane]?.bars[index]
  if (!step || !bar) {
    return
  }
  event.preventDefault()
  const next = step[0] === 0 ? props.lanes[lane]?.bars[index + step[1]] : nearest(lane + step[0], bar.from)
  if (next) {
    emit('choose', next.id)
    void nextTick(() => document.getElementById(`bar-${next.key}`)?.focus())
  }
}
function nearest(lane: number, minute: number): Bar | undefined {
  return [...(props.lanes[lane]?.bars ?? [])].sort((a, b) => Math.abs(a.from - minute) - Math.abs(b.from - minute))[0]
}
</script>

<template>
  <div class="scroll">
    <svg :width="width" :height="height" role="group" aria-label="Timeline">
      <defs>
        <pattern id="waiting" width="6" height="6" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
          <rect width="6" height="6" fill="var(--brass-tint)" />
          <path d="M0 0v6" stroke="var(--brass)" stroke-width="2" />
        </pattern>
        <pattern id="staying" width="6" height="6" patternUnits="userSpaceOnUse">
          <circle cx="3" cy="3" r="1.6" fill="#fff" />
        </pattern>
      </defs>
      <g v-for="tick in ticks" :key="tick" aria-hidden="true">
        <path :d="`M${x(tick)} 18V${height}`" stroke="var(--line)" />
        <text :x="x(tick)" y="13" font-size="11" fill="var(--muted)" text-anchor="middle">
          {{ tick === 0 ? '0' : minutesText(tick) }}
        </text>
      </g>
      <g v-for="(lane, place) in lanes" :key="lane.name" :transform="`translate(0 ${24 + place * laneHeight})`">
        <text x="0" y="18" font-size="12.5" font-weight="700" fill="var(--ink)">{{ lane.name }}</text>
        <path :d="`M0 ${laneHeight - 2}H${width}`" stroke="var(--line)" />
        <rect
          v-for="bar in lane.bars.filter((each) => each.waitTo > each.to)"
          :key="`${bar.key}.wait`"
          :x="x(bar.to)"
          y="6"
          :width="(bar.waitTo - bar.to) * scale"
          height="18"
          fill="url(#waiting)"
          stroke="var(--brass)"
          @mouseenter="emit('choose', bar.id)"
        />
        <g
          v-for="(bar, index) in lane.bars"
          :key="bar.key"
          class="bar"
          :class="{ chosen: bar.id === chosen }"
          :id="`bar-${bar.key}`"
          role="button"
          :tabindex="index === 0 || bar.id === chosen ? 0 : -1"
          :aria-label="bar.words"
          @click="emit('choose', bar.id)"
          @mouseenter="emit('choose', bar.id)"
          @focus="emit('choose', bar.id)"
          @keydown="go(place, index, $event)"
        >
          <rect
            :x="x(bar.from)"
            y="3"
            :width="Math.max(2, (bar.to - bar.from) * scale - 1)"
            height="24"
            rx="2"
            :fill="bar.shade"
            stroke="var(--panel)"
          />
          <rect
            v-if="bar.to > bar.workTo"
            :x="x(bar.workTo)"
            y="4"
            :width="Math.max(2, (bar.to - bar.workTo) * scale - 2)"
            height="22"
            class="staying"
            fill="url(#staying)"
          />
          <text
            v-if="(bar.workTo - bar.from) * scale > 44"
            :x="x(bar.from) + 5"
            y="19"
            font-size="11"
            fill="#fff"
            pointer-events="none"
          >
            {{ fitting(bar) }}
          </text>
        </g>
      </g>
    </svg>
  </div>
</template>

<style scoped>
.scroll {
  overflow-x: auto;
}

.bar {
  cursor: pointer;
}

.bar.chosen rect:first-child {
  stroke: var(--ink);
  stroke-width: 2;
}

.bar:focus-visible {
  outline: 3px solid var(--brass-fill);
}
</style>
