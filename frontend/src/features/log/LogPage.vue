<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed, ref } from 'vue'
import { useRoute } from 'vue-router'
import HoursPlot from '@/drawing/HoursPlot.vue'
import RunningProfile from '@/drawing/RunningProfile.vue'
import { answered, api } from '@/shared/api/client'
import { keys } from '@/shared/api/keys'
import type { LogLine } from '@/shared/api/types'
import { useSession } from '@/shared/session'
import { nextLimit } from '@/shared/engine/plot'
import ProblemNote from '@/shared/ui/ProblemNote.vue'
import { dayInput, dayText } from '@/shared/units'
import LogRow from './LogRow.vue'
import TakeBackLine from './TakeBackLine.vue'
import TakeBackMove from './TakeBackMove.vue'

const route = useRoute()
const id = computed(() => Number(route.params['id']))
const today = dayInput(new Date())
const {
  data: log,
  error,
  isPending,
} = useQuery({
  queryKey: computed(() => keys.engineLog(id.value)),
  queryFn: ({ signal }) => answered(api.GET('/api/engines/{id}/log', { params: { path: { id: id.value } }, signal })),
})
const series = computed(() =>
  log.value === undefined
    ? []
    : [
        {
          label: log.value.engine.totalHours === null ? '' : `${log.value.engine.totalHours} h`,
          points: log.value.readings.map((reading) => ({
            on: reading.on,
            total: reading.total,
            estimate: reading.source === 'estimate',
          })),
          ahead: nextLimit(log.value.engine),
        },
      ],
)
/** A meter that shows less than the engine has run was fitted later. */
const newMeters = computed(() =>
  (log.value?.readings ?? []).filter((reading, index, all) => {
    const before = all[index - 1]
    return before !== undefined && Number(reading.hours) < Number(before.hours) && reading.source !== 'estimate'
  }),
)
/** The newest first, with what was taken back. */
const lines = computed(() => [...(log.value?.lines ?? [])].sort((a, b) => b.content.on.localeCompare(a.content.on)))
const happened = computed(() => lines.value.filter((line) => line.kind !== 'reading'))
const readings = computed(() => lines.value.filter((line) => line.kind === 'reading'))
const { mayWrite } = useSession()
const taking = ref<LogLine | 'move' | null>(null)
const report = computed(() => log.value?.reports[0])
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
  <ProblemNote v-else-if="error && !log" :error="error" />
  <div v-else-if="log" class="stack">
    <header>
      <h1>Log of {{ log.engine.model }} {{ log.engine.serial }}</h1>
      <p class="muted">
        <template v-if="log.boat"
          >{{ log.engine.label }} of
          <RouterLink :to="`/boats/${log.boat.id}`">{{ log.boat.name }}</RouterLink></template
        >
        <template v-else>In store, on no boat</template> · in service since {{ dayText(log.engine.inService)
        }}{{ log.engine.warrantyUntil ? ` · warranty until ${dayText(log.engine.warrantyUntil)}` : '' }}
      </p>
    </header>
    <p v-for="flaw in log.flaws" :key="flaw" class="band stop" role="alert">{{ flaw }}</p>
    <section class="panel">
      <h2>Hours run in all</h2>
      <HoursPlot :series="series" :today="today" />
      <p v-for="reading in newMeters" :key="reading.on" class="muted small">
        New meter by {{ dayText(reading.on) }}: it showed {{ reading.hours }} h when the engine had run
        {{ reading.total }} h.
      </p>
    </section>
    <div class="two">
      <section class="panel">
        <h2>Done and declined</h2>
        <p v-if="happened.length === 0" class="muted">No record of any service.</p>
        <table v-else class="plain">
          <tbody>
            <LogRow
              v-for="line in happened"
              :key="`${line.kind}${line.id}`"
              :line="line"
              :engine-id="id"
              :may="mayWrite && !(line.kind === 'done' && !line.content.elsewhere)"
              @take="taking = line"
            />
          </tbody>
        </table>
      </section>
      <div class="stack">
        <section class="panel">
          <h2>Hung on</h2>
          <table class="plain">
            <tbody>
              <tr v-for="fitting in [...log.fittings].reverse()" :key="fitting.from">
                <td class="nowrap">
                  {{ dayText(fitting.from) }} – {{ fitting.until ? dayText(fitting.until) : 'now' }}
                </td>
                <td>
                  <RouterLink :to="`/boats/${fitting.boatId}`">{{ fitting.boat }}</RouterLink>,
                  {{ fitting.label.toLowerCase() }}
                </td>
              </tr>
              <tr v-if="log.fittings.length === 0">
                <td class="muted">No boat yet.</td>
              </tr>
            </tbody>
          </table>
          <p v-if="log.hasMoved && mayWrite">
            <button type="button" class="mini" @click="taking = 'move'">Take the last move back …</button>
          </p>
        </section>
        <section v-if="report" class="panel">
          <h2>Engine reader, {{ dayText(report.on) }}</h2>
          <RunningProfile :bands="report.bands" />
          <p v-if="report.faults.length === 0" class="muted">No fault codes.</p>
          <p v-for="fault in report.faults" :key="fault.code">
            <strong>{{ fault.code }}</strong> {{ fault.text }}, {{ fault.count }}
            {{ fault.count === 1 ? 'time' : 'times' }}
          </p>
        </section>
        <section v-if="readings.length" class="panel">
          <h2>Readings</h2>
          <table class="plain">
            <tbody>
              <LogRow
                v-for="line in readings"
                :key="line.id"
                :line="line"
                :engine-id="id"
                :may="true"
                @take="taking = line"
              />
            </tbody>
          </table>
        </section>
      </div>
    </div>
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
    <TakeBackMove v-if="taking === 'move'" :engine-id="id" @close="taking = null" />
    <TakeBackLine v-else-if="taking" :engine="log.engine" :line="taking" @close="taking = null" />
  </div>
</template>

<style scoped>
.two {
  display: grid;
  grid-template-columns: 3fr 2fr;
  gap: 12px;
  align-items: start;
}

.nowrap {
  white-space: nowrap;
}
</style>
