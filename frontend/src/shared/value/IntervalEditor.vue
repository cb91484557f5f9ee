<script setup lang="ts">
import { decimalShown } from '@/shared/figures'
import { computed } from 'vue'
import type { Fields } from '@/shared/api/types'
import { decimalInput } from '@/shared/units'
import type { Raw } from './raw'

/** When a task is due: the first time, then every so often, and what severe use changes. */
defineProps<{ label: string; fields: Fields }>()
const value = defineModel<Raw>({ required: true })

const rows = [
  { key: 'first', word: 'first at' },
  { key: 'every', word: 'then every' },
  { key: 'severe', word: 'severe use: every' },
] as const
const limit = (key: string): Raw => (value.value[key] as Raw | null) ?? {}
const uses = computed(() => (Array.isArray(limit('severe')['uses']) ? (limit('severe')['uses'] as string[]) : []))

function set(key: string, part: string, to: unknown): void {
  const changed = { ...limit(key), [part]: to }
  const empty = (changed['hours'] ?? null) === null && (changed['months'] ?? null) === null
  const none = key !== 'every' && empty && !(Array.isArray(changed['uses']) && changed['uses'].length > 0)
  value.value = { ...value.value, [key]: none ? null : changed }
}
const typed = (event: Event): string => (event.target as HTMLInputElement).value
const hours = (event: Event): string | null => (typed(event).trim() === '' ? null : decimalInput(typed(event)))
const months = (event: Event): number | string | null => {
  const at = typed(event).trim()
  return at === '' ? null : /^\d+$/.test(at) ? Number(at) : at
}
function toggle(use: string, on: boolean): void {
  set('severe', 'uses', on ? [...uses.value, use] : uses.value.filter((each) => each !== use))
}
</script>

<template>
  <span class="stack tight">
    <span class="row tight">
      <select
        class="cell"
        :aria-label="`${label}, what is done`"
        :value="value['action']"
        @change="value = { ...value, action: typed($event) }"
      >
        <option v-for="each in fields.actions" :key="each.id" :value="each.id">{{ each.label }}</option>
      </select>
      <template v-for="row in rows" :key="row.key">
        <span class="muted small">{{ row.word }}</span>
        <input
          class="cell figure"
          :aria-label="`${label}, ${row.word}, hours`"
          :value="decimalShown(String(limit(row.key)['hours'] ?? ''))"
          @input="set(row.key, 'hours', hours($event))"
        />
        h
        <input
          class="cell figure"
          :aria-label="`${label}, ${row.word}, months`"
          :value="limit(row.key)['months'] ?? ''"
          @input="set(row.key, 'months', months($event))"
        />
        months
      </template>
    </span>
    <span v-if="value['severe']" class="row tight">
      <span class="muted small">severe is</span>
      <label v-for="use in fields.uses" :key="use.id" class="row tight">
        <input
          type="checkbox"
          :checked="uses.includes(use.id)"
          @change="toggle(use.id, ($event.target as HTMLInputElement).checked)"
        />
        {{ use.label }}
      </label>
    </span>
  </span>
</template>

<style scoped>
.tight {
  gap: 6px;
}

.figure {
  width: 56px;
}
</style>
