<script setup lang="ts">
import { computed, reactive, ref, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { asProblem } from '@/shared/api/client'
import type { NewEntry } from '@/shared/api/types'
import ProblemNote from '@/shared/ui/ProblemNote.vue'
import { emptyLine, entriesOf, type PaperLine } from './paper'
import PaperRow from './PaperRow.vue'
import { useBench } from './useBench'

/** Copying the printed sheet in, in the sheet's own order. All of it goes in, or nothing. */
const route = useRoute()
const router = useRouter()
const number = computed(() => Number(route.params['number']))
const { bench, steps, error, isPending, enter } = useBench(number)
const lines = reactive(new Map<string, PaperLine>())
const sent = ref<NewEntry[]>([])

watch(
  steps,
  (all) => {
    for (const each of all) {
      if (!lines.has(each.step.id)) {
        lines.set(each.step.id, emptyLine())
      }
    }
  },
  { immediate: true },
)
const open = computed(() => steps.value.filter((each) => !each.done))
const failedStep = computed(() => {
  const pointer = [...(asProblem(enter.error.value)?.fields.keys() ?? [])][0] ?? ''
  return sent.value[Number(/^\/entries\/(\d+)/.exec(pointer)?.[1] ?? -1)]?.stepId ?? null
})

function tickAll(): void {
  for (const each of open.value.filter((candidate) => candidate.step.entry === 'tick')) {
    const line = lines.get(each.step.id)
    if (line) {
      line.ticked = true
    }
  }
}

async function send(): Promise<void> {
  sent.value = open.value.flatMap((each) => entriesOf(each, lines.get(each.step.id) ?? emptyLine()))
  if (sent.value.length === 0) {
    return
  }
  const after = await enter.mutateAsync(sent.value).catch(() => null)
  if (after?.stoppedBy) {
    await router.push(`/orders/${number.value}/bench`)
  } else if (after && after.steps.every((state) => state.done)) {
    await router.push(`/orders/${number.value}/release`)
  }
}
</script>

<template>
  <el-skeleton v-if="isPending" :rows="8" />
  <ProblemNote v-else-if="error" :error="error" />
  <form v-else-if="bench" class="stack" @submit.prevent="send">
    <div class="row spread">
      <div>
        <h1>Order {{ number }}: enter from the paper</h1>
        <p class="muted">
          {{ open.length }} of {{ steps.length }} steps are still open. All that you enter goes in at once, or nothing
          of it.
        </p>
      </div>
      <div class="row">
        <el-button @click="tickAll">All plain boxes are ticked on the paper</el-button>
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
      <tbody>
        <PaperRow
          v-for="each in open"
          :key="each.step.id"
          :current="each"
          :line="lines.get(each.step.id)!"
          :observations="bench.observations"
          :wrenches="bench.wrenches"
          :error="failedStep === each.step.id ? asProblem(enter.error.value)?.message : undefined"
        />
      </tbody>
    </table>
    <ProblemNote :error="enter.error.value" />
    <div>
      <el-button type="primary" size="large" native-type="submit" :loading="enter.isPending.value"
        >Enter what is filled in</el-button
      >
    </div>
  </form>
</template>
