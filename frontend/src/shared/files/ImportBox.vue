<script setup lang="ts" generic="T">
import { computed } from 'vue'
import ProblemNote from '@/shared/ui/ProblemNote.vue'
import type { useImport } from './useImport'

/** Choose a file, see what it would change, take it in; progress while that lasts. */
const props = defineProps<{
  taking: ReturnType<typeof useImport<T>>
  accept: string
  label: string
  count: number
  named?: boolean
}>()
const emit = defineEmits<{ apply: [] }>()
const percent = computed(() => {
  const at = props.taking.progress.value
  return at === null || at.of === 0 ? 0 : Math.round((100 * at.done) / at.of)
})

function choose(event: Event): void {
  void props.taking.choose((event.target as HTMLInputElement).files?.[0] ?? null)
}
</script>

<template>
  <div class="stack">
    <input type="file" :accept="accept" :aria-label="label" :disabled="taking.busy.value" @change="choose" />
    <div v-if="taking.busy.value" role="status">
      <p>
        {{
          taking.progress.value ? `${taking.progress.value.done} of ${taking.progress.value.of}` : 'Reading the file…'
        }}
      </p>
      <el-progress :percentage="percent" :indeterminate="taking.progress.value === null" :show-text="false" />
    </div>
    <ProblemNote :error="taking.error.value" unshown :named="named ?? false" />
    <template v-if="taking.preview.value">
      <h3>What would change</h3>
      <slot />
      <el-button v-if="count > 0" type="primary" class="apply" :loading="taking.busy.value" @click="emit('apply')"
        >Take in {{ count }} {{ count === 1 ? 'change' : 'changes' }}</el-button
      >
    </template>
    <p v-else-if="taking.done.value" class="band fine" role="status">Taken in.</p>
  </div>
</template>

<style scoped>
.apply {
  align-self: start;
}
</style>
