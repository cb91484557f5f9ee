<script setup lang="ts">
import { decimalShown } from '@/shared/figures'
import { computed } from 'vue'
import type { Field, Fields } from '@/shared/api/types'
import { decimalInput } from '@/shared/units'
import GradesEditor from './GradesEditor.vue'
import IntervalEditor from './IntervalEditor.vue'
import TableEditor from './TableEditor.vue'
import TighteningEditor from './TighteningEditor.vue'
import { optionText, unitText, type Raw } from './raw'

/** The right control for one value: a figure with its unit, a choice, a tightening, a table. */
const props = defineProps<{ field: Field; fields: Fields; invalid?: boolean }>()
const value = defineModel<Raw>({ required: true })

const ranged = computed(() => (props.field.kind === 'band' ? ['low', 'high'] : ['min', 'max']))
const chosen = computed(() => (Array.isArray(value.value['values']) ? (value.value['values'] as string[]) : []))

function set(key: string, to: unknown): void {
  value.value = { ...value.value, [key]: to }
}
const text = (key: string): string => {
  const at = value.value[key]
  return typeof at === 'string' || typeof at === 'number' ? String(at) : ''
}
const typed = (event: Event): string => (event.target as HTMLInputElement).value
const whole = (event: Event): number | string | null => {
  const at = typed(event).trim()
  return at === '' ? null : /^\d+$/.test(at) ? Number(at) : at
}
function toggle(option: string, on: boolean): void {
  set('values', on ? [...chosen.value, option] : chosen.value.filter((each) => each !== option))
}
</script>

<template>
  <TighteningEditor v-if="field.kind === 'tightening'" v-model="value" :field="field" :fields="fields" />
  <GradesEditor v-else-if="field.kind === 'grades'" v-model="value" />
  <IntervalEditor v-else-if="field.kind === 'interval'" v-model="value" :label="field.label" :fields="fields" />
  <TableEditor v-else-if="field.kind === 'table'" v-model="value" :field="field" />
  <span v-else class="row tight">
    <template v-if="['volume', 'length', 'mass', 'power'].includes(field.kind)">
      <input
        class="cell figure"
        inputmode="decimal"
        :aria-label="field.label"
        :aria-invalid="invalid"
        :value="decimalShown(text('value'))"
        @input="set('value', decimalInput(typed($event)))"
      />
      <select
        class="cell"
        :aria-label="`Unit of ${field.label}`"
        :value="text('unit')"
        @change="set('unit', typed($event))"
      >
        <option v-for="unit in field.units" :key="unit" :value="unit">{{ unitText(unit) }}</option>
      </select>
    </template>
    <template v-else-if="field.kind === 'length_range' || field.kind === 'band'">
      <template v-for="(key, place) in ranged" :key="key">
        <span v-if="place === 1">to</span>
        <input
          class="cell figure"
          inputmode="decimal"
          :aria-label="`${field.label}, ${place === 0 ? 'from' : 'to'}`"
          :aria-invalid="invalid"
          :value="decimalShown(text(key))"
          @input="set(key, decimalInput(typed($event)))"
        />
      </template>
      <select
        v-if="field.kind === 'length_range'"
        class="cell"
        :aria-label="`Unit of ${field.label}`"
        :value="text('unit')"
        @change="set('unit', typed($event))"
      >
        <option v-for="unit in field.units" :key="unit" :value="unit">{{ unitText(unit) }}</option>
      </select>
      <span v-else class="muted small">of the span, 0 low, 1 top</span>
    </template>
    <template v-else-if="field.kind === 'minutes' || field.kind === 'count' || field.kind === 'turns'">
      <input
        class="cell figure"
        :inputmode="field.kind === 'turns' ? 'text' : 'numeric'"
        :aria-label="field.label"
        :aria-invalid="invalid"
        :value="decimalShown(text('value'))"
        @input="set('value', field.kind === 'turns' ? typed($event) : whole($event))"
      />
      <span v-if="field.kind === 'minutes'">min</span>
      <span v-if="field.kind === 'turns'">turns <span class="muted small">such as 1 1/2</span></span>
    </template>
    <select
      v-else-if="field.kind === 'choice'"
      class="cell"
      :aria-label="field.label"
      :value="decimalShown(text('value'))"
      @change="set('value', typed($event))"
    >
      <option value="" disabled>choose</option>
      <option v-for="option in field.options" :key="option" :value="option">{{ optionText(option) }}</option>
    </select>
    <select
      v-else-if="field.kind === 'flag'"
      class="cell"
      :aria-label="field.label"
      :value="value['value'] === true ? 'yes' : value['value'] === false ? 'no' : ''"
      @change="set('value', typed($event) === 'yes')"
    >
      <option value="" disabled>choose</option>
      <option value="yes">yes</option>
      <option value="no">no</option>
    </select>
    <template v-else-if="field.kind === 'choices'">
      <label v-for="option in field.options" :key="option" class="row tight">
        <input
          type="checkbox"
          :checked="chosen.includes(option)"
          @change="toggle(option, ($event.target as HTMLInputElement).checked)"
        />
        {{ optionText(option) }}
      </label>
    </template>
    <template v-else-if="field.kind === 'part'">
      <input
        class="cell"
        :aria-label="field.label"
        :aria-invalid="invalid"
        placeholder="part number"
        :value="text('part')"
        @input="set('part', typed($event).trim())"
      />
      <span aria-hidden="true">×</span>
      <input
        class="cell figure"
        inputmode="numeric"
        :aria-label="`${field.label}, pieces for one engine`"
        :value="text('count')"
        @input="set('count', whole($event))"
      />
    </template>
    <input
      v-else
      class="cell wide"
      :aria-label="field.label"
      :aria-invalid="invalid"
      :value="decimalShown(text('value'))"
      @input="set('value', typed($event))"
    />
  </span>
</template>

<style scoped>
.tight {
  gap: 6px;
  flex: 1;
}

.figure:nth-of-type(n + 3) {
  width: 60px;
}
</style>
