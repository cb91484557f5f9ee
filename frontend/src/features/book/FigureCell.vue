<script setup lang="ts">
import type { SheetValue } from '@/shared/api/types'

defineProps<{ value: SheetValue }>()
</script>

<template>
  <div>
    <table v-if="value.table" class="rows">
      <thead>
        <tr>
          <th v-for="column in value.table.columns" :key="column">{{ column }}</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="(row, place) in value.table.rows" :key="place">
          <td v-for="(cell, at) in row" :key="at">{{ cell }}</td>
        </tr>
      </tbody>
    </table>
    <template v-else>
      <strong>{{ value.figure }}</strong> <span class="muted small">{{ value.detail ?? '' }}</span>
    </template>
    <span v-if="value.standing === 'unsourced'" class="mark-word alarm">no source: can’t be used</span>
    <span v-else-if="value.standing === 'unconfirmed'" class="mark-word alarm">not confirmed for these engines</span>
    <span v-else-if="value.standing === 'inherited'" class="mark-word">from the family</span>
  </div>
</template>

<style scoped>
.rows {
  border-collapse: collapse;
  font-size: 13px;
}

.rows th {
  font-weight: 600;
  text-align: left;
  color: var(--muted);
  padding: 0 10px 2px 0;
}

.rows td {
  padding: 1px 10px 1px 0;
  vertical-align: top;
}
</style>
