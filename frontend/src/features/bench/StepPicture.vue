<script setup lang="ts">
import { computed } from 'vue'
import PieceStack from '@/drawing/PieceStack.vue'
import TighteningPattern from '@/drawing/TighteningPattern.vue'
import TorqueStages from '@/drawing/TorqueStages.vue'
import Transom from '@/drawing/Transom.vue'
import TurnDial from '@/drawing/TurnDial.vue'
import type { Bench } from '@/shared/api/types'
import type { BenchStep } from './useBench'

const props = defineProps<{ bench: Bench; current: BenchStep }>()
const engine = computed(
  () => props.bench.document.engines.find((each) => each.position === props.current.operation.position) ?? null,
)
const level = computed(() =>
  ['level', 'first_level', 'level_once'].includes(props.current.step.entry) ? (engine.value?.level ?? null) : null,
)
const hung = computed(() =>
  props.bench.document.engines.map((each) => ({
    ...each,
    faded: engine.value !== null && each.position !== engine.value.position,
  })),
)
const oil = computed(() => props.bench.oil.find((each) => each.position === engine.value?.position) ?? null)
const rest = computed(() =>
  oil.value?.lastEvent === 'pour' ? level.value?.restAfterPourMin : level.value?.restAfterRunMin,
)
const turns = computed(() =>
  props.current.step.tightening?.kind !== 'torque' ? (props.current.step.tightening ?? null) : null,
)
const torque = computed(() => (props.current.step.tightening?.kind === 'torque' ? props.current.step.tightening : null))
const pattern = computed(() => (torque.value?.pattern && torque.value.pattern !== 'any' ? torque.value.pattern : null))
const stages = computed(() => props.current.step.stages ?? [])
const degrees = computed(() => props.current.step.degrees ?? null)
const units = { nm: 'N·m', ft_lb: 'ft·lb', in_lb: 'in·lb' } as const
</script>

<template>
  <aside class="picture">
    <TurnDial
      v-if="turns"
      :min="turns.minTurns"
      :max="turns.maxTurns"
      :text="current.step.figure?.text.replace(' turn', '') ?? ''"
    />
    <template v-else-if="torque">
      <TorqueStages v-if="stages.length > 0" :stages="stages" :unit="units[torque.unit]" />
      <svg v-else viewBox="0 0 260 120" role="img" :aria-label="`${torque.min} to ${torque.max} ${units[torque.unit]}`">
        <path d="M20 60h220" stroke="var(--bar)" stroke-width="22" />
        <path d="M75 60h110" stroke="var(--green)" stroke-width="22" />
        <path d="M130 38v44" stroke="var(--ink)" stroke-width="4" />
        <g font-size="17" text-anchor="middle" fill="var(--ink)">
          <text x="75" y="100">{{ torque.min }}</text>
          <text x="130" y="28" font-weight="700">{{ torque.nominal }} {{ units[torque.unit] }}</text>
          <text x="185" y="100">{{ torque.max }}</text>
        </g>
      </svg>
      <p class="small muted">
        {{
          stages.length > 0
            ? `all to one stage before the next; the last ${torque.min} – ${torque.max} ${units[torque.unit]}`
            : 'least · aim · most'
        }}
      </p>
      <TurnDial v-if="degrees" :min="degrees / 360" :max="degrees / 360" :text="`${degrees}°`" from="torque" />
      <TighteningPattern v-if="pattern" :pattern="pattern" :class="{ half: stages.length > 0 }" />
    </template>
    <template v-else-if="level">
      <p class="rest">{{ rest }} min</p>
      <p>of rest after {{ oil?.lastEvent === 'pour' ? 'a pour' : 'a run' }} before a reading counts</p>
      <p class="small muted">low to top mark: {{ level.span.text }}<br />largest top-up: {{ level.topUpMax.text }}</p>
    </template>
    <PieceStack v-else-if="(current.step.stack ?? []).length > 0" :pieces="current.step.stack ?? []" />
    <Transom v-else :engines="hung" :width="270" />
    <p v-if="engine" class="small plate">
      <strong>{{ engine.label }}</strong> · {{ engine.model }} · {{ engine.serial }}<br />
      <template v-if="engine.oil">{{ engine.oil.grade }} · {{ engine.oil.capacity.text }}</template>
    </p>
  </aside>
</template>

<style scoped>
.picture {
  background: var(--panel);
  border: 1px solid var(--line);
  padding: 16px;
  display: flex;
  flex-direction: column;
  align-items: center;
  gap: 8px;
  text-align: center;
}

.rest {
  font-size: 44px;
  font-weight: 800;
}

.small {
  font-size: 15px;
}

.half {
  max-width: 140px;
}

.plate {
  margin-top: auto;
}
</style>
