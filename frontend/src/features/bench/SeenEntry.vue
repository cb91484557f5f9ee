<script setup lang="ts">
import { ref } from 'vue'
import type { EntryValue, NewEntry, Observation } from '@/shared/api/types'
import { decimalInput } from '@/shared/units'
import JugUnit from './JugUnit.vue'

type VolumeValue = NonNullable<EntryValue['volume']>

/** What is seen, by a press on the answer; of oil that was drained also how much came out, if somebody measured it. */
defineProps<{ answers: Observation[]; asksForAmount: boolean; sending: boolean }>()
const emit = defineEmits<{ send: [kind: NewEntry['kind'], value: EntryValue] }>()

const isMeasured = ref(false)
const amount = ref('')
const unit = ref<VolumeValue['unit']>('l')

function see(observation: Observation['value']): void {
  const drained = isMeasured.value ? amount.value.trim() : ''
  emit('send', 'observation', {
    observation,
    ...(drained === '' ? {} : { volume: { value: decimalInput(drained), unit: unit.value } }),
  })
}
</script>

<template>
  <div class="answers" :class="{ many: answers.length > 4 }" role="group" aria-label="What do you see?">
    <button
      v-for="answer in answers"
      :key="answer.value"
      type="button"
      class="big"
      :class="{ bad: answer.verdict === 'stop' }"
      :disabled="sending"
      @click="see(answer.value)"
    >
      {{ answer.label }}
      <span class="verdict">{{ answer.verdict === 'stop' ? 'STOP' : answer.verdict === 'note' ? 'noted' : '' }}</span>
    </button>
    <div v-if="isMeasured" class="amount">
      <label>
        came out
        <input v-model="amount" class="field" inputmode="decimal" autocomplete="off" />
      </label>
      <JugUnit v-model="unit" />
      <span class="muted">then press what you see</span>
    </div>
    <button v-else-if="asksForAmount" type="button" class="big plain" @click="isMeasured = true">
      I measured how much came out …
    </button>
  </div>
</template>

<style scoped>
.amount {
  grid-column: span 2;
  display: flex;
  gap: 10px;
  align-items: flex-end;
}

.amount .field {
  width: 120px;
}

.answers {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 10px;
}

.answers.many {
  grid-template-columns: 1fr 1fr 1fr;
}

.plain {
  font-weight: 400;
  border-style: dashed;
}

.answers .big {
  font-size: 18px;
  padding: 8px 14px;
  text-align: left;
}

.verdict {
  font-size: 14px;
  float: right;
}
</style>
