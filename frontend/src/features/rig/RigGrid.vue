<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Due, Engine } from '@/shared/api/types'
import { sharedInterval } from '@/shared/words'
import EngineHead from './EngineHead.vue'
import RigCell from './RigCell.vue'
import { useCalled } from './useCalled'

/** The engines of a rig side by side: tasks down, engines across. */
const props = defineProps<{ engines: Engine[]; boatName: string; mayWrite: boolean }>()
const emit = defineEmits<{ changed: [] }>()
const all = ref(false)
const { called, others } = useCalled(() => props.engines)
const rows = computed(() => (all.value ? [...called.value, ...others.value] : called.value))

function dueOf(engine: Engine, task: Due['task']): Due | undefined {
  return engine.dues.find((each) => each.task === task)
}
const intervalOf = (task: Due['task']): string =>
  sharedInterval(props.engines.flatMap((engine) => dueOf(engine, task) ?? []))
</script>

<template>
  <div class="panel frame" :class="{ dense: engines.length > 3 }">
    <table aria-label="Tasks by engine">
      <thead>
        <tr>
          <th scope="col">Task</th>
          <th v-for="engine in engines" :key="engine.id" scope="col">
            <section :aria-label="engine.label">
              <EngineHead :engine="engine" :boat-name="boatName" :may-write="mayWrite" @changed="emit('changed')" />
            </section>
          </th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="row in rows" :key="row.task">
          <th scope="row">
            {{ row.title }}<br /><span class="muted small">{{ intervalOf(row.task) }}</span>
          </th>
          <td v-for="engine in engines" :key="engine.id">
            <RigCell
              :task="row.task"
              :due="dueOf(engine, row.task)"
              :about="engine.label"
              :known="engine.dues.length > 0"
            />
          </td>
        </tr>
      </tbody>
    </table>
    <p v-if="called.length === 0" class="muted">Nothing is due or soon will be.</p>
    <button v-if="others.length" type="button" class="mini" :aria-expanded="all" @click="all = !all">
      {{ all ? 'Show only what is due' : `${others.length} more, not due` }}
    </button>
  </div>
</template>

<style scoped>
.frame {
  overflow-x: auto;
}

table {
  border-collapse: collapse;
  width: 100%;
}

th,
td {
  text-align: left;
  vertical-align: top;
  padding: 5px 12px 5px 0;
  border-bottom: 1px solid var(--line);
}

thead th {
  font-weight: 400;
  padding-bottom: 8px;
}

.dense thead :deep(.head) {
  gap: 3px;
  font-size: 13px;
}

.dense thead :deep(h2) {
  font-size: 14.5px;
}

.dense thead :deep(.mini) {
  padding: 2px 5px;
}

.dense thead :deep(.acts) {
  gap: 0 6px;
}

thead th:first-child,
tbody th {
  font-weight: 700;
  min-width: 132px;
}

tbody th .muted {
  font-weight: 400;
}

.mini {
  margin-top: 8px;
}
</style>
