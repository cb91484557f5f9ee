<script setup lang="ts">
import { computed } from 'vue'
import type { DueBoard } from '@/shared/api/types'

/** Says that the days shown are those of before, as long as they are being worked out anew. */
const props = defineProps<{ dues: DueBoard }>()
const percent = computed(() => {
  const at = props.dues.progress
  return at === null || at.of === 0 ? 0 : Math.round((100 * at.done) / at.of)
})
</script>

<template>
  <div v-if="dues.stale > 0" class="band row" role="status">
    <span>
      <strong>What is due is being worked out anew.</strong> {{ dues.stale }}
      {{ dues.stale === 1 ? 'engine' : 'engines' }} still to do: the list below still has their earlier days. Each rig’s
      own page is always right.
    </span>
    <el-progress :percentage="percent" :show-text="false" class="progress" />
  </div>
</template>

<style scoped>
.progress {
  width: 180px;
}
</style>
