<script setup lang="ts">
import { computed } from 'vue'
import type { Bench, WorkEngine } from '@/shared/api/types'
import { useSession, useShop } from '@/shared/session'
import { clockText } from '@/shared/units'
import { lastOf } from './atHand'
import type { BenchStep } from './useBench'

/** An engine of the plan: how far it is, whether it can be started, what stands open, and whose it is. */
const props = defineProps<{ bench: Bench; steps: BenchStep[]; engine: WorkEngine; mayWork: boolean }>()
const emit = defineEmits<{ take: [instead: string | null]; giveBack: [] }>()
const { account, personOf } = useSession()
const { timeZone } = useShop()

/** The only one of its boat has no place by which it is called. */
const name = computed(() => (props.engine.label === 'Engine' ? 'the engine' : props.engine.label))
const position = computed(() => props.engine.position)
const own = computed(() => props.steps.filter((each) => each.operation.position === position.value))
const done = computed(() => own.value.filter((each) => each.done || each.answer !== null).length)
const claim = computed(() => props.bench.claims.find((each) => each.of === position.value) ?? null)
const isMine = computed(() => claim.value !== null && claim.value.by === account.value?.username)
const state = computed(() => props.bench.engines.find((each) => each.position === position.value) ?? null)
const isReleased = computed(() => props.bench.released.some((each) => each.position === position.value))
const last = computed(() => (claim.value === null ? null : lastOf(props.bench, claim.value.by, position.value)))
const clock = (instant: string): string => clockText(instant, timeZone.value)
</script>

<template>
  <li class="engine" :class="{ mine: isMine }">
    <p class="name">
      <strong>{{ engine.label }}</strong>
      <span>{{ done }} of {{ own.length }} steps</span>
    </p>
    <p v-if="isReleased" class="state">Released</p>
    <template v-else>
      <p v-if="state" class="state" :class="{ live: state.lockout !== 'Locked out' }">{{ state.lockout }}</p>
      <p v-for="what in state?.open" :key="what" class="open">{{ what }}</p>
      <p v-if="claim">
        <strong>{{ isMine ? 'You have it' : `${personOf(claim.by)} has it` }}</strong> since {{ clock(claim.at)
        }}{{ last ? `; last ${clock(last.at)}, ${last.operation.title.toLowerCase()}` : '' }}.
      </p>
      <p v-else>Nobody has taken it on.</p>
      <button v-if="isMine" type="button" class="big" :disabled="!mayWork" @click="emit('giveBack')">
        Give back {{ name }}
      </button>
      <button v-else type="button" class="big" :disabled="!mayWork" @click="emit('take', claim?.by ?? null)">
        {{ claim ? 'Take over' : 'Take on' }} {{ name }}
      </button>
    </template>
  </li>
</template>

<style scoped>
.engine {
  display: flex;
  flex-direction: column;
  gap: 6px;
  padding: 10px 12px;
  border: 1px solid var(--line);
  border-left: 6px solid var(--line);
  border-radius: 3px;
}

.engine.mine {
  border-left-color: var(--green);
}

.engine .big {
  min-height: 56px;
  margin-top: auto;
}

.name {
  display: flex;
  justify-content: space-between;
  gap: 10px;
}

.state {
  font-weight: 700;
}

.state.live,
.open {
  color: var(--red);
}
</style>
