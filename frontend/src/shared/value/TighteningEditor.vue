<script setup lang="ts">
import { decimalShown } from '@/shared/figures'
import { computed } from 'vue'
import { vTyped } from '@/shared/keyboard'
import type { Field, Fields } from '@/shared/api/types'
import { decimalInput } from '@/shared/units'
import { optionText, unitText, type Raw } from './raw'

/** How a joint is made tight: the kind first, then just what that kind needs. */
const props = defineProps<{ field: Field; fields: Fields }>()
const value = defineModel<Raw>({ required: true })

const word = (key: string): string => (typeof value.value[key] === 'string' ? value.value[key] : '')
const kind = computed(() => word('kind'))
const needs = computed(() => props.fields.tightenings.find((each) => each.kind === kind.value)?.keys ?? [])
const words: Record<string, string> = { min: 'from', nominal: 'to set', max: 'to' }
const figures = computed(() => ['min', 'nominal', 'max'].filter((key) => needs.value.includes(key)))
const unit = computed(() => (needs.value.includes('unit') ? unitText(word('unit')) : 'turn'))
const reused = computed(() => (value.value['reused'] as Raw | null | undefined) ?? null)
const stages = computed(() =>
  Array.isArray(value.value['stages']) ? (value.value['stages'] as string[]).join(' ') : '',
)

const typed = (event: Event): string => (event.target as HTMLInputElement).value
const figure = (event: Event): string => (needs.value.includes('unit') ? decimalInput(typed(event)) : typed(event))
const degrees = (event: Event): number | null => (typed(event) === '' ? null : Number(typed(event)))
function set(key: string, to: unknown): void {
  value.value = { ...value.value, [key]: to }
}
function choose(to: string): void {
  const keys = props.fields.tightenings.find((each) => each.kind === to)?.keys ?? []
  const kept = Object.fromEntries(Object.entries(value.value).filter(([key]) => keys.includes(key)))
  const fresh = keys.includes('unit') ? { unit: 'nm', thread: 'dry' } : {}
  value.value = { ...fresh, ...kept, kind: to }
}
</script>

<template>
  <span class="stack tight">
    <span class="row tight">
      <select class="cell" :aria-label="`${field.label}, kind`" :value="kind" @change="choose(typed($event))">
        <option v-for="each in fields.tightenings" :key="each.kind" :value="each.kind">{{ each.label }}</option>
      </select>
      <label v-if="needs.includes('stages')">
        stages
        <input
          class="cell"
          inputmode="decimal"
          placeholder="25 45 58"
          v-typed="stages"
          @change="set('stages', typed($event).replaceAll(',', '.').split(/\s+/).filter(Boolean))"
        />
      </label>
      <label v-for="key in figures" :key="key">
        {{ words[key] }}
        <input
          class="cell figure"
          inputmode="decimal"
          :value="decimalShown(String(value[key] ?? ''))"
          @input="set(key, figure($event))"
        />
      </label>
      <select
        v-if="needs.includes('unit')"
        class="cell"
        :aria-label="`Unit of ${field.label}`"
        :value="value['unit']"
        @change="set('unit', typed($event))"
      >
        <option v-for="each in field.units" :key="each" :value="each">{{ unitText(each) }}</option>
      </select>
      <span v-else-if="figures.length > 0">turn</span>
      <label v-if="needs.includes('angle')">
        +
        <input
          class="cell figure"
          inputmode="numeric"
          :value="value['angle'] ?? ''"
          @input="set('angle', degrees($event))"
        />
        °
      </label>
      <label v-if="needs.includes('secondAngle') && typeof value['angle'] === 'number'">
        then
        <input
          class="cell figure"
          inputmode="numeric"
          :value="value['secondAngle'] ?? ''"
          @input="set('secondAngle', degrees($event))"
        />
        °
      </label>
    </span>
    <span v-if="needs.includes('thread')" class="row tight">
      <select
        class="cell"
        :aria-label="`${field.label}, thread`"
        :value="value['thread']"
        @change="set('thread', typed($event))"
      >
        <option v-for="each in fields.threads" :key="each.id" :value="each.id">{{ each.label }}</option>
      </select>
      <select
        class="cell"
        :aria-label="`${field.label}, pattern`"
        :value="value['pattern'] ?? 'any'"
        @change="set('pattern', typed($event))"
      >
        <option v-for="each in fields.patterns" :key="each.id" :value="each.id">{{ each.label }}</option>
      </select>
    </span>
    <span v-if="needs.includes('reused')" class="row tight">
      <label class="row tight">
        <input
          type="checkbox"
          :checked="reused !== null"
          @change="set('reused', ($event.target as HTMLInputElement).checked ? {} : null)"
        />
        another figure for a washer used again
      </label>
      <template v-if="reused">
        <label v-for="key in figures" :key="key">
          {{ words[key] }}
          <input
            class="cell figure"
            :value="reused[key] ?? ''"
            @input="set('reused', { ...reused, [key]: figure($event) })"
          />
        </label>
        {{ optionText(unit) }}
      </template>
    </span>
  </span>
</template>

<style scoped>
.tight {
  gap: 6px;
}

.figure {
  width: 66px;
}
</style>
