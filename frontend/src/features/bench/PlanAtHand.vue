<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Bench } from '@/shared/api/types'
import { useSession, useShop } from '@/shared/session'
import { whoseText } from '@/shared/times'
import ProblemNote from '@/shared/ui/ProblemNote.vue'
import { clockText, momentText } from '@/shared/units'
import { lastOf, planAtHand, type PlanRow } from './atHand'
import EngineAtHand from './EngineAtHand.vue'
import type { BenchStep } from './useBench'
import { useClaims } from './useClaims'

/** The order as it stands: each engine with whoever has it and what stands open, and what may be done next. */
const props = defineProps<{ bench: Bench; steps: BenchStep[]; mayWork: boolean }>()
const emit = defineEmits<{ goTo: [stepId: string] }>()
const { account, personOf } = useSession()
const { timeZone } = useShop()
const { take, giveBack } = useClaims(props.bench.order.number)

const username = computed(() => account.value?.username ?? '')
/** Of one engine, or of all. */
const only = ref<string | null>(null)
const plan = computed(() => {
  const all = planAtHand(props.bench, props.steps)
  const shown = (rows: PlanRow[]): PlanRow[] =>
    only.value === null ? rows : rows.filter((row) => row.operation.position === only.value)
  return { now: shown(all.now), waits: shown(all.waits), done: shown(all.done) }
})
const here = computed(() => lastOf(props.bench, username.value))
const clock = (instant: string): string => clockText(instant, timeZone.value)
const isBusy = computed(() => take.isPending.value || giveBack.isPending.value)
/** Where some of it still waits, only what may be done now is promised. */
function stepsText({ open, count, free, waits }: PlanRow): string {
  if (waits === null && free < open) {
    return `${free} of ${open} now`
  }
  return open < count ? `${open} of ${count} steps open` : count === 1 ? '1 step' : `${count} steps`
}
function claimText({ takenBy }: PlanRow): string {
  return takenBy === null ? 'Take on' : takenBy === username.value ? 'Give back' : 'Take over'
}
const sections = computed(() => [
  { key: 'now', title: 'May be done now', rows: plan.value.now },
  { key: 'waits', title: 'Waits', rows: plan.value.waits },
])
</script>

<template>
  <section class="plan" aria-label="Plan at hand">
    <p v-if="here" class="band here">
      <strong>You were here:</strong>
      {{ here.operation.title
      }}{{
        bench.document.engines.length > 1
          ? `, ${bench.document.engines.find((each) => each.position === here?.operation.position)?.label ?? 'Rig'}`
          : ''
      }}, {{ momentText(here.at, timeZone) }}.
    </p>
    <ProblemNote :error="take.error.value ?? giveBack.error.value" />
    <ul class="engines">
      <EngineAtHand
        v-for="engine in bench.document.engines"
        :key="engine.position"
        :bench="bench"
        :steps="steps"
        :engine="engine"
        :may-work="mayWork && !isBusy"
        @take="(instead) => take.mutate({ of: engine.position, instead })"
        @give-back="giveBack.mutate(engine.position)"
      />
    </ul>
    <div v-if="bench.document.engines.length > 1" class="row" role="group" aria-label="Of which engine">
      <button
        type="button"
        class="big pick"
        :class="{ on: only === null }"
        :aria-pressed="only === null"
        @click="only = null"
      >
        All
      </button>
      <button
        v-for="engine in bench.document.engines"
        :key="engine.position"
        type="button"
        class="big pick"
        :class="{ on: only === engine.position }"
        :aria-pressed="only === engine.position"
        @click="only = engine.position"
      >
        {{ engine.label }}
      </button>
    </div>
    <template v-for="section in sections" :key="section.key">
      <h2>
        {{ section.title }} <span class="muted">{{ section.rows.length }}</span>
      </h2>
      <p v-if="section.rows.length === 0" class="muted">Nothing.</p>
      <ul class="rows">
        <li v-for="row in section.rows" :key="row.operation.id" class="line">
          <button type="button" class="go" @click="emit('goTo', row.step.step.id)">
            <span class="which">{{ row.engine }}</span>
            <span class="title"
              ><strong>{{ row.operation.title }}</strong>
              <span v-if="row.waits" class="muted">{{
                row.waits.claim ? `${personOf(row.waits.claim.by)} has it.` : row.waits.why
              }}</span></span
            >
            <span class="muted">{{ whoseText(bench.document.timeline, row.operation.id) }}</span>
            <strong v-if="row.waits?.until" class="until">until {{ clock(row.waits.until) }}</strong>
            <span v-else class="until">{{ stepsText(row) }}</span>
          </button>
          <button
            v-if="mayWork && (row.waits === null || row.takenBy !== null)"
            type="button"
            class="big mine-too"
            :disabled="isBusy"
            :aria-label="`${claimText(row)}: ${row.operation.title}, ${row.engine}`"
            @click="
              row.takenBy === username
                ? giveBack.mutate(row.operation.id)
                : take.mutate({ of: row.operation.id, instead: row.takenBy })
            "
          >
            {{ claimText(row) }}
          </button>
        </li>
      </ul>
    </template>
    <details v-if="plan.done.length > 0">
      <summary>
        Done <span class="muted">{{ plan.done.length }}</span>
      </summary>
      <ul class="rows">
        <li v-for="row in plan.done" :key="row.operation.id" class="line">
          <button type="button" class="go" @click="emit('goTo', row.step.step.id)">
            <span class="which">{{ row.engine }}</span>
            <span class="title">{{ row.operation.title }}</span>
            <span class="until">done</span>
          </button>
        </li>
      </ul>
    </details>
  </section>
</template>

<style scoped>
.plan {
  flex: 1;
  overflow: auto;
  padding: 12px 20px 20px;
  background: var(--panel);
}

ul {
  list-style: none;
  margin: 0;
  padding: 0;
}

h2 {
  margin: 16px 0 6px;
}

.engines {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(230px, 1fr));
  gap: 10px;
  margin: 10px 0;
}

.pick {
  min-height: 56px;
  min-width: 96px;
}

.row {
  flex-wrap: wrap;
  gap: 8px;
}

.rows {
  display: flex;
  flex-direction: column;
  gap: 8px;
}

.line {
  display: flex;
  gap: 8px;
}

.go {
  flex: 1;
  min-width: 0;
  font: inherit;
  text-align: left;
  color: inherit;
  display: flex;
  align-items: center;
  gap: 14px;
  min-height: 56px;
  padding: 6px 14px;
  border: 1px solid var(--line);
  border-radius: 3px;
  background: #fff;
  cursor: pointer;
}

.which {
  width: 110px;
  flex: none;
}

.title {
  flex: 1;
  min-width: 0;
}

.title .muted {
  display: block;
}

.until {
  white-space: nowrap;
}

.mine-too {
  flex: none;
  min-width: 128px;
}

summary {
  margin-top: 16px;
  min-height: 44px;
  font-size: 21px;
  font-weight: 700;
  cursor: pointer;
}

@media (max-width: 760px) {
  .go {
    flex-wrap: wrap;
    gap: 4px 10px;
  }

  .which {
    width: auto;
  }

  .title {
    flex-basis: 100%;
    order: 2;
  }

  .mine-too {
    min-width: 96px;
    padding: 0 8px;
  }
}
</style>
