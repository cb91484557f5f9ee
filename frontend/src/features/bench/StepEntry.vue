<script setup lang="ts">
import { computed } from 'vue'
import type { Bench, EntryValue, NewEntry } from '@/shared/api/types'
import CountEntry from './CountEntry.vue'
import LevelEntry from './LevelEntry.vue'
import PourEntry from './PourEntry.vue'
import TorqueEntry from './TorqueEntry.vue'
import TurnsEntry from './TurnsEntry.vue'
import type { BenchStep } from './useBench'

/** The entry that a step asks for. */
const props = defineProps<{ bench: Bench; current: BenchStep; sending: boolean; ahead: number }>()
const emit = defineEmits<{ send: [kind: NewEntry['kind'], value: EntryValue] }>()

const step = computed(() => props.current.step)
const answers = computed(() => props.bench.observations.filter((each) => each.question === step.value.entry))
const engine = computed(
  () => props.bench.document.engines.find((each) => each.position === props.current.operation.position) ?? null,
)
</script>

<template>
  <div v-if="answers.length > 0" class="answers" role="group" aria-label="What do you see?">
    <button
      v-for="answer in answers"
      :key="answer.value"
      type="button"
      class="big"
      :class="{ bad: answer.verdict === 'stop' }"
      :disabled="sending"
      @click="emit('send', 'observation', { observation: answer.value })"
    >
      {{ answer.label }}
      <span class="verdict">{{ answer.verdict === 'stop' ? 'STOP' : answer.verdict === 'note' ? 'noted' : '' }}</span>
    </button>
  </div>
  <PourEntry
    v-else-if="step.entry === 'poured'"
    :suggestion="engine?.oil?.firstPour ?? null"
    :sending="sending"
    @pour="(volume) => emit('send', 'poured', { volume })"
  />
  <LevelEntry
    v-else-if="step.entry === 'level' || step.entry === 'first_level'"
    :bench="bench"
    :current="current"
    :sending="sending"
    :ahead="ahead"
    @send="(kind, value) => emit('send', kind, value)"
  />
  <TorqueEntry
    v-else-if="step.tightening?.kind === 'torque'"
    :tightening="step.tightening"
    :key="step.id"
    :fitting="current.wrenches"
    :wrenches="bench.wrenches"
    :sending="sending"
    @tighten="(value) => emit('send', 'torque', value)"
  />
  <TurnsEntry
    v-else-if="step.tightening"
    :tightening="step.tightening"
    :sending="sending"
    @turn="(turns) => emit('send', 'turns', { turns })"
  />
  <CountEntry v-else-if="step.entry === 'count'" :sending="sending" @count="(value) => emit('send', 'count', value)" />
</template>

<style scoped>
.answers {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 10px;
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
