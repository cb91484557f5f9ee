<script setup lang="ts">
import { computed } from 'vue'
import { asProblem } from '@/shared/api/client'
import ProblemNote from './ProblemNote.vue'

/** The foot of a form that two people may have open: keep it, or load what the other one has kept. */
const props = defineProps<{ error: unknown; busy: boolean; kept: boolean; action: string; said?: string }>()
const emit = defineEmits<{ reload: [] }>()
const conflict = computed(() => {
  const problem = asProblem(props.error)
  return problem?.key === 'conflict.changed' ? problem.message : null
})
</script>

<template>
  <div v-if="conflict" class="band stop row spread" role="alert">
    <span>{{ conflict }}</span>
    <el-button @click="emit('reload')">Load it again</el-button>
  </div>
  <ProblemNote v-else :error="error" unshown />
  <div class="row">
    <el-button type="primary" size="large" native-type="submit" :loading="busy">{{ action }}</el-button>
    <span v-if="kept" role="status">{{ said ?? 'Kept.' }}</span>
  </div>
</template>
