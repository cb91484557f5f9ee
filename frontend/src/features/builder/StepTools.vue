<script setup lang="ts">
import { computed, ref } from 'vue'
import type { ByHand, SketchedOperation, WorkSketch } from '@/shared/api/types'
import { vFlaw } from '@/shared/keyboard'
import { moved, neighbour, withoutStep, withStep } from './byHand'

/** Changes one operation's place, or adds a step behind it. */
const props = defineProps<{ work: WorkSketch; operation: SketchedOperation; byHand: ByHand }>()
const emit = defineEmits<{ change: [byHand: ByHand] }>()
interface Way {
  name: 'earlier' | 'later'
  sign: string
  side: string
  edge: string
  other: SketchedOperation | null
}
const ways = computed<Way[]>(() => [
  {
    name: 'earlier',
    sign: '▲',
    side: 'Before',
    edge: 'first',
    other: neighbour(props.work, props.byHand, props.operation, -1),
  },
  {
    name: 'later',
    sign: '▼',
    side: 'After',
    edge: 'last',
    other: neighbour(props.work, props.byHand, props.operation, 1),
  },
])
const adding = ref(false)
const text = ref('')
const minutes = ref(5)
const canAdd = computed(() => props.operation.movable === true || props.operation.position === null)

function go(way: Way): void {
  if (way.other) {
    const [work, before] = way.name === 'earlier' ? [props.operation, way.other] : [way.other, props.operation]
    emit('change', moved(props.byHand, work.id, before.id))
  }
}

const unadded = computed(() =>
  text.value.trim() === '' ? null : 'a step is typed and not added. Add it, or leave it.',
)
function leave(): void {
  adding.value = false
  text.value = ''
}

function add(): void {
  if (text.value.trim() !== '') {
    emit('change', withStep(props.byHand, props.operation.id, text.value.trim(), minutes.value))
    leave()
  }
}
</script>

<template>
  <span class="tools">
    <template v-if="operation.movable">
      <button
        v-for="way in ways"
        :key="way.name"
        type="button"
        :class="way.name"
        :disabled="!way.other"
        :title="way.other ? `${way.side} “${way.other.title}”` : `It comes ${way.edge} at this engine`"
        :aria-label="`Do “${operation.title}” ${way.name}`"
        @click="go(way)"
      >
        {{ way.sign }}
      </button>
    </template>
    <button
      v-if="canAdd && !operation.byHand"
      type="button"
      :aria-label="`Add a step after “${operation.title}”`"
      :aria-expanded="adding"
      @click="adding = !adding"
    >
      + step
    </button>
    <button
      v-if="operation.byHand"
      type="button"
      :aria-label="`Take out “${operation.title}”`"
      @click="emit('change', withoutStep(byHand, operation.id))"
    >
      take out
    </button>
  </span>
  <form v-if="adding" class="row adding" novalidate @submit.prevent="add">
    <label class="grow"
      >What is done after this
      <input v-model="text" v-flaw="unadded" class="cell wide" maxlength="300" autofocus />
    </label>
    <label
      >Hands-on, min
      <el-input-number
        :model-value="minutes"
        @update:model-value="(count) => (minutes = count ?? 0)"
        :min="0"
        :max="480"
        :controls="false"
        class="short"
    /></label>
    <el-button native-type="submit" :disabled="text.trim() === ''">Add the step</el-button>
    <el-button @click="leave">Leave it</el-button>
  </form>
</template>

<style scoped>
.tools {
  margin-left: auto;
  display: inline-flex;
  gap: 2px;
}

.tools button {
  font: inherit;
  font-size: 12px;
  min-width: 26px;
  min-height: 24px;
  padding: 0 5px;
  border: 1px solid var(--line);
  border-radius: 3px;
  background: var(--panel);
  color: var(--green);
  cursor: pointer;
}

.tools button:disabled {
  color: var(--line);
  cursor: default;
}

.adding {
  flex-basis: 100%;
  align-items: end;
  gap: 8px;
}

.short {
  width: 64px;
}

.grow {
  flex: 1;
}
</style>
