<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed, ref } from 'vue'
import { useRoute } from 'vue-router'
import { answered, api } from '@/shared/api/client'
import { keys } from '@/shared/api/keys'
import ProblemNote from '@/shared/ui/ProblemNote.vue'
import FigureCell from './FigureCell.vue'

/** Two revisions side by side: only what differs, or all. */
const route = useRoute()
const id = computed(() => String(route.params['id']))
const older = computed(() => Number(route.query['older']))
const newer = computed(() => Number(route.query['newer']))
const all = ref(false)
const { data, error, isPending } = useQuery({
  queryKey: computed(() => keys.comparison(id.value, older.value, newer.value)),
  queryFn: () =>
    answered(
      api.GET('/api/book/sheets/{id}/comparison', {
        params: { path: { id: id.value }, query: { older: older.value, newer: newer.value } },
      }),
    ),
})
const changes = computed(() => (data.value?.differences ?? []).filter((each) => each.change))
const rows = computed(() => (all.value ? (data.value?.differences ?? []) : changes.value))
</script>

<template>
  <div class="stack">
    <p class="small"><RouterLink to="/book">Spec book</RouterLink></p>
    <div class="row spread">
      <h1>{{ id }}: rev. {{ older }} beside rev. {{ newer }}</h1>
      <label class="row"><input v-model="all" type="checkbox" /> also what is the same</label>
    </div>
    <el-skeleton v-if="isPending" :rows="4" />
    <ProblemNote v-else-if="error" :error="error" />
    <p v-else-if="rows.length === 0" class="panel">No figure differs.</p>
    <section v-else class="panel">
      <p>
        <strong>{{ changes.length }} {{ changes.length === 1 ? 'value differs' : 'values differ' }}</strong>
      </p>
      <table class="plain">
        <thead>
          <tr>
            <th>Value</th>
            <th>
              <RouterLink :to="`/book/sheets/${id}/${older}`">rev. {{ older }}</RouterLink>
            </th>
            <th>
              <RouterLink :to="`/book/sheets/${id}/${newer}`">rev. {{ newer }}</RouterLink>
            </th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="row in rows" :key="row.path" :class="{ change: row.change }">
            <td>
              {{ row.label }} <span v-if="row.change" class="mark-word ask">differs</span
              ><span v-else-if="row.otherSource" class="muted small"> other source</span>
            </td>
            <td>
              <FigureCell v-if="row.before" :value="row.before" /><span v-else class="muted">not there</span>
              <p class="muted small">{{ row.before?.source }}</p>
            </td>
            <td>
              <FigureCell v-if="row.after" :value="row.after" /><span v-else class="muted">not there</span>
              <p class="muted small">{{ row.after?.source }}</p>
            </td>
          </tr>
        </tbody>
      </table>
    </section>
  </div>
</template>

<style scoped>
tr.change {
  background: var(--brass-tint);
}
</style>
