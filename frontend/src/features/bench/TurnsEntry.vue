<script setup lang="ts">
import { computed } from 'vue'
import type { Step } from '@/shared/api/types'

type Turns = Extract<NonNullable<Step['tightening']>, { minTurns: number }>

/** Eighths of a turn within the allowed range, as buttons. */
const props = defineProps<{ tightening: Turns; sending: boolean }>()
const emit = defineEmits<{ turn: [turns: string] }>()

const eighths = ['1/8', '1/4', '3/8', '1/2', '5/8', '3/4', '7/8', '1', '1 1/8', '1 1/4', '1 3/8', '1 1/2']
const choices = computed(() =>
  eighths.filter(
    (_, index) => (index + 1) / 8 >= props.tightening.minTurns && (index + 1) / 8 <= props.tightening.maxTurns,
  ),
)
</script>

<template>
  <div class="turns" role="group" aria-label="Turned on after contact by">
    <button
      v-for="choice in choices"
      :key="choice"
      type="button"
      class="big main"
      :disabled="sending"
      @click="emit('turn', choice)"
    >
      Turned {{ choice }}
    </button>
  </div>
</template>

<style scoped>
.turns {
  display: flex;
  gap: 10px;
  flex-wrap: wrap;
}
</style>
