<script setup lang="ts">
import { ref } from 'vue'
import type { Due, Engine } from '@/shared/api/types'
import DueRow from './DueRow.vue'
import EngineHead from './EngineHead.vue'
import { useCalled } from './useCalled'

/** The one engine of a boat: what it is, and what it needs. */
const props = defineProps<{ engine: Engine; boatName: string; mayWrite: boolean }>()
const emit = defineEmits<{ changed: [] }>()
const all = ref(false)
const { called, others } = useCalled(() => [props.engine])
const longer = (due: Due): string | undefined => props.engine.dues.find((each) => each.task === due.listedIn)?.title
</script>

<template>
  <section class="panel card" :aria-label="engine.label">
    <EngineHead :engine="engine" :boat-name="boatName" :may-write="mayWrite" @changed="emit('changed')" />
    <div>
      <p v-if="called.length === 0 && engine.dues.length" class="muted">Nothing is due or soon will be.</p>
      <template v-for="due in called" :key="due.task">
        <DueRow :due="due" :about="engine.label" />
        <p v-if="due.listedIn" class="muted small">part of {{ longer(due) }}, which is called for</p>
      </template>
      <template v-if="all"><DueRow v-for="due in others" :key="due.task" :due="due" :about="engine.label" /></template>
      <button v-if="others.length" type="button" class="mini more" :aria-expanded="all" @click="all = !all">
        {{ all ? 'Show only what is due' : `${others.length} more, not due` }}
      </button>
    </div>
  </section>
</template>

<style scoped>
.card {
  display: flex;
  flex-direction: column;
  gap: 6px;
}

.more {
  margin-top: 6px;
}
</style>
