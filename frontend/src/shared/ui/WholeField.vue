<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { vFlaw } from '@/shared/keyboard'
import { wholeNumber } from '@/shared/units'

/** A whole number with its unit; what is none, an empty field too, is shown as wrong and goes no further. */
const props = defineProps<{ label: string; unit: string; min: number; max: number; flaw: string; id?: string }>()
const number = defineModel<number>({ required: true })
const typed = ref(String(number.value))
watch(number, (now) => {
  typed.value = wholeNumber(typed.value) === now ? typed.value : String(now)
})
const wrong = computed(() => {
  const read = wholeNumber(typed.value)
  return read === null || read < props.min || read > props.max ? props.flaw : null
})
function take(): void {
  const read = wholeNumber(typed.value)
  if (wrong.value === null && read !== null) {
    number.value = read
  }
}
</script>

<template>
  <input
    :id="id"
    v-model="typed"
    v-flaw="wrong"
    class="cell whole"
    inputmode="numeric"
    autocomplete="off"
    :aria-label="label"
    @change="take"
  />
  {{ unit }}
  <span v-if="wrong" class="wrong" role="alert">{{ wrong }}</span>
</template>

<style scoped>
.whole {
  width: 58px;
  text-align: right;
}

.whole[aria-invalid='true'] {
  border-color: var(--red);
}

.wrong {
  color: var(--red);
  font-weight: 700;
}
</style>
