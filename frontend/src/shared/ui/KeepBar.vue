<script setup lang="ts">
import { computed, type Ref } from 'vue'
import { asProblem } from '@/shared/api/client'
import ProblemNote from './ProblemNote.vue'

/** The foot of a form that two people may have open: keep it, or load what the other one has kept. */
const props = defineProps<{
  action: string
  /** The press that keeps it. */
  keep: { error: Ref<Error | null>; isPending: Ref<boolean>; isSuccess: Ref<boolean> }
  /** What is wrong before anything was sent. */
  told?: Error | null
}>()
const emit = defineEmits<{ reload: [] }>()
const { error, isPending, isSuccess } = props.keep
const conflict = computed(() => {
  const problem = asProblem(error.value)
  return problem?.key === 'conflict.changed' ? problem.message : null
})
</script>

<template>
  <div v-if="conflict" class="band stop row spread" role="alert">
    <span>{{ conflict }}</span>
    <el-button @click="emit('reload')">Load it again</el-button>
  </div>
  <ProblemNote v-else :error="told ?? error" unshown />
  <div class="row">
    <el-button type="primary" size="large" native-type="submit" :loading="isPending">{{ action }}</el-button>
    <span v-if="isSuccess && !told" role="status">Kept.</span>
  </div>
</template>
