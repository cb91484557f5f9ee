<script setup lang="ts">
import { computed } from 'vue'
import type { Bench, EntryValue } from '@/shared/api/types'
import { useKept } from '@/shared/kept'
import { answersAt, isSaid, measureKey, nothingSaid, toAnswer, type Answer, type Place, type Said } from './measure'
import MeasureMatrix from './MeasureMatrix.vue'
import MeasurePlace from './MeasurePlace.vue'
import type { BenchStep } from './useBench'

/** What is measured or seen, place by place; entered in one go once nothing is missing. */
const props = defineProps<{ bench: Bench; current: BenchStep; sending: boolean }>()
const emit = defineEmits<{ measure: [value: EntryValue] }>()

/** Outlives a reload, until it is entered. */
const { kept } = useKept<Record<string, Said>>(measureKey(props.bench.order.number, props.current.step.id))
const measure = computed(() => props.current.step.measure ?? null)
const rows = computed(() =>
  (measure.value?.places ?? []).map((place) => ({
    place,
    label: place.label ?? '',
    answers: answers(place),
    said: kept.value?.[place.key] ?? nothingSaid(place.preset),
  })),
)
const missing = computed(() => {
  const asked = measure.value
  return asked === null ? 0 : rows.value.filter((row) => !isSaid(asked, row.place, row.said, row.answers)).length
})
/** Of one place with nothing to be typed a press says it all. */
const isOnePress = computed(() => rows.value.length === 1 && measure.value?.form === 'choice')

/** With the same many answers at each of several places a row for each would be longer than the screen. */
const isMatrix = computed(
  () =>
    rows.value.length > 1 &&
    rows.value.length <= 8 &&
    measure.value?.form === 'choice' &&
    rows.value.every((row) => row.place.answers === undefined && row.answers.length > 4),
)

function answers(place: Place): Answer[] {
  return measure.value === null ? [] : answersAt(props.bench.document, measure.value, place)
}

function say(place: Place, said: Said): void {
  kept.value = { ...kept.value, [place.key]: said }
  const answer = answers(place).find((each) => each.code === said.answer)
  if (isOnePress.value && answer?.asksWords !== true) {
    enter()
  }
}

function enter(): void {
  const asked = measure.value
  if (asked !== null && missing.value === 0 && !props.sending) {
    emit('measure', { answers: rows.value.map((row) => toAnswer(asked, row.place, row.said)) })
  }
}
</script>

<template>
  <form v-if="measure" class="measure" @submit.prevent="enter">
    <MeasureMatrix v-if="isMatrix" :places="rows" :answers="rows[0]?.answers ?? []" @say="say" />
    <MeasurePlace
      v-for="row in isMatrix ? [] : rows"
      :key="row.place.key"
      :measure="measure"
      :place="row.place"
      :label="row.label"
      :answers="row.answers"
      :busy="isOnePress && sending"
      :model-value="row.said"
      @update:model-value="(said) => say(row.place, said)"
    />
    <button
      v-if="!isOnePress || (!sending && (rows[0]?.said.answer ?? '') !== '')"
      type="submit"
      class="big main"
      :disabled="sending || missing > 0"
    >
      {{ missing > 0 ? (rows.length === 1 ? 'Enter' : `${missing} still to say`) : 'Enter' }}
    </button>
  </form>
</template>

<style scoped>
.measure {
  display: flex;
  flex-direction: column;
}

.big {
  min-height: 60px;
  margin-top: 8px;
}
</style>
