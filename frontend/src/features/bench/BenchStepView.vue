<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import type { Bench, EntryValue, NewEntry } from '@/shared/api/types'
import { useSession } from '@/shared/session'
import ProblemNote from '@/shared/ui/ProblemNote.vue'
import CouldNot from './CouldNot.vue'
import LaidOutParts from './LaidOutParts.vue'
import NotYet from './NotYet.vue'
import PartsToHold from './PartsToHold.vue'
import StepEntry from './StepEntry.vue'
import StepPicture from './StepPicture.vue'
import type { BenchStep } from './useBench'

/** One step: the sentence, its figure as large as it fits, a picture, the check and the usual slip, the entry. */
const props = defineProps<{
  bench: Bench
  current: BenchStep
  error: unknown
  sending: boolean
  /** The entry that is being sent has not gone up at once. */
  late: boolean
  /** The step has only just appeared. */
  settling: boolean
  mayWork: boolean
  first: boolean
  /** By how much the order's own time is ahead, in milliseconds. */
  ahead: number
  /** What was refused last at this step can be entered as what happened all the same. */
  refused: boolean
}>()
const emit = defineEmits<{
  send: [kind: NewEntry['kind'], value: EntryValue, happened: boolean, why: string]
  again: []
  tell: [entry: NewEntry]
  goTo: [stepId: string]
  back: []
  next: []
}>()

const { mayWrite } = useSession()
const couldNot = ref(false)
watch(
  () => props.current.step.id,
  () => {
    couldNot.value = allTheSame.value = false
    why.value = ''
  },
)
/** It was not to be done yet, and is entered as what happened all the same. */
const allTheSame = ref(false)
/** What stands there already is corrected only with a reason. */
const why = ref('')
const isBarred = computed(() => props.current.notYet !== null && !props.current.done && !allTheSame.value)
function send(kind: NewEntry['kind'], value: EntryValue): void {
  emit('send', kind, value, allTheSame.value, why.value.trim())
}
/**
 * The button stays the same from step to step, so that no tap falls between two of them; and a tap counts for the step
 * that was shown when the finger came down.
 */
let pressedAt: string | null = null
function press(): void {
  pressedAt = props.current.step.id
}
function done(): void {
  if (!props.sending && !props.settling && (pressedAt === null || pressedAt === props.current.step.id)) {
    send('tick', {})
  }
  pressedAt = null
}
const doneWords = computed(() => {
  if (props.sending) {
    return props.late ? 'Not sent yet …' : 'Entering …'
  }
  return props.current.done ? 'Done already, go on' : allTheSame.value ? 'It happened all the same' : 'Done'
})
const taskTitle = computed(() => {
  const { task, position } = props.current.operation
  const engine = props.bench.document.engines.find((each) => each.position === position)
  return engine?.tasks.find((each) => each.task === task)?.title ?? ''
})
/** Asked where their operation ends. */
const laidOut = computed(() =>
  props.bench.parts.filter((each) => each.laidOut && each.stepId === props.current.step.id),
)
const ordinary = /^([\d.,½¼¾⅛⅜⅝⅞⅓⅔–→\s-]+)\s*(.*)$/
const figure = computed(() => {
  const text = props.current.step.figure?.text ?? null
  const parts = text === null ? null : ordinary.exec(text)
  return parts
    ? { number: parts[1]?.trim() ?? '', unit: parts[2] ?? '' }
    : text === null
      ? null
      : { number: '', unit: text }
})
const rows = computed(() => [
  { name: 'note', text: props.current.step.beside },
  { name: 'figure', text: props.current.step.figure?.detail ?? null },
  { name: 'thread', text: props.current.step.warning },
  { name: 'check', text: props.current.step.check },
  { name: 'usual slip', text: props.current.step.slip },
])
</script>

<template>
  <div :key="current.step.id" class="body">
    <div class="what">
      <h1>{{ current.step.text }}</h1>
      <p v-if="figure" class="figure">
        <span v-if="figure.number" class="huge" :class="{ long: figure.number.length > 7 }">{{ figure.number }}</span>
        <span class="unit" :class="{ alone: !figure.number }">{{ figure.unit }}</span>
      </p>
      <ol v-if="current.step.rows.length > 0" class="rows">
        <li v-for="row in current.step.rows" :key="row">{{ row }}</li>
      </ol>
      <dl>
        <template v-for="row in rows" :key="row.name">
          <template v-if="row.text">
            <dt>{{ row.name }}</dt>
            <dd>{{ row.text }}</dd>
          </template>
        </template>
        <template v-if="current.answer">
          <dt>entered</dt>
          <dd>
            <strong>{{ current.answer }}</strong>
          </dd>
        </template>
      </dl>
      <ProblemNote :error="error" />
      <button v-if="error && refused" type="button" class="big afterwards" :disabled="sending" @click="emit('again')">
        It happened all the same: enter it
      </button>
      <NotYet
        v-if="isBarred"
        :number="bench.order.number"
        :current="current"
        :ahead="ahead"
        :may-work="mayWork"
        @go-to="(stepId) => emit('goTo', stepId)"
        @happened="allTheSame = true"
      />
      <p v-else-if="allTheSame" class="band stop">
        <strong>It happened all the same.</strong> It is marked in the record, stops the work on what it endangers, and
        goes to the lead.
      </p>
      <label v-if="mayWork && current.done && current.step.entry !== 'tick'" class="why"
        >To correct it: why is it wrong?
        <input v-model="why" class="field" maxlength="300" />
      </label>
      <StepEntry
        v-if="mayWork && !isBarred && current.step.entry !== 'tick'"
        :bench="bench"
        :current="current"
        :sending="sending || settling"
        :ahead="ahead"
        @send="send"
      />
      <LaidOutParts
        v-if="!isBarred"
        :bench="bench"
        :parts="laidOut"
        :sending="sending"
        :may-work="mayWork"
        @tell="(entry) => emit('tell', entry)"
      />
    </div>
    <StepPicture :bench="bench" :current="current" />
  </div>
  <div class="cautions">
    <PartsToHold :bench="bench" :operation="current.operation" />
    <p v-for="caution in current.operation.cautions" :key="caution.id" class="band">
      <strong>{{ caution.title }}.</strong> {{ caution.text }}
    </p>
  </div>
  <CouldNot
    v-if="couldNot"
    :must="current.step.must"
    :task="taskTitle"
    :may-drop="mayWrite"
    :sending="sending"
    @cancel="couldNot = false"
    @drop="(value) => ((couldNot = false), emit('send', 'dropped', value, false, ''))"
    @reason="(value) => ((couldNot = false), emit('send', 'not_done', value, false, ''))"
  />
  <footer v-else class="buttons">
    <button type="button" class="big" :disabled="first" @click="emit('back')">Back</button>
    <button v-if="mayWork" type="button" class="big" @click="couldNot = true">Could not …</button>
    <button
      v-if="mayWork && !isBarred && current.step.entry === 'tick'"
      type="button"
      class="big main wide"
      :aria-disabled="sending || settling"
      @pointerdown="press"
      @click="done"
    >
      {{ doneWords }}
    </button>
    <button
      v-else
      type="button"
      class="big wide"
      :class="{ main: current.done }"
      :disabled="!current.done"
      @click="emit('next')"
    >
      {{ current.done ? 'Next step' : isBarred ? 'Not yet' : 'Enter it above' }}
    </button>
  </footer>
</template>

<style scoped>
.body {
  flex: 1;
  display: grid;
  grid-template-columns: minmax(0, 1fr) 330px;
  gap: 22px;
  padding: 16px 20px 8px;
  min-height: 0;
  overflow: auto;
}

h1 {
  font-size: 27px;
}

.figure {
  display: flex;
  align-items: baseline;
  gap: 12px;
  flex-wrap: wrap;
  margin: 4px 0 8px;
}

.huge {
  font-size: 76px;
  font-weight: 800;
  line-height: 1.05;
}

.huge.long {
  font-size: 56px;
}

.rows {
  font-size: 19px;
  margin: 4px 0 8px;
  padding-left: 26px;
}

.unit {
  font-size: 32px;
  font-weight: 700;
}

.unit.alone {
  font-size: 40px;
}

dl {
  display: grid;
  grid-template-columns: 105px 1fr;
  gap: 6px 14px;
  margin: 8px 0 12px;
}

dt {
  color: var(--muted);
}

dd {
  margin: 0;
}

.cautions {
  padding: 0 20px;
  display: flex;
  flex-direction: column;
  gap: 5px;
}

.buttons {
  display: flex;
  gap: 14px;
  padding: 12px 20px 18px;
}

.wide {
  flex: 1;
}

.why {
  display: block;
  margin-bottom: 10px;
}

.why .field {
  width: 100%;
  height: 52px;
}

.afterwards {
  margin: 12px 0;
}
</style>
