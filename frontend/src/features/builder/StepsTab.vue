<script setup lang="ts">
import { computed, watch } from 'vue'
import type { ByHand, Draft, SketchedOperation, Plan, WorkSketch } from '@/shared/api/types'
import { timesText, whoseText } from '@/shared/times'
import WhyButton from '@/shared/ui/WhyButton.vue'
import { movedBack, movesOf, nothingByHand, withoutStep } from './byHand'
import StepLine from './StepLine.vue'
import StepTools from './StepTools.vue'

/** The work in its order; while it is a draft, it may be changed by hand as far as the gates allow. */
const props = defineProps<{
  work: WorkSketch
  draft?: Draft | null
  timeline?: Plan['timeline'] | null
  /** What is shown is of the draft before the last change. */
  behind?: boolean
}>()
const emit = defineEmits<{ change: [part: Partial<Draft>] }>()
const byHand = computed(() => props.draft?.byHand ?? nothingByHand)
const changes = computed(() => byHand.value.moves.length + byHand.value.steps.length)
const gone = computed(() =>
  (props.work.byHand?.refused ?? []).filter((each) => !props.work.operations.some((one) => one.id === each.work)),
)

/** The button that was pressed; the list is put in another order under the hand, and what had the focus gets it back. */
let pressed: { operation: string; button: string } | null = null
watch(
  () => props.work,
  () => {
    const row = pressed ? document.getElementById(`work-${pressed.operation}`) : null
    row?.querySelector<HTMLElement>(`.${pressed?.button ?? ''}`)?.focus()
    pressed = null
  },
  { flush: 'post' },
)

function change(next: ByHand, operation?: SketchedOperation): void {
  const button = document.activeElement?.className ?? ''
  pressed = operation && ['earlier', 'later'].includes(button) ? { operation: operation.id, button } : null
  emit('change', { byHand: next })
}
</script>

<template>
  <div v-if="draft && changes > 0" class="row small changes">
    <span>{{ changes === 1 ? 'One change' : `${changes} changes` }} by hand.</span>
    <span v-for="step in work.byHand?.lost ?? []" :key="step.id" class="caution" role="alert">
      “{{ step.text }}” has lost the operation that it follows and is left out.
      <button type="button" class="back" @click="change(withoutStep(byHand, `.${step.id}`))">take it out</button>
    </span>
    <span v-for="move in gone" :key="move.work + move.before" class="caution">
      {{ move.why }}
      <button type="button" class="back" @click="change(movedBack(byHand, move.work, move.before))">forget it</button>
    </span>
    <button type="button" class="back" @click="change(nothingByHand)">take all back</button>
  </div>
  <ol class="operations" :aria-busy="behind">
    <li v-for="operation in work.operations" :key="operation.id" :id="`work-${operation.id}`">
      <div class="row head">
        <strong>{{ operation.label }} · {{ operation.title }}</strong>
        <span class="muted small">{{
          [whoseText(timeline, operation.id), timesText(operation)].filter((part) => part !== '').join(', ')
        }}</span>
        <span v-if="operation.byHand" class="small caution">added by hand</span>
        <WhyButton :about="operation.title" :text="operation.why">
          <p v-for="step in operation.steps.filter((each) => each.figure !== null)" :key="step.id" class="small">
            <strong>{{ step.figure?.label }} {{ step.figure?.text }}</strong
            ><br />{{ step.figure?.source }}
          </p>
        </WhyButton>
        <StepTools
          v-if="draft"
          :work="work"
          :operation="operation"
          :by-hand="byHand"
          @change="(next) => change(next, operation)"
        />
      </div>
      <p
        v-for="move in draft ? movesOf(work, byHand, operation) : []"
        :key="move.before"
        class="small"
        :class="move.refusal ? 'refused' : 'caution'"
        :role="move.refusal ? 'alert' : undefined"
      >
        {{ move.refusal ? `Not before “${move.title}”: ${move.refusal}` : `By hand: before “${move.title}”.` }}
        <button type="button" class="back" @click="change(movedBack(byHand, move.work, move.before))">take back</button>
      </p>
      <p v-if="operation.gates.length > 0" class="small muted">Only if {{ operation.gates.join('; ') }}.</p>
      <p v-for="caution in operation.cautions" :key="caution.id" class="small caution">
        <strong>{{ caution.title }}:</strong> {{ caution.text }}
      </p>
      <ul>
        <StepLine v-for="step in operation.steps" :key="step.id" :step="step" />
      </ul>
    </li>
  </ol>
</template>

<style scoped>
.operations {
  margin: 0;
  padding-left: 26px;
}

.operations > li {
  margin-bottom: 10px;
}

.head {
  gap: 8px;
  flex-wrap: wrap;
}

.changes {
  flex-wrap: wrap;
  gap: 10px;
  padding-bottom: 6px;
}

ul {
  margin: 2px 0 0;
  padding-left: 16px;
}

.caution {
  color: var(--brass);
}

.refused {
  color: var(--red);
}

.back {
  font: inherit;
  border: 0;
  background: none;
  color: var(--green);
  text-decoration: underline;
  cursor: pointer;
  min-height: 24px;
}
</style>
