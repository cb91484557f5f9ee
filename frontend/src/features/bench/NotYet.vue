<script setup lang="ts">
import { useQueryClient } from '@tanstack/vue-query'
import { computed, watch } from 'vue'
import { useRouter } from 'vue-router'
import { keys } from '@/shared/api/keys'
import { useNow } from '@/shared/now'
import { useSession, useShop } from '@/shared/session'
import ProblemNote from '@/shared/ui/ProblemNote.vue'
import { countdownText, momentText } from '@/shared/units'
import type { BenchStep } from './useBench'
import { useClaims } from './useClaims'

/** Why this step may not be done now, and the way to what comes first. What happened all the same can still be entered. */
const props = defineProps<{ number: number; current: BenchStep; ahead: number; mayWork: boolean }>()
const emit = defineEmits<{ goTo: [stepId: string]; happened: [] }>()

const now = useNow()
const left = computed(() => {
  const until = props.current.notYet?.until ?? null
  return until === null ? null : Math.ceil((Date.parse(until) - now.value - props.ahead) / 1000)
})
const router = useRouter()
const queries = useQueryClient()
/** The time is over: the server is asked whether it may be done now. */
watch(left, (seconds) => {
  if (seconds !== null && seconds <= 0) {
    void queries.invalidateQueries({ queryKey: keys.bench(props.number) })
  }
})
const { take } = useClaims(props.number)
const { personOf } = useSession()
const { timeZone } = useShop()
const claim = computed(() => props.current.notYet?.claim ?? null)
const first = computed(() => props.current.notYet?.first ?? null)
</script>

<template>
  <section v-if="current.notYet" class="not-yet" aria-label="Not yet">
    <p class="band stop">
      <template v-if="claim">
        <strong>{{ personOf(claim.by) }} has taken this on</strong>, {{ momentText(claim.at, timeZone) }}. Ask first, or
        take it over if nobody is at it any more.
      </template>
      <template v-else><strong>Not yet.</strong> {{ current.notYet.why }}</template>
      <strong v-if="left !== null && left > 0" class="left" role="timer">{{ countdownText(left) }}</strong>
    </p>
    <ProblemNote :error="take.error.value" />
    <div class="row">
      <button
        v-if="claim && mayWork"
        type="button"
        class="big"
        :disabled="take.isPending.value"
        @click="take.mutate({ of: claim.of, instead: claim.by })"
      >
        Take it over
      </button>
      <button v-if="current.notYet.cart" type="button" class="big main" @click="router.push(`/orders/${number}/cart`)">
        Go to the cart
      </button>
      <button
        v-if="first !== null && first !== current.step.id"
        type="button"
        class="big main"
        @click="emit('goTo', first)"
      >
        Go there
      </button>
      <button v-if="mayWork && !claim" type="button" class="big" @click="emit('happened')">
        It happened all the same …
      </button>
    </div>
  </section>
</template>

<style scoped>
.not-yet {
  display: flex;
  flex-direction: column;
  gap: 10px;
  margin-top: 8px;
}

.left {
  font-size: 22px;
  margin-left: 8px;
}
</style>
