<script setup lang="ts">
import { computed } from 'vue'
import type { Bench, EntryValue, NewEntry } from '@/shared/api/types'
import CountEntry from './CountEntry.vue'
import FastenersEntry from './FastenersEntry.vue'
import LevelEntry from './LevelEntry.vue'
import MeasureEntry from './MeasureEntry.vue'
import PourEntry from './PourEntry.vue'
import SeenEntry from './SeenEntry.vue'
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
  <SeenEntry
    v-if="answers.length > 0"
    :key="step.id"
    :answers="answers"
    :asks-for-amount="step.entry === 'oil_appearance'"
    :sending="sending"
    @send="(kind, value) => emit('send', kind, value)"
  />
  <PourEntry
    v-else-if="step.entry === 'poured'"
    :suggestion="engine?.oil?.firstPour ?? null"
    :sending="sending"
    @pour="(volume) => emit('send', 'poured', { volume })"
  />
  <LevelEntry
    v-else-if="['level', 'first_level', 'level_once'].includes(step.entry)"
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
  <FastenersEntry
    v-else-if="step.entry === 'fasteners'"
    :key="step.id"
    :named="step.count ?? 0"
    :sending="sending"
    @count="(value) => emit('send', 'count', value)"
  />
  <MeasureEntry
    v-else-if="step.entry === 'measured'"
    :key="step.id"
    :bench="bench"
    :current="current"
    :sending="sending"
    @measure="(value) => emit('send', 'measured', value)"
  />
  <CountEntry v-else-if="step.entry === 'count'" :sending="sending" @count="(value) => emit('send', 'count', value)" />
</template>
