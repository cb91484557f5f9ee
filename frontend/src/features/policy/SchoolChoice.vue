<script setup lang="ts">
import type { SchoolQuestion } from '@/shared/api/types'
import FieldNote from '@/shared/ui/FieldNote.vue'

/** One question with its schools, what speaks for each, and what the answer changes. */
defineProps<{ question: SchoolQuestion; answer: string; fixed: boolean; problem: string | undefined }>()
const emit = defineEmits<{ choose: [code: string] }>()
</script>

<template>
  <fieldset class="panel">
    <legend>{{ question.title }}</legend>
    <div class="schools">
      <label
        v-for="school in question.schools"
        :key="school.code"
        class="school"
        :class="{ chosen: school.code === answer, refused: school.refused !== null }"
      >
        <input
          type="radio"
          :name="question.id"
          :value="school.code"
          :checked="school.code === answer"
          :disabled="fixed || school.refused !== null"
          @change="emit('choose', school.code)"
        />
        <span>
          <strong>{{ school.name }}</strong>
          <span v-if="school.code === question.standard" class="muted small"> · usual</span><br />
          <span class="small">{{ school.reason }}</span>
          <span v-if="school.refused" class="small alarm"><br />{{ school.refused }}</span>
        </span>
      </label>
    </div>
    <p class="muted small">Changes: {{ question.changes.charAt(0).toLowerCase() + question.changes.slice(1) }}</p>
    <FieldNote :text="problem" />
  </fieldset>
</template>

<style scoped>
fieldset {
  margin: 0;
  padding: 4px 14px 10px;
}

legend {
  font-weight: 700;
  padding: 0 6px;
}

.schools {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(220px, 1fr));
  gap: 8px;
  margin-bottom: 6px;
}

.school {
  display: flex;
  gap: 8px;
  align-items: flex-start;
  border: 1px solid var(--line);
  border-radius: 3px;
  padding: 7px 10px;
}

.school.chosen {
  border-color: var(--green);
  background: var(--green-tint);
}

.school.refused {
  background: var(--paper);
}

.alarm {
  color: var(--red);
}

input {
  flex: none;
  width: 18px;
  height: 18px;
  margin-top: 1px;
  accent-color: var(--green);
}
</style>
