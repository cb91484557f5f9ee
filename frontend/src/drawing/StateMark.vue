<script setup lang="ts">
import type { Due } from '@/shared/api/types'

/** The shape of a state: open ring, half ring, disc, lozenge, dotted ring. Always beside its word. */
defineProps<{ state: Due['state'] }>()
</script>

<template>
  <svg class="mark" :class="state" viewBox="0 0 14 14" width="13" height="13" aria-hidden="true">
    <circle v-if="state === 'not_due'" cx="7" cy="7" r="5" class="ring" />
    <g v-else-if="state === 'soon'">
      <circle cx="7" cy="7" r="5" class="ring" />
      <path d="M7 2a5 5 0 0 0 0 10z" class="fill" />
    </g>
    <circle v-else-if="state === 'due'" cx="7" cy="7" r="6" class="fill" />
    <path v-else-if="state === 'overdue'" d="M7 0l7 7-7 7-7-7z" class="fill" />
    <circle v-else cx="7" cy="7" r="5" class="ring dotted" />
  </svg>
</template>

<style scoped>
.mark {
  flex: none;
  vertical-align: -2px;
  color: var(--muted);
}

.soon,
.no_record {
  color: var(--brass);
}

.due,
.overdue {
  color: var(--red);
}

.ring {
  fill: none;
  stroke: currentColor;
  stroke-width: 2;
}

.dotted {
  stroke-dasharray: 2 2;
}

.fill {
  fill: currentColor;
}
</style>
