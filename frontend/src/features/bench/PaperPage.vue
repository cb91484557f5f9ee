<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { asProblem, shopTime } from '@/shared/api/client'
import type { NewEntry } from '@/shared/api/types'
import { useKept } from '@/shared/kept'
import AsOf from '@/shared/ui/AsOf.vue'
import DayField from '@/shared/ui/DayField.vue'
import ProblemNote from '@/shared/ui/ProblemNote.vue'
import { useShop } from '@/shared/session'
import { dayIn, instantOf } from '@/shared/units'
import { newEntry } from './entries'
import { emptyLine, linesOf, type PaperLine } from './paper'
import PaperRow from './PaperRow.vue'
import { useBench, type BenchStep } from './useBench'

/** Copying the printed sheet in, in the sheet's own order. All of it goes in, or nothing. */
const route = useRoute()
const router = useRouter()
const number = Number(route.params['number'])
const { bench, steps, error, isPending, at, ahead, sender, enter } = useBench(number)
const { shop, timeZone } = useShop()
const isDemo = computed(() => shop.value?.timePasses ?? false)
/** The day of the times that stand on the paper. */
const day = ref('')
watch([timeZone, ahead], () => (day.value = dayIn(shopTime() + ahead.value, timeZone.value)), { immediate: true })
/** As copied so far, by step; outlives a reload. */
const { kept: lines, forget } = useKept<Record<string, PaperLine>>(`paper-${number}`)
const refused = ref<unknown>(null)
const sent = ref<NewEntry[]>([])

watch(
  steps,
  (all) => {
    const before = lines.value ?? {}
    if (all.some(({ step }) => before[step.id] === undefined)) {
      lines.value = Object.fromEntries(
        all.map(({ step, wrenches }) => [step.id, before[step.id] ?? emptyLine(wrenches[0])]),
      )
    }
  },
  { immediate: true },
)
const open = computed(() => steps.value.filter((each) => !each.done))
const failedStep = computed(() => {
  const pointer = [...(asProblem(refused.value)?.fields.keys() ?? [])][0] ?? ''
  return sent.value[Number(/^\/entries\/(\d+)/.exec(pointer)?.[1] ?? -1)]?.stepId ?? null
})

function laidOutAt(stepId: string) {
  return (bench.value?.parts ?? []).filter((part) => part.laidOut && part.entry === null && part.stepId === stepId)
}

/** In the order of the sheet, operation by operation. */
const groups = computed(() =>
  (bench.value?.document.operations ?? [])
    .map((operation) => ({ operation, steps: open.value.filter((each) => each.operation.id === operation.id) }))
    .filter((group) => group.steps.length > 0),
)
const plainOf = (candidates: BenchStep[]): BenchStep[] => candidates.filter((each) => each.step.entry === 'tick')

function tick(candidates: BenchStep[]): void {
  for (const each of plainOf(candidates)) {
    const line = lines.value?.[each.step.id]
    if (line) {
      line.ticked = true
    }
  }
}

/** A demo lets the day go by that the paper was filled in. */
async function pass(): Promise<void> {
  const here = open.value[0]
  if (here) {
    await enter([newEntry(here.step.id, 'waited', { minutes: 240 })]).catch((error: unknown) => (refused.value = error))
  }
}

async function send(): Promise<void> {
  const when = (time: string): string | null => instantOf(day.value, time, timeZone.value)
  sent.value = open.value.flatMap((each) => linesOf(each, lines.value?.[each.step.id] ?? emptyLine(), when))
  if (sent.value.length === 0) {
    return
  }
  refused.value = null
  const after = await enter(sent.value).catch((error: unknown) => {
    refused.value = error
    return null
  })
  if (after) {
    forget()
  }
  if (after?.stoppedBy) {
    await router.push(`/orders/${number}/bench`)
  } else if (after && after.steps.every((state) => state.done)) {
    await router.push(`/orders/${number}/release`)
  }
}
</script>

<template>
  <el-skeleton v-if="isPending" :rows="8" />
  <ProblemNote v-else-if="!bench" :error="error" />
  <form v-else class="stack" @submit.prevent="send">
    <div class="row spread">
      <div>
        <h1>Order {{ number }}: enter from the paper</h1>
        <p class="muted">
          {{ open.length }} of {{ steps.length }} steps are still open. All that you enter goes in at once, or nothing
          of it. Times are asked for runs, pours and readings, as the shop’s clock showed them.
        </p>
      </div>
      <div class="row">
        <el-button v-if="isDemo" @click="pass">Demo: let 4 h pass</el-button>
        <label>done on <DayField v-model="day" class="day" required /></label>
        <el-button @click="tick(open)">All plain boxes are ticked on the paper</el-button>
        <RouterLink :to="`/orders/${number}/bench`">Step by step instead</RouterLink>
      </div>
    </div>
    <table class="plain">
      <thead>
        <tr>
          <th>Engine</th>
          <th>Step</th>
          <th>On the order</th>
          <th>On the paper</th>
        </tr>
      </thead>
      <tbody v-for="{ operation, steps: own } in groups" :key="operation.id">
        <tr>
          <th colspan="3" scope="rowgroup">{{ operation.label }} · {{ operation.title }}</th>
          <td>
            <button
              v-if="plainOf(own).length > 1"
              type="button"
              class="mini"
              :aria-label="`All ${plainOf(own).length} plain boxes are ticked: ${operation.label}, ${operation.title}`"
              @click="tick(own)"
            >
              All {{ plainOf(own).length }} plain boxes are ticked
            </button>
          </td>
        </tr>
        <PaperRow
          v-for="each in own"
          :key="each.step.id"
          :current="each"
          :line="lines?.[each.step.id] ?? emptyLine()"
          :observations="bench.observations"
          :wrenches="bench.wrenches"
          :known="bench.document.answers"
          :laid-out="laidOutAt(each.step.id)"
          :error="failedStep === each.step.id ? asProblem(refused)?.message : undefined"
        />
      </tbody>
    </table>
    <AsOf :error="error" :at="at" />
    <ProblemNote :error="refused" />
    <div>
      <el-button type="primary" size="large" native-type="submit" :loading="sender.queue.length > 0"
        >Enter what is filled in</el-button
      >
    </div>
  </form>
</template>

<style scoped>
.day {
  font: inherit;
  height: 32px;
  padding: 0 6px;
  border: 1px solid var(--field-line);
  border-radius: 3px;
  background: var(--panel);
  color: var(--ink);
}
</style>
