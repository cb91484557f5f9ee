<script setup lang="ts">
import { computed } from 'vue'
import type { ServiceRecord } from '@/shared/api/types'
import { useSession, useShop } from '@/shared/session'
import { dayText, litresText, momentText } from '@/shared/units'
import RecordFindings from './RecordFindings.vue'

type Engine = ServiceRecord['engines'][number]
type Entry = Engine['entries'][number]

/** One engine as its owner is told of it; the log is at the end, for those who want it. */
const props = defineProps<{ engine: Engine }>()
const { personOf } = useSession()
const { timeZone } = useShop()

const words = {
  done: 'done',
  partly: 'partly done:',
  not_done: 'NOT DONE:',
  dropped: 'dropped:',
  open: 'not finished:',
}
const outcomeText = (task: Engine['tasks'][number]): string =>
  [words[task.outcome ?? 'done'], (task.missing ?? []).join('; ')].filter((part) => part !== '').join(' ')
/** A sentence ends once, however somebody wrote it. */
const ended = (text: string): string => `${text.replace(/[.\s]+$/, '')}.`
const dueText = (day: string | null, hours: string | null): string =>
  [day === null ? '' : dayText(day), hours === null ? '' : `${hours} h`].filter((part) => part !== '').join(' or ')
const named = (parts: { number: string; description: string | null; count?: number | null }[]): string =>
  parts
    .map((part) => `${part.count ? `${part.count} × ` : ''}${part.number} ${part.description ?? ''}`.trim())
    .join(', ')
/** Records of before do not say where an entry belongs. */
const of = (section: NonNullable<Entry['section']>): Entry[] =>
  props.engine.entries.filter((entry) => (entry.section ?? 'measured') === section)
const tables = computed(() =>
  [
    { title: 'As found', entries: of('as_found') },
    { title: 'Measured and tried', entries: of('measured') },
  ].filter((table) => table.entries.length > 0),
)
const set = computed(() => of('set').map((entry) => `${entry.title.toLowerCase()} ${entry.text}`))
/** Records of before have the tasks only. */
const next = computed(() => dueText(props.engine.next?.day ?? null, props.engine.next?.hours ?? null))
const topUp = computed(() => [
  ...(props.engine.oil ? [`engine oil ${props.engine.oil.grade}, class ${props.engine.oil.performanceClass}`] : []),
  ...(props.engine.lubricants ?? []),
])
</script>

<template>
  <section class="panel stack">
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
    <p v-if="next !== ''" class="next">
      Next service by <strong>{{ next }}</strong>
    </p>
    <table class="plain">
      <thead>
        <tr>
          <th>Done</th>
          <th>Next due</th>
          <th>Why</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="task in engine.tasks" :key="task.task">
          <td>
            <strong>{{ task.title }}</strong> {{ outcomeText(task) }}
          </td>
          <td>
            <strong>{{ dueText(task.nextDay, task.nextHours) }}</strong>
          </td>
          <td class="muted">{{ task.why }}</td>
        </tr>
        <tr v-for="task in engine.parked" :key="task.title">
          <td>
            <strong>{{ task.title }}</strong> NOT DONE
          </td>
          <td></td>
          <td>{{ task.reason }}</td>
        </tr>
      </tbody>
    </table>
    <div class="found">
      <div v-for="table in tables" :key="table.title">
        <h3>{{ table.title }}</h3>
        <table class="plain">
          <tbody>
            <tr v-for="entry in table.entries" :key="`${entry.at}${entry.title}${entry.text}`">
              <td>{{ entry.title }}</td>
              <td>
                <strong>{{ entry.text }}</strong> <span class="muted">{{ entry.meaning ?? '' }}</span>
              </td>
            </tr>
          </tbody>
        </table>
      </div>
    </div>
    <p v-if="set.length > 0"><strong>Tightened and counted:</strong> {{ set.join('; ') }}.</p>
    <p v-if="engine.parts.length > 0"><strong>Fitted:</strong> {{ named(engine.parts) }}.</p>
    <p v-if="engine.oil">
      <strong>Engine oil:</strong> {{ engine.oil.filled ?? litresText(engine.oil.inEngineMl) }} of
      {{ engine.oil.grade }}, class {{ engine.oil.performanceClass }}, went in; the engine takes
      {{ engine.oil.capacity }}. Settled level <strong>{{ engine.oil.level ?? '–' }}</strong> of the span.
    </p>
    <p v-if="topUp.length > 0"><strong>To top up with:</strong> {{ topUp.join('; ') }}.</p>
    <p v-for="entry in of('not_done')" :key="entry.at + entry.title">
      <strong>Not done:</strong> {{ entry.title.toLowerCase() }}, {{ ended(entry.text) }}
    </p>
    <p v-for="entry in of('deviation')" :key="entry.at + entry.title" class="band">
      <strong>Not as it should be:</strong> {{ entry.title.toLowerCase() }}, {{ ended(entry.text) }}
    </p>
    <RecordFindings :findings="engine.findings ?? []" />
    <p v-if="engine.laidOut?.length" class="muted">
      Laid out in case it was needed; what was found says whether it was fitted: {{ named(engine.laidOut) }}.
    </p>
    <p v-if="engine.watch?.length"><strong>Keep an eye on:</strong> {{ engine.watch.join(' ') }}</p>
    <p v-if="engine.untested?.length"><strong>Not tried:</strong> {{ engine.untested.join(' ') }}</p>
    <details>
      <summary>The log of {{ engine.label }}, {{ engine.entries.length }} entries</summary>
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
    </details>
  </section>
</template>

<style scoped>
.unfit {
  font-size: 30px;
}

.next {
  font-size: 20px;
}

.found {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(380px, 1fr));
  gap: 10px 24px;
}

summary {
  min-height: 28px;
  cursor: pointer;
  font-weight: 600;
}
</style>
