<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import type { EntryValue } from '@/shared/api/types'
import { useNow } from '@/shared/now'
import { useSession, useShop } from '@/shared/session'
import AsOf from '@/shared/ui/AsOf.vue'
import PlateTable from '@/shared/ui/PlateTable.vue'
import PrintHint from '@/shared/ui/PrintHint.vue'
import ProblemNote from '@/shared/ui/ProblemNote.vue'
import { nextOpen } from './atHand'
import BenchHead from './BenchHead.vue'
import BenchStepView from './BenchStepView.vue'
import BenchTimers from './BenchTimers.vue'
import { newEntry } from './entries'
import HandOver from './HandOver.vue'
import FoundSomething from './FoundSomething.vue'
import ParkedBand from './ParkedBand.vue'
import ParkOrder from './ParkOrder.vue'
import PlanAtHand from './PlanAtHand.vue'
import RefusedEntries from './RefusedEntries.vue'
import StopScreen from './StopScreen.vue'
import { useBench, type BenchStep, type Panel } from './useBench'
import { tellsOnly, useEntering } from './useEntering'

const route = useRoute()
const router = useRouter()
const number = Number(route.params['number'])
const { bench, steps, error, isPending, at, ahead, sender, enter } = useBench(number)
const { account, mayWorkAtBench } = useSession()
const { shop } = useShop()
const isDemo = computed(() => shop.value?.timePasses ?? false)

const wanted = ref<string | null>(typeof route.query['step'] === 'string' ? route.query['step'] : null)
const index = computed(() => {
  const at = steps.value.findIndex((each) => each.step.id === wanted.value)
  return at >= 0 ? at : nextOpen(steps.value, -1)
})
/** One step of a run, or of what leads up to a figure, is opened alone. */
const alone = ref<string | null>(null)
/** What leads up to a figure, or a rest that is over, is entered with it, whichever of them comes next. */
const current = computed(() => {
  const here = steps.value[index.value] ?? null
  if (here === null || here.step.id === alone.value) {
    return here
  }
  const figure =
    here.before.length > 0
      ? here
      : steps.value.find(
          ({ before }) => before.includes(here.step.id) && here.together.every((each) => before.includes(each)),
        )
  return figure === undefined ? here : { ...figure, notYet: null }
})
/** A rest that is over needs no line of its own. */
const leading = computed(() => {
  const before = new Set(current.value?.step.entry.includes('level') ? [] : current.value?.before)
  return steps.value.filter((each) => before.has(each.step.id))
})
/** Where in the order that is which is shown. */
const place = computed(() => {
  const at = steps.value.findIndex((each) => each.step.id === current.value?.step.id)
  return at < 0 ? index.value : at
})
/** What is being entered stays on the screen until the next is there. */
const held = ref<BenchStep[] | null>(null)
async function enterRun(): Promise<void> {
  held.value = run.value
  await sendRun(run.value)
  held.value = null
}
const run = computed(() => {
  const here = current.value
  if (here === null) {
    return []
  }
  if (held.value?.[0]?.step.id === here.step.id) {
    return held.value
  }
  const together = new Set(here.step.id === alone.value ? [] : here.together)
  return [here, ...steps.value.filter((each) => together.has(each.step.id))]
})
const { sending, problem, send, sendRun, again, tell } = useEntering({
  number,
  bench,
  current,
  sender,
  enter,
  show: (stepId) => (wanted.value = stepId),
  onward: (from) =>
    goTo(
      nextOpen(
        steps.value,
        steps.value.findIndex((each) => each.step.id === from.step.id),
      ),
    ),
})
watch(index, () => (problem.value = null))

/** A second tap of the same finger: it means the step that has just gone. */
const settleMs = 400
const takeBackMs = 60_000
const isSettling = ref(false)
watch(
  () => current.value?.step.id,
  () => {
    isSettling.value = true
    setTimeout(() => (isSettling.value = false), settleMs)
  },
  { immediate: true },
)
const panel = ref<Panel>('step')
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

const isFreeElsewhere = computed(() => steps.value[nextOpen(steps.value, index.value)]?.notYet === null)

function goTo(at: number): void {
  wanted.value = steps.value[at]?.step.id ?? null
}

const now = useNow()
/** The last entry of the log, if it is one's own and not a minute old. */
const slip = computed(() => {
  const last = bench.value?.entries.at(-1)
  const isMine = last !== undefined && last.by === account.value?.username && !tellsOnly(last.kind)
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

async function park(value: EntryValue): Promise<void> {
  const here = current.value ?? steps.value.at(-1)
  if (here !== undefined && !sending.value) {
    await tell(newEntry(here.step.id, 'parked', value))
    panel.value = 'step'
  }
}

async function found(value: EntryValue): Promise<void> {
  const here = current.value
  if (here !== null && !sending.value) {
    await tell(newEntry(here.step.id, 'found', value))
    panel.value = 'step'
  }
}

async function read(stepIds: string[]): Promise<void> {
  const [first, ...more] = stepIds.map((stepId) => newEntry(stepId, 'acknowledged', {}))
  if (first !== undefined && !sending.value) {
    await tell(first, ...more)
  }
}

/** A demo lets the time pass until what drips or rests is ready. */
async function pass(minutes: number): Promise<void> {
  const here = current.value ?? steps.value.at(-1)
  if (here !== undefined && !sending.value) {
    await tell(newEntry(here.step.id, 'waited', { minutes }))
  }
}

/** From the plan, or from a time that is over. */
function jump(stepId: string): void {
  wanted.value = stepId
  panel.value = 'step'
}
/** Who comes back to parked work sees first where it stands. */
watch(
  () => bench.value?.parked !== null && bench.value !== undefined,
  (isParked, was) => {
    if (isParked && was === undefined) {
      panel.value = 'plan'
    }
  },
  { immediate: true },
)

function next(): void {
  goTo(nextOpen(steps.value, index.value))
}
</script>

<template>
  <el-skeleton v-if="isPending" :rows="8" />
  <ProblemNote v-else-if="!bench" :error="error" />
  <div v-else class="bench">
    <PrintHint what="The sheet to work from" where="Order, Print A4 or Letter" />
    <BenchHead :bench="bench" :current="current" :who="account?.name ?? ''" v-model:panel="panel" />
    <AsOf :error="error" :at="at" />
    <RefusedEntries :sender="sender" :steps="steps" />
    <ParkedBand v-if="bench.parked" :parked="bench.parked" class="aside" />
    <p v-if="bench.stoppedBy && isAside" class="band stop aside">
      <strong>Stopped: {{ bench.stoppedBy.label }}.</strong>
      <button type="button" class="mini" @click="isAside = false">Show it</button>
    </p>
    <BenchTimers
      :bench="bench"
      :at="place"
      :many="run.length"
      :count="steps.length"
      :current="current"
      :steps="steps"
      :ahead="ahead"
      :demo="isDemo && mayWorkAtBench"
      :may-take-back="slip !== null && !sending"
      @take-back="takeBack"
      @go-to="jump"
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
    <FoundSomething v-else-if="panel === 'found'" :sending="sending" @cancel="panel = 'step'" @found="found" />
    <ParkOrder v-else-if="panel === 'park'" :sending="sending" @cancel="panel = 'step'" @park="park" />
    <HandOver v-else-if="panel === 'hands'" @cancel="panel = 'step'" />
    <section v-else-if="panel === 'figures'" class="sheet">
      <PlateTable :engines="plated" />
    </section>
    <PlanAtHand
      v-else-if="panel === 'plan'"
      :bench="bench"
      :steps="steps"
      :may-work="mayWorkAtBench && bench.order.status !== 'released'"
      @go-to="jump"
    />
    <BenchStepView
      v-else-if="current"
      :bench="bench"
      :current="current"
      :run="run"
      :leading="leading"
      :steps="steps"
      :error="problem?.stepId === current.step.id ? problem.error : null"
      :sending="sending"
      :late="sender.late"
      :settling="isSettling"
      :may-work="mayWorkAtBench && bench.order.status !== 'released'"
      :first="index === 0"
      :elsewhere="isFreeElsewhere"
      :ahead="ahead"
      :refused="(problem?.tried ?? null) !== null"
      @again="again"
      @tell="tell"
      @found="panel = 'found'"
      @go-to="(stepId) => (wanted = stepId)"
      @open="(stepId) => (wanted = alone = stepId)"
      @done="enterRun"
      @read="read"
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

/* so low, as at 200 % on a small tablet, the page scrolls and no part of it */
@media (max-height: 560px) {
  .bench {
    height: auto;
    min-height: calc(100vh - var(--strip, 0px));
  }
}

/* on a phone as well, while there are cautions to read: the press that says so comes after them */
@media (max-width: 760px) {
  .bench:has(.unread) {
    height: auto;
    min-height: calc(100vh - var(--strip, 0px));
  }
}
</style>
