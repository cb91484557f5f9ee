<script setup lang="ts">
import { computed, ref } from 'vue'
import type { EntryValue } from '@/shared/api/types'

/** “Not done” needs a reason: one of the usual, or words. It may be the step alone, or all of its task that has not begun. */
const props = defineProps<{
  must: boolean
  sending: boolean
  /** The task that the step is a part of; empty: it belongs to every visit. */
  task: string
  /** The service writer may take the task out of the order. */
  mayDrop: boolean
}>()
const emit = defineEmits<{ cancel: []; reason: [value: EntryValue]; drop: [value: EntryValue] }>()

const causes: [NonNullable<EntryValue['cause']>, string][] = [
  ['seized', 'seized'],
  ['damaged', 'damaged'],
  ['part_short', 'part short'],
  ['no_time', 'no time'],
  ['customer', 'customer'],
  ['other', 'something else'],
]
const cause = ref<NonNullable<EntryValue['cause']>>('other')
const text = ref('')
const whole = ref(false)
const dropped = ref(false)
const isSaid = computed(() => cause.value !== 'other' || text.value.trim() !== '')

function enter(): void {
  if (dropped.value) {
    emit('drop', { text: text.value.trim(), cause: cause.value })
    return
  }
  const isWhole = whole.value && props.task !== ''
  emit('reason', { text: text.value.trim(), cause: cause.value, ...(isWhole ? { whole: true } : {}) })
}
</script>

<template>
  <form class="could-not" @submit.prevent="enter">
    <div class="row causes" role="radiogroup" aria-label="The cause">
      <button
        v-for="[value, label] in causes"
        :key="value"
        type="button"
        role="radio"
        class="big cause"
        :class="{ main: cause === value }"
        :aria-checked="cause === value"
        @click="cause = value"
      >
        {{ label }}
      </button>
    </div>
    <label>
      Why could it not be done?
      <input v-model="text" class="field" maxlength="500" :required="cause === 'other'" />
    </label>
    <label v-if="task !== ''" class="whole">
      <input v-model="whole" type="checkbox" @change="dropped = false" /> Nothing more of “{{ task }}” is done: it stays
      due
    </label>
    <label v-if="task !== '' && mayDrop" class="whole">
      <input v-model="dropped" type="checkbox" @change="whole = false" /> “{{ task }}” is taken out of this order, as
      far as it has not begun
    </label>
    <p v-if="must && !whole && !dropped" class="band stop">
      Without this step its task is not done, and the engine may not be fit to run. It can be entered again later.
    </p>
    <div class="row">
      <button type="button" class="big" @click="emit('cancel')">Leave it</button>
      <button type="submit" class="big main" :disabled="sending || !isSaid">Enter the reason</button>
    </div>
  </form>
</template>

<style scoped>
.could-not {
  padding: 12px 20px 18px;
  display: flex;
  flex-direction: column;
  gap: 10px;
}

.causes {
  flex-wrap: wrap;
  gap: 8px;
}

.cause {
  padding: 0 16px;
  font-size: 17px;
}

.whole {
  display: flex;
  gap: 10px;
  align-items: center;
  min-height: 44px;
}

.whole input {
  width: 26px;
  height: 26px;
  accent-color: var(--green);
}

.field {
  width: 100%;
  font-size: 19px;
}
</style>
