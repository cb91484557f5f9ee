<script setup lang="ts">
import type { BoatUse } from '@/shared/api/types'
import FieldNote from '@/shared/ui/FieldNote.vue'
import { vTyped } from '@/shared/keyboard'
import LabelledField from '@/shared/ui/LabelledField.vue'

/** The fuel separators between the boat's tank and its engines: how many, their element, and how often it is renewed. */
type Separators = NonNullable<BoatUse['separators']>
const separators = defineModel<Separators>({ required: true })
defineProps<{ error: (pointer: string) => string | undefined }>()

const counts = [
  { count: 'unknown', words: 'nobody has looked yet' },
  { count: 'none', words: 'none' },
  { count: 'one', words: 'one for the boat' },
  { count: 'each', words: 'one for each engine' },
] as const
const usual = { hours: '100', months: 12 }
const isFitted = (count: Separators['count']): boolean => count === 'one' || count === 'each'

function counted(count: Separators['count']): void {
  separators.value = isFitted(count)
    ? { count, element: separators.value.element, every: separators.value.every ?? usual }
    : { count, element: null, every: null }
}
function every(part: Partial<NonNullable<Separators['every']>>): void {
  separators.value = { ...separators.value, every: { hours: null, months: null, ...separators.value.every, ...part } }
}
const typed = (event: Event): string => (event.target as HTMLInputElement).value.trim()
const orNothing = (text: string): string | null => (text === '' ? null : text)
const monthsOf = (text: string): number | null => (text === '' ? null : Number(text))
</script>

<template>
  <fieldset>
    <legend>Fuel separator</legend>
    <div class="row counts">
      <label v-for="each in counts" :key="each.count" class="row"
        ><input
          type="radio"
          name="separators"
          :value="each.count"
          :checked="separators.count === each.count"
          @change="counted(each.count)"
        />
        {{ each.words }}</label
      >
    </div>
    <div v-if="isFitted(separators.count)" class="row figures">
      <LabelledField label="Number of its element" for="separator-element" :error="error('/use/separators/element')">
        <input
          id="separator-element"
          class="cell"
          maxlength="40"
          placeholder="stands on the old one"
          v-typed="separators.element ?? ''"
          @change="(event) => (separators = { ...separators, element: orNothing(typed(event)) })"
        />
      </LabelledField>
      <LabelledField
        label="Renewed every, h"
        for="separator-hours"
        :error="error('/use/separators/every/hours') ?? error('/use/separators/every')"
      >
        <input
          id="separator-hours"
          class="cell short"
          inputmode="decimal"
          v-typed="(separators.every?.hours ?? '').replace(/\.0$/, '')"
          @change="(event) => every({ hours: orNothing(typed(event).replace(',', '.')) })"
        />
      </LabelledField>
      <LabelledField label="or months" for="separator-months" :error="error('/use/separators/every/months')">
        <input
          id="separator-months"
          class="cell short"
          type="number"
          min="1"
          max="240"
          v-typed="String(separators.every?.months ?? '')"
          @change="(event) => every({ months: monthsOf(typed(event)) })"
        />
      </LabelledField>
    </div>
    <FieldNote :text="error('/use/separators')" />
    <p class="muted small">
      Between the tank and the engines. It is a task of its own, with its own interval; one for the boat is counted at
      the first engine from port. On a dinghy there is usually none.
    </p>
  </fieldset>
</template>

<style scoped>
legend {
  font-weight: 600;
  float: left;
  width: 100px;
}

.counts,
.figures,
p {
  margin-left: 116px;
}

.figures {
  align-items: flex-start;
  gap: 14px;
  padding-top: 6px;
}

.short {
  width: 90px;
}
</style>
