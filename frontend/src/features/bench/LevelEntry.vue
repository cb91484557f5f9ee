<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import Dipstick from '@/drawing/Dipstick.vue'
import type { Bench, EntryValue, NewEntry } from '@/shared/api/types'
import { useNow } from '@/shared/now'
import { decimalInput } from '@/shared/units'
import AdviceNote from './AdviceNote.vue'
import PourEntry from './PourEntry.vue'
import type { BenchStep } from './useBench'

/** A dipstick reading, what it means, and the top-up only when a settled reading asks for it. The log counts the rest. */
const props = defineProps<{ bench: Bench; current: BenchStep; sending: boolean; ahead: number }>()
const emit = defineEmits<{ send: [kind: NewEntry['kind'], value: EntryValue] }>()

const oil = computed(() => props.bench.oil.find((each) => each.position === props.current.operation.position) ?? null)
const level = computed(
  () => props.bench.document.engines.find((each) => each.position === props.current.operation.position)?.level ?? null,
)
const advice = computed(() => oil.value?.advice ?? null)
const reading = ref('')
const rest = ref('')
const now = useNow()

/** Minutes since the run or the pour, by the log; null: it does not know, and somebody has to say. */
const rested = computed(() =>
  oil.value?.eventAt
    ? Math.max(0, Math.floor((now.value + props.ahead - Date.parse(oil.value.eventAt)) / 60_000))
    : null,
)
watch(
  () => oil.value?.eventAt,
  () => (reading.value = ''),
)
const number = computed(() => {
  const value = Number(decimalInput(reading.value))
  return reading.value.trim() === '' || Number.isNaN(value) ? null : value
})

function read(): void {
  const value = { reading: decimalInput(reading.value) }
  emit('send', 'level', rested.value === null ? { ...value, restMin: Number(rest.value) } : value)
}
</script>

<template>
  <div class="level">
    <AdviceNote v-if="advice" :advice="advice" />
    <PourEntry
      v-if="advice?.advice === 'add'"
      :suggestion="{ value: String(advice.amountMl), unit: 'ml', text: '' }"
      :sending="sending"
      verb="Added"
      suggested="as advised"
      @pour="(volume) => emit('send', 'poured', { volume })"
    />
    <PourEntry
      v-else-if="advice?.advice === 'takeOut'"
      :suggestion="{ value: String(advice.amountMl), unit: 'ml', text: '' }"
      :sending="sending"
      verb="Took out"
      suggested="as advised"
      @pour="(volume) => emit('send', 'taken_out', { volume })"
    />
    <form v-else-if="!current.done" class="read" @submit.prevent="read">
      <Dipstick
        v-if="level"
        :low="Number(level.band.low)"
        :high="Number(level.band.high)"
        :reading="number"
        @pick="(at) => (reading = at.toFixed(2))"
      />
      <label
        >reading
        <input v-model="reading" class="field" inputmode="decimal" autocomplete="off" required placeholder="0 – 1"
      /></label>
      <label v-if="rested === null"
        >rested, min <input v-model="rest" class="field" inputmode="numeric" pattern="[0-9]+" required
      /></label>
      <span v-else class="rested"
        >rested<br /><strong>{{ rested }} min</strong></span
      >
      <button type="submit" class="big main" :disabled="sending || number === null">Enter</button>
    </form>
  </div>
</template>

<style scoped>
.level {
  display: flex;
  flex-direction: column;
  gap: 12px;
}

.read {
  display: flex;
  gap: 10px;
  align-items: flex-end;
}

.read .big {
  padding: 0 20px;
}

.dipstick {
  flex: 1 1 240px;
  min-width: 200px;
}

.field {
  width: 108px;
}

.rested {
  min-width: 80px;
  padding-bottom: 8px;
}
</style>
