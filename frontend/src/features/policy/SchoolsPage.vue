<script setup lang="ts">
import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { computed, ref, watch } from 'vue'
import { answered, api, asProblem, fieldsOf } from '@/shared/api/client'
import { keys } from '@/shared/api/keys'
import { usePress } from '@/shared/api/usePress'
import { useSession } from '@/shared/session'
import ProblemNote from '@/shared/ui/ProblemNote.vue'
import PolicyNav from './PolicyNav.vue'
import SchoolChoice from './SchoolChoice.vue'

/** What the shop answers where practitioners disagree, and which open drafts another answer would change. */
const { mayManage } = useSession()
const queries = useQueryClient()
const { data, error, isPending } = useQuery({
  queryKey: keys.schools,
  queryFn: () => answered(api.GET('/api/policy/schools')),
  staleTime: 0,
})
const answers = ref<Record<string, string>>({})
watch(
  data,
  (schools) => {
    if (schools && Object.keys(answers.value).length === 0) {
      answers.value = Object.fromEntries(schools.questions.map((question) => [question.id, question.answer]))
    }
  },
  { immediate: true },
)
const changed = computed(() =>
  (data.value?.questions ?? []).filter((question) => answers.value[question.id] !== question.answer),
)
const effects = useQuery({
  queryKey: computed(() => [...keys.schools, 'effects', answers.value] as const),
  queryFn: ({ queryKey, signal }) =>
    answered(api.POST('/api/policy/schools/effects', { body: { answers: queryKey[2] }, signal })),
  enabled: computed(() => mayManage.value && changed.value.length > 0),
  retry: false,
})
const keep = usePress({
  mutationFn: () =>
    answered(api.PUT('/api/policy/schools', { body: { answers: answers.value, version: data.value?.version ?? 0 } })),
  onSuccess: async (kept) => {
    queries.setQueryData(keys.schools, kept)
    await queries.invalidateQueries({
      predicate: (query) => ['order', 'preview'].includes(String(query.queryKey[0])),
    })
  },
})
const wrong = fieldsOf(computed(() => keep.error.value ?? effects.error.value))
function reload(): void {
  answers.value = {}
  keep.reset()
  void queries.invalidateQueries({ queryKey: keys.schools })
}
</script>

<template>
  <el-skeleton v-if="isPending" :rows="8" />
  <ProblemNote v-else-if="error && !data" :error="error" />
  <form v-else-if="data" class="stack" @submit.prevent="keep.mutate()">
    <PolicyNav />
    <h1>Policy: where practitioners disagree</h1>
    <p class="muted">
      A sheet’s own word goes before these answers, and no answer lifts a gate: drains closed before oil goes in, no
      start without water, the cowl last.
      {{ mayManage ? '' : 'The service manager sets them.' }}
    </p>
    <div class="page">
      <div class="questions">
        <SchoolChoice
          v-for="question in data.questions"
          :key="question.id"
          :question="question"
          :answer="answers[question.id] ?? question.answer"
          :fixed="!mayManage"
          :problem="wrong(`/answers/${question.id}`)"
          @choose="(code) => (answers = { ...answers, [question.id]: code })"
        />
      </div>
      <aside class="panel stack effects" aria-label="What changes">
        <h2>{{ changed.length === 0 ? 'Nothing changed yet' : `${changed.length} changed` }}</h2>
        <template v-if="changed.length > 0">
          <p v-for="question in changed" :key="question.id" class="small">
            <strong>{{ question.title }}:</strong>
            {{ question.schools.find((school) => school.code === answers[question.id])?.name }}
          </p>
          <p v-if="effects.isFetching.value" class="muted small">The open drafts are being worked out.</p>
          <p v-else-if="effects.data.value?.drafts.length === 0" class="small">No open draft would change.</p>
          <div v-for="draft in effects.data.value?.drafts ?? []" :key="draft.number" class="small draft">
            <RouterLink :to="`/orders/${draft.number}`">Order {{ draft.number }}, {{ draft.boat }}</RouterLink>
            <div v-for="line in draft.differences" :key="line">{{ line }}</div>
          </div>
          <p class="muted small">Orders that were issued stay as they are.</p>
        </template>
        <p v-else class="muted small">Choose another answer to see which open drafts it would change.</p>
        <div v-if="asProblem(keep.error.value)?.key === 'conflict.changed'" class="band stop row spread" role="alert">
          <span>{{ asProblem(keep.error.value)?.message }}</span>
          <el-button @click="reload">Load it again</el-button>
        </div>
        <ProblemNote v-else :error="keep.error.value ?? effects.error.value" unshown />
        <el-button
          v-if="mayManage"
          type="primary"
          size="large"
          native-type="submit"
          :disabled="changed.length === 0"
          :loading="keep.isPending.value"
          >Keep the policy</el-button
        >
        <span v-if="keep.isSuccess.value && changed.length === 0" role="status">Kept.</span>
      </aside>
    </div>
  </form>
</template>

<style scoped>
.page {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 300px;
  gap: 16px;
  align-items: start;
}

.questions {
  display: grid;
  gap: 10px;
}

.effects {
  position: sticky;
  top: 0;
  gap: 8px;
}

.draft {
  border-top: 1px solid var(--line);
  padding-top: 6px;
}
</style>
