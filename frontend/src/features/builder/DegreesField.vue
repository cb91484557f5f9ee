<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { vFlaw } from '@/shared/keyboard'
import { wholeNumber } from '@/shared/units'

/** Whole degrees Celsius; what is no temperature is shown as wrong and stays out of the order. */
defineProps<{ label: string }>()
const degrees = defineModel<number>({ required: true })
const typed = ref(String(degrees.value))
watch(degrees, (now) => {
  typed.value = wholeNumber(typed.value) === now ? typed.value : String(now)
})
const flaw = computed(() => {
  const read = wholeNumber(typed.value)
  return read === null || read < -60 || read > 60 ? 'The air is whole degrees, from −60 to 60 °C.' : null
})
function take(): void {
  const read = wholeNumber(typed.value)
  if (flaw.value === null && read !== null) {
    degrees.value = read
  }
}
</script>

<template>
  <input v-model="typed" v-flaw="flaw" class="degrees" inputmode="numeric" :aria-label="label" @change="take" /> °C
  <span v-if="flaw" class="flaw" role="alert">{{ flaw }}</span>
</template>

<style scoped>
.degrees {
  width: 46px;
  text-align: right;
}

.degrees[aria-invalid='true'] {
  border-color: var(--red);
}

.flaw {
  color: var(--red);
  font-weight: 700;
}
</style>
