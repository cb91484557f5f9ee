<script setup lang="ts">
import { decimalShown } from '@/shared/figures'
import { computed } from 'vue'
import { vTyped } from '@/shared/keyboard'
import type { Field } from '@/shared/api/types'
import { decimalInput } from '@/shared/units'
import { optionText, type Raw } from './raw'

const props = defineProps<{ column: Field['columns'][number]; label: string }>()
const value = defineModel<unknown>({ required: true })

const measure = computed(() => (value.value ?? {}) as Raw)
const words = computed(() => (Array.isArray(value.value) ? (value.value as string[]).join(', ') : ''))
const text = computed(() =>
  typeof value.value === 'string' || typeof value.value === 'number' ? String(value.value) : '',
)

const typed = (event: Event): string => (event.target as HTMLInputElement).value
function count(event: Event): void {
  const at = typed(event).trim()
  value.value = at === '' ? null : /^\d+$/.test(at) ? Number(at) : at
}
function size(part: 'value' | 'unit', to: string): void {
  const unit = props.column.kind === 'minutes' ? 'min' : (measure.value['unit'] ?? 'mm')
  const figure = part === 'value' ? to : (measure.value['value'] ?? '')
  const given =
    props.column.kind === 'minutes' && typeof figure === 'string' && /^\d+$/.test(figure) ? Number(figure) : figure
  value.value = figure === '' ? null : { value: given, unit: part === 'unit' ? to : unit }
}
</script>

<template>
  <select
    v-if="column.kind === 'choice'"
    class="cell"
    :aria-label="label"
    :value="text"
    @change="value = typed($event)"
  >
    <option value="">{{ column.required ? 'choose' : 'any' }}</option>
    <option v-for="option in column.options" :key="option" :value="option">{{ optionText(option) }}</option>
  </select>
  <span v-else-if="column.kind === 'length' || column.kind === 'minutes'" class="size">
    <input
      class="cell figure"
      :aria-label="label"
      :value="decimalShown(String(measure['value'] ?? ''))"
      @input="size('value', decimalInput(typed($event)))"
    />
    <select
      v-if="column.kind === 'length'"
      class="cell"
      :aria-label="`${label}, unit`"
      :value="measure['unit'] ?? 'mm'"
      @change="size('unit', typed($event))"
    >
      <option value="mm">mm</option>
      <option value="in">in</option>
    </select>
    <span v-else>min</span>
  </span>
  <input
    v-else-if="column.kind === 'count' || column.kind === 'percent'"
    class="cell figure"
    inputmode="numeric"
    :aria-label="label"
    :value="text"
    @input="count"
  />
  <input
    v-else-if="column.kind === 'texts'"
    class="cell wide"
    :aria-label="`${label}, with commas between`"
    v-typed="words"
    @change="
      value = typed($event)
        .split(',')
        .map((word) => word.trim())
        .filter(Boolean)
    "
  />
  <input v-else class="cell wide" :aria-label="label" :value="text" @input="value = typed($event)" />
</template>

<style scoped>
.figure {
  width: 54px;
}

.wide {
  min-width: 110px;
}

.size {
  display: flex;
  gap: 3px;
  align-items: center;
}
</style>
