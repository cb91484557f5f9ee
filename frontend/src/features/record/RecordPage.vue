<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed } from 'vue'
import { useRoute } from 'vue-router'
import { answered, api } from '@/shared/api/client'
import { keys } from '@/shared/api/keys'
import { useShop, useSession } from '@/shared/session'
import ProblemNote from '@/shared/ui/ProblemNote.vue'
import { dayText, litresText, momentText } from '@/shared/units'
import RecordFindings from './RecordFindings.vue'

const { personOf } = useSession()
const route = useRoute()
const { timeZone } = useShop()
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

const words = {
  done: 'done.',
  partly: 'partly done:',
  not_done: 'NOT DONE:',
  dropped: 'dropped:',
  open: 'not finished:',
}
type Task = NonNullable<typeof record.value>['engines'][number]['tasks'][number]
const ended = (task: Task): string =>
  [words[task.outcome ?? 'done'], (task.missing ?? []).join('; ')].filter((part) => part !== '').join(' ')
const named = (parts: { number: string; description: string | null; count?: number | null }[]): string =>
  parts
    .map((part) => `${part.count ? `${part.count} × ` : ''}${part.number} ${part.description ?? ''}`.trim())
    .join(', ')
</script>

<template>
  <el-skeleton v-if="isPending" :rows="6" />
  <ProblemNote v-else-if="error && !record" :error="error" />
  <article v-else-if="record" class="stack record">
    <header class="row spread">
      <div>
        <h1>Service record · order {{ record.order }}</h1>
        <p class="muted">
          {{ record.boat.name }} · {{ record.boat.registration }} · {{ record.boat.customer }} ·
          {{ dayText(record.day) }} · released by {{ personOf(record.releasedBy)
          }}{{ record.seal ? ` · seal ${record.seal}` : '' }}
        </p>
      </div>
      <div class="row">
        <a class="act" target="_blank" :href="`/api/orders/${number}/record.pdf?paper=a4`">Record, A4</a>
        <a class="act" target="_blank" :href="`/api/orders/${number}/record.pdf?paper=letter`">Record, Letter</a>
        <a class="act" target="_blank" :href="`/api/orders/${number}/label.pdf`">Filter label</a>
      </div>
    </header>
    <section v-for="engine in record.engines" :key="engine.position" class="panel stack">
      <h2>
        {{ engine.label }} · {{ engine.model }} {{ engine.serial }} ·
        {{ engine.hours === null ? 'no meter' : `${engine.hours} h` }}
      </h2>
      <p v-if="engine.released">
        Released before the others, on {{ dayText(engine.released.day) }}, by {{ engine.released.by }}.
      </p>
      <p v-if="engine.unfit" class="band stop" role="alert">
        <strong class="unfit">NOT FIT TO RUN</strong><br />
        {{ [engine.unfit.why, ...engine.unfit.open].join(' ') }}
      </p>
      <div class="next">
        <div v-for="task in engine.tasks" :key="task.task">
          <strong>{{ task.title }}</strong> {{ ended(task) }} {{ task.nextDay || task.nextHours ? 'Next due' : ''
          }}{{ ' ' }}
          <strong class="due"
            >{{ task.nextDay ? dayText(task.nextDay) : '' }}{{ task.nextDay && task.nextHours ? ' or ' : ''
            }}{{ task.nextHours ? `${task.nextHours} h` : '' }}</strong
          >
          <span class="muted small"> · {{ task.why }}</span>
        </div>
        <div v-for="task in engine.parked" :key="task.title" class="muted">
          {{ task.title }} not done: {{ task.reason }}
        </div>
      </div>
      <p v-if="engine.oil">
        {{ engine.oil.grade }}, class {{ engine.oil.performanceClass }}: {{ litresText(engine.oil.inEngineMl) }} filled
        of {{ engine.oil.capacity }}, settled level <strong>{{ engine.oil.level ?? '–' }}</strong> of the span.
      </p>
      <RecordFindings :findings="engine.findings ?? []" />
      <p v-if="engine.parts.length > 0">Fitted: {{ named(engine.parts) }}.</p>
      <p v-if="engine.laidOut?.length" class="muted">
        Laid out in case it was needed; what was found says whether it was fitted: {{ named(engine.laidOut) }}.
      </p>
      <table class="plain">
        <tbody>
          <tr v-for="entry in engine.entries" :key="`${entry.at}${entry.title}${entry.text}`">
            <td>{{ entry.title }}</td>
            <td>
              <strong>{{ entry.text }}</strong> <span class="muted">{{ entry.meaning ?? '' }}</span>
            </td>
            <td class="muted small">{{ personOf(entry.by) }}, {{ momentText(entry.at, timeZone) }}</td>
          </tr>
        </tbody>
      </table>
    </section>
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
    <p v-if="record.remark" class="panel"><strong>Remark:</strong> {{ record.remark }}</p>
  </article>
</template>

<style scoped>
.unfit {
  font-size: 30px;
}

.record {
  max-width: 1080px;
}

.act {
  border: 2px solid var(--green);
  border-radius: 3px;
  padding: 6px 12px;
  text-decoration: none;
  font-weight: 600;
}

.due {
  font-size: 17px;
}
</style>
