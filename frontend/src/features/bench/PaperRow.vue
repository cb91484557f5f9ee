<script setup lang="ts">
import { computed } from 'vue'
import type { Bench, Observation } from '@/shared/api/types'
import FieldNote from '@/shared/ui/FieldNote.vue'
import PaperMeasure from './PaperMeasure.vue'
import type { PaperLine } from './paper'
import type { BenchStep } from './useBench'

/** One line of the paper with the blanks that its step has. */
const props = defineProps<{
  current: BenchStep
  line: PaperLine
  observations: Observation[]
  wrenches: string[]
  error: string | undefined
  /** What lies ready for the operation that ends here, and nobody has said whether it went on. */
  laidOut: Bench['parts']
  /** Answers to what is seen, by its kind. */
  known: Bench['document']['answers']
}>()
const line = computed(() => props.line)
const answers = computed(() => props.observations.filter((each) => each.question === props.current.step.entry))
const others = computed(() => props.wrenches.filter((each) => !props.current.wrenches.includes(each)))
const answersOfKind = computed(() => props.known?.[props.current.step.measure?.kind ?? ''] ?? [])
const isLevel = computed(() => ['level', 'first_level', 'level_once'].includes(props.current.step.entry))
function wentOn(number: string, count: string): void {
  line.value.wentOn = { ...line.value.wentOn, [number]: count }
}
const name = computed(() => `${props.current.operation.label}: ${props.current.step.text}`)
</script>

<template>
  <tr>
    <td>{{ current.operation.label }}</td>
    <td class="text">
      {{ current.step.text }}
      <div v-for="row in current.step.rows" :key="row" class="small">{{ row }}</div>
    </td>
    <td>
      <strong>{{ current.step.figure?.text ?? '' }}</strong>
    </td>
    <td>
      <div class="row blanks" role="group" :aria-label="name">
        <label v-if="current.step.entry === 'tick'" class="done"
          ><input v-model="line.ticked" type="checkbox" /> done</label
        >
        <label v-else-if="current.step.entry === 'fasteners'" class="done"
          ><input v-model="line.ticked" type="checkbox" /> all {{ current.step.count }} are back</label
        >
        <select v-else-if="answers.length > 0" v-model="line.observation" :aria-label="`Seen, ${name}`">
          <option value="">…</option>
          <option v-for="answer in answers" :key="answer.value" :value="answer.value">{{ answer.label }}</option>
        </select>
        <PaperMeasure
          v-else-if="current.step.entry === 'measured' && current.step.measure"
          :model-value="line.said ?? {}"
          :measure="current.step.measure"
          :known="answersOfKind"
          @update:model-value="(said) => (line.said = said)"
          :name="name"
        />
        <template v-if="current.step.entry === 'oil_appearance' || current.step.entry === 'poured'">
          <label
            >{{ current.step.entry === 'poured' ? 'poured' : 'came out, if measured' }}
            <input v-model="line.amount" inputmode="decimal"
          /></label>
          <select v-model="line.unit" aria-label="unit">
            <option value="l">l</option>
            <option value="ml">ml</option>
            <option value="us_qt">US qt</option>
          </select>
        </template>
        <template v-if="current.step.entry === 'torque'">
          <label>used <input v-model="line.torque" inputmode="decimal" /></label>
          <select v-model="line.wrench" aria-label="wrench">
            <option value="" disabled>wrench …</option>
            <option v-for="wrench in current.wrenches" :key="wrench">{{ wrench }}</option>
            <optgroup label="with a reason">
              <option v-for="wrench in others" :key="wrench">{{ wrench }}</option>
            </optgroup>
          </select>
          <label v-if="others.includes(line.wrench)">why this wrench <input v-model="line.reason" class="why" /></label>
        </template>
        <label v-else-if="current.step.entry === 'turns'"
          >turned <input v-model="line.turns" placeholder="3/4"
        /></label>
        <template v-else-if="current.step.entry === 'count'">
          <label>in <input v-model="line.wentIn" inputmode="numeric" /></label>
          <label>out <input v-model="line.cameOut" inputmode="numeric" /></label>
        </template>
        <template v-else-if="isLevel">
          <label>level <input v-model="line.reading" inputmode="decimal" /></label>
          <label>at <input v-model="line.time" placeholder="10:05" /></label>
          <template v-if="current.step.entry !== 'level_once'">
            <label>added ml <input v-model="line.added" inputmode="numeric" /></label>
            <label>at <input v-model="line.addedTime" placeholder="10:05" /></label>
            <label>then <input v-model="line.secondReading" inputmode="decimal" /></label>
            <label>at <input v-model="line.secondTime" placeholder="10:05" /></label>
          </template>
        </template>
        <label v-for="part in laidOut" :key="part.number"
          >{{ part.number }} went on
          <input
            inputmode="numeric"
            :value="line.wentOn?.[part.number] ?? ''"
            @input="wentOn(part.number, ($event.target as HTMLInputElement).value)"
          />{{ part.count === null ? '' : ` of ${part.count}` }}</label
        >
        <label v-if="current.timed && !isLevel">at <input v-model="line.time" placeholder="10:05" /></label>
        <label class="muted">could not, because <input v-model="line.notDone" class="why" /></label>
      </div>
      <FieldNote :text="error" />
      <label v-if="error !== undefined || line.happened" class="done"
        ><input v-model="line.happened" type="checkbox" /> it happened all the same: mark it, and stop what it
        endangers</label
      >
    </td>
  </tr>
</template>

<style scoped>
.text {
  width: 36%;
  min-width: 240px;
}

.blanks {
  gap: 4px 10px;
}

.done {
  display: flex;
  gap: 6px;
  align-items: center;
  min-height: 30px;
}

.done input {
  width: 20px;
  height: 20px;
  accent-color: var(--green);
}

input.why {
  width: 130px !important;
}
</style>
