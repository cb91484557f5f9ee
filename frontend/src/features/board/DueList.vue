<script setup lang="ts">
import { ref } from 'vue'
import StateMark from '@/drawing/StateMark.vue'
import type { BoatState, Engine } from '@/shared/api/types'
import { distanceWords, dueWords, refusalWords } from '@/shared/words'

defineProps<{ boats: BoatState[]; mayCheckIn: boolean }>()
const most = 5
const all = ref(false)

const weights = { not_due: 0, soon: 1, due: 2, overdue: 3, no_record: 4 } as const

/** The tasks that are more than "not due", the worst first. */
function pressing(engine: Engine) {
  return engine.dues.filter((due) => due.state !== 'not_due').sort((a, b) => weights[b.state] - weights[a.state])
}
</script>

<template>
  <section class="panel">
    <div class="row spread">
      <h2>Boats, the most pressing first</h2>
      <span class="muted small">by hours or date, whichever comes first</span>
    </div>
    <table class="plain">
      <thead>
        <tr>
          <th>Boat</th>
          <th>Engine</th>
          <th>State</th>
          <th><span class="visually-hidden">Next</span></th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="boat in all ? boats : boats.slice(0, most)" :key="boat.id">
          <td>
            <RouterLink :to="`/boats/${boat.id}`"
              ><strong>{{ boat.name }}</strong></RouterLink
            ><br /><span class="muted small">{{ boat.customer }}</span>
          </td>
          <td>
            <div v-for="engine in boat.engines" :key="engine.id" class="line">
              {{ engine.label }} · {{ engine.model }} <span class="muted">{{ engine.serial }}</span>
              <span class="muted">{{ engine.hours === null ? ' · no meter' : ` · ${engine.hours} h` }}</span>
            </div>
          </td>
          <td>
            <div v-for="engine in boat.engines" :key="engine.id" class="line">
              <span v-if="engine.identification.refusal" class="refused">{{
                refusalWords[engine.identification.refusal.reason]
              }}</span>
              <span v-else-if="pressing(engine).length === 0"><StateMark state="not_due" /> not due</span>
              <span v-for="due in pressing(engine)" v-else :key="due.task" class="task" :class="due.state">
                <StateMark :state="due.state" /> {{ due.title }} {{ dueWords(due) }}
                <span class="muted">{{ distanceWords(due) }}</span>
              </span>
            </div>
          </td>
          <td class="number">
            <RouterLink v-if="mayCheckIn" :to="`/boats/${boat.id}/check-in`" class="check-in">Check in</RouterLink>
          </td>
        </tr>
      </tbody>
    </table>
    <button v-if="boats.length > most" type="button" class="more" @click="all = !all">
      {{ all ? 'Show the most pressing only' : `Show all ${boats.length} boats` }}
    </button>
  </section>
</template>

<style scoped>
.line {
  min-height: 22px;
}

.task {
  margin-right: 14px;
  white-space: nowrap;
}

.task.soon,
.task.no_record {
  color: var(--brass);
}

.task.due,
.task.overdue,
.refused {
  color: var(--red);
  font-weight: 600;
}

.task .muted {
  font-weight: 400;
}

.check-in {
  display: inline-block;
  padding: 5px 12px;
  background: var(--green);
  color: #fff;
  border-radius: 3px;
  text-decoration: none;
  font-weight: 600;
  white-space: nowrap;
}

.more {
  font: inherit;
  margin-top: 8px;
  border: 0;
  background: none;
  color: var(--green);
  text-decoration: underline;
  cursor: pointer;
  min-height: 28px;
}
</style>
