<script setup lang="ts">
import { computed } from 'vue'
import type { components } from '@/shared/api/schema'
import StatusMark from './StatusMark.vue'

const props = defineProps<{ change: components['schemas']['BookChange'] }>()

/** What a manager should know before it is published. */
const remarks = computed(() => {
  const arrival = props.change.arrival
  if (arrival === null) {
    return []
  }
  const { overlaps, gaps } = arrival.ranges
  return [
    ...(arrival.told === arrival.status ? [] : [`the file says ${arrival.told}`]),
    ...(arrival.withdraws === null
      ? []
      : [
          arrival.status === 'published'
            ? `withdraws ${arrival.withdraws}`
            : `once published it withdraws ${arrival.withdraws}`,
        ]),
    ...overlaps.map(
      (overlap) => `${overlap.model} ${overlap.serials}: claimed twice, by ${overlap.one} and ${overlap.other}`,
    ),
    ...gaps.map((gap) => `${gap.model} ${gap.serials}${gap.only ? `, ${gap.only}` : ''}: claimed by none`),
    ...arrival.doubts.map((doubt) => `in doubt: ${doubt}`),
    ...(arrival.holes.length === 0 ? [] : [`holes: ${arrival.holes.join(', ')}`]),
  ]
})
</script>

<template>
  <li>
    <span class="mark-word" :class="change.kind === 'new' ? 'good' : 'ask'">{{
      change.kind === 'new' ? 'new' : 'draft replaced'
    }}</span>
    <template v-if="change.arrival"
      >{{ change.name }}, arrives as <StatusMark :status="change.arrival.status"
    /></template>
    <template v-else>{{ change.name }}</template>
    <ul v-if="remarks.length > 0" class="small muted">
      <li v-for="remark in remarks" :key="remark">{{ remark }}</li>
    </ul>
  </li>
</template>

<style scoped>
ul {
  margin: 2px 0 0;
  padding-left: 20px;
}
</style>
