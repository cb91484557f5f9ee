<script setup lang="ts">
import { computed } from 'vue'
import { dayText } from '@/shared/units'

export interface PlotPoint {
  on: string
  total: string
  estimate: boolean
}

export interface PlotSeries {
  label: string
  points: PlotPoint[]
  /** The next limit of hours, and when it will be reached. */
  ahead: { total: string; earliest: string; likely: string; latest: string | null } | null
}

/** Hours run over time, one line an engine; the next limit ahead, as the range in which it will be reached. */
const props = defineProps<{ series: PlotSeries[]; today: string }>()

const [left, right, top, bottom] = [54, 760, 14, 150]
const colours = ['#1c5a4d', '#8a5d00', '#4a5a8a', '#8a3f6b', '#5b6766']
const shown = computed(() => props.series.filter((each) => each.points.length > 0))
const times = computed(() => [
  Date.parse(props.today),
  ...shown.value.flatMap((each) => [
    ...each.points.map((point) => Date.parse(point.on)),
    ...(each.ahead === null ? [] : [Date.parse(each.ahead.latest ?? each.ahead.likely)]),
  ]),
])
const first = computed(() => Math.min(...times.value))
const last = computed(() => Math.min(Math.max(...times.value), Date.parse(props.today) + 2 * 365 * 86_400_000))
const most = computed(() =>
  Math.max(
    1,
    ...shown.value.flatMap((each) => [
      ...each.points.map((point) => Number(point.total)),
      Number(each.ahead?.total ?? 0),
    ]),
  ),
)
const x = (on: string): number =>
  left + ((Math.min(Date.parse(on), last.value) - first.value) / Math.max(1, last.value - first.value)) * (right - left)
const y = (total: string): number => bottom - (Number(total) / most.value) * (bottom - top)
const line = (points: PlotPoint[]): string =>
  points
    .filter((point) => !point.estimate)
    .map((point) => `${x(point.on).toFixed(1)},${y(point.total).toFixed(1)}`)
    .join(' ')
const nowhere: PlotPoint = { on: '1970-01-01', total: '0', estimate: true }
const end = (each: PlotSeries): PlotPoint =>
  each.points.filter((point) => !point.estimate).at(-1) ?? each.points.at(-1) ?? nowhere
const scale = computed(() => {
  const step =
    [10, 25, 50, 100, 200, 250, 500, 1000, 2000, 5000, 10_000].find((each) => most.value / each <= 4) ?? 20_000
  return Array.from({ length: Math.floor(most.value / step) + 1 }, (_, index) => index * step)
})
const years = computed(() => {
  const marks: string[] = []
  for (let year = new Date(first.value).getUTCFullYear() + 1; Date.UTC(year, 0, 1) < last.value; year++) {
    marks.push(`${year}-01-01`)
  }
  return marks
})
/** Labels at the right end, moved apart where lines meet. */
const labels = computed(() => {
  const wanted = shown.value
    .map((each, index) => ({
      text: each.label,
      colour: colours[index % colours.length],
      y: y(each.ahead?.total ?? end(each).total),
    }))
    .sort((a, b) => a.y - b.y)
  wanted.forEach((label, index) => {
    const above = wanted[index - 1]
    label.y = above === undefined ? label.y : Math.max(label.y, above.y + 15)
  })
  return wanted
})
const spoken = computed(() =>
  shown.value
    .map((each) => {
      const ahead = each.ahead === null ? '' : `, ${each.ahead.total} h expected around ${dayText(each.ahead.likely)}`
      return `${each.label}: ${each.points.length} readings, ${end(each).total} h on ${dayText(end(each).on)}${ahead}`
    })
    .join('; '),
)
</script>

<template>
  <p v-if="shown.length === 0" class="muted">No readings: an engine without a meter goes by date.</p>
  <svg v-else viewBox="0 0 880 178" class="plot" role="img" :aria-label="`Hours over time. ${spoken}`">
    <g v-for="mark in scale" :key="mark">
      <path :d="`M${left} ${y(String(mark))}H${right}`" stroke="var(--line)" />
      <text :x="left - 6" :y="y(String(mark)) + 4" text-anchor="end">{{ mark }} h</text>
    </g>
    <g v-for="mark in years" :key="mark">
      <path :d="`M${x(mark)} ${top}V${bottom}`" stroke="var(--line)" />
      <text :x="x(mark)" :y="bottom + 16" text-anchor="middle">{{ mark.slice(0, 4) }}</text>
    </g>
    <path :d="`M${x(today)} ${top}V${bottom}`" stroke="var(--ink)" stroke-dasharray="2 3" />
    <text :x="x(today)" :y="bottom + 26" text-anchor="middle" font-weight="700">today</text>
    <g v-for="(each, index) in shown" :key="each.label" :style="{ color: colours[index % colours.length] }">
      <template v-if="each.ahead">
        <path
          :d="`M${x(end(each).on)} ${y(end(each).total)}L${x(each.ahead.earliest)} ${y(each.ahead.total)}H${x(each.ahead.latest ?? today)}Z`"
          fill="currentColor"
          opacity="0.13"
        />
        <path
          :d="`M${x(end(each).on)} ${y(end(each).total)}L${x(each.ahead.likely)} ${y(each.ahead.total)}`"
          stroke="currentColor"
          stroke-dasharray="5 4"
          fill="none"
        />
        <path :d="`M${x(each.ahead.likely) - 4} ${y(each.ahead.total)}h8`" stroke="currentColor" stroke-width="3" />
      </template>
      <polyline :points="line(each.points)" fill="none" stroke="currentColor" stroke-width="2" />
      <circle
        v-for="point in each.points"
        :key="`${point.on}${point.total}`"
        :cx="x(point.on)"
        :cy="y(point.total)"
        r="3.5"
        :fill="point.estimate ? 'var(--panel)' : 'currentColor'"
        stroke="currentColor"
      >
        <title>{{ dayText(point.on) }}: {{ point.total }} h{{ point.estimate ? ', estimated' : '' }}</title>
      </circle>
    </g>
    <text
      v-for="label in labels"
      :key="label.text"
      :x="right + 10"
      :y="label.y + 4"
      :style="{ fill: label.colour }"
      class="label"
    >
      {{ label.text }}
    </text>
  </svg>
</template>

<style scoped>
.plot {
  width: 100%;
  max-width: 1100px;
}

text {
  font-size: 12px;
  fill: var(--ink);
}

.label {
  font-weight: 700;
}
</style>
