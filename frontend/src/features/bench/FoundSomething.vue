<script setup lang="ts">
import { computed, ref } from 'vue'
import EngineSpots from '@/drawing/EngineSpots.vue'
import type { EntryValue } from '@/shared/api/types'

/** Something that somebody came upon, whatever the step asks for: where, what, and how bad. */
const props = defineProps<{ sending: boolean }>()
const emit = defineEmits<{ cancel: []; found: [value: EntryValue] }>()

const verdicts: [NonNullable<EntryValue['verdict']>, string, string][] = [
  ['note', 'Only to be noted', 'It stands in the record, and nothing waits for it.'],
  ['finding', 'Somebody decides', 'Before the release: put right here, put to the owner, or it may wait.'],
  ['stop', 'STOP', 'Nothing more is done at this engine until a lead has decided.'],
]
const spot = ref<NonNullable<EntryValue['spot']> | null>(null)
const text = ref('')
const verdict = ref<NonNullable<EntryValue['verdict']> | null>(null)
const means = computed(() => verdicts.find(([value]) => value === verdict.value)?.[2] ?? '')
const missing = computed(() =>
  spot.value === null
    ? 'Touch where it is'
    : text.value.trim() === ''
      ? 'Say what it is'
      : verdict.value === null
        ? 'Say how bad it is'
        : '',
)

function enter(): void {
  if (spot.value !== null && verdict.value !== null && missing.value === '' && !props.sending) {
    emit('found', { spot: spot.value, text: text.value.trim(), verdict: verdict.value })
  }
}
</script>

<template>
  <form class="found" @submit.prevent="enter">
    <EngineSpots :chosen="spot" @pick="(place) => (spot = place)" />
    <div class="said">
      <h1>Found something</h1>
      <label>
        What is it?
        <input v-model="text" class="field" maxlength="500" />
      </label>
      <div class="row" role="radiogroup" aria-label="How bad is it?">
        <button
          v-for="[value, label] in verdicts"
          :key="value"
          type="button"
          role="radio"
          class="big"
          :class="{ main: verdict === value, bad: value === 'stop' }"
          :aria-checked="verdict === value"
          @click="verdict = value"
        >
          {{ label }}
        </button>
      </div>
      <p class="muted">{{ means }}</p>
      <div class="row">
        <button type="button" class="big" @click="emit('cancel')">Leave it</button>
        <button type="submit" class="big main" :disabled="sending || missing !== ''">
          {{ missing === '' ? 'Enter' : missing }}
        </button>
      </div>
    </div>
  </form>
</template>

<style scoped>
.found {
  flex: 1;
  display: grid;
  grid-template-columns: minmax(240px, 360px) minmax(0, 1fr);
  gap: 24px;
  padding: 16px 20px;
  overflow: auto;
}

.said {
  display: flex;
  flex-direction: column;
  gap: 12px;
}

.row {
  flex-wrap: wrap;
  gap: 8px;
}

.big {
  min-height: 60px;
  font-size: 18px;
  padding: 0 16px;
}

.big.main.bad {
  background: var(--red);
  color: #fff;
}

.field {
  width: 100%;
  height: 60px;
  font-size: 19px;
}

@media (max-width: 700px) {
  .found {
    grid-template-columns: 1fr;
  }
}
</style>
