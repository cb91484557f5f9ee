<script setup lang="ts">
import { nothingSaid, type Answer, type Measure, type Place, type Said } from './measure'

/** The blanks of what is measured or seen, place by place, as the paper has them: answers of many places by letters. */
const props = defineProps<{ measure: Measure; known: Answer[]; name: string }>()
const said = defineModel<Record<string, Said>>({ required: true })

const letters = 'abcdefghij'
function of(place: Place): Said {
  return said.value[place.key] ?? nothingSaid()
}
function change(place: Place, part: Partial<Said>): void {
  said.value = { ...said.value, [place.key]: { ...of(place), ...part } }
}
function label(place: Place): string {
  return place.label ?? ''
}
function option(place: Place, answer: Answer, index: number): string {
  const isByLetter = place.answers === undefined && (props.measure.places ?? []).length > 1
  return isByLetter ? `${letters[index] ?? ''} ${answer.label}` : answer.label
}
function typed(event: Event): string {
  return (event.target as HTMLInputElement).value
}
</script>

<template>
  <label v-for="place in measure.places ?? []" :key="place.key" class="place">
    {{ label(place) }}
    <template v-if="measure.form === 'choice'">
      <select
        :value="of(place).answer"
        :aria-label="`${label(place)} seen, ${name}`"
        @change="change(place, { answer: typed($event) })"
      >
        <option value="">…</option>
        <option v-for="(answer, index) in place.answers ?? known" :key="answer.code" :value="answer.code">
          {{ option(place, answer, index) }}
        </option>
      </select>
      <input
        v-if="(place.answers ?? known).some((each) => each.code === of(place).answer && each.asksWords)"
        class="words"
        :aria-label="`${label(place)} what and where, ${name}`"
        :value="of(place).words"
        @input="change(place, { words: typed($event) })"
      />
    </template>
    <template v-else-if="measure.form === 'share'">
      <input
        inputmode="numeric"
        :aria-label="`${label(place)} per cent left, ${name}`"
        :value="of(place).share ?? ''"
        @input="change(place, { share: typed($event) === '' ? null : Number(typed($event)) })"
      />
      % left
      <span v-if="place.part"
        ><input
          type="checkbox"
          :checked="of(place).renewed === true"
          :aria-label="`${label(place)} new one on, ${name}`"
          @change="change(place, { renewed: ($event.target as HTMLInputElement).checked })"
        />
        new one on</span
      >
    </template>
    <template v-else>
      <input
        :aria-label="`${label(place)} measured, ${name}`"
        :value="of(place).figures"
        @input="change(place, { figures: typed($event) })"
      />
      {{ place.range?.unitText ?? '' }}
    </template>
  </label>
</template>

<style scoped>
.place {
  display: flex;
  gap: 6px;
  align-items: center;
}

input.words {
  width: 130px;
}
</style>
