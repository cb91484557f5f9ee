<script setup lang="ts">
import { computed, ref } from 'vue'
import type { EntryValue } from '@/shared/api/types'
import { shopTime } from '@/shared/api/client'
import { useShop } from '@/shared/session'
import { dayIn, instantOf } from '@/shared/units'
import DayField from '@/shared/ui/DayField.vue'

/** Nobody works on the order until a part, a decision, or the morning is there. */
defineProps<{ sending: boolean }>()
const emit = defineEmits<{ cancel: []; park: [value: EntryValue] }>()
const { timeZone } = useShop()

const causes: [NonNullable<EntryValue['waitsFor']>, string][] = [
  ['part', 'a part'],
  ['decision', 'a decision'],
  ['night', 'the night'],
  ['other', 'something else'],
]
const waitsFor = ref<NonNullable<EntryValue['waitsFor']>>('night')
const text = ref('')
const day = ref(dayIn(shopTime(), timeZone.value))
const time = ref('')
const until = computed(() => (time.value.trim() === '' ? null : instantOf(day.value, time.value, timeZone.value)))
const isSaid = computed(
  () => (waitsFor.value !== 'other' || text.value.trim() !== '') && (time.value.trim() === '' || until.value !== null),
)
</script>

<template>
  <form class="park" aria-label="Park the order" @submit.prevent="emit('park', { waitsFor, text: text.trim(), until })">
    <h1>What does it wait for?</h1>
    <div class="row" role="radiogroup" aria-label="It waits for">
      <button
        v-for="[value, label] in causes"
        :key="value"
        type="button"
        role="radio"
        class="big"
        :class="{ main: waitsFor === value }"
        :aria-checked="waitsFor === value"
        @click="waitsFor = value"
      >
        {{ label }}
      </button>
    </div>
    <label>Words for who goes on with it <input v-model="text" class="field wide" maxlength="500" /></label>
    <div class="row">
      <label>until, day <DayField v-model="day" class="field day" /></label>
      <label>time <input v-model="time" class="field" placeholder="8:00" /></label>
      <span class="muted">No time: nobody knows yet.</span>
    </div>
    <div class="row">
      <button type="button" class="big" @click="emit('cancel')">Go on working</button>
      <button type="submit" class="big main" :disabled="sending || !isSaid">Park it</button>
    </div>
  </form>
</template>

<style scoped>
.park {
  flex: 1;
  overflow: auto;
  padding: 20px;
  display: flex;
  flex-direction: column;
  gap: 16px;
}

.row {
  flex-wrap: wrap;
  gap: 10px;
  align-items: flex-end;
}

.wide {
  width: 100%;
}

.day {
  width: 240px;
}
</style>
