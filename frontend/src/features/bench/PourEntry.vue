<script setup lang="ts">
import { ref } from 'vue'
import type { EntryValue, WorkEngine } from '@/shared/api/types'
import { decimalInput, jugUnit } from '@/shared/units'
import JugUnit from './JugUnit.vue'

type VolumeValue = NonNullable<EntryValue['volume']>

/** How much was poured, in the unit that the jug shows. */
const props = defineProps<{
  suggestion: NonNullable<WorkEngine['oil']>['firstPour'] | null
  sending: boolean
  verb?: string
  suggested?: string
}>()
const emit = defineEmits<{ pour: [volume: VolumeValue] }>()

const amount = ref('')
const unit = ref<VolumeValue['unit']>(jugUnit())

function enter(): void {
  if (!props.sending) {
    emit('pour', { value: decimalInput(amount.value), unit: unit.value })
  }
}

/** What went in is what was to go in: a press says it all. */
function takeSuggestion(): void {
  if (props.suggestion) {
    const isMl = props.suggestion.unit === 'ml' && Number(props.suggestion.value) >= 1000
    amount.value = isMl ? String(Number(props.suggestion.value) / 1000) : props.suggestion.value
    unit.value = isMl ? 'l' : props.suggestion.unit
    enter()
  }
}
</script>

<template>
  <form class="pour" @submit.prevent="enter">
    <label>
      {{ verb ?? 'Poured' }}
      <input v-model="amount" class="field" inputmode="decimal" autocomplete="off" required />
    </label>
    <JugUnit v-model="unit" />
    <button v-if="suggestion" type="button" class="big main" :disabled="sending" @click="takeSuggestion">
      {{ suggested ?? 'as on the order' }}
    </button>
    <button type="submit" class="big" :disabled="sending || amount.trim() === ''">Enter</button>
  </form>
</template>

<style scoped>
.pour {
  display: flex;
  gap: 10px;
  align-items: flex-end;
  flex-wrap: wrap;
}

.big {
  padding: 0 18px;
}
</style>
