<script setup lang="ts">
import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { ref, watch } from 'vue'
import { answered, api, asProblem, fieldsOf } from '@/shared/api/client'
import { keys } from '@/shared/api/keys'
import type { DuePolicy } from '@/shared/api/types'
import { usePress } from '@/shared/api/usePress'
import { plainCopy } from '@/shared/copy'
import { useSession } from '@/shared/session'
import FieldNote from '@/shared/ui/FieldNote.vue'
import ProblemNote from '@/shared/ui/ProblemNote.vue'
import { decimalInput } from '@/shared/units'
import { monthWords } from '@/shared/words'
import PolicyNav from './PolicyNav.vue'

/** When the shop speaks of "soon" and of "overdue", and how its season runs. The sheet's limits stay what they are. */
const { mayManage } = useSession()
const queries = useQueryClient()
const { data, error, isPending } = useQuery({
  queryKey: keys.duePolicy,
  queryFn: () => answered(api.GET('/api/policy/due')),
  staleTime: 0,
})
const form = ref<DuePolicy | null>(null)
watch(
  data,
  (policy) => {
    form.value = policy && form.value === null ? plainCopy(policy) : form.value
  },
  { immediate: true },
)
const keep = usePress({
  mutationFn: (policy: DuePolicy) =>
    answered(
      api.PUT('/api/policy/due', {
        body: { ...policy, windowHours: decimalInput(policy.windowHours), graceHours: decimalInput(policy.graceHours) },
      }),
    ),
  onSuccess: async (kept) => {
    form.value = plainCopy(kept)
    queries.setQueryData(keys.duePolicy, kept)
    await queries.invalidateQueries({
      predicate: (query) => ['board', 'boat', 'order', 'check-in'].includes(String(query.queryKey[0])),
    })
  },
})
const field = fieldsOf(keep.error)
const rows = [
  {
    name: 'Soon',
    spoken: 'Soon',
    words: 'from so much before the limit',
    why: 'long enough to call the owner and to order parts',
    hours: 'windowHours',
    days: 'windowDays',
  },
  {
    name: 'Over',
    spoken: 'Grace',
    words: 'from so much past the limit',
    why: 'a boat that comes a little late is not neglected',
    hours: 'graceHours',
    days: 'graceDays',
  },
] as const
function reload(): void {
  form.value = null
  keep.reset()
  void queries.invalidateQueries({ queryKey: keys.duePolicy })
}
</script>

<template>
  <el-skeleton v-if="isPending" :rows="6" />
  <ProblemNote v-else-if="error && !form" :error="error" />
  <form v-else-if="form" class="stack narrow" @submit.prevent="keep.mutate(form)">
    <PolicyNav />
    <h1>Policy: when something is due</h1>
    <p class="muted">
      A limit is the sheet’s and nobody’s choice; reaching it exactly counts as due. The shop chooses from when it
      speaks of “soon”, and until when “due” is not yet “over”.
      {{ mayManage ? 'A change works out anew what is due on every engine.' : 'The service manager sets it.' }}
    </p>
    <section class="panel grid">
      <span></span><strong>hours</strong><strong>days</strong>
      <template v-for="row in rows" :key="row.name">
        <span
          ><strong>{{ row.name }}</strong> {{ row.words }}<br /><span class="muted small">{{ row.why }}</span></span
        >
        <span
          ><input
            v-model="form[row.hours]"
            class="cell figure"
            inputmode="decimal"
            :aria-label="`${row.spoken}, hours`"
            :readonly="!mayManage" />
          h<FieldNote :text="field(`/${row.hours}`)"
        /></span>
        <span
          ><input
            v-model.number="form[row.days]"
            class="cell figure"
            inputmode="numeric"
            :aria-label="`${row.spoken}, days`"
            :readonly="!mayManage" />
          days<FieldNote :text="field(`/${row.days}`)"
        /></span>
      </template>
    </section>
    <section class="panel stack">
      <h2>The season</h2>
      <p class="muted small">
        How much boats here run in each month, the busiest at 100. The forecast of hours counts days by it, in the
        months in which a boat is used at all.
      </p>
      <div class="months">
        <label v-for="(word, index) in monthWords" :key="word">
          <svg viewBox="0 0 40 60" aria-hidden="true">
            <rect
              x="6"
              width="28"
              :y="58 - (form.useByMonth[index] ?? 0) * 0.56"
              :height="(form.useByMonth[index] ?? 0) * 0.56 + 2"
              fill="var(--bar-fill)"
            />
          </svg>
          {{ word }}
          <input
            v-model.number="form.useByMonth[index]"
            class="cell figure"
            inputmode="numeric"
            :readonly="!mayManage"
          />
        </label>
      </div>
      <FieldNote :text="field('/useByMonth')" />
    </section>
    <div v-if="asProblem(keep.error.value)?.key === 'conflict.changed'" class="band stop row spread" role="alert">
      <span>{{ asProblem(keep.error.value)?.message }}</span>
      <el-button @click="reload">Load it again</el-button>
    </div>
    <ProblemNote v-else :error="keep.error.value" unshown />
    <div v-if="mayManage" class="row">
      <el-button type="primary" size="large" native-type="submit" :loading="keep.isPending.value"
        >Keep the policy</el-button
      >
      <span v-if="keep.isSuccess.value" role="status"
        >Kept. What is due is being worked out anew; the board says how far it is.</span
      >
    </div>
  </form>
</template>

<style scoped>
.narrow {
  max-width: 860px;
}

.grid {
  display: grid;
  grid-template-columns: 1fr 150px 150px;
  gap: 12px 16px;
  align-items: start;
}

.months {
  display: grid;
  grid-template-columns: repeat(12, 1fr);
  gap: 4px;
  text-align: center;
}

.months .cell {
  width: 100%;
}
</style>
