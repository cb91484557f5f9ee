<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import type { EntryValue, NewEntry } from '@/shared/api/types'
import { useSession } from '@/shared/session'
import PlateTable from '@/shared/ui/PlateTable.vue'
import ProblemNote from '@/shared/ui/ProblemNote.vue'
import BenchHead from './BenchHead.vue'
import BenchStepView from './BenchStepView.vue'
import BenchTimers from './BenchTimers.vue'
import StopScreen from './StopScreen.vue'
import { newEntry, useBench } from './useBench'
import { useTicks } from './useTicks'

const route = useRoute()
const router = useRouter()
const number = computed(() => Number(route.params['number']))
const { bench, steps: known, error, isPending, enter } = useBench(number)
const { account, mayWorkAtBench } = useSession()
const { tick, waiting, refused, isSending, answered } = useTicks((entries) => enter.mutateAsync(entries))
/** As the server knows them, and as they were ticked here since. */
const steps = computed(() => known.value.map((each) => ({ ...each, done: each.done || waiting.has(each.step.id) })))

const wanted = ref<string | null>(typeof route.query['step'] === 'string' ? route.query['step'] : null)
const index = computed(() => {
  const at = steps.value.findIndex((each) => each.step.id === wanted.value)
  const open = steps.value.findIndex((each) => !each.done)
  return at >= 0 ? at : open >= 0 ? open : steps.value.length
})
const current = computed(() => steps.value[index.value] ?? null)
watch(index, () => {
  if (!isSending.value) {
    enter.reset()
  }
})
watch(refused, (at) => {
  wanted.value = at?.stepId ?? wanted.value
})
const problem = computed(() =>
  refused.value?.stepId === current.value?.step.id ? refused.value?.error : enter.error.value,
)
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
  if (here === null) {
    return
  }
  wanted.value = here.step.id
  if (kind === 'tick' && !here.done) {
    // the next step is there at once, for the next tap
    tick(newEntry(here.step.id, kind, value))
    next()
    return
  }
  await answered()
  const before = bench.value?.entries.filter((entry) => entry.stepId === here.step.id && entry.kind === kind) ?? []
  const corrects = here.done && kind !== 'note' && kind !== 'decision' ? (before.at(-1)?.uuid ?? null) : null
  const after = await enter.mutateAsync([newEntry(here.step.id, kind, value, corrects)]).catch(() => null)
  const isSettled = after?.steps.find((state) => state.id === here.step.id)?.done ?? false
  if (isSettled && after?.stoppedBy === null && !here.step.entry.endsWith('level')) {
    next()
  }
}

function next(): void {
  const open = steps.value.findIndex((each, at) => at > index.value && !each.done)
  goTo(open >= 0 ? open : index.value + 1)
}
</script>

<template>
  <el-skeleton v-if="isPending" :rows="8" />
  <ProblemNote v-else-if="error" :error="error" />
  <div v-else-if="bench" class="bench">
    <BenchHead :bench="bench" :current="current" :who="account?.name ?? ''" v-model:figures="figures" />
    <BenchTimers :bench="bench" :at="index" :count="steps.length" :current="current" />
    <StopScreen
      v-if="bench.stoppedBy"
      :bench="bench"
      :error="enter.error.value"
      :sending="enter.isPending.value"
      @enter="(entry) => enter.mutate([entry])"
    />
    <section v-else-if="figures" class="sheet">
      <PlateTable :engines="plated" />
    </section>
    <BenchStepView
      v-else-if="current"
      :bench="bench"
      :current="current"
      :error="problem"
      :sending="enter.isPending.value && !isSending"
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
        <button type="button" class="big main" :disabled="isSending" @click="router.push(`/orders/${number}/release`)">
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
