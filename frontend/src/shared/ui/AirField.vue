<script setup lang="ts">
import { computed } from 'vue'
import { celsiusOf, fahrenheitOf, figureStyle } from '@/shared/figures'
import WholeField from './WholeField.vue'

/** The air of a place: whole degrees Celsius, typed and shown in whole degrees Fahrenheit where people read those. */
defineProps<{ label: string }>()
const degrees = defineModel<number>({ required: true })
const scale = computed(() =>
  figureStyle.value.customary
    ? { unit: '°F', min: fahrenheitOf(-60), max: fahrenheitOf(60), range: '−76 to 140 °F' }
    : { unit: '°C', min: -60, max: 60, range: '−60 to 60 °C' },
)
const shown = computed({
  get: () => (figureStyle.value.customary ? fahrenheitOf(degrees.value) : degrees.value),
  set: (typed: number) => (degrees.value = figureStyle.value.customary ? celsiusOf(typed) : typed),
})
</script>

<template>
  <WholeField
    v-model="shown"
    :label="label"
    :unit="scale.unit"
    :min="scale.min"
    :max="scale.max"
    :flaw="`The air is whole degrees, from ${scale.range}.`"
  />
</template>
