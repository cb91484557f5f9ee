<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed } from 'vue'
import { useRoute } from 'vue-router'
import { answered, api } from '@/shared/api/client'
import { keys } from '@/shared/api/keys'
import { usePress } from '@/shared/api/usePress'
import { useShop, useSession } from '@/shared/session'
import ProblemNote from '@/shared/ui/ProblemNote.vue'
import { dayText, momentText } from '@/shared/units'
import { dotted, paperWords } from '@/shared/words'
import RecordEngine from './RecordEngine.vue'
import RecordFindings from './RecordFindings.vue'

const { personOf } = useSession()
const route = useRoute()
const { timeZone, papers } = useShop()
const number = computed(() => Number(route.params['number']))
const {
  data: record,
  error,
  isPending,
} = useQuery({
  queryKey: computed(() => keys.record(number.value)),
  queryFn: ({ signal }) =>
    answered(api.GET('/api/orders/{number}/record', { params: { path: { number: number.value } }, signal })),
})
const label = usePress({
  mutationFn: () => answered(api.POST('/api/orders/{number}/label', { params: { path: { number: number.value } } })),
})
</script>

<template>
  <el-skeleton v-if="isPending" :rows="6" />
  <ProblemNote v-else-if="error && !record" :error="error" />
  <article v-else-if="record" class="stack record">
    <header class="row spread">
      <div>
        <h1>Service record · order {{ record.order }}</h1>
        <p class="muted">
          {{ dotted(record.boat.name, record.boat.registration, record.boat.customer) }} · {{ dayText(record.day) }} ·
          released by {{ personOf(record.releasedBy) }}{{ record.seal ? ` · seal ${record.seal}` : '' }}
        </p>
      </div>
      <div class="row">
        <a
          v-for="paper in papers"
          :key="paper"
          class="act"
          target="_blank"
          :href="`/api/orders/${number}/record.pdf?paper=${paper}`"
          >Record, {{ paperWords[paper] }}</a
        >
        <a class="act" target="_blank" :href="`/api/orders/${number}/label.pdf`">Filter label, PDF</a>
        <button type="button" class="act" :disabled="label.isPending.value" @click="label.mutate()">
          Print the filter label
        </button>
        <a class="act" :href="`/api/orders/${number}/record`" :download="`record-${number}.json`">Record, JSON</a>
      </div>
    </header>
    <ProblemNote :error="label.error.value" />
    <p v-if="label.data.value" class="band fine" role="status">
      {{ label.data.value.labels === 1 ? 'One label' : `${label.data.value.labels} labels` }} sent to the label printer.
    </p>
    <RecordEngine v-for="engine in record.engines" :key="engine.position" :engine="engine" />
    <section v-if="(record.findings ?? []).length > 0" class="panel stack">
      <h2>Found on the rig</h2>
      <RecordFindings :findings="record.findings ?? []" />
    </section>
    <section v-if="(record.entries ?? []).length > 0" class="panel stack">
      <h2>The whole rig</h2>
      <p v-for="entry in record.entries ?? []" :key="`${entry.at}${entry.title}${entry.text}`">
        {{ entry.title }}: <strong>{{ entry.text }}</strong>
        <span class="muted small"> {{ personOf(entry.by) }}, {{ momentText(entry.at, timeZone) }}</span>
      </p>
    </section>
    <p v-for="words in record.explained ?? []" :key="words" class="panel">Said of it: {{ words }}</p>
    <p v-for="oil in record.oils ?? []" :key="oil" class="panel">{{ oil }}</p>
    <p v-for="waste in record.waste ?? []" :key="waste" class="panel">{{ waste }}</p>
    <p v-if="record.remark" class="panel"><strong>Remark:</strong> {{ record.remark }}</p>
  </article>
</template>

<style scoped>
.record {
  max-width: 1080px;
}

.act {
  font: inherit;
  color: var(--green);
  background: none;
  cursor: pointer;
  border: 2px solid var(--green);
  border-radius: 3px;
  padding: 6px 12px;
  text-decoration: none;
  font-weight: 600;
}
</style>
