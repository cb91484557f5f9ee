<script lang="ts">
import type { Problem } from '@/shared/api/client'

export interface Obstacle {
  detail: string
  /** Where it is mended. */
  stepId: string | null
  /** Under which it can be explained. */
  deviation: string | null
  /** The engine that is not whole. */
  position: string | null
}

/** What keeps an order, or one of its engines, from being released. */
export function obstaclesOf(problem: Problem | null): Obstacle[] {
  return (problem?.details.errors ?? []).map(({ pointer, detail }) => ({
    detail,
    stepId: after(pointer, '/steps/'),
    deviation: after(pointer, '/explained/'),
    position: after(pointer, '/unfit/'),
  }))
}

function after(pointer: string, prefix: string): string | null {
  return pointer.startsWith(prefix) ? pointer.slice(prefix.length) : null
}
</script>

<script setup lang="ts">
defineProps<{ number: number; obstacles: Obstacle[] }>()
/** Words for the record, by the deviation. */
const explained = defineModel<Record<string, string>>('explained', { required: true })
</script>

<template>
  <ul>
    <li v-for="obstacle in obstacles" :key="obstacle.detail">
      {{ obstacle.detail }}
      <RouterLink v-if="obstacle.stepId" :to="`/orders/${number}/bench?step=${obstacle.stepId}`">go there</RouterLink>
      <label v-if="obstacle.deviation !== null"
        >Why, for the record
        <el-input v-model="explained[obstacle.deviation]" :maxlength="500" />
      </label>
    </li>
  </ul>
</template>
