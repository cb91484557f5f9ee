<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import type { Bench, EntryValue, NewEntry } from '@/shared/api/types'
import { useSession } from '@/shared/session'
import AsOf from '@/shared/ui/AsOf.vue'
import PlateTable from '@/shared/ui/PlateTable.vue'
import PrintHint from '@/shared/ui/PrintHint.vue'
import ProblemNote from '@/shared/ui/ProblemNote.vue'
import BenchHead from './BenchHead.vue'
import BenchStepView from './BenchStepView.vue'
import BenchTimers from './BenchTimers.vue'
import { newEntry } from './entries'
import RefusedEntries from './RefusedEntries.vue'
import StopScreen from './StopScreen.vue'
import { useBench, type BenchStep } from './useBench'

const route = useRoute()
const router = useRouter()
const number = Number(route.params['number'])
const { bench, steps, error, isPending, at, sender, enter } = useBench(number)
const { account, mayWorkAtBench } = useSession()

const wanted = ref<string | null>(typeof route.query['step'] === 'string' ? route.query['step'] : null)
const index = computed(() => {
  const at = steps.value.findIndex((each) => each.step.id === wanted.value)
  const open = steps.value.findIndex((each) => !each.done)
  return at >= 0 ? at : open >= 0 ? open : steps.value.length
})
const current = computed(() => steps.value[index.value] ?? null)
/** What was wrong with the entry at a step, as long as that step is shown. */
const problem = ref<{ stepId: string; error: unknown } | null>(null)
watch(index, () => (problem.value = null))

/** A second tap of the same finger: it means the step that has just gone. */
const settleMs = 400
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
/** Of the engine at hand; between engines, and for the whole rig, of all. */
const plated = computed(() => {
  const all = bench.value?.document.engines ?? []
  const one = all.filter((engine) => engine.position === current.value?.operation.position)
  return one.length > 0 ? one : all
})

function goTo(at: number): void {
  wanted.value = steps.value[at]?.step.id ?? null
}

/** After an entry: on to the next step once this one is settled, else stay and show what the bench advises. */
async function send(kind: NewEntry['kind'], value: EntryValue): Promise<void> {
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
  const before = entered.filter((entry) => entry.kind === kind)
  const corrects = here.done && kind !== 'note' && kind !== 'decision' ? (before.at(-1)?.uuid ?? null) : null
  try {
    settle(here, await enter([newEntry(here.step.id, kind, value, corrects)]))
  } catch (refused) {
    wanted.value = here.step.id
    problem.value = { stepId: here.step.id, error: refused }
  }
}

/** An answer that comes after the step was left moves nothing. */
function settle(here: BenchStep, after: Bench): void {
  const isSettled = after.steps.find((state) => state.id === here.step.id)?.done ?? false
  const isShown = current.value?.step.id === here.step.id
  if (isShown && isSettled && after.stoppedBy === null && !here.step.entry.endsWith('level')) {
    next()
  }
}

async function decide(entry: NewEntry): Promise<void> {
  problem.value = null
  await enter([entry]).catch((refused: unknown) => (problem.value = { stepId: entry.stepId, error: refused }))
}

function next(): void {
  const open = steps.value.findIndex((each, at) => at > index.value && !each.done)
  goTo(open >= 0 ? open : index.value + 1)
}
</script>

<template>
  <el-skeleton v-if="isPending" :rows="8" />
  <ProblemNote v-else-if="!bench" :error="error" />
  <div v-else class="bench">
    <PrintHint what="The sheet to work from" where="Order, Print A4 or Letter" />
    <BenchHead :bench="bench" :current="current" :who="account?.name ?? ''" v-model:figures="figures" />
    <AsOf :error="error" :at="at" />
    <RefusedEntries :sender="sender" :steps="steps" />
    <BenchTimers :bench="bench" :at="index" :count="steps.length" :current="current" />
    <StopScreen v-if="bench.stoppedBy" :bench="bench" :error="problem?.error" :sending="sending" @enter="decide" />
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
