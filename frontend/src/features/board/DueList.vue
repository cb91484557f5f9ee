<script setup lang="ts">
import { computed } from 'vue'
import StateMark from '@/drawing/StateMark.vue'
import type { Pressing } from '@/shared/api/types'
import { stateWords } from '@/shared/words'
import { distance, shownOf, toldOnce } from './toldOnce'

/** Boats with what presses on each engine, in the order given. */
const props = defineProps<{ engines: Pressing[]; mayCheckIn: boolean; empty: string }>()

const boats = computed(() => {
  const found = new Map<number, { boat: Pressing['boat']; engines: Pressing[] }>()
  for (const line of props.engines) {
    const known = found.get(line.boat.boatId) ?? { boat: line.boat, engines: [] }
    known.engines.push(line)
    found.set(line.boat.boatId, known)
  }
  return [...found.values()].map((each) => ({
    boat: each.boat,
    lines: toldOnce(each.engines).map((line) => ({ ...line, ...shownOf(line) })),
  }))
})
</script>

<template>
  <p v-if="boats.length === 0" class="muted">{{ empty }}</p>
  <table v-else class="plain due">
    <thead>
      <tr>
        <th>Boat</th>
        <th>
          <span class="engine"><span>Engine</span><span>What it needs</span></span>
        </th>
        <th><span class="visually-hidden">Next</span></th>
      </tr>
    </thead>
    <tbody>
      <tr v-for="rig in boats" :key="rig.boat.boatId">
        <td>
          <RouterLink :to="`/boats/${rig.boat.boatId}`"
            ><strong>{{ rig.boat.name }}</strong></RouterLink
          ><br /><span class="muted small">{{ rig.boat.customer }}</span>
        </td>
        <td>
          <div v-for="line in rig.lines" :key="line.key" class="engine">
            <span class="which"
              >{{ line.which }} <span class="muted small">{{ line.hours }}</span></span
            >
            <span class="tasks">
              <span v-for="task in line.shown" :key="task.task" class="task" :class="task.state">
                <StateMark :state="task.state" /> {{ task.title }} {{ stateWords[task.state] }}
                <span class="muted">{{ distance(task) }}</span>
              </span>
              <RouterLink v-if="line.more > 0" :to="`/boats/${rig.boat.boatId}`" class="small"
                >and {{ line.more }} more</RouterLink
              >
            </span>
          </div>
        </td>
        <td class="number">
          <RouterLink v-if="rig.boat.openOrder" :to="`/orders/${rig.boat.openOrder}`" class="in"
            >Go to order {{ rig.boat.openOrder }}</RouterLink
          >
          <RouterLink v-else-if="mayCheckIn" :to="`/boats/${rig.boat.boatId}/check-in`" class="check-in"
            >Check in<span class="visually-hidden"> {{ rig.boat.name }}</span></RouterLink
          >
        </td>
      </tr>
    </tbody>
  </table>
</template>

<style scoped>
.due td:first-child {
  width: 200px;
}

.engine {
  display: grid;
  grid-template-columns: 190px 1fr;
  gap: 10px;
}

.which .small {
  display: block;
}

/* own rows stay apart where one of them runs over two lines */
.engine + .engine {
  margin-top: 3px;
}

.task {
  display: inline-block;
  margin-right: 14px;
  white-space: nowrap;
}

.task.soon,
.task.no_record {
  color: var(--brass);
}

.task.due,
.task.overdue {
  color: var(--red);
  font-weight: 600;
}

.task .muted {
  font-weight: 400;
}

.in {
  white-space: nowrap;
  font-weight: 600;
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
</style>
