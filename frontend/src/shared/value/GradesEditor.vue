<script setup lang="ts">
import { computed } from 'vue'
import { unitText, type Raw } from './raw'

/** Oil grades by air temperature; one of them may be the sheet's own preference. */
const value = defineModel<Raw>({ required: true })
const chart = computed(() => (Array.isArray(value.value['chart']) ? (value.value['chart'] as Raw[]) : []))

const typed = (event: Event): string => (event.target as HTMLInputElement).value
function setRow(place: number, key: string, to: unknown): void {
  value.value = { ...value.value, chart: chart.value.map((row, at) => (at === place ? { ...row, [key]: to } : row)) }
}
const degrees = (event: Event): number | string | null => {
  const at = typed(event).trim().replace('−', '-')
  return at === '' ? null : /^-?\d+$/.test(at) ? Number(at) : at
}
function prefer(place: number): void {
  value.value = { ...value.value, chart: chart.value.map((row, at) => ({ ...row, preferred: at === place })) }
}
function add(): void {
  value.value = { ...value.value, chart: [...chart.value, { grade: '', from: null, to: null, preferred: false }] }
}
function remove(place: number): void {
  value.value = { ...value.value, chart: chart.value.filter((_, at) => at !== place) }
}
</script>

<template>
  <span class="stack tight">
    <span v-for="(row, place) in chart" :key="place" class="row tight">
      <input
        class="cell figure"
        aria-label="Grade"
        placeholder="10W-40"
        :value="row['grade']"
        @input="setRow(place, 'grade', typed($event))"
      />
      from
      <input
        class="cell figure"
        aria-label="Coldest air"
        :value="row['from'] ?? ''"
        @input="setRow(place, 'from', degrees($event))"
      />
      to
      <input
        class="cell figure"
        aria-label="Warmest air"
        :value="row['to'] ?? ''"
        @input="setRow(place, 'to', degrees($event))"
      />
      {{ unitText(String(value['unit'])) }}
      <label class="row tight"
        ><input type="radio" :checked="row['preferred'] === true" @change="prefer(place)" /> preferred</label
      >
      <button
        v-if="chart.length > 1"
        type="button"
        class="mini"
        :aria-label="`Remove grade ${place + 1}`"
        @click="remove(place)"
      >
        Remove
      </button>
    </span>
    <span class="row tight">
      <button type="button" class="mini" @click="add">Add a grade</button>
      <select
        class="cell"
        aria-label="Unit of the temperatures"
        :value="value['unit']"
        @change="value = { ...value, unit: typed($event) }"
      >
        <option value="c">°C</option>
        <option value="f">°F</option>
      </select>
    </span>
  </span>
</template>

<style scoped>
.tight {
  gap: 6px;
}
</style>
