<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Draft, WorkSketch } from '@/shared/api/types'
import { vFlaw, vTyped } from '@/shared/keyboard'
import WhyButton from '@/shared/ui/WhyButton.vue'
import { minutesText, wholeNumber } from '@/shared/units'

const props = defineProps<{ work: WorkSketch; aloneMin: number | null; draft: Draft | null }>()
const emit = defineEmits<{ change: [part: Partial<Draft>] }>()
const peopleMin = computed(() => props.work.labour.handsOnMin + props.work.labour.presenceMin)
const saved = computed(() => (props.aloneMin === null ? 0 : Math.max(0, props.aloneMin - peopleMin.value)))

/** As typed; minutes and reason belong together: one is kept here until the other is there. */
const typed = ref<{ minutes: string; reason: string } | null>(null)
const allowance = computed(
  () =>
    typed.value ?? {
      minutes: String(props.draft?.allowance?.minutes ?? 0),
      reason: props.draft?.allowance?.reason ?? '',
    },
)
const minutes = computed(() => wholeNumber(allowance.value.minutes))
const flawed = computed(() =>
  minutes.value === null || minutes.value < 0 ? 'The allowance is whole minutes, 0 for none.' : null,
)
const unexplained = computed(() =>
  (minutes.value ?? 0) > 0 && allowance.value.reason.trim() === ''
    ? 'Say what the time is for, or it is not added.'
    : null,
)
function allow(part: Partial<{ minutes: string; reason: string }>): void {
  typed.value = { ...allowance.value, ...part }
  if (flawed.value === null && unexplained.value === null) {
    const { reason } = typed.value
    emit('change', { allowance: minutes.value === 0 ? null : { minutes: minutes.value ?? 0, reason } })
    typed.value = null
  }
}
const value = (event: Event): string => (event.target as HTMLInputElement).value
</script>

<template>
  <div class="stack">
    <p v-if="aloneMin !== null && saved > 0" class="band fine">
      <strong>{{ minutesText(aloneMin) }}</strong> if every task were done alone;
      <strong>{{ minutesText(peopleMin) }}</strong> together, each cover opened once.
      <strong>Sharing saves {{ minutesText(saved) }}.</strong>
    </p>
    <div v-if="draft" class="row small allowance">
      <label
        >Corrosion or seized hardware: add
        <input
          class="cell figure"
          inputmode="numeric"
          v-typed="allowance.minutes"
          aria-label="Allowance, minutes"
          v-flaw="flawed"
          @change="allow({ minutes: value($event) })"
        />
        min</label
      >
      <label class="reason"
        >because
        <input
          class="cell"
          v-typed="allowance.reason"
          aria-label="Allowance, reason"
          v-flaw="unexplained"
          @change="allow({ reason: value($event) })"
      /></label>
      <span v-if="flawed ?? unexplained" class="alarm" role="alert">{{ flawed ?? unexplained }}</span>
    </div>
    <p v-else-if="work.labour.allowanceMin > 0">
      {{ work.labour.allowanceMin }} min are added: {{ work.labour.allowanceReason }}
    </p>
    <table class="plain">
      <thead>
        <tr>
          <th>Operation</th>
          <th>Engine</th>
          <th class="number">Hands-on</th>
          <th class="number">By the running engine</th>
          <th class="number">Then waiting</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="operation in work.operations" :key="operation.id">
          <td>{{ operation.title }} <WhyButton :about="operation.title" :text="operation.why" /></td>
          <td>{{ operation.label }}</td>
          <td class="number">
            {{ operation.people > 1 ? `${operation.people} × ` : '' }}{{ operation.attendedMin }} min
          </td>
          <td class="number">{{ operation.presenceMin > 0 ? `${operation.presenceMin} min` : '' }}</td>
          <td class="number">{{ operation.unattendedMin > 0 ? `${operation.unattendedMin} min` : '' }}</td>
        </tr>
        <tr v-if="work.labour.allowanceMin > 0">
          <td colspan="2">Allowance: {{ work.labour.allowanceReason }}</td>
          <td class="number">{{ work.labour.allowanceMin }} min</td>
          <td></td>
          <td></td>
        </tr>
        <tr>
          <td colspan="2"><strong>Together, each cover opened once</strong></td>
          <td class="number">
            <strong>{{ minutesText(work.labour.handsOnMin + work.labour.allowanceMin) }}</strong>
          </td>
          <td class="number">
            <strong>{{ minutesText(work.labour.presenceMin) }}</strong>
          </td>
          <td class="number">{{ minutesText(work.labour.unattendedMin) }}</td>
        </tr>
        <tr v-if="work.labour.secondHandMin > 0">
          <td colspan="5" class="muted">
            {{ minutesText(work.labour.secondHandMin) }} of it are a second person’s:
            {{ work.labour.secondHandSold ? 'sold' : 'not sold' }} (shop policy).
          </td>
        </tr>
      </tbody>
    </table>
    <p v-if="work.labour.soldRounded" class="muted small">
      Sold: {{ (work.labour.soldTenths / 10).toFixed(1) }} h. It is rounded once, at the end,
      {{ work.labour.soldRounded === 'up' ? 'up to the next' : 'to the nearest' }} tenth of an hour (shop policy).
    </p>
  </div>
</template>

<style scoped>
.allowance {
  gap: 16px;
}

.allowance .cell.figure {
  width: 60px;
}

.reason .cell {
  width: 260px;
}

.alarm {
  color: var(--red);
  font-weight: 700;
}
</style>
