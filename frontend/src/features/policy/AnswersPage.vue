<script setup lang="ts">
import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { computed, ref, watch } from 'vue'
import { answered, api, asProblem, fieldsOf } from '@/shared/api/client'
import { keys } from '@/shared/api/keys'
import { usePress } from '@/shared/api/usePress'
import { useSession } from '@/shared/session'
import ProblemNote from '@/shared/ui/ProblemNote.vue'
import AnswerLook from './AnswerLook.vue'
import PolicyNav from './PolicyNav.vue'
import { asKept, changedBy, type AnswerTable, type OwnAnswer, type SeenVerdict } from './shopAnswers'

/** What a technician may answer where something is looked at: the trade's table, and what the shop adds to it. */
const { mayManage } = useSession()
const queries = useQueryClient()
const { data, error, isPending } = useQuery({
  queryKey: keys.answers,
  queryFn: () => answered(api.GET('/api/policy/answers')),
  staleTime: 0,
})
const chosen = ref<Record<string, SeenVerdict>>({})
const own = ref<Record<string, OwnAnswer[]>>({})
const sent = computed(() => ({
  raised: changedBy(data.value?.looks ?? [], chosen.value),
  added: Object.fromEntries(Object.entries(own.value).filter(([, answers]) => answers.length > 0)),
}))
/** As it was when it was taken into the form; null: it is not there yet. */
const taken = ref<string | null>(null)
const isChanged = computed(() => JSON.stringify(sent.value) !== taken.value)
function take(table: AnswerTable): void {
  const kept = asKept(table.looks)
  chosen.value = kept.chosen
  own.value = kept.own
  taken.value = JSON.stringify(sent.value)
}
watch(data, (table) => table !== undefined && taken.value === null && take(table), { immediate: true })

const keep = usePress({
  mutationFn: () =>
    answered(api.PUT('/api/policy/answers', { body: { answers: sent.value, version: data.value?.version ?? 0 } })),
  onSuccess: (table) => {
    queries.setQueryData(keys.answers, table)
    take(table)
  },
})
const wrong = fieldsOf(keep.error)
function reload(): void {
  taken.value = null
  keep.reset()
  void queries.invalidateQueries({ queryKey: keys.answers })
}
</script>

<template>
  <el-skeleton v-if="isPending" :rows="8" />
  <ProblemNote v-else-if="error && !data" :error="error" />
  <form v-else-if="data" class="stack" @submit.prevent="keep.mutate()">
    <PolicyNav />
    <h1>Policy: what may be seen</h1>
    <p class="muted">
      These answers are offered at the bench. The shop may take one more seriously than the trade does, and add its own;
      nothing of the table can be left out or made light of.
      {{ mayManage ? 'Orders that were issued keep the table they were issued with.' : 'The service manager sets it.' }}
    </p>
    <AnswerLook
      v-for="look in data.looks"
      :key="look.key"
      v-model:chosen="chosen"
      v-model:own="own"
      :look="look"
      :fixed="!mayManage"
      :wrong="wrong"
    />
    <footer v-if="mayManage" class="keep row">
      <div v-if="asProblem(keep.error.value)?.key === 'conflict.changed'" class="band stop row spread" role="alert">
        <span>{{ asProblem(keep.error.value)?.message }}</span>
        <el-button @click="reload">Load it again</el-button>
      </div>
      <ProblemNote v-else :error="keep.error.value" />
      <el-button type="primary" size="large" native-type="submit" :disabled="!isChanged" :loading="keep.isPending.value"
        >Keep the table</el-button
      >
      <span v-if="keep.isSuccess.value && !isChanged" role="status">Kept.</span>
    </footer>
  </form>
</template>

<style scoped>
.keep {
  position: sticky;
  bottom: 0;
  padding: 10px 0;
  background: var(--paper, var(--panel));
}
</style>
