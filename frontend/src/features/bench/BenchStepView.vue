<script setup lang="ts">
import { computed, nextTick, ref, useTemplateRef, watch } from 'vue'
import type { Bench, EntryValue, NewEntry } from '@/shared/api/types'
import { useSession } from '@/shared/session'
import ProblemNote from '@/shared/ui/ProblemNote.vue'
import { useBenchKeys } from './benchKeys'
import { cautionsUntilLockout, unreadIn } from './cautions'
import CouldNot from './CouldNot.vue'
import FindingList from './FindingList.vue'
import LaidOutParts from './LaidOutParts.vue'
import NotYet from './NotYet.vue'
import StepButtons from './StepButtons.vue'
import StepCautions from './StepCautions.vue'
import StepEntry from './StepEntry.vue'
import RunLines from './RunLines.vue'
import StepPicture from './StepPicture.vue'
import StepWords from './StepWords.vue'
import type { BenchStep } from './useBench'

/** One step: the sentence, its figure as large as it fits, a picture, the check and the usual slip, the entry. */
const props = defineProps<{
  bench: Bench
  current: BenchStep
  /** Plain steps from this one on that one press checks; it alone. */
  run: BenchStep[]
  /** What leads up to it, and is entered with it. */
  leading: BenchStep[]
  /** All of the order. */
  steps: BenchStep[]
  error: unknown
  sending: boolean
  /** The entry that is being sent has not gone up at once. */
  late: boolean
  /** The step has only just appeared. */
  settling: boolean
  mayWork: boolean
  first: boolean
  /** Something else may be done now. */
  elsewhere: boolean
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
  found: []
  /** One step of the run alone. */
  open: [stepId: string]
  /** All of the run. */
  done: []
  /** The cautions of these steps were read, whatever becomes of them. */
  read: [stepIds: string[]]
}>()

const { mayWrite } = useSession()
const couldNot = ref(false)
watch(
  () => props.current.step.id,
  () => {
    couldNot.value = allTheSame.value = picking.value = correcting.value = false
    why.value = ''
  },
)
/** It was not to be done yet, and is entered as what happened all the same. */
const allTheSame = ref(false)
/** What stands there already is corrected only with a reason. */
const why = ref('')
const isRun = computed(() => props.run.length > 1)
/** It could not be done, and it is asked which of the run. */
const picking = ref(false)
function open(stepId: string): void {
  const isPicked = picking.value
  emit('open', stepId)
  // once it is shown: another step begins with nothing asked
  void nextTick(() => (couldNot.value = isPicked))
}
const isBarred = computed(() => props.current.notYet !== null && !props.current.done && !allTheSame.value)
/** All there is to say is that it was done. */
const isPlain = computed(() => !isBarred.value && props.current.step.entry === 'tick')
const isToRead = computed(() => cautionsUntilLockout(unreadIn(props.run), props.steps).length > 0)
function send(kind: NewEntry['kind'], value: EntryValue): void {
  emit('send', kind, value, allTheSame.value, why.value.trim())
}
function done(): void {
  if (props.sending || props.settling) {
    return
  }
  if (isRun.value) {
    emit('done')
  } else {
    send('tick', {})
  }
}
const taskTitle = computed(() => {
  const { task, position } = props.current.operation
  const engine = props.bench.document.engines.find((each) => each.position === position)
  return engine?.tasks.find((each) => each.task === task)?.title ?? ''
})
/** Asked where their operation ends, unless a step of it asks for each of them. */
const laidOut = computed(() =>
  props.bench.parts.filter((each) => each.laidOut && !each.byPlace && each.stepId === props.current.step.id),
)
/** Several places to answer for need the room, and each is told where it is answered for. */
const isWide = computed(() => (props.current.step.measure?.places?.length ?? 0) > 1)
const found = computed(() => props.bench.findings.filter((each) => each.stepId === props.current.step.id))
/** Something was found here: what becomes of it is asked, and the answer itself is corrected only on purpose. */
const correcting = ref(false)
const isDecided = computed(() => props.current.done && found.value.length > 0 && !correcting.value)
const card = useTemplateRef<HTMLElement>('card')
useBenchKeys(card, {
  enter: () => {
    if (props.mayWork && isPlain.value && !couldNot.value) {
      done()
    } else if (props.current.done) {
      emit('next')
    }
  },
  back: () => emit('back'),
  next: () => {
    if (props.current.done) {
      emit('next')
    }
  },
})
/** A new card is told to whoever hears the screen, and keys mean it. */
watch(
  () => props.current.step.id,
  () => card.value?.querySelector<HTMLElement>('h1')?.focus(),
  { flush: 'post' },
)
</script>

<template>
  <div ref="card" :key="current.step.id" class="body" :class="{ wide: isWide }">
    <div class="what">
      <RunLines v-if="isRun" :run="run" :picking="picking" @open="open" />
      <template v-else>
        <RunLines v-if="leading.length > 0" :run="leading" :picking="false" leading @open="open" />
        <StepWords :current="current" :bare="isWide" />
      </template>
      <ProblemNote :error="error" />
      <button
        v-if="error && refused && !current.done && !current.notYet?.claim"
        type="button"
        class="big afterwards"
        :disabled="sending"
        @click="emit('again')"
      >
        It happened all the same: enter it
      </button>
      <FindingList :findings="found" :sending="sending" :may-work="mayWork" @tell="(entry) => emit('tell', entry)" />
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
      <button v-if="mayWork && isDecided" type="button" class="mini" @click="correcting = true">
        It was different …
      </button>
      <label v-if="mayWork && current.done && current.step.entry !== 'tick' && !isDecided" class="why"
        >To correct it: why is it wrong?
        <input v-model="why" class="field" maxlength="300" />
      </label>
      <StepEntry
        v-if="mayWork && !isBarred && current.step.entry !== 'tick' && !isDecided"
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
    <StepPicture v-if="!isWide" :bench="bench" :current="current" />
  </div>
  <StepCautions
    :bench="bench"
    :run="run"
    :steps="steps"
    :with-done="mayWork && isPlain"
    :may-work="mayWork"
    :sending="sending"
    @read="(stepIds) => emit('read', stepIds)"
  />
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
  <StepButtons
    v-else
    :current="current"
    :many="run.length"
    :reads="isToRead"
    :first="first"
    :may-work="mayWork"
    :barred="isBarred"
    :elsewhere="elsewhere"
    :happened="allTheSame"
    :sending="sending"
    :late="late"
    :settling="settling"
    @back="emit('back')"
    @next="emit('next')"
    @found="emit('found')"
    @could-not="isRun ? (picking = true) : (couldNot = true)"
    @done="done"
  />
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

.body.wide {
  grid-template-columns: minmax(0, 1fr);
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

@media (max-width: 760px) {
  .body {
    grid-template-columns: minmax(0, 1fr);
    padding: 10px 12px;
  }

  .body > :deep(.picture) {
    display: none;
  }
}
</style>
