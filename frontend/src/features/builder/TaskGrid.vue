<script setup lang="ts">
import { nextTick, ref, useTemplateRef } from 'vue'
import type { Due, Engine } from '@/shared/api/types'
import { refusalWords, sharedInterval } from '@/shared/words'
import GridCell from './GridCell.vue'
import type { useGrid } from './useGrid'

const props = defineProps<{ engines: Engine[]; grid: ReturnType<typeof useGrid>; editable: boolean; height: number }>()
const emit = defineEmits<{ refuse: [why: string] }>()
const root = useTemplateRef('root')
const at = ref({ row: 0, column: 0 })

const intervalOf = (task: Due['task']): string =>
  sharedInterval(props.engines.flatMap((engine) => props.grid.due(engine, task) ?? []))

async function move(rows: number, columns: number): Promise<void> {
  const row = Math.max(0, Math.min(props.grid.rows.value.length - 1, at.value.row + rows))
  let column = at.value.column
  const next = Math.max(0, Math.min(props.engines.length - 1, column + columns))
  column = props.engines[next]?.identification.refusal === null ? next : column
  at.value = { row, column }
  await nextTick()
  root.value?.querySelector<HTMLElement>(`#cell-${row}-${column}`)?.focus()
}

/** Of the tick that has the focus; anything else in the grid keeps its key. */
function ticked(event: KeyboardEvent): Due['task'] | null {
  const isTick = event.target instanceof HTMLElement && event.target.matches('[role="checkbox"]')
  const task = props.grid.rows.value[at.value.row]?.task ?? null
  if (!isTick || !props.editable || task === null) {
    return null
  }
  event.preventDefault()
  return task
}
function setRow(event: KeyboardEvent): void {
  const task = ticked(event)
  if (task !== null) {
    props.grid.setRow(task)
  }
}
function setRenewed(event: KeyboardEvent): void {
  const engine = props.engines[at.value.column]
  const task = ticked(event)
  if (task === null || !engine) {
    return
  }
  const due = props.grid.due(engine, task)
  if (due?.renewable) {
    props.grid.setRenewed(engine, task, !props.grid.isRenewed(engine, task))
  } else {
    emit('refuse', `${due?.title ?? 'This task'} is done as the sheet schedules it: there is nothing to renew on wish.`)
  }
}
</script>

<template>
  <div
    id="task-grid"
    ref="root"
    class="frame"
    :class="{ dense: engines.length > 3 }"
    :style="{ maxHeight: `${height}px` }"
  >
    <table
      role="grid"
      aria-label="Tasks by engine"
      @keydown.up.prevent="move(-1, 0)"
      @keydown.down.prevent="move(1, 0)"
      @keydown.left.prevent="move(0, -1)"
      @keydown.right.prevent="move(0, 1)"
      @keydown.shift.space="setRow"
      @keydown.r.exact="setRenewed"
    >
      <thead>
        <tr>
          <th scope="col">Task <span class="muted hint">hours over months, limit |</span></th>
          <th v-for="engine in engines" :key="engine.id" scope="col">
            {{ engine.label }}
          </th>
        </tr>
      </thead>
      <tbody>
        <tr v-if="grid.rows.value.length === 0">
          <th scope="row">–</th>
          <td v-for="engine in engines" :key="engine.id" class="refused">
            <strong>{{
              engine.identification.refusal ? refusalWords[engine.identification.refusal.reason] : ''
            }}</strong><br />{{ engine.identification.refusal?.message }}<br />{{
              engine.identification.refusal?.remedy
            }}
          </td>
        </tr>
        <tr v-for="(task, row) in grid.rows.value" :key="task.task">
          <th scope="row">
            <div class="title">
              <span>
                {{ task.title }}<br /><span class="muted small">{{
                  grid.isOrderable(task.task) ? intervalOf(task.task) : 'how it is done is not in the book yet'
                }}</span>
              </span>
              <button
                v-if="editable && engines.length > 1 && grid.isOrderable(task.task)"
                type="button"
                class="all"
                :aria-label="`${task.title}, all engines`"
                title="At all engines (Shift+Space)"
                @click="grid.setRow(task.task)"
              >
                all
              </button>
            </div>
          </th>
          <template v-for="(engine, column) in engines" :key="engine.id">
            <td v-if="engine.identification.refusal" class="refused">
              <template v-if="row === 0">
                <strong>{{ refusalWords[engine.identification.refusal.reason] }}</strong><br />{{
                  engine.identification.refusal.message
                }}
              </template>
            </td>
            <GridCell
              v-else
              :engine="engine"
              :task="task.task"
              :due="grid.due(engine, task.task)"
              :picked="grid.isPicked(engine, task.task)"
              :renewed="grid.isRenewed(engine, task.task)"
              :editable="editable"
              :orderable="grid.isOrderable(task.task)"
              :size="engines.length > 3 ? 'small' : engines.length > 2 ? 'compact' : 'wide'"
              :place="`${row}-${column}`"
              :tabbable="at.row === row && at.column === column"
              @pick="(on) => grid.set(engine, task.task, on)"
              @renew="(on) => grid.setRenewed(engine, task.task, on)"
              @focus-in="at = { row, column }"
            />
          </template>
        </tr>
      </tbody>
    </table>
  </div>
</template>

<style scoped>
.frame {
  border: 1px solid var(--line);
  background: var(--panel);
  overflow: auto;
  flex: 0 1 auto;
  min-height: 96px;
}

table {
  border-collapse: collapse;
  width: 100%;
}

th {
  text-align: left;
  padding: 3px 10px;
  border-bottom: 1px solid var(--line);
  font-weight: 700;
  line-height: 1.25;
  white-space: nowrap;
}

thead th {
  position: sticky;
  top: 0;
  z-index: 1;
  font-size: 13px;
  background: var(--panel);
}

.title {
  display: flex;
  gap: 8px;
  align-items: center;
  justify-content: space-between;
}

.all {
  font: inherit;
  font-size: 12px;
  font-weight: 400;
  min-width: 28px;
  min-height: 24px;
  flex: none;
  border: 1px solid var(--line);
  border-radius: 3px;
  background: none;
  color: var(--green);
  cursor: pointer;
}

th .muted {
  font-weight: 400;
}

.hint {
  font-size: 11.5px;
}

.dense th {
  padding: 3px 6px;
}

.dense th .small {
  font-size: 12px;
}

.refused {
  border-bottom: 1px solid var(--line);
  padding: 7px 10px;
  color: var(--red);
  vertical-align: top;
  max-width: 340px;
}
</style>
