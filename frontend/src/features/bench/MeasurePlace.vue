<script setup lang="ts">
import { computed } from 'vue'
import Anode from '@/drawing/Anode.vue'
import type { Answer, Measure, Place, Said } from './measure'

/** What is said of one place, by the control that suits it. */
const props = defineProps<{
  measure: Measure
  place: Place
  label: string
  answers: Answer[]
  /** A press on an answer enters it, and one is being entered. */
  busy: boolean
}>()
const said = defineModel<Said>({ required: true })
const chosen = computed(() => props.answers.find((each) => each.code === said.value.answer) ?? null)
const unit = computed(() => props.place.range?.unitText ?? '')

function change(part: Partial<Said>): void {
  said.value = { ...said.value, ...part }
}
</script>

<template>
  <div class="place" role="group" :aria-label="label === '' ? measure.label : label">
    <span v-if="label !== ''" class="name"
      >{{ label }}<span v-if="place.hint" class="hint">{{ place.hint }}</span></span
    >
    <div v-if="measure.form === 'choice'" class="answers">
      <button
        v-for="answer in answers"
        :key="answer.code"
        type="button"
        class="answer"
        :class="[answer.verdict, { on: answer.code === said.answer }]"
        :aria-pressed="answer.code === said.answer"
        :disabled="busy"
        @click="change({ answer: answer.code })"
      >
        {{ answer.label }}<span v-if="answer.verdict === 'stop'" class="verdict">STOP</span>
      </button>
    </div>
    <label v-else-if="measure.form === 'figure'" class="figure">
      <input
        :value="said.figures"
        class="field"
        :inputmode="measure.several ? 'text' : 'decimal'"
        autocomplete="off"
        :aria-label="`${label === '' ? measure.label : label}, ${unit}`"
        @input="change({ figures: ($event.target as HTMLInputElement).value })"
      />
      {{ unit }} <span v-if="place.range?.text" class="muted">{{ place.range.text }}</span>
    </label>
    <template v-else>
      <Anode
        :label="label"
        :share="said.share"
        :renew-at="place.renewAt ?? null"
        @pick="(share) => change({ share })"
      />
      <div v-if="place.part" class="answers">
        <button
          v-for="renewed in [false, true]"
          :key="String(renewed)"
          type="button"
          class="answer"
          :class="{ on: said.renewed === renewed }"
          :aria-pressed="said.renewed === renewed"
          @click="change({ renewed })"
        >
          {{ renewed ? 'New one on' : 'Stays' }}
        </button>
      </div>
    </template>
    <label v-if="chosen && (chosen.asksWords || said.words !== '')" class="words">
      What, and where?
      <input
        :value="said.words"
        class="field"
        maxlength="300"
        @input="change({ words: ($event.target as HTMLInputElement).value })"
      />
    </label>
    <p v-if="chosen && chosen.verdict !== 'go_on'" class="meaning" role="status">{{ chosen.meaning }}</p>
  </div>
</template>

<style scoped>
.place {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 14px;
  align-items: center;
  padding: 6px 0;
  border-top: 1px solid var(--line);
}

.name {
  flex: 0 0 240px;
  font-weight: 700;
}

.hint {
  display: block;
  font-weight: 400;
  font-size: 16px;
  color: var(--muted);
}

.answers {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  flex: 1 1 300px;
}

.answer {
  font: inherit;
  font-weight: 700;
  min-height: 56px;
  padding: 4px 14px;
  border: 2px solid var(--green);
  border-radius: 4px;
  background: var(--panel);
  color: var(--green);
  cursor: pointer;
}

.answer.stop {
  border-color: var(--red);
  color: var(--red);
}

.answer.on {
  background: var(--green);
  color: #fff;
}

.answer.finding.on,
.answer.stop.on {
  background: var(--red);
  border-color: var(--red);
}

.verdict {
  font-size: 14px;
  margin-left: 8px;
}

.figure {
  display: flex;
  gap: 10px;
  align-items: center;
}

.figure .field {
  width: 130px;
  height: 56px;
}

.words {
  flex: 1 1 100%;
}

.words .field {
  width: 100%;
  height: 56px;
  font-size: 19px;
}

.meaning {
  flex: 1 1 100%;
  margin: 0;
}
</style>
