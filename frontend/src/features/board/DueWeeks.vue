<script setup lang="ts">
import { computed } from 'vue'
import type { DueBoard } from '@/shared/api/types'
import { shortDayText } from '@/shared/units'
import type { DueChoice } from './useDues'

/** How many engines come due, week by week; one bar each, and the list of the chosen one below. */
const props = defineProps<{ dues: DueBoard; chosen: DueChoice }>()
const emit = defineEmits<{ choose: [choice: DueChoice] }>()

/** The last day that is not in the weeks to come. */
const yesterday = computed(() => {
  const first = props.dues.weeks[0]?.from ?? '1970-01-02'
  return new Date(Date.parse(first) - 86_400_000).toISOString().slice(0, 10)
})
const choices = computed<(DueChoice & { engines: number; name: string; more: string })[]>(() => [
  { which: 'now', from: '', to: '', engines: props.dues.now, name: 'due now', more: 'by date or reading' },
  {
    which: 'expected',
    from: '',
    to: yesterday.value,
    engines: props.dues.byNow,
    name: 'by now',
    more: 'by use too',
  },
  ...props.dues.weeks.map((week, index) => ({
    which: 'expected' as const,
    from: week.from,
    to: week.to,
    engines: week.engines,
    name: index === 0 ? 'this week' : shortDayText(week.from),
    more: index === 0 ? `until ${shortDayText(week.to)}` : `to ${shortDayText(week.to)}`,
  })),
  { which: 'no_record', from: '', to: '', engines: props.dues.noRecord, name: 'no record', more: 'ask the owner' },
])
const most = computed(() => Math.max(1, ...choices.value.map((choice) => choice.engines)))
const height = (engines: number): number => (engines === 0 ? 0 : Math.max(4, (engines / most.value) * 34))
const isChosen = (choice: DueChoice): boolean =>
  choice.which === props.chosen.which && (choice.which !== 'expected' || choice.from === props.chosen.from)
</script>

<template>
  <div class="weeks" role="group" aria-label="Engines coming due">
    <button
      v-for="choice in choices"
      :key="choice.which + choice.from"
      type="button"
      class="week"
      :class="[choice.which, { on: isChosen(choice) }]"
      :aria-pressed="isChosen(choice)"
      @click="emit('choose', { which: choice.which, from: choice.from, to: choice.to })"
    >
      <strong
        >{{ choice.engines
        }}<span class="visually-hidden"> {{ choice.engines === 1 ? 'engine' : 'engines' }}</span></strong
      >
      <svg width="100%" height="36" preserveAspectRatio="none" viewBox="0 0 10 36" aria-hidden="true">
        <rect x="0" width="8" :y="36 - height(choice.engines)" :height="height(choice.engines)" class="bar" />
      </svg>
      <span class="name">{{ choice.name }}</span>
      <span class="muted small">{{ choice.more }}</span>
    </button>
  </div>
</template>

<style scoped>
.weeks {
  display: grid;
  grid-template-columns: 1.3fr repeat(9, 1fr) 1.1fr;
  gap: 4px;
}

.week {
  font: inherit;
  color: var(--ink);
  background: none;
  border: 1px solid transparent;
  border-bottom: 3px solid var(--line);
  padding: 4px 4px 5px;
  text-align: left;
  cursor: pointer;
  display: flex;
  flex-direction: column;
  line-height: 1.25;
  min-width: 0;
}

.week:hover {
  background: var(--green-tint);
}

.week.on {
  background: var(--panel);
  border-color: var(--line);
  border-bottom-color: var(--green);
}

.bar {
  fill: var(--bar-fill);
}

.now .bar,
.now strong {
  fill: var(--red);
  color: var(--red);
}

.no_record .bar,
.no_record strong {
  fill: var(--brass-fill);
  color: var(--brass);
}

.name {
  font-weight: 600;
  white-space: nowrap;
}

.small {
  white-space: nowrap;
  overflow: hidden;
  text-overflow: ellipsis;
}
</style>
