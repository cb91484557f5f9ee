<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed } from 'vue'
import { useRoute } from 'vue-router'
import HoursPlot from '@/drawing/HoursPlot.vue'
import { answered, api } from '@/shared/api/client'
import { keys } from '@/shared/api/keys'
import ProblemNote from '@/shared/ui/ProblemNote.vue'
import { dayText } from '@/shared/units'

const route = useRoute()
const id = computed(() => Number(route.params['id']))
const {
  data: log,
  error,
  isPending,
} = useQuery({
  queryKey: computed(() => keys.engineLog(id.value)),
  queryFn: ({ signal }) => answered(api.GET('/api/engines/{id}/log', { params: { path: { id: id.value } }, signal })),
})
const newestFirst = computed(() => [...(log.value?.done ?? [])].reverse())
const found = computed(() =>
  (log.value?.records ?? []).flatMap((record) =>
    record.engines
      .filter((engine) => engine.serial === log.value?.engine.serial)
      .flatMap((engine) => engine.entries.map((entry) => ({ ...entry, order: record.order, day: record.day }))),
  ),
)
</script>

<template>
  <el-skeleton v-if="isPending" :rows="6" />
  <ProblemNote v-else-if="error" :error="error" />
  <div v-else-if="log" class="stack">
    <header>
      <h1>Log of {{ log.engine.model }} {{ log.engine.serial }}</h1>
      <p class="muted">
        {{ log.engine.label }} of <RouterLink :to="`/boats/${log.boat.id}`">{{ log.boat.name }}</RouterLink>
      </p>
    </header>
    <section class="panel">
      <h2>Hours</h2>
      <HoursPlot :readings="log.readings" />
    </section>
    <section class="panel">
      <h2>Done</h2>
      <p v-if="newestFirst.length === 0" class="muted">No record of any service.</p>
      <table v-else class="plain">
        <tbody>
          <tr v-for="done in newestFirst" :key="`${done.task}${done.on}${done.evidence}`">
            <td>{{ dayText(done.on) }}</td>
            <td>
              <strong>{{ done.title }}</strong>
            </td>
            <td>{{ done.hours === null ? 'no meter' : `${done.hours} h` }}</td>
            <td class="muted">{{ done.evidence }}</td>
          </tr>
        </tbody>
      </table>
    </section>
    <section v-if="found.length > 0" class="panel">
      <h2>Measured and found</h2>
      <table class="plain">
        <tbody>
          <tr v-for="entry in found" :key="`${entry.order}${entry.at}${entry.title}${entry.text}`">
            <td>{{ dayText(entry.day) }}</td>
            <td>{{ entry.title }}</td>
            <td>
              <strong>{{ entry.text }}</strong> <span class="muted">{{ entry.meaning ?? '' }}</span>
            </td>
            <td>
              <RouterLink :to="`/orders/${entry.order}/record`">order {{ entry.order }}</RouterLink>
            </td>
          </tr>
        </tbody>
      </table>
    </section>
  </div>
</template>
