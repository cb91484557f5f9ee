<script setup lang="ts">
import { ref } from 'vue'
import type { EntryValue, NewEntry, Observation } from '@/shared/api/types'
import { decimalInput, jugUnit } from '@/shared/units'
import JugUnit from './JugUnit.vue'

type VolumeValue = NonNullable<EntryValue['volume']>

/** What is seen, by a press on the answer; of oil that was drained also how much came out, in a word or as it was measured. */
defineProps<{ answers: Observation[]; asksForAmount: boolean; sending: boolean }>()
const emit = defineEmits<{ send: [kind: NewEntry['kind'], value: EntryValue] }>()

const verdictWords = { go_on: '', note: 'noted', finding: 'finding', stop: 'STOP' }
const isMeasured = ref(false)
type Word = NonNullable<EntryValue['amount']>
const words: Record<Word, string> = { little: 'Little', usual: 'As it takes', more: 'More' }
const word = ref<Word | null>(null)
const amount = ref('')
const unit = ref<VolumeValue['unit']>(jugUnit())

function see(observation: Observation['value']): void {
  const drained = isMeasured.value ? amount.value.trim() : ''
  emit('send', 'observation', {
    observation,
    ...(drained === '' ? {} : { volume: { value: decimalInput(drained), unit: unit.value } }),
    ...(isMeasured.value || word.value === null ? {} : { amount: word.value }),
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
      <span class="verdict">{{ verdictWords[answer.verdict] }}</span>
    </button>
    <div v-if="isMeasured" class="amount">
      <label>
        came out
        <input v-model="amount" class="field" inputmode="decimal" autocomplete="off" />
      </label>
      <JugUnit v-model="unit" />
      <span class="muted">then press what you see</span>
    </div>
    <div v-else-if="asksForAmount" class="amount" role="group" aria-label="How much came out?">
      <span class="muted came">came out</span>
      <button
        v-for="(label, key) in words"
        :key="key"
        type="button"
        class="big plain"
        :aria-pressed="word === key"
        @click="word = word === key ? null : key"
      >
        {{ label }}
      </button>
      <button type="button" class="big plain" @click="isMeasured = true">Measured …</button>
    </div>
  </div>
</template>

<style scoped>
.amount {
  grid-column: 1 / -1;
  display: flex;
  gap: 10px;
  align-items: center;
  flex-wrap: wrap;
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

.plain[aria-pressed='true'] {
  font-weight: 700;
  border-style: solid;
  background: var(--green-tint);
}

.answers .big {
  font-size: 18px;
  padding: 8px 14px;
  text-align: left;
}

.came {
  white-space: nowrap;
}

.amount .plain {
  padding: 8px 10px;
}

@media (max-width: 760px) {
  .answers.many {
    grid-template-columns: 1fr 1fr;
  }
}

.verdict {
  font-size: 14px;
  float: right;
}
</style>
