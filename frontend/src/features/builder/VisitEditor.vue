<script setup lang="ts">
import type { Draft } from '@/shared/api/types'
import { placeWords } from '@/shared/words'
import AirField from '@/shared/ui/AirField.vue'

/** Where the job is done and the air until the next service, while the order is still a draft. */
const draft = defineModel<Draft>({ required: true })
const emit = defineEmits<{ changed: [] }>()

function setAir(end: 'coldestC' | 'warmestC', degrees: number): void {
  draft.value[end] = degrees
  emit('changed')
}

function setPlace(event: Event): void {
  draft.value.place = (event.target as HTMLSelectElement).value as Draft['place']
  emit('changed')
}
function setTechnicians(event: Event): void {
  draft.value.technicians = Number((event.target as HTMLSelectElement).value)
  emit('changed')
}
</script>

<template>
  <div class="visit small">
    <label>
      done
      <select :value="draft.place" @change="setPlace">
        <option v-for="(words, place) in placeWords" :key="place" :value="place">{{ words }}</option>
      </select>
    </label>
    <label
      >air from
      <AirField
        label="air from"
        :model-value="draft.coldestC"
        @update:model-value="(degrees) => setAir('coldestC', degrees)"
    /></label>
    <label
      >to
      <AirField
        label="air to"
        :model-value="draft.warmestC"
        @update:model-value="(degrees) => setAir('warmestC', degrees)"
    /></label>
    <label
      >by
      <select aria-label="Technicians" :value="draft.technicians ?? 1" @change="setTechnicians">
        <option v-for="count in 4" :key="count" :value="count">
          {{ count }} {{ count === 1 ? 'technician' : 'technicians' }}
        </option>
      </select></label
    >
  </div>
</template>

<style scoped>
.visit {
  display: flex;
  gap: 12px;
  align-items: center;
}

select,
.visit :deep(input) {
  font: inherit;
  height: 26px;
  border: 1px solid var(--field-line);
  border-radius: 3px;
  background: var(--panel);
  color: var(--ink);
}
</style>
