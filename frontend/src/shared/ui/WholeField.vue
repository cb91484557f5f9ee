<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { vFlaw } from '@/shared/keyboard'
import { wholeNumber } from '@/shared/units'

/** A whole number with its unit; what is none, an empty field too, is shown as wrong and goes no further. */
const props = defineProps<{ label: string; unit: string; min: number; max: number; flaw: string; id?: string }>()
const number = defineModel<number>({ required: true })
/** What nobody has entered yet is no number. */
const shown = (value: number): string => (Number.isFinite(value) ? String(value) : '')
const typed = ref(shown(number.value))
watch(number, (now) => {
  typed.value = wholeNumber(typed.value) === now ? typed.value : shown(now)
})
const wrong = computed(() => {
  const read = wholeNumber(typed.value)
  return read === null || read < props.min || read > props.max ? props.flaw : null
})
/** An empty field is not told that it is empty before somebody has been there. */
const wasThere = ref(typed.value !== '')
function take(): void {
  wasThere.value = true
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
  <span v-if="wrong && (wasThere || typed !== '')" class="wrong" role="alert">{{ wrong }}</span>
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
