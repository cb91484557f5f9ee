<script setup lang="ts">
import { computed } from 'vue'
import type { Quote } from '@/shared/api/types'
import { minutesText, priceText, ownUnit } from '@/shared/units'

/** What the work would take on either side, line by line; where the sides differ it says so. */
const props = defineProps<{ quote: Quote }>()
type Side = Quote['sides'][number]

const oil = (side: Side): string =>
  side.work.oil.map((pool) => `${pool.grade}, ${ownUnit(pool.need.text)}`).join('; ') || 'none'
const lines = computed(() => [
  { label: 'hands-on', of: (side: Side) => minutesText(side.work.labour.handsOnMin) },
  { label: 'sold time', of: (side: Side) => `${(side.work.labour.soldTenths / 10).toFixed(1)} h` },
  { label: 'engine oil', of: oil },
  {
    label: 'oil price',
    of: (side: Side) =>
      side.work.oil.map((pool) => (pool.plan ? priceText(pool.plan.costMinor) : 'short')).join('; ') || '—',
  },
  {
    label: 'parts',
    of: (side: Side) =>
      side.work.parts
        .map(
          (part) =>
            `${part.count} × ${part.number}${part.description ? ` ${part.description}` : ''}${part.short > 0 ? `, ${part.short} short` : ''}`,
        )
        .join('\n') || 'none',
  },
  {
    label: 'can’t be done',
    of: (side: Side) =>
      side.work.engines.flatMap((engine) => engine.blocked.map((task) => `${task.title}: ${task.reason}`)).join('\n') ||
      'nothing',
  },
])
const differs = (line: (typeof lines.value)[number]): boolean => new Set(props.quote.sides.map(line.of)).size > 1
</script>

<template>
  <section class="panel" aria-label="Quote">
    <p class="band">
      <strong>Serial to confirm.</strong>
      {{
        quote.sides.length === 1
          ? 'One sheet covers this model.'
          : `${quote.sides.length} sheets cover this model: the serial number decides.`
      }}
      This is a quote for the telephone and can’t be issued.
    </p>
    <table class="plain">
      <thead>
        <tr>
          <th></th>
          <th v-for="side in quote.sides" :key="side.sheet.id">
            {{ side.sheet.ranges.join(', ') }}
            <template v-if="side.sheet.years"><br />years {{ side.sheet.years }}</template>
            <template v-if="side.sheet.gearcases.length"><br />gearcase {{ side.sheet.gearcases.join(', ') }}</template>
            <br /><RouterLink :to="`/book/sheets/${side.sheet.id}/${side.sheet.revision}`" class="small"
              >{{ side.sheet.id }} rev. {{ side.sheet.revision }}</RouterLink
            >
          </th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="line in lines" :key="line.label">
          <td>{{ line.label }} <span v-if="differs(line)" class="mark-word ask">differs</span></td>
          <td v-for="side in quote.sides" :key="side.sheet.id" class="told" :class="{ strong: differs(line) }">
            {{ line.of(side) }}
          </td>
        </tr>
      </tbody>
    </table>
  </section>
</template>

<style scoped>
.told {
  white-space: pre-line;
}

.strong {
  font-weight: 700;
}
</style>
