<script setup lang="ts">
import WholeField from './WholeField.vue'

/** The air of a place, in whole degrees Celsius. */
defineProps<{ label: string }>()
const degrees = defineModel<number>({ required: true })
</script>

<template>
  <WholeField
    v-model="degrees"
    :label="label"
    unit="°C"
    :min="-60"
    :max="60"
    flaw="The air is whole degrees, from −60 to 60 °C."
  />
</template>
