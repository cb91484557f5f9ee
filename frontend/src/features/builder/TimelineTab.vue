<script setup lang="ts">
import { computed, ref } from 'vue'
import TimelineLanes from '@/drawing/TimelineLanes.vue'
import { lanesOf } from '@/drawing/lanes'
import type { Timeline, WorkSketch } from '@/shared/api/types'
import { minutesText } from '@/shared/units'

/** The plan: how long it takes, how good it is, and for each piece of work what fills its wait. */
const props = defineProps<{ work: WorkSketch; timeline: Timeline | null }>()
const chosen = ref<string | null>(null)
const lanes = computed(() => (props.timeline ? lanesOf(props.timeline, props.work.operations) : []))
const titleOf = (id: string): string => {
  const operation = props.work.operations.find((each) => each.id === id)
  return operation ? `${operation.label.toLowerCase()}, ${operation.title.toLowerCase()}` : id
}
const entry = computed(() => props.timeline?.entries.find((each) => each.id === chosen.value) ?? null)
const operation = computed(() => props.work.operations.find((each) => each.id === chosen.value) ?? null)
const gap = computed(() => {
  const { boundMin, elapsedMin, gapPermille } = props.timeline ?? {}
  if (boundMin === undefined || boundMin === null || gapPermille === null || gapPermille === undefined) {
    return ''
  }
  return boundMin === elapsedMin
    ? 'no plan with these lockouts is shorter'
    : `at best ${minutesText(boundMin)}, so at most ${(gapPermille / 10).toFixed(1)} % too long`
})
/** Nothing where no engine is tilted. */
const tilted = computed(() => {
  const turns = props.timeline?.turns ?? 0
  return turns === 0 ? '' : `, an engine tilted or let down ${turns === 1 ? 'once' : `${turns} times`}`
})
</script>

<template>
  <p v-if="timeline === null" class="muted">The plan is being worked out.</p>
  <div v-else class="stack tight">
    <p>
      <strong>{{ minutesText(timeline.elapsedMin) }}</strong> from the first hand to the last,
      {{ minutesText(timeline.handsOnMin) }} hands-on, {{ minutesText(timeline.presenceMin) }} by running engines,
      {{ timeline.changes }} {{ timeline.changes === 1 ? 'change' : 'changes' }} of place{{ tilted }}; {{ gap }}.
    </p>
    <p class="told" aria-live="polite">
      <template v-if="entry && operation">
        <strong>{{ operation.label }} · {{ operation.title }}</strong
        >: minute {{ entry.startMin }} to {{ entry.attendedEndMin
        }}{{
          entry.presenceEndMin > entry.attendedEndMin
            ? `, then somebody stays by it until ${entry.presenceEndMin}`
            : ''
        }}{{ entry.endMin > entry.presenceEndMin ? `, then by itself until ${entry.endMin}` : '' }}.
        <template v-if="entry.fills.length > 0">Meanwhile: {{ entry.fills.map(titleOf).join('; ') }}.</template>
        <template v-else-if="entry.endMin > entry.presenceEndMin">Nothing is left to fill this wait.</template>
        <strong v-if="entry.helper"> Call a helper: it takes two.</strong>
        <span class="muted">{{ ' ' + operation.why }}</span>
      </template>
      <span v-else class="muted"
        >Point at a bar, or go through them with the arrow keys. Hatched: it goes on by itself. Dotted: somebody stays
        by a running engine.</span
      >
    </p>
    <TimelineLanes :lanes="lanes" :elapsed-min="timeline.elapsedMin" :chosen="chosen" @choose="(id) => (chosen = id)" />
  </div>
</template>

<style scoped>
.tight {
  gap: 6px;
}

.told {
  height: 42px;
  overflow: auto;
}
</style>
