<script setup lang="ts">
import type { NewEntry } from '@/shared/api/types'
import ProblemNote from '@/shared/ui/ProblemNote.vue'
import type { Entries } from './entries'
import type { BenchStep } from './useBench'

/** What was entered here before the page was left, and the server does not take: it stays until somebody has read it. */
const props = defineProps<{ sender: Entries; steps: BenchStep[] }>()

function told({ stepId, kind, value }: NewEntry): string {
  const step = props.steps.find((each) => each.step.id === stepId)
  const figures = Object.values(value).flatMap((each) =>
    typeof each === 'object' && each !== null ? Object.values(each) : [each],
  )
  return `${step?.operation.label ?? ''} ${step?.step.text ?? stepId} ${kind === 'tick' ? 'done' : figures.join(' ')}`
}
</script>

<template>
  <section v-if="sender.refusal" class="band stop" aria-label="Not taken">
    <ProblemNote :error="sender.refusal" unshown />
    <p v-for="entry in sender.queue[0] ?? []" :key="entry.uuid">{{ told(entry) }}</p>
    <button type="button" class="mini" @click="sender.drop()">I have read it: take it away</button>
  </section>
</template>
