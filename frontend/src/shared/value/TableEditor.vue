<script setup lang="ts">
import { computed } from 'vue'
import type { Field } from '@/shared/api/types'
import TableCell from './TableCell.vue'
import { emptyRow, type Raw } from './raw'

/** Rows in the order that matters on the engine: they can be moved up and down. */
const props = defineProps<{ field: Field }>()
const value = defineModel<Raw>({ required: true })
const rows = computed(() => (Array.isArray(value.value['rows']) ? (value.value['rows'] as Raw[]) : []))

function keep(changed: Raw[]): void {
  value.value = { ...value.value, rows: changed }
}
function set(place: number, key: string, to: unknown): void {
  keep(rows.value.map((row, at) => (at === place ? { ...row, [key]: to } : row)))
}
function move(place: number): void {
  const moved = [...rows.value]
  const [row] = moved.splice(place, 1)
  if (row) {
    moved.splice(place - 1, 0, row)
  }
  keep(moved)
}
</script>

<template>
  <div class="scroll">
    <table class="plain rows">
      <thead>
        <tr>
          <th v-for="column in field.columns" :key="column.key">
            {{ column.label }}{{ column.required ? '' : ' (if any)' }}
          </th>
          <th><span class="visually-hidden">Order</span></th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="(row, place) in rows" :key="place">
          <td v-for="column in field.columns" :key="column.key">
            <TableCell
              :column="column"
              :label="`${field.label}, row ${place + 1}, ${column.label}`"
              :model-value="row[column.key]"
              @update:model-value="(to) => set(place, column.key, to)"
            />
          </td>
          <td class="tools">
            <button
              type="button"
              class="mini"
              :disabled="place === 0"
              :aria-label="`Move row ${place + 1} up`"
              @click="move(place)"
            >
              ↑
            </button>
            <button
              type="button"
              class="mini"
              :aria-label="`Remove row ${place + 1}`"
              @click="keep(rows.filter((_, at) => at !== place))"
            >
              ✕
            </button>
          </td>
        </tr>
      </tbody>
    </table>
    <button type="button" class="mini" @click="keep([...rows, emptyRow(props.field)])">Add a row</button>
  </div>
</template>

<style scoped>
.scroll {
  overflow-x: auto;
  width: 100%;
}

.rows td,
.rows th {
  padding: 3px 4px;
}

.tools {
  white-space: nowrap;
}
</style>
