<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import type { BenchChange, EntryValue, NewEntry } from '@/shared/api/types'
import { useNow } from '@/shared/now'
import { useSession, useShop } from '@/shared/session'
import AsOf from '@/shared/ui/AsOf.vue'
import PlateTable from '@/shared/ui/PlateTable.vue'
import PrintHint from '@/shared/ui/PrintHint.vue'
import ProblemNote from '@/shared/ui/ProblemNote.vue'
import { momentText } from '@/shared/units'
import BenchHead from './BenchHead.vue'
import BenchStepView from './BenchStepView.vue'
import BenchTimers from './BenchTimers.vue'
import { newEntry } from './entries'
import ParkOrder from './ParkOrder.vue'
import RefusedEntries from './RefusedEntries.vue'
import StopScreen from './StopScreen.vue'
import { useBench, type BenchStep } from './useBench'

const route = useRoute()
const router = useRouter()
const number = Number(route.params['number'])
const { bench, steps, error, isPending, at, ahead, sender, enter } = useBench(number)
const { account, mayWorkAtBench, personOf } = useSession()
const { shop, timeZone } = useShop()
const isDemo = computed(() => (shop.value?.demoPassword ?? null) !== null)

const wanted = ref<string | null>(typeof route.query['step'] === 'string' ? route.query['step'] : null)
const index = computed(() => {
  const at = steps.value.findIndex((each) => each.step.id === wanted.value)
  return at >= 0 ? at : nextOpen(-1)
})
const current = computed(() => steps.value[index.value] ?? null)
/** What was wrong with the entry at a step, as long as that step is shown. */
const problem = ref<{
  stepId: string
  error: unknown
  tried: { kind: NewEntry['kind']; value: EntryValue; why: string } | null
} | null>(null)
watch(index, () => (problem.value = null))

/** A second tap of the same finger: it means the step that has just gone. */
const settleMs = 400
const takeBackMs = 60_000
/** Entries that only tell something: there is nothing to take back. */
const telling = new Set(['note', 'decision', 'parked', 'taken_back', 'part_used', 'waited'])
const isSettling = ref(false)
watch(
  () => current.value?.step.id,
  () => {
    isSettling.value = true
    setTimeout(() => (isSettling.value = false), settleMs)
  },
  { immediate: true },
)
const sending = computed(() => sender.queue.length > 0)
const figures = ref(false)
/** The stop is put aside, to make safe what it leaves open and to go on where it does not matter. */
const isAside = ref(false)
watch(
  () => bench.value?.stoppedBy?.entry,
  () => (isAside.value = false),
)
/** Of the engine at hand; between engines, and for the whole rig, of all. */
const plated = computed(() => {
  const all = bench.value?.document.engines ?? []
  const one = all.filter((engine) => engine.position === current.value?.operation.position)
  return one.length > 0 ? one : all
})

/** The first open step after this one that may be done now, or only waits for the cart; else any that may; else any that is open. */
function nextOpen(after: number): number {
  // what was said not to be done is answered, and can be gone back to
  const isOpen = (each: BenchStep): boolean => !each.done && each.answer === null
  const may = (each: BenchStep): boolean => isOpen(each) && (each.notYet === null || each.notYet.cart)
  const candidates = [
    steps.value.findIndex((each, at) => at > after && may(each)),
    steps.value.findIndex(may),
    steps.value.findIndex(isOpen),
  ]
  return candidates.find((at) => at >= 0) ?? steps.value.length
}

function goTo(at: number): void {
  wanted.value = steps.value[at]?.step.id ?? null
}

/** After an entry: on to the next step once this one is settled, else stay and show what the bench advises. */
async function send(kind: NewEntry['kind'], value: EntryValue, happened = false, why = ''): Promise<void> {
  const here = current.value
  if (here === null || sending.value) {
    return
  }
  const entered = (bench.value?.entries ?? []).filter((entry) => entry.stepId === here.step.id)
  if (kind === 'tick' && entered.at(-1)?.kind === 'tick') {
    next()
    return
  }
  wanted.value = here.step.id
  // that it could not be done corrects whatever was said of it
  const before = entered.filter((entry) => (kind === 'not_done' ? !telling.has(entry.kind) : entry.kind === kind))
  const corrects = here.done && kind !== 'note' && kind !== 'decision' ? (before.at(-1)?.uuid ?? null) : null
  try {
    settle(
      here,
      await enter([
        newEntry(here.step.id, kind, value, corrects, {
          ...(happened ? { happened } : {}),
          ...(corrects === null
            ? {}
            : { why: [why, value.text, value.cause].find((each) => each !== undefined && each !== '') ?? '' }),
        }),
      ]),
    )
  } catch (refused) {
    wanted.value = here.step.id
    problem.value = { stepId: here.step.id, error: refused, tried: happened ? null : { kind, value, why } }
  }
}

/** What was refused happened all the same. */
async function again(): Promise<void> {
  const tried = problem.value?.tried ?? null
  problem.value = null
  if (tried !== null) {
    await send(tried.kind, tried.value, true, tried.why)
  }
}

const now = useNow()
/** The last entry of the log, if it is one's own and not a minute old. */
const slip = computed(() => {
  const last = bench.value?.entries.at(-1)
  const isMine = last !== undefined && last.by === account.value?.username && !telling.has(last.kind)
  return isMine && now.value - Date.parse(last.at) < takeBackMs ? last : null
})
async function takeBack(): Promise<void> {
  const last = slip.value
  if (last !== null && !sending.value) {
    problem.value = null
    wanted.value = last.stepId
    await tell(newEntry(last.stepId, 'taken_back', {}, last.uuid))
  }
}

const isParking = ref(false)
async function park(value: EntryValue): Promise<void> {
  const here = current.value ?? steps.value.at(-1)
  if (here !== undefined && !sending.value) {
    await tell(newEntry(here.step.id, 'parked', value))
    isParking.value = false
  }
}

/** A demo lets the time pass until what drips or rests is ready. */
async function pass(minutes: number): Promise<void> {
  const here = current.value ?? steps.value.at(-1)
  if (here !== undefined && !sending.value) {
    await tell(newEntry(here.step.id, 'waited', { minutes }))
  }
}

/** An answer that comes after the step was left moves nothing. */
function settle(here: BenchStep, after: BenchChange): void {
  const state = after.steps.find((each) => each.id === here.step.id)
  const isSettled = state !== undefined && (state.done || state.answer !== null)
  const isShown = current.value?.step.id === here.step.id
  if (
    isShown &&
    isSettled &&
    after.stoppedBy === null &&
    here.step.entry !== 'level' &&
    here.step.entry !== 'first_level'
  ) {
    next()
  }
}

async function tell(entry: NewEntry): Promise<void> {
  problem.value = null
  await enter([entry]).catch(
    (refused: unknown) => (problem.value = { stepId: entry.stepId, error: refused, tried: null }),
  )
}

function next(): void {
  goTo(nextOpen(index.value))
}
</script>

<template>
  <el-skeleton v-if="isPending" :rows="8" />
  <ProblemNote v-else-if="!bench" :error="error" />
  <div v-else class="bench">
    <PrintHint what="The sheet to work from" where="Order, Print A4 or Letter" />
    <BenchHead
      :bench="bench"
      :current="current"
      :who="account?.name ?? ''"
      v-model:figures="figures"
      v-model:parking="isParking"
    />
    <AsOf :error="error" :at="at" />
    <RefusedEntries :sender="sender" :steps="steps" />
    <p v-if="bench.parked" class="band aside" role="status">
      <strong>Parked</strong> by {{ personOf(bench.parked.by) }}, {{ momentText(bench.parked.at, timeZone)
      }}{{ bench.parked.why === '' ? '' : `: ${bench.parked.why.replace(/\.+$/, '')}` }}.
      {{ bench.parked.until === null ? '' : `It goes on ${momentText(bench.parked.until, timeZone)}.` }}
      Whatever you enter goes on with it.
    </p>
    <p v-if="bench.stoppedBy && isAside" class="band stop aside">
      <strong>Stopped: {{ bench.stoppedBy.label }}.</strong>
      <button type="button" class="mini" @click="isAside = false">Show it</button>
    </p>
    <BenchTimers
      :bench="bench"
      :at="index"
      :count="steps.length"
      :current="current"
      :ahead="ahead"
      :demo="isDemo && mayWorkAtBench"
      :may-take-back="slip !== null && !sending"
      @take-back="takeBack"
      @pass="pass"
    />
    <StopScreen
      v-if="bench.stoppedBy && !isAside"
      :bench="bench"
      :stop="bench.stoppedBy"
      :error="problem?.error"
      :sending="sending"
      @enter="tell"
      @aside="isAside = true"
    />
    <ParkOrder v-else-if="isParking" :sending="sending" @cancel="isParking = false" @park="park" />
    <section v-else-if="figures" class="sheet">
      <PlateTable :engines="plated" />
    </section>
    <BenchStepView
      v-else-if="current"
      :bench="bench"
      :current="current"
      :error="problem?.stepId === current.step.id ? problem.error : null"
      :sending="sending"
      :late="sender.late"
      :settling="isSettling"
      :may-work="mayWorkAtBench && bench.order.status !== 'released'"
      :first="index === 0"
      :ahead="ahead"
      :refused="(problem?.tried ?? null) !== null"
      @again="again"
      @tell="tell"
      @go-to="(stepId) => (wanted = stepId)"
      @send="send"
      @back="goTo(index - 1)"
      @next="next"
    />
    <section v-else class="finished">
      <h1>Every step is entered.</h1>
      <p>What remains is the release: it checks the gates once more and writes the service record.</p>
      <div class="row">
        <button type="button" class="big" @click="goTo(steps.length - 1)">Back</button>
        <button type="button" class="big main" :disabled="sending" @click="router.push(`/orders/${number}/release`)">
          Go to the release
        </button>
      </div>
    </section>
  </div>
</template>

<style scoped>
.bench {
  height: calc(100vh - var(--strip, 0px));
  display: flex;
  flex-direction: column;
  font-size: 18px;
}

.aside {
  margin: 6px 20px 0;
}

.sheet {
  flex: 1;
  overflow: auto;
  padding: 14px 20px;
  background: var(--panel);
}

.finished {
  padding: 40px 20px;
  display: flex;
  flex-direction: column;
  gap: 20px;
}

.finished h1 {
  font-size: 30px;
}
</style>
